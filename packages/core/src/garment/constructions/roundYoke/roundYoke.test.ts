import fc from 'fast-check';
import { STITCH_PATTERNS } from '../../../fabric/startingSet.js';
import { provenText } from '../../../provenText.js';
import type { Design } from '../../../design.js';
import type { DesignUnfit } from '../../../fitDesign.js';
import { plan } from '../../../plan.js';
import type { SizePlan } from '../../../sizePlan.js';
import { designWith, fabricOf, someBodies, sizeOf } from '../../../testing/designs.js';
import { isTake, type Row } from '../../../work/rows.js';
import { rowsOf } from '../../../work/runs.js';
import { takesOf } from '../../../work/steps.js';

const bodies = someBodies(80);
const anyBody = fc.constantFrom(...bodies).map(({ id, sex: _, ...body }) => sizeOf(`b${id}`, body));
const yokeOf = (style: object, size = sizeOf('M', { bust: 96, waist: 78, hip: 102 })): Design => ({
  ...designWith({ fabrics: [fabricOf('body', 16, 16), fabricOf('rib', 18, 20)], sizes: [size] }),
  garment: { construction: 'round-yoke', ...style },
});
const planned = (design: Design) => plan(design).sizes[0]!;
const yokeRows = (size: SizePlan) => rowsOf(size.pieces.find(({ id }) => id === 'yoke')!.runs);
const increases = (size: SizePlan) => {
  const rows = yokeRows(size);
  return rows.filter(({ count }, i) => i > 0 && count > rows[i - 1]!.count);
};
/** Stitches of the row below before each increase of a round. */
function places({ steps }: Row): number[] {
  const found: number[] = [];
  let at = 0;
  for (const step of steps)
    for (let i = 0; i < step.times; i += 1) {
      if (step.do === 'increase') found.push(at);
      at += takesOf(step);
    }
  return found;
}

describe('a round yoke', () => {
  it('keeps to its motif in every increase round, on any body', () => {
    fc.assert(
      fc.property(
        anyBody,
        fc.constantFrom(1, 3, 4, 6, 8),
        fc.constantFrom(3, 4, 5, 'many'),
        (body, motif, rounds) => {
          const size = planned(yokeOf({ increases: { rounds, motif } }, body));
          if (size.pieces.length === 0) return;
          const rows = increases(size);
          expect(rows.length).toBeGreaterThan(0);
          for (const { count } of rows) expect(count % motif).toBe(0);
          const total = size.quantities.find(({ id }) => id === 'yoke.total')!.count;
          expect(rows.at(-1)!.count).toBe(total);
        },
      ),
      { numRuns: 25 },
    );
  });

  it('has as many increase rounds as asked for, where the designer puts them', () => {
    const size = planned(yokeOf({ increases: { rounds: 3, places: [20, 50, 85] } }));
    const rows = yokeRows(size).at(-1)!.n;
    expect(increases(size).map(({ n }) => n)).toEqual(
      [20, 50, 85].map((place) => Math.round((place / 100) * rows)),
    );
  });

  it('spreads the increases of a round evenly, and does not stack those of rounds that follow each other', () => {
    const size = planned(yokeOf({ increases: { rounds: 5 } }));
    const rounds = increases(size).map((row) => ({ places: places(row), from: row.count - row.by }));
    expect(rounds.length).toBe(5);
    for (const { places: at, from } of rounds) {
      const gaps = at.map((place, i) => (at[i + 1] ?? at[0]! + from) - place);
      expect(Math.max(...gaps) - Math.min(...gaps)).toBeLessThanOrEqual(1);
    }
    // Seen as shares of the round: not even half of the increases lie over those of the round before.
    rounds.slice(1).forEach(({ places: at, from }, i) => {
      const before = rounds[i]!.places.map((place) => place / rounds[i]!.from);
      const stacked = at.filter((place) =>
        before.some((share) => Math.abs(share - place / from) < 0.4 / from),
      );
      expect(stacked.length).toBeLessThan(at.length / 2);
    });
  });

  it('comes apart at the split into its parts, body and sleeves each with the chain under the arm', () => {
    fc.assert(
      fc.property(anyBody, fc.constantFrom('closed', 'gap', 'band'), (body, front) => {
        const size = planned(yokeOf({ front: { style: front, width: 3 } }, body));
        if (size.pieces.length === 0) return;
        const count = (id: string) => size.quantities.find((one) => one.id === id)?.count;
        const sleeve = count('sleeve.top')! - count('underarm.chain')!;
        const fronts = front === 'closed' ? count('back.width')! : 2 * count('front.width')!;
        expect(fronts + count('back.width')! + 2 * sleeve).toBe(count('yoke.total'));
        expect(fronts + count('back.width')! + 2 * count('underarm.chain')!).toBe(count('body.round'));
      }),
      { numRuns: 20 },
    );
  });

  it('begins above short rows where the back is raised, each reaching farther than the one before', () => {
    const size = planned(yokeOf({ neck: { shape: 'short rows', drop: 4 } }));
    const drop = size.quantities.find(({ id }) => id === 'neck.drop')!.count;
    const [neck, ...rows] = yokeRows(size);
    const short = rows
      .slice(0, drop)
      .map(({ from }) => from.filter(isTake).reduce((sum, { take }) => sum + take, 0));
    expect(drop).toBeGreaterThan(1);
    short.slice(1).forEach((worked, i) => expect(worked).toBeGreaterThanOrEqual(short[i]!));
    expect(short.at(-1)!).toBeGreaterThan(short[0]!);
    expect(short.at(-1)!).toBeLessThan(neck!.count);
  });

  it.each(['joined', 'turned'] as const)('widens V’s before each parts into two, in %s rounds', (rounds) => {
    const body = {
      ...STITCH_PATTERNS.find(({ fabric }) => fabric.id === 'v-stitch')!.fabric,
      id: 'body',
      gauge: fabricOf('body', 18, 10).gauge,
      name: 'V’s',
      shaping: 'units' as const,
    };
    const yoke = (by?: string) => ({
      ...yokeOf({ rounds, increases: { rounds: 4, ...(by ? { by } : {}) } }),
      fabrics: [body, fabricOf('rib', 18, 20)],
    });
    const rows = increases(planned(yoke()));
    expect(rows.map(({ motif }) => motif)).toEqual(Array(4).fill(['wider', 'parted']).flat());
    rows.forEach(({ motif, by }, i) => {
      // A V is 3 stitches wide: 2 of those that one gains come first.
      const [wider, parted] = motif === 'wider' ? [by, rows[i + 1]!.by] : [rows[i - 1]!.by, by];
      expect(wider).toBe(2 * parted);
    });
    const design = yoke();
    const { text, proof } = provenText(plan(design), design, { terms: 'uk', units: 'cm' });
    expect(proof).toMatchObject({ differences: [], unfollowed: 0 });
    expect(text).toContain('(2 tr, ch 1, 2 tr) in its space, 2 sts more');
    const atOnce = increases(planned(yoke('whole repeats')));
    expect(atOnce.map(({ motif }) => motif)).toEqual(Array(4).fill(undefined));
    expect(atOnce.at(-1)!.count).toBe(rows.at(-1)!.count);
  });

  it.each([
    [{ neck: { shape: 'V' } }, 'garment.neck.shape', 'it can be “level”, “short rows”'],
    [{ increases: { rounds: 3, places: [50, 20, 80] } }, 'garment.increases.places', 'rising shares'],
    [{ increases: { rounds: 3, places: [0, 50, 100] } }, 'garment.increases.places', 'rising shares'],
    [{ increases: { motif: 2.5 } }, 'garment.increases.motif', 'a whole number'],
    [{ increases: { rounds: 7 } }, 'garment.increases.rounds', 'it can be “3”, “4”, “5”, “many”'],
  ])('says what is wrong with %j', (style, path, words) => {
    let thrown: unknown;
    try {
      plan(yokeOf(style));
    } catch (error) {
      thrown = error;
    }
    const [problem] = (thrown as DesignUnfit).problems;
    expect(problem!.path).toBe(path);
    expect(problem!.message).toContain(words);
  });
});
