import type { Design } from '../design.js';
import { withEdges, type Fabric } from '../fabric/fabric.js';
import { STITCH_PATTERNS } from '../fabric/startingSet.js';
import { plan } from '../plan.js';
import { provenText } from '../provenText.js';
import { designWith, fabricOf, sizeOf } from '../testing/designs.js';

const inSet = (id: string): Fabric => ({
  ...STITCH_PATTERNS.find(({ fabric }) => fabric.id === id)!.fabric,
  gauge: fabricOf('body', 16, 9).gauge,
});
const raglan = (fabrics: readonly Fabric[], own: object, bust = 96): Design =>
  designWith({
    sizes: [sizeOf('M', { bust })],
    fabrics: [...fabrics, fabricOf('rib', 18, 20)],
    garment: { construction: 'raglan', ...own } as Design['garment'],
  });
const written = (design: Design) => provenText(plan(design), design, { terms: 'us', units: 'cm' });

describe('a pattern over plain stitches', () => {
  // A yoke in double crochet, below it shells with four plain stitches at each front edge.
  const body = inSet('shells');
  const lace: Fabric = {
    ...body,
    id: 'lace',
    name: 'Shells',
    edgeStitches: 4,
    rule: { ...body.rule, flat: withEdges(body.rule.flat, { edgeStitches: 4 }) },
  };
  const yoke: Fabric = { ...inSet('double-crochet'), id: 'body', name: 'Double crochet' };
  const design = raglan([yoke, lace], {
    front: { style: 'band', width: 4, fabric: 'rib' },
    body: { fabric: 'lace' },
  });
  const { text, proof } = written(design);

  it('writes its first row out, apart from those that repeat', () => {
    expect(proof).toMatchObject({ differences: [], unfollowed: 0 });
    expect(text).toMatch(
      /Row 3: work row 1 of Shells over the sts between, “sc in the next st, \*sk the next 2 sts, 5 dc in the next st, sk the next 2 sts, sc in the next st; repeat from \* to the end”, with 4 plain dc at the right edge and 4 at the left/,
    );
    expect(text).toMatch(
      /Rows 4–\d+, about \d+½? cm: work rows 2 and 3 of Shells in turn, beginning with row 2/,
    );
  });

  it('never tells that first row among those that repeat', () => {
    expect(text).not.toMatch(/work rows 1 (?:and|to) \d+ of Shells in turn/);
  });
});

describe('a part that goes on even behind its lines', () => {
  it('has no counts after shaping rounds that it has not', () => {
    const corner = raglan(
      [
        {
          ...inSet('single-crochet'),
          id: 'body',
          name: 'Single crochet',
          gauge: fabricOf('body', 14, 8).gauge,
        },
      ],
      {
        neck: { shape: 'round', drop: 6 },
        body: { shape: 'A-line', fabric: 'rib' },
        line: { school: 'corner' },
      },
      130,
    );
    const { text, proof } = written(corner);
    expect(proof.differences).toEqual([]);
    expect(text).not.toMatch(/Counts after the shaping (?:rows|rnds): \./);
  });
});
