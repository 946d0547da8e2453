import { STITCH_PATTERNS } from '../fabric/startingSet.js';
import type { PlannedPiece } from '../plannedPiece.js';
import { readPiece } from '../read/piece.js';
import { StitchProver } from '../read/stitches.js';
import { fabricOf } from '../testing/designs.js';
import { workPiece } from '../work/hook.js';
import { rowsOf } from '../work/runs.js';
import { pieceLines, writePiece } from '../write/piece.js';
import { USUAL_STYLE } from '../write/style.js';
import { lineToText } from '../write/text.js';
import type { FromCentre } from './fromCentre.js';
import { runsOf } from './registry.js';

const dc = { ...fabricOf('body', 17, 10), stitch: 'dc' as const };
const clusters = {
  ...STITCH_PATTERNS.find(({ fabric }) => fabric.id === 'granny-clusters')!.fabric,
  id: 'body',
};

/** The lines of a motif, one size alone. */
function text(motif: FromCentre, fabric: typeof dc | typeof clusters): string[] {
  const piece = {
    passages: [motif],
    fabric: 'body',
    role: 'square',
    edges: [],
    sections: [{ fabric: 'body', first: 1, stitches: 1.7, rows: 1 }],
  } as unknown as PlannedPiece;
  const written = writePiece([piece], ['M'], new Map([['body', fabric]]), {
    units: 'cm',
    style: USUAL_STYLE,
  });
  return pieceLines(written, new Map(), false).map((parts) => lineToText(parts, ['M']));
}

const motif = (more: Partial<FromCentre>): FromCentre => ({
  kind: 'from the centre',
  part: 'main',
  to: 6,
  sides: 4,
  first: 3,
  gain: 3,
  ...more,
});

describe('a motif from its centre', () => {
  // Half a square, half a hexagon, half an octagon in rows; squares, hexagons and circles in them in rounds.
  it.each([
    ['half a square', { sides: 2 }, clusters],
    ['half a hexagon', { sides: 3 }, clusters],
    ['half an octagon', { sides: 4 }, clusters],
    ['half a square in dc', { sides: 2, first: 2 }, dc],
    ['half a hexagon in dc', { sides: 3, first: 3, gain: 4 }, dc],
    ['a square', { round: 'joined' }, clusters],
    ['a hexagon', { sides: 6, round: 'turned' }, clusters],
    ['a circle in a square', { round: 'joined', circle: 3 }, dc],
    ['a circle in a hexagon', { sides: 6, round: 'joined', circle: 2, first: 2 }, dc],
    ['a circle that becomes square in its last round', { round: 'joined', circle: 5, first: 2, gain: 4 }, dc],
  ] as const)('is read back and worked stitch by stitch as it is written: %s', (_name, more, fabric) => {
    const passage = motif(more as Partial<FromCentre>);
    const rows = rowsOf(runsOf([passage]));
    expect(workPiece(rows).faults).toEqual([]);
    const lines = text(passage, fabric);
    const read = readPiece('Square', lines);
    expect(read.rows.map(({ n, count, by, add, side }) => [n, count, by, add, side])).toEqual(
      rows.map(({ n, count, by, add, side }) => [n, count, by, add, side]),
    );
    const proven = new StitchProver([]).prove(read.rows, read.said, read.begun);
    expect(proven.differences).toEqual([]);
    // Each of its rounds is told, not only counted.
    expect(read.said.motif).toHaveLength(rows.length);
  });

  it('has a wrong corner, a wrong end and a wrong circle found', () => {
    const wrong = (
      more: Partial<FromCentre>,
      fabric: typeof dc | typeof clusters,
      said: RegExp,
      instead: string,
    ) => {
      const lines = text(motif(more), fabric).map((line) => line.replace(said, instead));
      try {
        const read = readPiece('Square', lines);
        return new StitchProver([]).prove(read.rows, read.said, read.begun).differences.length > 0;
      } catch {
        return true;
      }
    };
    expect(
      wrong(
        { sides: 3 },
        clusters,
        /\(3 dc, ch 2, 3 dc\) in the next corner sp, 3 dc in each sp to the next corner, /,
        '',
      ),
    ).toBe(true);
    expect(wrong({ sides: 2 }, clusters, /3 dc in the last st/, '2 dc in the last st')).toBe(true);
    expect(
      wrong(
        { round: 'joined', circle: 3 },
        dc,
        /2 dc in each of the next 3 sts/,
        '2 dc in each of the next 2 sts',
      ),
    ).toBe(true);
    expect(
      wrong(
        { round: 'joined', circle: 3 },
        dc,
        /dc in each of the next 8 sts/,
        'dc in each of the next 7 sts',
      ),
    ).toBe(true);
  });
});
