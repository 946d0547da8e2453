import type { PlannedPiece } from '../plannedPiece.js';
import { readPiece } from '../read/piece.js';
import { fabricOf } from '../testing/designs.js';
import { rowsOf } from '../work/runs.js';
import { workPiece } from '../work/hook.js';
import { pieceLines, writePiece } from '../write/piece.js';
import { USUAL_STYLE } from '../write/style.js';
import { lineToText } from '../write/text.js';
import type { Corners } from './corners.js';
import type { Passage } from './passage.js';
import { runsOf } from './registry.js';

const sc = { ...fabricOf('edge', 20, 20), stitch: 'sc' as const };
const hdc = { ...fabricOf('second', 16, 12), name: 'the second yarn', hook: 4, stitch: 'hdc' as const };
const LABELS = ['A', 'B'];

/** A border begun with so many stitches, in rounds. */
const border = (stitches: number, ...passages: Passage[]): Passage[] => [
  { kind: 'start', part: 'main', stitches, extra: 0, along: 'the edge', round: 'joined' },
  ...passages,
];
const corners = (more: Partial<Corners> & Pick<Corners, 'sides' | 'by' | 'to'>): Corners => ({
  kind: 'corners',
  part: 'main',
  spare: 0,
  ...more,
});

/** The lines of a piece in one size or several. */
function text(...sizes: Passage[][]): string[] {
  const labels = LABELS.slice(0, sizes.length);
  const pieces = sizes.map(
    (passages) =>
      ({
        passages,
        fabric: sc.id,
        role: 'border',
        edges: [],
        sections: [{ fabric: sc.id, first: 1, stitches: 2, rows: 2 }],
      }) as unknown as PlannedPiece,
  );
  const fabrics = new Map([sc, hdc].map((fabric) => [fabric.id, fabric]));
  const piece = writePiece(pieces, labels, fabrics, { units: 'cm', style: USUAL_STYLE });
  return pieceLines(piece, new Map(), false).map((parts) => lineToText(parts, labels));
}

/** The counts of the rows, as the hook works them; none of them with a fault. */
function counts(passages: Passage[]): number[] {
  const rows = rowsOf(runsOf(passages));
  expect(workPiece(rows).faults).toEqual([]);
  return rows.map(({ count }) => count);
}

const frame = border(44, corners({ sides: [10, 20, 12], by: [2, -2], to: 4 }));

describe('rounds with corners', () => {
  it('grow at outer ones and shrink at inner ones in every round', () => {
    expect(counts(border(44, corners({ sides: [10, 20, 12], by: [2, 2], to: 3 })))).toEqual([44, 48, 52]);
    expect(counts(frame)).toEqual([44, 44, 44, 44]);
    expect(counts(border(44, corners({ sides: [10, 20, 12], by: [-1, -2], to: 3 })))).toEqual([44, 41, 38]);
  });

  it('are told once where the corners lie, from the right, and then what is done at each', () => {
    expect(text(frame).slice(1)).toEqual([
      'Place a marker in each corner st, seen along a right-side rnd: after 12 sts (inner), after 20 sts more (outer); 10 sts after the last.',
      'Rnds 2–4, about 2 cm: sc in each st, 3 in each outer corner st, 3 sts together at each inner corner st, the markers moved up; join. (44 sts)',
      'Fasten off.',
    ]);
  });

  it('are told of several sizes together, each with its own figures', () => {
    const larger = border(54, corners({ sides: [14, 24, 14], by: [2, -2], to: 4 }));
    expect(text(frame, larger)[1]).toBe(
      'Place a marker in each corner st, seen along a right-side rnd: after 12 (14) sts (inner), after 20 (24) sts more (outer); 10 (14) sts after the last.',
    );
  });

  it('of other kinds are told apart', () => {
    const other = border(54, corners({ sides: [14, 24, 14], by: [2, 2], to: 4 }));
    expect(text(frame, other).filter((line) => line.includes('corner st, seen along'))).toEqual([
      expect.stringMatching(/^Sizes? A: .*\(inner\).*\(outer\)/),
      expect.stringMatching(/^Sizes? B: .*\(outer\).*\(outer\)/),
    ]);
  });

  it('name each corner where those of a kind differ', () => {
    const lines = text(border(66, corners({ sides: [10, 20, 20, 13], by: [2, 4, -1], to: 2 })));
    expect(lines[2]).toBe(
      'Rnd 2, about 1 cm: sc in each st, at the corner sts in turn 2 together, 5 in one, 3 in one, the markers moved up; join. (71 sts)',
    );
  });

  it('change the fabric with their first round, and hide a stitch where that begins', () => {
    const lines = text(
      border(
        44,
        corners({ sides: [10, 20, 12], by: [2, -2], to: 2 }),
        corners({ sides: [11, 20, 11], by: [2, -2], to: 3, spare: 1, fabric: 'second' }),
      ),
    );
    expect(lines[3]).toMatch(
      /^Rnd 3.*: change to the second yarn and a 4 mm hook; hdc in each st, 1 more where it begins, 3 in each outer corner st, /,
    );
  });
});

describe('read back', () => {
  const read = (lines: readonly string[]) => readPiece('Border', lines).rows.map(({ count }) => count);

  it('come to the same rows', () => {
    for (const passages of [
      frame,
      border(66, corners({ sides: [10, 20, 20, 13], by: [2, 4, -1], to: 5 })),
      border(50, corners({ sides: [20, 29], by: [-2], to: 3, spare: -1 })),
    ])
      expect(read(text(passages))).toEqual(counts(passages));
  });

  it.each([
    ['the place of a corner', /after 12 sts/, 'after 13 sts', 'the stitches between the corners'],
    ['a count', /join\. \(44 sts\)$/m, 'join. (45 sts)', 'the count of row 4'],
    ['the last round', /Rnds 2–4/, 'Rnds 3–4', 'the next row'],
    ['what an outer corner has', /3 in each outer corner st, /, '', 'an outer corner has is not said'],
  ])('find a fault in %s', (_, right, wrong, said) => {
    const lines = text(frame).map((line, i) => (i === 0 ? line : line.replace(right, wrong)));
    expect(() => read(lines)).toThrow(said);
  });

  it('want to be told where the corners lie', () => {
    expect(() => read(text(frame).filter((line) => !line.startsWith('Place')))).toThrow(
      'where the corners lie is not said',
    );
  });
});
