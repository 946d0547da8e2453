import { openBodies } from '../body/openBodies.js';
import type { Design } from '../design.js';
import { garmentPicture, sizePicture } from '../garmentPicture.js';
import { piecesLaid } from '../pieceDrawing.js';
import { plan } from '../plan.js';
import type { SizePlan } from '../sizePlan.js';
import { demoDesigns, designWith, sizeOf } from '../testing/designs.js';
import { GARMENTS } from '../testing/garments.js';
import { inWords } from '../text/phrase.js';
import { BREADTH } from './figure.js';
import { shoulderLength } from './drape.js';
import { landmarksOf, sitsOf } from './sits.js';
import { wornBox } from './svg.js';
import type { Worn } from './shapes.js';
import { wornOf } from './worn.js';

const laid = (size: SizePlan) => ({ ...size, ...piecesLaid(size.pieces) });
const middle = (design: Design) => {
  const { sizes } = plan(design);
  return sizes[Math.floor((sizes.length - 1) / 2)]!;
};
const wornBy = (design: Design): { size: SizePlan; worn: Worn } => {
  const size = middle(design);
  return { size, worn: wornOf(laid(size))! };
};
const pointsOf = (worn: Worn) => [...worn.front, ...worn.back].flatMap(({ points }) => points);

describe.each(GARMENTS)('%s', (_, garment) => {
  const design = designWith({ garment });
  const { size, worn } = wornBy(design);

  it('is drawn with cloth in front and behind, all of it in numbers', () => {
    for (const view of [worn.front, worn.back]) expect(view.some(({ what }) => what === 'body')).toBe(true);
    for (const [x, y] of pointsOf(worn)) expect(Number.isFinite(x) && Number.isFinite(y)).toBe(true);
  });

  it('hangs as far down as its body is long, to scale', () => {
    if (size.girths.body.length === 0) return;
    expect(worn.grips.hem[1]).toBeCloseTo(worn.figure.frame.shoulder[1] + worn.ends.hem, 6);
    expect(worn.ends.hem).toBeGreaterThanOrEqual(size.girths.body.at(-1)!.at - 1e-9);
  });

  it('lies within its picture, and names nothing that a picture may not', () => {
    const { left, top, width, height } = wornBox(worn);
    for (const [x, y] of pointsOf(worn)) {
      expect(x).toBeGreaterThanOrEqual(left);
      expect(x).toBeLessThanOrEqual(left + width);
      expect(y).toBeGreaterThanOrEqual(top);
      expect(y).toBeLessThanOrEqual(top + height);
    }
    const svg = sizePicture(size, ['front', 'back'], '<script>"&')!;
    expect(svg).not.toMatch(/NaN|undefined|<script/);
    expect(svg.match(/<g transform/g)).toHaveLength(2);
  });

  it('tells body, garment and the air between as the plan has them', () => {
    const sits = sitsOf(laid(size));
    for (const { id, round, garment: over } of sits) {
      if (over === null || (id !== 'bust' && id !== 'hip')) continue;
      const rounds = size.girths.body.map((girth) => girth.round);
      expect(over).toBeGreaterThanOrEqual(Math.min(...rounds) - 1e-9);
      expect(over).toBeLessThanOrEqual(Math.max(...rounds) + 1e-9);
      expect(round).toBe(id === 'bust' ? size.body.bust : size.body.hip);
    }
    for (const phrase of landmarksOf(laid(size), worn)) expect(inWords(phrase, 'in')).toMatch(/^\S.*\.$/);
  });
});

it('is as broad as its round is seen, and never narrower than the body', () => {
  for (const bust of [76, 96, 150])
    for (const ease of [-12, 0, 20]) {
      const { size, worn } = wornBy(
        designWith({
          sizes: [sizeOf('one', { bust })],
          garment: { construction: 'drop-shoulder', fabric: 'body', ease } as never,
        }),
      );
      const { frame } = worn.figure;
      const at = worn.grips.side;
      const level = at[1] - frame.shoulder[1];
      const round = sitsOf(laid(size)).find(({ id }) => id === 'bust')!.garment!;
      expect(at[0]).toBeGreaterThanOrEqual(frame.halfAt(frame.shoulder[1] + level) - 1e-9);
      if (ease > 0) expect(at[0]).toBeCloseTo(round * BREADTH, 6);
    }
});

it('moves hem, sleeve and neck as their lengths are moved', () => {
  const garment = { construction: 'drop-shoulder', fabric: 'body' };
  const of = (more: object) => wornBy(designWith({ garment: { ...garment, ...more } as never }));
  const plain = of({ belowWaist: 16 });
  const longer = of({ belowWaist: 26 });
  const moved = longer.worn.grips.hem[1] - plain.worn.grips.hem[1];
  // Ten centimetres, within a row of the fabric.
  expect(Math.abs(moved - 10)).toBeLessThan(1);
  const shorter = of({ belowWaist: 16, sleeve: { shorter: 15 } });
  expect(shorter.worn.ends.sleeve!).toBeLessThan(plain.worn.ends.sleeve! - 13);
  const deep = of({ belowWaist: 16, neck: { drop: 17 } });
  expect(deep.worn.neckDepth!).toBeGreaterThan(plain.worn.neckDepth! + 8);
});

it('says where the shoulder seam lies, as the panel is wider than the shoulders', () => {
  const { size, worn } = wornBy(demoDesigns()['brackenlow-pullover']!);
  const width = size.quantities.find(({ id }) => id === 'back.width')!.actual;
  expect(worn.overhang).toBeCloseTo(width / 2 - shoulderLength(worn.figure.frame), 6);
  expect(
    landmarksOf(laid(size), worn)
      .map((phrase) => inWords(phrase, 'cm'))
      .join(' '),
  ).toMatch(/Shoulder seam lies [\d.]+ cm down the arm/);
});

it('dresses adults of every build (open bodies, Heinz et al. 2003)', () => {
  const sizes = openBodies()
    .filter((_, i) => i % 12 === 0)
    .map(({ id, sex: _, ...body }) => sizeOf(`b${id}`, body));
  for (const construction of ['set-in', 'raglan']) {
    const { sizes: planned } = plan(
      designWith({ sizes, graded: false, garment: { construction, fabric: 'body' } as never }),
    );
    for (const size of planned.filter(({ pieces }) => pieces.length > 0)) {
      const worn = wornOf(laid(size))!;
      for (const [x, y] of pointsOf(worn)) expect(Number.isFinite(x + y)).toBe(true);
    }
  }
});

it('is nothing where nothing can be worked', () => {
  const { sizes } = plan(demoDesigns()['brackenlow-pullover']!);
  expect(wornOf(laid({ ...sizes[0]!, pieces: [] }))).toBeNull();
});

it('draws a design in its middle size alone, quickly enough for a shelf', () => {
  const design = demoDesigns()['brackenlow-pullover']!;
  expect(garmentPicture(design)).toContain('aria-label="Brackenlow pullover"');
  expect(garmentPicture({ ...design, name: 'A "quoted" <name> & more' })).toContain(
    'aria-label="A quoted name  more"',
  );
});
