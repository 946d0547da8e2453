import { ruleInWords } from '../fabric/counts.js';
import { withEdges, type CountRule, type Fabric } from '../fabric/fabric.js';
import { ruleFits } from '../stitch/facts.js';
import { fabricStitches } from '../stitch/ofFabric.js';
import { say } from '../text/phrase.js';
import { hasPanel } from '../passages/panel.js';
import type { PlannedPiece } from '../plannedPiece.js';
import type { Note } from './note.js';

/**
 * What is to be said of the stitch patterns of a design's fabrics: those without rows that could be worked, and those whose typed rule
 * allows counts that their rows do not.
 */
export function stitchNotes(fabrics: readonly Fabric[]): Note[] {
  return fabrics.flatMap((fabric): Note[] => {
    const of = fabricStitches(fabric);
    const { id, name } = fabric;
    if (of.is === 'unknown')
      return [
        {
          level: 'tip',
          code: 'stitch-rows-missing',
          where: id,
          message: fabric.rows?.length
            ? say`The rows of ${name} have a fault, so the pattern only says “work row 1 of your stitch pattern”. Mend them on the fabric’s page.`
            : say`${name} has a count rule but no rows, so the pattern only says “work row 1 of your stitch pattern”. Write its rows on the fabric’s page.`,
        },
      ];
    if (of.is !== 'rows') return [];
    if (fabric.panel) return panelFits(fabric, of.proof.base);
    const needed = withEdges(of.proof.base, fabric);
    if (ruleFits(fabric.rule.flat, needed)) return [];
    return [
      {
        level: 'warn',
        code: 'stitch-rule',
        where: id,
        message: say`The rows of ${name} need ${ruleInWords(needed)} of stitches, but its rule says ${ruleInWords(fabric.rule.flat)}.`,
      },
    ];
  });
}

/** A panel is whole repeats of its rows. */
function panelFits({ id, name, panel = 0 }: Fabric, { multiple, plus }: CountRule): Note[] {
  const rest = panel - plus;
  if (rest > 0 && rest % multiple === 0) return [];
  const nearest = plus + multiple * Math.max(1, Math.round(rest / multiple));
  return [
    {
      level: 'warn',
      code: 'panel-repeats',
      where: id,
      message: say`The panel of ${panel} stitches is no whole number of repeats: the rows of ${name} need ${ruleInWords({ multiple, plus })} of stitches, so ${nearest} would do.`,
    },
  ];
}

/**
 * Where a panel in the middle of a piece is cut: a neck or an armhole leaves some of its stitches on one side and some on the other, or takes
 * some off, and a crossing cannot be worked over a part of its stitches (common practice).
 */
export function cutPanelNotes(piece: PlannedPiece, fabrics: ReadonlyMap<string, Fabric>): Note[] {
  const fabric = fabrics.get(piece.fabric);
  if (!fabric || !hasPanel([piece], fabric)) return [];
  const panel = fabric.panel!;
  const whole = new Set(['main']);
  for (const passage of piece.passages) {
    if (passage.kind !== 'go on' || !whole.has(passage.from)) continue;
    // Both edges of a part that has the panel are shaped alike: it stays in the middle.
    const { count } = piece.runs.findLast(({ row }) => row.part === passage.from)!.row;
    const from = (count - panel) / 2;
    const inside = Math.min(from + panel, passage.at + passage.take) - Math.max(from, passage.at);
    if (inside >= panel) whole.add(passage.part);
    else if (inside > 0)
      return [
        {
          level: 'warn',
          code: 'panel-cut',
          where: piece.id,
          message: say`${piece.label}: the panel of ${panel} stitches is cut where the piece divides, ${inside} of them on one side. A crossing cannot be worked over a part of it: make the neck at least as wide as the panel, or end the panel below it.`,
        },
      ];
  }
  return [];
}
