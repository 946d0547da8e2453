import type { Join } from '../joins/audit.js';
import { plan } from '../plan.js';
import { provenText } from '../provenText.js';
import { designWith, fabricOf, sizeOf } from '../testing/designs.js';
import { inWords } from '../text/phrase.js';
import { bandStretchNotes } from './garment.js';

/** A band that measures a share of its edge of 40 cm by itself. */
const band = (gather: number, own: Partial<Join> = {}) =>
  ({ id: 'neckband', label: 'Neckband to neck', aLength: 40, bLength: 40, gather, ...own }) as Join;
const said = (...bands: Parameters<typeof bandStretchNotes>[0]) =>
  bandStretchNotes(bands).map(({ message }) => inWords(message, 'cm'));

describe('a band that is stretched on', () => {
  it('may be as much shorter as its fabric gives', () => {
    // 36 cm along 40: 11 %
    expect(said({ join: band(0.9), gives: 0.12 })).toEqual([]);
    expect(said({ join: band(0.9), gives: 0.1 })).toEqual([
      'Neckband to neck: a band of 36.0 cm is stretched 11 % along 40.0 cm; this fabric gives 10 %. A band of 91 % of its edge or more would do.',
    ]);
  });

  it('is held to what is usual where the stretch is not known, and says so', () => {
    expect(said({ join: band(0.7), gives: null })).toEqual([
      expect.stringMatching(
        /stretched 43 % along 40\.0 cm; this fabric’s stretch is not known, and \d+ % is usual\./,
      ),
    ]);
  });

  it('is told once for two that are alike', () => {
    const pair = ['left', 'right'].map((side) => ({
      join: band(0.7, {
        id: `cuff-${side}`,
        label: `Cuff rib to sleeve, ${side}`,
        both: 'Cuff rib to sleeve, both',
      }),
      gives: 0.2,
    }));
    expect(said(...pair)).toEqual([expect.stringMatching(/^Cuff rib to sleeve, both: a band of 28\.0 cm/)]);
  });
});

it('is a note of the size, and the pattern says how to stretch it', () => {
  const design = designWith({
    sizes: [sizeOf('M', { bust: 97 })],
    fabrics: [fabricOf('body', 16, 12), { ...fabricOf('rib', 18, 20), stretch: 0.1 }],
    style: { hem: { gather: 0.8 } },
  });
  const planned = plan(design);
  expect(planned.sizes[0]!.notes.map(({ code }) => code)).toContain('band-stretched-too-far');
  const { text, proof } = provenText(planned, design, { terms: 'us', units: 'cm' });
  expect(text).toMatch(/Stretch the band by about \d+½? cm as it is joined, as much in each quarter\./);
  expect(proof.differences).toEqual([]);
});
