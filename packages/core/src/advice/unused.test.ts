import { plan } from '../plan.js';
import { demoDesigns, designWith, fabricOf, sizeOf } from '../testing/designs.js';
import { inWords } from '../text/phrase.js';

const notesOn = (garment: Record<string, unknown>) => {
  const design = {
    ...designWith({
      sizes: [sizeOf('M', { bust: 96 })],
      fabrics: [fabricOf('body', 16, 11), fabricOf('rib', 18, 20)],
    }),
    garment: garment as { construction: string },
  };
  return plan(design).sizes[0]!.notes.filter(({ code }) => /^(field-unused|sleeves-)/.test(code));
};

describe('a field without a say', () => {
  it.each([
    ['drop-shoulder', { sleeve: null }, 'garment.sleeve', /^“.+” always has sleeves/],
    ['rectangles', { sleeve: null }, 'garment.sleeve', /always has sleeves/],
    ['set-in', { sleeve: null }, 'garment.sleeve', /always has sleeves/],
    [
      'rectangles',
      { measured: { open: 20 }, slit: 8 },
      'garment.slit',
      /^The side slit \(garment\.slit\) has no say/,
    ],
    ['two-halves', { armhole: { notch: 4 } }, 'garment.armhole', /garment\.armhole/],
    ['drop-shoulder', { underarm: 4 }, 'garment.underarm', /underarm chain/i],
    ['tube', { sleeve: { shorter: 4 } }, 'garment.sleeve', /garment\.sleeve/],
    ['raglan', { neck: { slant: { stitches: 1 } } }, 'garment.neck.slant', /slant/],
  ])('is said: %s with %j', (construction, style, where, words) => {
    const [note] = notesOn({ construction, ...style });
    expect(note).toMatchObject({ where });
    expect(inWords(note!.message, 'cm')).toMatch(words);
  });

  it('is said of several in one line, and of none where all are used or nobody knows them', () => {
    const [note, ...more] = notesOn({ construction: 'raglan', slit: 4, longerBack: 3 });
    expect([inWords(note!.message, 'cm'), more]).toEqual([
      expect.stringMatching(/^2 fields of the design have no say in “.+”: slit, longerBack\.$/),
      [],
    ]);
    expect(note!.details).toHaveLength(2);
    expect(notesOn({ construction: 'raglan', somethingNew: 3 })).toEqual([]);
    for (const design of Object.values(demoDesigns()))
      for (const { notes } of plan(design).sizes)
        expect(notes.filter(({ code }) => code === 'field-unused').map(({ where }) => where)).toEqual([]);
  });

  it('is refused nowhere that it may stand: straps as false are none', () => {
    const design = designWith({
      sizes: [sizeOf('M', { bust: 90 })],
      fabrics: [fabricOf('body', 16, 11), fabricOf('rib', 18, 20)],
      style: { construction: 'tube', ease: -8, straps: false },
    });
    expect(plan(design).sizes[0]!.pieces.map(({ id }) => id)).not.toContain('strap');
  });
});
