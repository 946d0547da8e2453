import { demoDesigns } from '../testing/designs.js';
import type { PlannedPiece } from '../plannedPiece.js';
import type { Passage } from '../passages/passage.js';
import { fromSteps } from '../shaping/schedule.js';
import { capShortRows } from '../shaping/cap.js';
import { USUAL_STYLE } from './style.js';
import { pieceLines, writePiece } from './piece.js';
import { lineToText } from './text.js';

const [fabric] = Object.values(demoDesigns())[0]!.fabrics;
const text = (...sizes: Passage[][]) => {
  const piece = writePiece(
    sizes.map(
      (passages) =>
        ({
          passages,
          fabric: fabric!.id,
          edges: [{ open: false }],
          sections: [{ fabric: fabric!.id, first: 1, stitches: 1.6, rows: 1 }],
        }) as unknown as PlannedPiece,
    ),
    ['A', 'B'],
    new Map([[fabric!.id, fabric!]]),
    { units: 'cm', style: USUAL_STYLE },
  );
  return pieceLines(piece, new Map(), false).map((parts) => lineToText(parts, ['A', 'B']));
};

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
      'Fasten off.',
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

  const neck = (from: number, counts: number[]): Passage => ({
    kind: 'shape',
    part: 'main',
    to: from + counts.length - 1,
    schedule: fromSteps(20, from, counts),
    where: { at: 'one edge', side: 'left', edge: 'the neck edge' },
    of: {},
  });

  it('writes shaping at one edge of one size row by row: slipped over where a row begins there, left where it ends', () => {
    expect(text([start(20), even(3), neck(4, [17, 16, 14, 14, 13])]).slice(3, -1)).toEqual([
      'The neck edge lies where right-side rows end.',
      'Row 4 (WS): sl st over the first 3 sts, esc in each st to the end; turn. (17 sts)',
      'Row 5 (RS): esc in each st to the last 2 sts, esc2tog; turn. (16 sts)',
      'Row 6 (WS): sl st over the first 2 sts, esc in each st to the end; turn. (14 sts)',
      'Row 7: even.',
      'Row 8 (WS): esc2tog, esc in each st to the end; turn. (13 sts)',
    ]);
  });

  it('writes shaping at one edge of several sizes as a table, a dash where a size has none', () => {
    const lines = text(
      [start(20), even(3), neck(4, [17, 16, 16, 15, 15])],
      [start(20), even(4), neck(5, [16, 14, 14, 13, 13])],
    );
    expect(lines.slice(-4, -1)).toEqual([
      'To take off 1 st: esc2tog over the 2 sts at the neck edge.',
      'To take off more: sl st over them where a row begins at the neck edge, leave them unworked where it ends there.',
      `Rows 4–8 (5–9), about 8 (9) cm: shape as the table says, row 4 (5) being its row 1, the other rows even; turn. (15 (13) sts)
| take off at the neck edge, sts | A | B |
| --- | --: | --: |
| row 1 | 3 | 4 |
| row 2 | 1 | 2 |
| row 4 | 1 | 1 |`,
    ]);
  });

  it('says which sizes have what the others have not', () => {
    const lines = text([start(20), even(3), neck(4, [17, 16])], [start(20), even(6)]);
    expect(lines.filter((one) => one.startsWith('Size'))).toEqual([
      'Size A: The neck edge lies where right-side rows end.',
      'Size A: To take off 1 st: esc2tog over the 2 sts at the neck edge.',
      'Size A: To take off more: sl st over them where a row begins at the neck edge, leave them unworked where it ends there.',
      expect.stringMatching(
        /^Size A: Rows 4–5, about 5 cm: shape as the table says[^]*\| row 1 \| 3 \| – \|/,
      ),
    ]);
  });

  it('says on which side the last row was where a piece is divided, for each size', () => {
    const above: Passage = {
      kind: 'go on',
      part: 'above',
      from: 'main',
      at: 2,
      take: 16,
      leave: 2,
      rejoin: true,
      label: 'Above the armholes',
    };
    const lines = text(
      [start(20), even(3), above, even(6, 'above')],
      [start(20), even(4), above, even(8, 'above')],
    );
    expect(lines.filter((one) => one.includes('Ending'))).toEqual([
      'Size A: Ending with a RS row.',
      'Size B: Ending with a WS row.',
    ]);
  });

  it('leaves out even rows that a size does not have only where no size has them', () => {
    expect(text([start(20), even(1)]).filter((line) => line.startsWith('Rows'))).toEqual([]);
    expect(
      text([start(20), even(1)], [start(20), even(3)]).filter((line) => line.startsWith('Rows')),
    ).toEqual([expect.stringMatching(/^Rows – \(2–3\), about 1 \(3\) cm:/)]);
  });
});
