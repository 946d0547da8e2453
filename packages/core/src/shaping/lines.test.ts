import fc from 'fast-check';
import { workPiece } from '../work/hook.js';
import { followMarkers } from '../work/markers.js';
import type { Row, Step } from '../work/rows.js';
import {
  countsAfterRow,
  LINE_SCHOOLS,
  changesByRow,
  changesIn,
  stepsBesideLines,
  stitchesOf,
  type LineSection,
  type LineWay,
} from './lines.js';
import type { Passage } from '../passages/passage.js';
import { rowsOf } from '../testing/rows.js';
import { rise } from './rates.js';

const gain = (total: number, order: 'fast first' | 'mixed' = 'fast first', direction: 1 | -1 = 1) => {
  const result = rise({ total, firstRow: 2, lastRow: 13, everyRow: 1, most: 2, order, direction });
  if (!result.ok) throw new Error(result.message);
  return result.schedule;
};
const yoke = (body: number, sleeve: number): LineSection[] => [
  { id: 'back-left', label: '', count: 12, left: null, right: gain(body) },
  { id: 'sleeve-left', label: '', count: 9, left: gain(sleeve, 'mixed'), right: gain(sleeve, 'mixed') },
  { id: 'front', label: '', count: 24, left: gain(body), right: gain(body) },
  { id: 'sleeve-right', label: '', count: 9, left: gain(sleeve, 'mixed'), right: gain(sleeve, 'mixed') },
  { id: 'back-right', label: '', count: 12, left: gain(body), right: null },
];
const rowsFor = (sections: LineSection[], line: LineWay, round = true): Row[] => {
  const start: Passage = {
    kind: 'start',
    part: 'main',
    stitches: stitchesOf(
      sections.map(({ count }) => count),
      line,
    ),
    extra: 0,
    along: null,
    ...(round ? { round: 'joined' as const } : {}),
  };
  return rowsOf([
    start,
    { kind: 'lines', part: 'main', to: 14, sections, line, name: 'raglan line', of: {} },
  ]);
};
/** Both sides of every line in a row. */
const places = (sections: LineSection[], line: LineWay, row: number) => {
  let at = 0;
  return countsAfterRow(sections, row)
    .slice(0, -1)
    .flatMap((count) => {
      const before = (at += count);
      at += line.stitches;
      return [before, at];
    });
};

const anyLine = fc.constantFrom<LineWay>(
  { school: 'beside', stitches: 0 },
  { school: 'beside', stitches: 1 },
  { school: 'beside', stitches: 2 },
  { school: 'alternating', stitches: 1 },
  { school: 'corner', stitches: 1 },
);

describe('shaping beside lines', () => {
  it('lists the rows in which any side changes, each with what each side changes by there', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 24 }), fc.integer({ min: 0, max: 24 }), (body, sleeve) => {
        const sections = yoke(body, sleeve);
        const listed = changesByRow(sections);
        expect(listed.map(({ row }) => row)).toEqual(
          Array.from({ length: 14 }, (_, row) => row).filter((row) =>
            changesIn(sections, row).some((change) => change !== 0),
          ),
        );
        for (const { row, sides } of listed) expect(sides).toEqual(changesIn(sections, row));
      }),
    );
  });

  it('works out on the hook, and markers moved up row by row stay at the lines', () => {
    fc.assert(
      fc.property(
        anyLine,
        fc.integer({ min: 0, max: 24 }),
        fc.integer({ min: 0, max: 24 }),
        (line, body, sleeve) => {
          const sections = yoke(body, sleeve);
          const rows = rowsFor(sections, line);
          const worked = workPiece(rows);
          expect(worked.faults).toEqual([]);
          expect(worked.counts.at(-1)).toBe(66 + 4 * line.stitches + 4 * body + 4 * sleeve);
          expect(followMarkers(rows, places(sections, line, 1))).toEqual(places(sections, line, 14));
        },
      ),
    );
  });

  it('is noticed by the markers when an increase lies on the wrong side of a line', () => {
    const line: LineWay = { school: 'beside', stitches: 2 };
    const sections = yoke(12, 6);
    const rows = rowsFor(sections, line);
    let wrong = 0;
    rows.forEach((row, at) => {
      const i = row.steps.findIndex(
        ({ do: what }, k) => what === 'increase' && row.steps[k + 1]?.do === 'work',
      );
      if (i < 0) return;
      // The increase and the plain stitches of the line after it change places: the total stays, the sections do not.
      const steps: Step[] = [...row.steps];
      [steps[i], steps[i + 1]] = [steps[i + 1]!, steps[i]!];
      const changed = rows.map((one, k) => (k === at ? { ...one, steps } : one));
      expect(workPiece(changed).counts).toEqual(workPiece(rows).counts);
      expect(followMarkers(changed, places(sections, line, 1))).not.toEqual(places(sections, line, 14));
      wrong += 1;
    });
    expect(wrong).toBeGreaterThan(10);
  });

  it('puts the new stitches of both sides into the stitch of the line where that is the school', () => {
    for (const school of LINE_SCHOOLS.filter((one) => one !== 'beside')) {
      const sections = yoke(12, 12);
      const { steps } = stepsBesideLines(
        sections,
        [12, 9, 24, 9, 12],
        { school, stitches: 1 },
        changesIn(sections, 2),
      );
      expect(steps[1]).toEqual({ do: 'increase', times: 1, makes: 3, line: 1 });
      expect(steps.filter(({ do: what }) => what === 'increase')).toHaveLength(4);
    }
  });

  it('adds more than one stitch at a front edge by chains, one in the edge stitch', () => {
    const edge = { ...gain(3), events: [2, 3], amounts: [1, 2], end: 3 };
    const sections: LineSection[] = [
      { id: 'front', label: '', count: 4, left: edge, right: null },
      { id: 'back', label: '', count: 10, left: null, right: edge },
    ];
    const line: LineWay = { school: 'beside', stitches: 0 };
    expect(stepsBesideLines(sections, [4, 10], line, changesIn(sections, 2))).toMatchObject({
      by: 2,
      add: 0,
    });
    const { steps, by, add } = stepsBesideLines(sections, [5, 11], line, changesIn(sections, 3));
    expect([by, add]).toEqual([0, 4]);
    expect([steps[0], steps.at(-1)]).toEqual([
      { do: 'cast', times: 2 },
      { do: 'cast', times: 2 },
    ]);
  });

  it('narrows a body at its sides', () => {
    const sections: LineSection[] = [
      { id: 'a', label: '', count: 20, left: null, right: gain(5, 'mixed', -1) },
      { id: 'b', label: '', count: 40, left: gain(5, 'mixed', -1), right: gain(5, 'mixed', -1) },
      { id: 'c', label: '', count: 20, left: gain(5, 'mixed', -1), right: null },
    ];
    const rows = rowsFor(sections, { school: 'beside', stitches: 0 });
    expect(workPiece(rows).faults).toEqual([]);
    expect(rows.at(-1)!.count).toBe(60);
  });

  it('says when a section is too narrow to shape in', () => {
    const narrow = yoke(6, 6).map((section) => ({
      ...section,
      left: gain(6, 'mixed', -1),
      right: gain(6, 'mixed', -1),
    }));
    expect(() =>
      stepsBesideLines(narrow, [2, 2, 2, 2, 2], { school: 'beside', stitches: 0 }, changesIn(narrow, 3)),
    ).toThrow('too few');
  });
});

describe('followMarkers', () => {
  const row = (steps: Step[], n: number): Row => ({
    n,
    part: 'main',
    side: 'RS',
    from: [],
    steps,
    count: 0,
    by: 0,
    add: 0,
  });
  const after = (steps: Step[], at: number[]) => followMarkers([row([], 1), row(steps, 2)], at);

  it('moves a marker by what is gained before it', () => {
    const steps: Step[] = [
      { do: 'work', times: 3 },
      { do: 'increase', times: 2 },
      { do: 'work', times: 3 },
    ];
    expect(after(steps, [0, 3, 4, 5, 8])).toEqual([0, 3, 5, 7, 10]);
  });

  it('has lost a marker whose two neighbours were worked together', () => {
    expect(
      after(
        [
          { do: 'work', times: 2 },
          { do: 'decrease', times: 1 },
        ],
        [1, 2, 3, 4],
      ),
    ).toEqual([1, 2, NaN, 3]);
  });

  it('moves on behind chains at the left edge', () => {
    expect(
      after(
        [
          { do: 'cast', times: 5 },
          { do: 'work', times: 4 },
        ],
        [2],
      ),
    ).toEqual([7]);
  });
});
