import type { Garment } from '../../design.js';
import { plan } from '../../plan.js';
import { provePattern } from '../../read/pattern.js';
import { designWith, fabricOf, sizeOf } from '../../testing/designs.js';
import { GARMENTS } from '../../testing/garments.js';
import { inWords } from '../../text/phrase.js';
import { pattern } from '../../write/pattern.js';
import { patternToText } from '../../write/text.js';
import { constructionOf } from '../registry.js';

const first = (garment: Garment, worked = 'first') =>
  designWith({
    garment: {
      ...garment,
      hem: { ...(garment['hem'] as object | null), worked },
      ...('cuff' in garment ? { cuff: { ...(garment['cuff'] as object | null), worked } } : {}),
    },
  });

/** Constructions that begin at the lower edge. */
const UPWARDS = GARMENTS.filter(([, { construction }]) =>
  JSON.stringify(constructionOf(construction)!.fields['hem'] ?? null).includes('first, ridges'),
);

it('is a choice of every construction that begins at the lower edge', () => {
  expect([...new Set(UPWARDS.map(([, { construction }]) => construction))]).toEqual([
    'drop-shoulder',
    'notched',
    'set-in',
    'vest',
    'rectangles',
    'over-shoulders',
    'two-halves',
    'side-grown',
    'tube',
  ]);
});

describe.each(UPWARDS.filter(([, garment]) => !('cuff' in garment)))('ribs first: %s', (_, garment) => {
  it.each(['first', 'first, ridges'])(
    '%s: rows of the rib and stitches of the piece are one count',
    (worked) => {
      const design = first(garment, worked);
      const { sizes } = plan(design);
      const each = worked === 'first' ? 1 : 2;
      for (const { joins, pieces } of sizes) {
        const own = joins.filter(({ role }) => role === 'rib first');
        expect(own.length).toBeGreaterThan(0);
        for (const { aCount, bCount, ok } of own) {
          expect(bCount).toBe(each * aCount);
          expect(ok).toBe(true);
        }
        // The rib is made before what grows from it.
        const at = (role: string) => pieces.findIndex((piece) => piece.role === role);
        expect(at('hem')).toBe(0);
      }
      const text = patternToText(pattern({ sizes }, design, { units: 'cm' }));
      expect(text).toMatch(
        /Row 1 \(RS\): pick up and work .+ along the hem rib, 1 in (?:each|every 2nd) row end; turn\.|Rnd 1/,
      );
      expect(provePattern(text, sizes, {}, design).differences).toEqual([]);
    },
  );
});

describe('67 rib rows', () => {
  // 33 + 1 in round the bust at 17 in for 67 stitches; the rib is finer and draws in.
  const design = designWith({
    graded: false,
    sizes: [sizeOf('one', { bust: 33 * 2.54 })],
    fabrics: [fabricOf('body', 67 / (17 * 2.54), 0.8), fabricOf('rib', 2, 2)].map((fabric) => ({
      ...fabric,
      gauge: { ...fabric.gauge, stitchesOver: 1, rowsOver: 1 },
    })),
    garment: {
      construction: 'drop-shoulder',
      ease: 2.54,
      neck: { width: 29 / (67 / (17 * 2.54)) },
      hem: { worked: 'first', height: 5 },
      cuff: { worked: 'first', height: 5 },
    },
  });
  const [size] = plan(design).sizes;

  it('give 67 stitches, whatever the rib measures (arithmetic by hand)', () => {
    const count = (id: string) => size!.quantities.find((quantity) => quantity.id === id)!.count;
    expect([count('hem.rows'), count('back.width')]).toEqual([67, 67]);
    expect(count('cuff.rows')).toBe(count('sleeve.cuff'));
  });

  it('are told with how far they draw the piece in', () => {
    const note = size!.notes.find(({ code, where }) => code === 'rib-leads' && where === 'hem-back')!;
    expect(note.level).toBe('tip');
    expect(inWords(note.message, 'cm')).toBe(
      'Hem rib to back: 67 row ends measure 33.5 cm, the 67 stitches picked up along them 43.2 cm: the rib draws the edge in by 22 %.',
    );
  });
});

it('is sewn on after all where the sleeve is worked down', () => {
  const design = first({ construction: 'drop-shoulder', sleeve: { worked: 'down' }, cuff: {} });
  const { joins } = plan(design).sizes[0]!;
  expect(joins.find(({ id }) => id === 'cuff-left')).toMatchObject({ role: 'cuff', kind: 'stitch-to-row' });
});
