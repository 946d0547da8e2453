/** How motifs of a fabric grow from their centre, and whether they lie flat. */

import type { Note } from '../../advice/note.js';
import { isInSpaces, type Fabric } from '../../fabric/fabric.js';
import { perCm } from '../../fabric/gauge.js';
import type { MotifGrowth } from '../../shaping/motif.js';
import { cm, figure, say } from '../../text/phrase.js';

/** Share by which a round's stitches may be too many or too few before a motif no longer lies flat (common practice). */
const FLAT = 0.1;

/**
 * How a motif of a fabric grows whose side gains twice the height of a round, as the side of a square does: a cluster where it is worked in
 * spaces, else as many stitches as are as wide as that, to the nearest.
 *
 * @param height of a round, cm
 */
export function motifGrowth(
  fabric: Fabric,
  sides: number,
  height = 1 / perCm(fabric.gauge, 'rows'),
): MotifGrowth {
  const gain = isInSpaces(fabric)
    ? fabric.unit!.stitches
    : Math.max(1, Math.round(2 * height * perCm(fabric.gauge, 'stitches')));
  return { sides, gain, first: isInSpaces(fabric) ? gain : Math.max(1, gain - 1) };
}

/** What the stitches that a side gains measure, against the twice the height of a round that they go along: 1 where it lies flat. */
export function flatness(fabric: Fabric): number {
  const { gauge } = fabric;
  return (motifGrowth(fabric, 1).gain * perCm(gauge, 'rows')) / perCm(gauge, 'stitches') / 2;
}

/** A motif that does not lie flat by the gauge of its fabric. */
export function flatNotes(fabric: Fabric, motif: string): Note[] {
  const share = flatness(fabric);
  if (Math.abs(share - 1) <= FLAT) return [];
  const { gain } = motifGrowth(fabric, 1);
  const off = figure(100 * Math.abs(share - 1), 0);
  const round = 2 / perCm(fabric.gauge, 'rows');
  return [
    {
      level: 'warn',
      code: share > 1 ? 'motif-ruffles' : 'motif-cups',
      where: fabric.id,
      message: say`A side gains ${gain} stitches in a round, ${cm(gain / perCm(fabric.gauge, 'stitches'))} by the gauge, where two heights of a round are ${cm(round)}: the ${motif} ${share > 1 ? 'ruffles' : 'pulls in at its edge'} by ${off} %. Measure a motif of five rounds and take your gauge from that: its side is ten heights.`,
    },
  ];
}
