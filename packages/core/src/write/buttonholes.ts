/** The row of buttonholes of a front band; on the other band the row is worked even. */

import type { Design } from '../design.js';
import { stitchOf, type Fabric } from '../fabric/fabric.js';
import { buttonholesOf, type ButtonholeRow, type Holed } from '../finishing/buttonholes.js';
import { ratesOf } from '../shaping/schedule.js';
import { timesInWords } from '../text/singular.js';
import { line, lineFor, NONE, tableOf, type Line, type Table } from './line.js';
import type { WrittenSize } from './written.js';

/** A piece of one of the sizes that are written together. */
export interface WrittenPiece {
  size: Pick<WrittenSize, 'label'>;
  piece: Holed;
}

/** The holes of a front band, or why there are none; null for other pieces, and where no buttons are wanted. */
export function holesOf(
  piece: Holed,
  { fabrics, finishing }: Pick<Design, 'fabrics' | 'finishing'>,
): ReturnType<typeof buttonholesOf> {
  const buttons = finishing?.buttons;
  return buttons ? buttonholesOf(piece, buttons, fabrics) : null;
}

/**
 * What is written of buttonholes: one sentence for all sizes, and why a size has none.
 *
 * @param group a piece in every size
 */
export function buttonholeLines(
  group: readonly WrittenPiece[],
  design: Pick<Design, 'fabrics' | 'finishing'>,
): Line[] {
  const all = group.map(({ piece }) => holesOf(piece, design));
  const labels = group.map(({ size }) => size.label);
  // The reason is each size's own.
  const without = all.flatMap((one, size): Line[] => {
    if (!one || one.ok) return [];
    const reason = [`No buttonholes: ${one.message}`];
    return [group.length > 1 ? lineFor([size], labels, reason) : reason];
  });
  const holes = all.map((one) => (one?.ok ? one.row : null));
  const first = holes.find((one) => one !== null);
  if (!first) return without;
  const { side, width } = first;
  const { sections } = group[0]!.piece;
  const section = sections.findLast((one) => one.first <= first.row) ?? sections[0]!;
  const fabric = design.fabrics.find(({ id }) => id === section.fabric)!;
  const rows = holes.map((one) => one?.row ?? NONE);
  const beginning = first.inBorder
    ? line`Buttonholes, on the ${side} front only, in rnd ${rows} between its corners, from the ${side === 'right' ? 'lower' : 'upper'} one: ${stitchOf(fabric)} in the first `
    : line`Buttonholes, on the ${side} front band only, in place of its row ${rows}: ${stitchOf(fabric)} in the first `;
  const rest =
    group.length === 1
      ? [`${sts(first.gaps[0]!)}, ${inRow(first, fabric)}`]
      : [...line`${holes.map((one) => one?.gaps[0] ?? NONE)} sts, `, ...inTable(holes, width, fabric)];
  return [[...beginning, ...rest], ...without];
}

/** "the first st", "the next 3 sts": one is not counted. */
const sts = (many: number) => (many === 1 ? 'st' : `${many} sts`);
const hole = (width: number) => `ch ${width}, skip the next ${sts(width)}`;

/** One size alone: every hole with what is worked after it. */
function inRow({ gaps, width }: ButtonholeRow, fabric: Fabric): string {
  const stitch = stitchOf(fabric);
  const steps = ratesOf(gaps.slice(1, -1)).map(({ every, times }) => {
    const step = `${hole(width)}, ${stitch} in the next ${sts(every)}`;
    return times === 1 ? step : `(${step}) ${timesInWords(times)}`;
  });
  const last = `${hole(width)}, ${stitch} in the last ${sts(gaps.at(-1)!)}`;
  return `${[...steps, last].join(', ')}.`;
}

/** Several sizes: holes that are alike in every size have a row together. */
function inTable(holes: readonly (ButtonholeRow | null)[], width: number, fabric: Fabric): Line {
  const many = Math.max(...holes.map((one) => (one?.gaps.length ?? 1) - 1));
  const after = (i: number) => holes.map((one) => String(one?.gaps[i + 1] ?? NONE));
  const rows: { from: number; to: number; each: string[] }[] = [];
  for (let i = 0; i < many; i += 1) {
    const each = after(i);
    const before = rows.at(-1);
    if (before && String(before.each) === String(each)) before.to = i;
    else rows.push({ from: i, to: i, each });
  }
  const named = rows.map(({ from, to, each }): Table['rows'][number] => ({
    label: from === to ? `hole ${from + 1}` : `holes ${from + 1}–${to + 1}`,
    each,
  }));
  return [
    `then for ${many === 1 ? 'the hole' : `each of the ${many} holes`} ${hole(width)} and ${stitchOf(fabric)} in as many sts as the table says:`,
    tableOf('sts after the hole', named),
  ];
}
