import { inWords } from '../text/phrase.js';
import { problemsOf } from '../testing/problems.js';
import { demoDesigns, designWith, fabricOf, sizeOf } from '../testing/designs.js';
import { plan } from '../plan.js';
import { checkPins, clashingRules, type Clash } from './clash.js';
import { pinNotes } from './clashInWords.js';
import { sumIs } from './relations.js';
import { testQuantity } from '../testing/randomProblems.js';

const [, , medium] = problemsOf(demoDesigns()['brackenlow-pullover']!);

const pinsOf = ({ demands }: Clash) =>
  demands.flatMap((demand) => (demand.kind === 'pin' ? [demand.quantity] : [])).sort();

describe('checkPins', () => {
  it('keeps pins that hold together', () => {
    expect(checkPins(medium!, { 'back.width': 88, 'neck.width': 30 })).toEqual({
      kept: { 'back.width': 88, 'neck.width': 30 },
      broken: [],
      clashes: [],
    });
  });

  it('tells a count that the rule does not allow, that is out of reach, or of nothing', () => {
    const { broken, kept } = checkPins(medium!, {
      'back.width': 85,
      'body.rows': 100000,
      'collar.height': 4,
    });
    expect(broken.map(({ quantity, reason }) => [quantity, reason])).toEqual([
      ['back.width', 'rule'],
      ['body.rows', 'bounds'],
      ['collar.height', 'unknown'],
    ]);
    expect(kept).toEqual({});
  });

  it('names the smallest clashing set, the rules it clashes with, and the nearest ways out', () => {
    // The panel is even, so an odd neck leaves no two equal shoulders: it clashes alone.
    const odd = checkPins(medium!, { 'back.width': 86, 'neck.width': 31, 'sleeve.rows': 44 });
    expect(odd.kept).toEqual({ 'back.width': 86, 'sleeve.rows': 44 });
    expect(odd.clashes).toHaveLength(1);
    expect(pinsOf(odd.clashes[0]!)).toEqual(['neck.width']);
    expect(odd.clashes[0]!.waysOut).toEqual({ 'neck.width': [30, 32] });
    const rules = odd.clashes[0]!.demands.filter(({ kind }) => kind !== 'pin');
    expect(rules).toEqual([
      expect.objectContaining({ kind: 'count rule', rule: { multiple: 2, plus: 0 } }),
      { kind: 'garment rule', rule: 'two equal shoulders and the neck are the width of the panel' },
    ]);
    const two = checkPins(medium!, { 'body.rows': 40, 'neck.width': 32, 'armhole.rows': 42 });
    expect([pinsOf(two.clashes[0]!), two.kept]).toEqual([
      ['armhole.rows', 'body.rows'],
      { 'neck.width': 32 },
    ]);
    expect(two.clashes[0]!.waysOut).toEqual({ 'body.rows': [44, 46], 'armhole.rows': [38, 39] });
  });

  it('says it in the trade’s words', () => {
    const [note] = pinNotes(medium!, checkPins(medium!, { 'neck.width': 31 }));
    expect(inWords(note!.message, 'cm')).toBe(
      'Neck, width 31 needs an odd number for Back, width, which is an even number: two equal shoulders and the neck are the width of the panel. Neck, width 30 or 32 works; else let one go.',
    );
  });

  it('finds a clash that needs three, and two clashes that have nothing to do with each other', () => {
    const three = { 'back.width': 86, 'neck.width': 32, 'shoulder.width': 26 };
    const { clashes } = checkPins(medium!, { ...three, 'body.rows': 60 });
    expect(clashes.map(pinsOf)).toEqual([['back.width', 'neck.width', 'shoulder.width']]);
    const both = checkPins(medium!, { ...three, 'body.rows': 40, 'armhole.rows': 42 });
    expect(both.clashes.map(pinsOf)).toEqual([
      ['armhole.rows', 'body.rows'],
      ['back.width', 'neck.width', 'shoulder.width'],
    ]);
  });
});

describe('clashingRules', () => {
  const problem = {
    quantities: [
      testQuantity('a', 10, { rule: { multiple: 4, plus: 1 } }),
      testQuantity('b', 10, { rule: { multiple: 4, plus: 0 } }),
      testQuantity('c', 10, { rule: { multiple: 3, plus: 0 } }),
    ],
    helpers: [],
    relations: [
      sumIs({ id: 'ab', rule: 'a meets b' }, { a: 1, b: -1 }),
      sumIs({ id: 'bc', rule: 'b meets c' }, { b: 1, c: -1 }),
    ],
  };

  it('finds the smallest set of rules without counts, and the wider rules that would do', () => {
    const clash = clashingRules(problem)!;
    expect(clash.demands).toEqual([
      { kind: 'count rule', quantity: 'a', rule: { multiple: 4, plus: 1 } },
      { kind: 'count rule', quantity: 'b', rule: { multiple: 4, plus: 0 } },
      { kind: 'garment rule', rule: 'a meets b' },
    ]);
    expect(clash.widerRules).toEqual([
      { quantity: 'a', rule: { multiple: 1, plus: 0 } },
      { quantity: 'b', rule: { multiple: 1, plus: 0 } },
    ]);
    expect(clashingRules({ ...problem, relations: problem.relations.slice(1) })).toBeNull();
  });

  it('tells a maker which rules clash, gives the seam up, and plans the rest', () => {
    // A mesh whose repeat is 14 cm cannot meet an armhole of any depth near the wished within what a seam eases in.
    const wide = fabricOf('body', 10, 3, { flat: { multiple: 1, plus: 0 }, rows: { multiple: 12, plus: 7 } });
    const design = designWith({
      sizes: [sizeOf('M', { bust: 96 })],
      fabrics: [wide, fabricOf('rib', 10, 3, { rows: { multiple: 40, plus: 0 } })],
      style: { cuff: { fabric: 'rib', height: 5, gather: 1 } },
    });
    const [size] = plan(design).sizes;
    const stop = size!.notes.find(({ code }) => code === 'seam-out-of-reach');
    expect(inWords(stop!.message, 'cm')).toMatch(
      /^No counts obey these rules together: .*a multiple of 40; the (hem|cuff) rib goes along its edge\. With a multiple of (20|10|8|5)? ?.*it would work\.$/,
    );
    expect(size!.pieces.length).toBeGreaterThan(0);
  });
});
