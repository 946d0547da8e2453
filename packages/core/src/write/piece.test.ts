import { demoDesigns } from '../testing/designs.js';
import type { PlannedPiece } from '../plannedPiece.js';
import type { Passage } from '../passages/passage.js';
import { fromSteps } from '../shaping/schedule.js';
import { capShortRows } from '../shaping/cap.js';
import { writePiece } from './piece.js';
import { lineToText } from './text.js';

const [fabric] = Object.values(demoDesigns())[0]!.fabrics;
const text = (...sizes: Passage[][]) =>
  writePiece(
    sizes.map(
      (passages) => ({ passages, fabric: fabric!.id, edges: [{ open: false }] }) as unknown as PlannedPiece,
    ),
    new Map([[fabric!.id, fabric!]]),
  ).map((parts) => lineToText(parts, ['A', 'B']));

const start = (stitches: number): Passage => ({
  kind: 'start',
  part: 'main',
  stitches,
  extra: 1,
  along: null,
});
const even = (to: number, part = 'main'): Passage => ({ kind: 'even', part, to });

describe('writePiece', () => {
  it('writes short rows as the stitches that each of them goes over, and the row that closes them', () => {
    const cap: Passage = {
      kind: 'short',
      part: 'main',
      shortRows: capShortRows({ base: 6, slope: 6, top: 6, rows: 5 }),
      label: 'Cap',
    };
    const lines = text([start(30), even(2), cap, even(12)]);
    expect(lines.slice(2)).toEqual([
      expect.stringMatching(/^Rows? 2/),
      'Cap, short rows 3–7: begin where the last row ended, turn at the end of each row, and work so many sts, one row after the other: 18, 9, 12, 15, 24',
      'Next row: work over all sts, closing the steps. (30 sts)',
      expect.stringContaining('Rows 9–12'),
      'Fasten off, leaving a tail for the seam.',
    ]);
  });

  it('writes what is united, with chains between and the count of every size', () => {
    const body = (front: number, chains: number): Passage => ({
      kind: 'unite',
      part: 'body',
      from: [
        { part: 'main', at: 0, take: front },
        { part: 'main', at: front + 20, take: front },
      ],
      chains: [chains, chains],
      round: 'joined',
      label: 'Body',
    });
    const lines = text([start(80), even(9), body(30, 6)], [start(90), even(10), body(35, 8)]);
    expect(lines.at(-2)).toBe(
      'Body, rnd 10 (11): work 30 (35) sts, ch 6 (8), work 30 (35) sts, ch 6 (8); join. (72 (86) sts)',
    );
  });

  it('writes shaping at one edge with the amount of every row', () => {
    const neck: Passage = {
      kind: 'shape',
      part: 'main',
      to: 8,
      schedule: fromSteps(20, 4, [17, 16, 16, 15, 15]),
      where: { at: 'one edge', side: 'left', edge: 'the neck edge' },
      of: {},
    };
    const lines = text([start(20), even(3), neck]);
    expect(lines.at(-4)).toContain('to take off more, sl st over them where the row begins at the neck edge');
    expect(lines.at(-3)).toBe(
      'Rows 4–8, shaped, the other rows even (15 sts at the end): at the neck edge take off 3 sts in row 4, 1 st in rows 5, 7',
    );
    expect(lines.at(-2)).toBe('Counts after these rows: row 4: 17 sts, row 5: 16 sts, row 7: 15 sts.');
  });

  it('leaves out even rows that a size does not have only where no size has them', () => {
    expect(text([start(20), even(1)]).filter((line) => line.startsWith('Rows'))).toEqual([]);
    expect(
      text([start(20), even(1)], [start(20), even(3)]).filter((line) => line.startsWith('Rows')),
    ).toEqual([expect.stringMatching(/^Rows – \(2–3\):/)]);
  });
});
