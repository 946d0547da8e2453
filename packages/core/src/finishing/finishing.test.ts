import { readDesign } from '../format/readDesign.js';
import { plan } from '../plan.js';
import { demoDesigns } from '../testing/designs.js';

const demo = demoDesigns()['pippinmoor-baby-cardigan']!;
const problems = (finishing: unknown) => {
  const read = readDesign({ ...demo, finishing });
  return read.ok ? [] : read.problems;
};

describe('readFinishing', () => {
  it('takes what the application writes, and nothing at all', () => {
    expect(problems(demo.finishing)).toEqual([]);
    expect(problems({})).toEqual([]);
    expect(problems({ colours: [{ fabric: 'body', stripes: [] }], order: [], methods: {} })).toEqual([]);
  });

  it.each<[string, unknown, string, RegExp]>([
    [
      'an unknown method',
      { methods: { 'side-left': 'glue' } },
      'finishing.methods.side-left',
      /“glue”; it can be “whip stitch”/,
    ],
    ['an order that is no list', { order: 'sleeves' }, 'finishing.order', /list of at most 60/],
    [
      'no button',
      { buttons: { count: 0, width: 2, fromLower: 1, fromUpper: 1 } },
      'finishing.buttons.count',
      /1 to 40/,
    ],
    [
      'half a stitch',
      { buttons: { count: 3, width: 1.5, fromLower: 1, fromUpper: 1 } },
      'finishing.buttons.width',
      /whole number/,
    ],
    [
      'a stripe of no rows',
      { colours: [{ fabric: 'body', stripes: [{ colour: 'Ink', rows: 0 }] }] },
      'finishing.colours[0].stripes[0].rows',
      /1 to 400 rows/,
    ],
    [
      'a colour without a name',
      { colours: [{ fabric: 'body', stripes: [{ colour: '', rows: 2 }] }] },
      'finishing.colours[0].stripes[0].colour',
      /1 to 200 characters/,
    ],
    ['too much to spare', { reserve: 80 }, 'finishing.reserve', /0 to 50 %/],
  ])('says what is wrong with %s, and where', (_what, finishing, path, sentence) => {
    const [problem] = problems(finishing);
    expect(problem).toMatchObject({ path, message: expect.stringMatching(sentence) });
  });

  it('lets a design say nothing by null', () => {
    const read = readDesign({ ...demo, finishing: null, words: null });
    if (!read.ok) throw new Error(JSON.stringify(read.problems));
    expect(plan(read.design).sizes[0]!.pieces.length).toBeGreaterThan(0);
  });
});
