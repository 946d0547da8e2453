import { STITCH_PATTERNS } from '../fabric/startingSet.js';
import { plan } from '../plan.js';
import { provenText } from '../provenText.js';
import { designWith, fabricOf, sizeOf } from '../testing/designs.js';

/** A V-necked pullover, everything but its ribs in Tunisian simple stitch. */
const design = (() => {
  const { fabric } = STITCH_PATTERNS.find((one) => one.fabric.id === 'tunisian-simple')!;
  return designWith({
    sizes: [sizeOf('M', { bust: 96 })],
    fabrics: [{ ...fabric, id: 'body', gauge: fabricOf('body', 17, 14).gauge }, fabricOf('rib', 18, 20)],
    garment: {
      construction: 'drop-shoulder',
      ease: 10,
      neck: { shape: 'V', drop: 20 },
      sleeve: { worked: 'up' },
    },
  });
})();
const { text, proof } = provenText(plan(design), design, { terms: 'us', units: 'cm' });
const section = (heading: string) => {
  const from = text.indexOf(`\n## ${heading}`);
  return text.slice(from + 1, text.indexOf('\n## ', from + 1));
};

// Loops between two bars, the hook behind two, and a closing row: common practice.
describe('a pattern in Tunisian', () => {
  it('is worked through without a difference', () => {
    expect(proof).toMatchObject({ differences: [], unfollowed: 0 });
  });

  it('shapes in its own words', () => {
    expect(section('Front')).toContain('To take off 1 st: tss2tog over the 2 sts at the neck edge.');
    expect(section('Sleeve')).toContain(
      'Increase row: a loop in the space after the first st, in pattern to the last st, a loop in the space before the last st.',
    );
    expect(text).toContain(
      'tss2tog (2 tss together): The hook goes behind the bars of 2 stitches: one loop for all of them.',
    );
    expect(section('Front')).not.toMatch(/hdc|above each other/);
  });

  it('closes its last row wherever the yarn is cut, and is not said to turn', () => {
    for (const heading of ['Back', 'Front', 'Sleeve'])
      expect(section(heading)).toMatch(/Close the last row: sl st in each st\.\nFasten off/);
    expect(section('Hem rib')).not.toContain('Close the last row');
    expect(section('Back')).not.toMatch(/; turn/);
  });
});
