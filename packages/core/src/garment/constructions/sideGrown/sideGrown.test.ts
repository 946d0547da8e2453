import type { Garment } from '../../../design.js';
import { STITCH_PATTERNS } from '../../../fabric/startingSet.js';
import { plan } from '../../../plan.js';
import { provePattern } from '../../../read/pattern.js';
import type { SizePlan } from '../../../sizePlan.js';
import { designWith, fabricOf, sizeOf } from '../../../testing/designs.js';
import { inWords } from '../../../text/phrase.js';
import { rowsOf } from '../../../work/runs.js';
import { pattern } from '../../../write/pattern.js';
import { patternToText } from '../../../write/text.js';

const patternNamed = (id: string) => ({
  ...STITCH_PATTERNS.find(({ fabric }) => fabric.id === id)!.fabric,
  id: 'body',
});
const rib = { ...fabricOf('rib', 18, 20, { rows: { multiple: 2, plus: 0 } }), stretch: 0.5 };
const HIPS = [88, 98, 108, 118, 130, 142];
const designed = (garment: object = {}, body = patternNamed('v-stitch')) =>
  designWith({
    graded: false,
    sizes: HIPS.map((hip, i) => sizeOf(`size ${i + 1}`, { bust: hip - 6, waist: hip - 22, hip })),
    fabrics: [body, rib],
    garment: { construction: 'side-grown', ...garment } as Garment,
  });
const count = (size: SizePlan, id: string) => size.quantities.find((one) => one.id === id)!.count;
const note = (size: SizePlan, code: string) => size.notes.find((one) => one.code === code);

describe('a top grown from its band', () => {
  const design = designed();
  const { sizes } = plan(design);

  it('has the same number of units on front and back, as many rib rows as stitches picked up (common practice)', () => {
    for (const size of sizes) {
      expect(count(size, 'hem.rows')).toBe(count(size, 'body.round'));
      expect(count(size, 'body.round')).toBe(2 * count(size, 'grown.half'));
      // A V of 3 stitches for 3 rows of the rib, the same number on both halves.
      expect(count(size, 'grown.half') % 3).toBe(0);
      const [back, front] = size.joins.filter(({ role }) => role === 'split');
      expect(front!.aCount).toBe(back!.aCount);
    }
  });

  it('rises a unit at each side in each round that grows', () => {
    for (const size of sizes) {
      const body = size.pieces.find(({ role }) => role === 'body')!;
      const rows = rowsOf(body.runs);
      const even = count(size, 'grown.even');
      rows.forEach(({ count: stitches }, i) => {
        const grown = Math.max(0, i + 1 - even);
        // A V at each of the two sides.
        expect(stitches).toBe(count(size, 'body.round') + 2 * 3 * grown);
      });
      // The flat rows have an edge stitch more at both ends.
      expect(count(size, 'grown.span')).toBe(count(size, 'grown.half') + 3 * count(size, 'grown.rounds') + 2);
    }
  });

  it('goes by the hip in its width and by the body in its height', () => {
    const rounds = sizes.map((size) => count(size, 'body.round'));
    expect([...rounds].sort((a, b) => a - b)).toEqual(rounds);
    const wanted = designed({ belowWaist: 34 });
    plan(wanted).sizes.forEach((size, i) => {
      expect(count(size, 'body.round')).toBe(count(sizes[i]!, 'body.round'));
      expect(count(size, 'grown.even') + count(size, 'grown.rounds')).toBeGreaterThan(
        count(sizes[i]!, 'grown.even') + count(sizes[i]!, 'grown.rounds'),
      );
    });
  });

  it('is worked, written and read back without a difference, the ring of its rib before it', () => {
    const text = patternToText(pattern({ sizes }, design, { units: 'cm' }));
    expect(provePattern(text, sizes, {}, design).differences).toEqual([]);
    expect(text).toContain(
      'The first way to grow: *work 2 V’s in place of the first one after the side marker',
    );
    expect(text.indexOf('Hem rib, its ends:')).toBeLessThan(text.indexOf('Hem rib to body:'));
    const wrong = text.replace(/(Front and back then have )\d+/, '$1500');
    expect(provePattern(wrong, sizes, {}, design).differences).not.toEqual([]);
  });
});

describe('growth', () => {
  it('ends where the height does, which is told with what would do, each one choice', () => {
    const [, size] = plan(designed({ sleeve: { length: 'full' } })).sizes;
    const short = note(size!, 'sleeve-grows-short')!;
    expect(short.level).toBe('warn');
    expect(inWords(short.message, 'cm')).toMatch(
      /^The height leaves \d+\.\d cm to grow in, and \d+\.\d cm are wanted/,
    );
    expect(short.fixes!.map(({ label }) => inWords(label, 'cm'))[0]).toBe('Grow by 2 at each side');
    const [, faster] = plan(designed({ sleeve: { length: 'full', growBy: 2 } })).sizes;
    expect(count(faster!, 'grown.span')).toBeGreaterThan(count(size!, 'grown.span'));
    const more = short.fixes!.find(({ set }) => set[0]!.path === 'garment.belowWaist')!;
    const [, longer] = plan(
      designed({ sleeve: { length: 'full' }, belowWaist: more.set[0]!.value as number }),
    ).sizes;
    expect(note(longer!, 'sleeve-grows-short')).toBeUndefined();
  });

  it('of plain stitches is one on either side of each marker', () => {
    const design = designed({ rounds: 'turned' }, fabricOf('body', 16, 12));
    const { sizes } = plan(design);
    const text = patternToText(pattern({ sizes }, design, { units: 'cm' }));
    expect(text).toContain('To grow: *2 hdc in the first st after the side marker');
    expect(provePattern(text, sizes, {}, design).differences).toEqual([]);
  });

  it('has nowhere to go in a garment that is too short, which stops it', () => {
    const [size] = plan(designed({ belowWaist: -20 })).sizes;
    const stop = note(size!, 'no-room-to-grow')!;
    expect(stop.level).toBe('stop');
    const value = stop.fixes![0]!.set[0]!.value as number;
    expect(note(plan(designed({ belowWaist: value })).sizes[0]!, 'no-room-to-grow')).toBeUndefined();
  });
});

describe('the band', () => {
  it('sits on the hip, or higher up', () => {
    const round = (widthLedBy: string) => count(plan(designed({ widthLedBy })).sizes[2]!, 'body.round');
    expect(round('waist')).toBeLessThan(round('high hip'));
    expect(round('high hip')).toBeLessThan(round('hip'));
  });

  it('is told where the hip is more than it can stretch to', () => {
    const design = designed({ ease: -30 });
    const told = plan({ ...design, fabrics: [design.fabrics[0]!, { ...rib, stretch: 0.1 }] }).sizes[5]!;
    expect(inWords(note(told, 'stretched-too-far')!.message, 'cm')).toMatch(
      /^At the hip .* the band of .* stretches/,
    );
  });
});
