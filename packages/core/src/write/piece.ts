import type { Fabric } from '../fabric/fabric.js';
import { PieceSoFar } from '../passages/pieceSoFar.js';
import { passageLines, runsOf } from '../passages/registry.js';
import type { PlannedPiece } from '../plannedPiece.js';
import { line, type Line } from './line.js';

/** Writes one piece for sizes whose passages have the same form, in US terms. */
export function writePiece(pieces: readonly PlannedPiece[], fabrics: ReadonlyMap<string, Fabric>): Line[] {
  const { role, fabric, passages, edges } = pieces[0]!;
  // A plan for the screen goes without its runs: they are made of the passages again, where they are asked for.
  const soFar = new PieceSoFar(pieces, fabrics, fabrics.get(fabric)!, runsOf);
  const lines = passages.flatMap((_, i) => {
    soFar.at = i;
    return passageLines(
      pieces.map((piece) => piece.passages[i]!),
      soFar,
    );
  });
  if (role === 'yoke')
    return [
      ...lines,
      line`Fasten off. The sts of the last ${soFar.wordsOf(passages.at(-1)!.part).short} stay live for body and sleeves.`,
    ];
  if (lines.at(-1)?.join('') === 'Fasten off.') return lines;
  // A tie or a cord is in no seam.
  const free = edges.every(({ open }) => open);
  return [
    ...lines,
    ...soFar.closing,
    free ? line`Fasten off.` : line`Fasten off, leaving a tail for the seam.`,
  ];
}
