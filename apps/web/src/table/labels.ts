/** What is written on the table, in words and sizes; where it stands is found by `placeLabels`. */

import { countedInShort, formatLength, type ShownCount, type Units } from '@upfell/core';
import { joinLabel, joinState } from '../joins/say';
import type { ScreenQuantity, ScreenSize } from '../worker/screen';
import type { Box, Point } from './geometry';
import type { Arrangement } from './layOut';

/** A count in a label. */
export interface CountText {
  quantity: ScreenQuantity;
  text: string;
}

/** One way to write a label, px: the first that finds its place is taken. */
export interface LabelVariant {
  width: number;
  height: number;
  small: boolean;
  lines: readonly (readonly CountText[])[];
  /** Lines of a join's words. */
  words: readonly string[];
}

export interface Label {
  key: string;
  kind: 'piece' | 'neck' | 'join';
  /** As it is read out. */
  name: string;
  /** Its heading, where it has one. */
  title?: string;
  variants: readonly LabelVariant[];
  /** Where it belongs. */
  at: Point;
  /** The piece that it should stand on. */
  on?: Box;
}

/** Measures words, px. */
export type Measure = (text: string, font: { px: number; weight: number; display?: boolean }) => number;

/** Sizes of letters and lines, px; the classes of the labels have the same. */
const FULL = { title: 16, titleLine: 20, text: 12.5, line: 17 };
const SMALL = { title: 13, titleLine: 16, text: 11, line: 14 };
const PILL = { text: 11.5, line: 15, padding: 18, border: 5 };
/** Beside each count, and round a label. */
const COUNT_PADDING = 12;
const LABEL_PADDING = 4;

/** The labels of a size: of its pieces, of its neck, and of its joins. */
export function labelsOf(
  arrangement: Arrangement,
  size: ScreenSize,
  units: Units,
  measure: Measure,
): Label[] {
  const quantities = new Map(size.quantities.map((quantity) => [quantity.id, quantity]));
  const counts = (shown: readonly ShownCount[], short: boolean): CountText[] =>
    shown.flatMap((one) => {
      const [id, before] = typeof one === 'string' ? [one, ''] : [one[0], `${one[1]} `];
      const quantity = quantities.get(id);
      return quantity ? [{ quantity, text: before + countText(quantity, units, short) }] : [];
    });
  const block = (
    title: string | undefined,
    lines: readonly (readonly CountText[])[],
    small: boolean,
  ): LabelVariant => {
    const font = small ? SMALL : FULL;
    const widths = lines.map((line) =>
      line.reduce((sum, { text }) => sum + measure(text, { px: font.text, weight: 400 }) + COUNT_PADDING, 0),
    );
    const head = title ? measure(title, { px: font.title, weight: 600, display: true }) : 0;
    return {
      width: Math.ceil(Math.max(head, ...widths) + LABEL_PADDING),
      height: (title ? font.titleLine : 0) + lines.length * font.line + LABEL_PADDING,
      small,
      lines,
      words: [],
    };
  };

  const pieces = arrangement.shapes.flatMap(({ key, shape, quarters, box, side, hangs }): Label[] => {
    const { piece, labelled } = shape;
    // Ribs at their edges go without a name; what lies by itself has one.
    if (!labelled || (piece.shows.length === 0 && hangs)) return [];
    // Parts of two fabrics are listed from the lower edge up; in a piece that lies upright that is below.
    const parted = piece.shows.some((ids) => ids.length > 1);
    const shown = parted && quarters !== 2 ? [...piece.shows].reverse() : piece.shows;
    const lines = (short: boolean) =>
      shown.map((ids) => counts(ids, short)).filter((line) => line.length > 0);
    return [
      {
        key,
        kind: 'piece',
        name: side && piece.copies > 1 ? `${piece.label}, ${side}` : piece.label,
        title: piece.label,
        variants: [
          block(piece.label, lines(false), false),
          block(piece.label, lines(true), false),
          block(piece.label, lines(true), true),
        ],
        at: [(box.left + box.right) / 2, (box.top + box.bottom) / 2],
        on: box,
      },
    ];
  });

  const neckLines = counts(arrangement.neck?.counts ?? [], true)
    .filter(({ quantity }) => quantity.count > 0)
    .map((one) => [one]);
  const neck: Label[] =
    arrangement.neck && neckLines.length > 0
      ? [
          {
            key: 'neck',
            kind: 'neck',
            name: 'Neck',
            variants: [block(undefined, neckLines, true), block(undefined, [neckLines.flat()], true)],
            at: arrangement.neck.at,
          },
        ]
      : [];

  const joins = arrangement.joins.flatMap(({ id, at }): Label[] => {
    const join = size.joins.find((one) => one.id === id);
    if (!join) return [];
    const text = joinLabel(join, units);
    const [first, ...rest] = text.split(', ');
    const pill = (words: readonly string[]): LabelVariant => ({
      width: Math.ceil(
        Math.max(...words.map((line) => measure(line, { px: PILL.text, weight: 600 }))) + PILL.padding,
      ),
      height: words.length * PILL.line + PILL.border,
      small: true,
      lines: [],
      words,
    });
    return [
      {
        key: id,
        kind: 'join',
        name: `${join.label}: ${text}, ${STATE_WORDS[joinState(join)]}`,
        variants: [
          pill(rest.length > 0 ? [`${first},`, rest.join(', ')] : [text]),
          pill(text.split(/(?<=[:,]) /)),
        ],
        at,
      },
    ];
  });
  return [...pieces, ...neck, ...joins];
}

const STATE_WORDS = { agreed: 'agreed', eased: 'agreed by easing', broken: 'broken' };

function countText(quantity: ScreenQuantity, units: Units, short: boolean): string {
  const held = quantity.pinned ? ' (held)' : '';
  const count = `${quantity.count} ${countedInShort(quantity, quantity.count)}`;
  if (short) return count + held;
  const said = quantity.inUnits ? `${quantity.inUnits} (${count})` : count;
  return `${said} · ${formatLength(quantity.actual, units, { unit: true })}${held}`;
}
