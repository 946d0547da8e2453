import { problemsOf } from '../testing/problems.js';
import { demoDesigns } from '../testing/designs.js';
import { checkPins } from './clash.js';

const [, , medium] = problemsOf(demoDesigns()['brackenlow-pullover']!);

describe('checkPins', () => {
  it('keeps pins that hold together', () => {
    expect(checkPins(medium!, { 'back.width': 88, 'neck.width': 30 })).toEqual({
      kept: { 'back.width': 88, 'neck.width': 30 },
      broken: [],
      clash: [],
      waysOut: {},
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

  it('names the smallest clashing set and the nearest ways out', () => {
    // The panel is even, so an odd neck leaves no two equal shoulders: it clashes alone.
    const odd = checkPins(medium!, { 'back.width': 86, 'neck.width': 31, 'sleeve.rows': 44 });
    expect(odd).toMatchObject({
      clash: ['neck.width'],
      kept: { 'back.width': 86, 'sleeve.rows': 44 },
      waysOut: { 'neck.width': [30, 32] },
    });
    const two = checkPins(medium!, { 'body.rows': 40, 'neck.width': 32, 'armhole.rows': 42 });
    expect([two.clash.sort(), two.kept]).toEqual([['armhole.rows', 'body.rows'], { 'neck.width': 32 }]);
    expect(two.waysOut).toEqual({ 'body.rows': [44, 46], 'armhole.rows': [38, 39] });
  });

  it('finds a clash that needs three', () => {
    const { clash } = checkPins(medium!, {
      'back.width': 86,
      'neck.width': 32,
      'shoulder.width': 26,
      'body.rows': 60,
    });
    expect(clash.sort()).toEqual(['back.width', 'neck.width', 'shoulder.width']);
  });
});
