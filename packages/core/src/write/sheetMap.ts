/** The map of a sheet in words: its kinds of squares with their colours, and every row letter by letter. */

import { hasEvenColumns, type MappedSquare, type SheetMap } from '../colours/sheetMap.js';
import { USUAL_COLOURS, type SquareColours, type SquareKind } from '../colours/squareColours.js';
import type { Design } from '../design.js';
import { line, lineFor, NONE, type Line } from './line.js';
import type { WrittenSize } from './written.js';

/** Stands where no square lies. */
const NO_SQUARE = '·';

/** How many of each kind are made, and in which colours; nothing where they have no colours. */
export function kindLines(
  group: readonly { size: Pick<WrittenSize, 'map'>; isHalf: boolean }[],
  { finishing }: Pick<Design, 'finishing'>,
): Line[] {
  const colours = finishing?.squares;
  if (!colours) return [];
  return colours.kinds.flatMap((kind): Line[] => {
    const many = group.map(({ size, isHalf }) => {
      const found = size.map?.counts.find((one) => one.kind.id === kind.id);
      return (isHalf ? found?.halves : found?.whole) ?? 0;
    });
    if (many.every((count) => count === 0)) return [];
    return [
      line`${kind.id}, ${kind.name}: make ${many.map((count) => (count === 0 ? NONE : count))}. ${coloursInWords(kind, colours, group[0]!.isHalf ? 'row' : 'rnd')}`,
    ];
  });
}

/** "Moss in rnd 1, cream from rnd 2 on, navy in the last rnd." */
function coloursInWords({ rounds }: SquareKind, { border }: SquareColours, word: 'rnd' | 'row'): string {
  const parts: string[] = [];
  rounds.forEach((colour, i) => {
    if (i > 0 && rounds[i - 1] === colour) return;
    let last = i;
    while (rounds[last + 1] === colour) last += 1;
    const goesOn = last === rounds.length - 1;
    parts.push(
      goesOn
        ? i === 0
          ? `${colour} throughout`
          : `${colour} from ${word} ${i + 1} on`
        : `${colour} in ${i === last ? `${word} ${i + 1}` : `${word}s ${i + 1}–${last + 1}`}`,
    );
  });
  if (border !== undefined && border !== rounds.at(-1)) parts.push(`${border} in the last ${word}`);
  const said = parts.join(', ');
  return `${said.charAt(0).toUpperCase()}${said.slice(1)}.`;
}

/** The rows of the map of each size, back and front from the fold down. */
export function mapLines(sizes: readonly Pick<WrittenSize, 'label' | 'map'>[]): Line[] {
  const labels = sizes.map(({ label }) => label);
  return sizes.flatMap(({ map }, size): Line[] => {
    if (!map) return [];
    const lines = (['back', 'front'] as const).map((layer): Line => [
      `Map of the ${layer}, from the fold down, each row from the wearer’s left to the right: ${rowsInLetters(map, layer).join(' / ')}.`,
    ]);
    return sizes.length > 1 ? lines.map((one) => lineFor([size], labels, one)) : lines;
  });
}

/** Rows of letters: capitals for whole squares, small ones for half squares, a dot where none lies. */
function rowsInLetters({ squares }: SheetMap, layer: MappedSquare['layer']): string[] {
  const isEven = hasEvenColumns(squares);
  const columns = [...new Set(squares.map(({ column }) => column))].filter((c) => !isEven || c !== 0);
  columns.sort((a, b) => a - b);
  const rows = Math.max(...squares.map(({ row }) => row));
  return Array.from({ length: rows }, (_, i) =>
    columns
      .map((column) => {
        const found = squares.find(
          (one) => one.layer === layer && one.row === i + 1 && one.column === column,
        );
        if (!found) return NO_SQUARE;
        return found.half ? found.kind.toLowerCase() : found.kind;
      })
      .join(''),
  );
}

/** The colours of a design's squares, or one colour for all. */
export function coloursOf({ finishing }: Pick<Design, 'finishing'>): SquareColours {
  return finishing?.squares ?? USUAL_COLOURS;
}
