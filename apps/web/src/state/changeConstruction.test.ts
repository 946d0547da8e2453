import { changedGarment as changed, CONSTRUCTIONS, plan, readDesign } from '@upfell/core';
import { demoDesign } from '../testing/demo';
import { givenUp } from './changeConstruction';

describe('changed', () => {
  it('keeps what applies and names what does not: a raglan with a V, as panels', () => {
    const raglan = demoDesign('sedgecombe-cardigan');
    const change = changed(raglan, 'drop-shoulder');
    for (const field of ['ease', 'front', 'neckband', 'hem', 'cuff', 'belowWaist'])
      expect(change.garment[field]).toEqual(raglan.garment[field]);
    expect(change.unused).toEqual(['the raglan lines', 'how rounds close']);
    expect(givenUp(change)).toBe(
      'It has no use for the raglan lines and how rounds close; it takes its usual choice for how the sleeve is worked.',
    );
  });

  it('gives a word that cannot be taken its usual choice, and says so', () => {
    const change = changed(demoDesign('tolleyfield-vest'), 'raglan');
    expect(change.garment['neck']).not.toHaveProperty('shape');
    expect(givenUp(change)).toContain('takes its usual choice for the line of the front neck');
    expect(change.unused).toContain('the armhole rib');
  });

  it('counts the held counts that are let go, and is silent where nothing is given up', () => {
    const jumper = demoDesign('hollinwood-jumper');
    const pins = [{ size: 'M', quantity: 'back.width', count: 80 }];
    expect(givenUp(changed({ ...jumper, pins }, 'vest'))).toContain('lets go of one held count');
    expect(givenUp(changed({ ...jumper, pins: [] }, 'notched'))).toBeNull();
  });

  it.each(CONSTRUCTIONS.map(({ id }) => id))(
    'turns every demo design into a %s that can be planned',
    (id) => {
      for (const name of [
        'brackenlow-pullover',
        'sedgecombe-cardigan',
        'harrowmere-jumper',
        'tolleyfield-vest',
      ]) {
        const before = demoDesign(name);
        const { garment } = changed(before, id);
        const read = readDesign({ ...before, garment, pins: [] });
        if (!read.ok) throw new Error(`${name} as ${id}: ${JSON.stringify(read.problems)}`);
        for (const size of plan(read.design).sizes) expect(size.pieces.length).toBeGreaterThan(0);
      }
    },
  );
});
