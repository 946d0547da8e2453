import { openBodies } from './openBodies.js';
import { doubts, fallingMeasurements } from './plausible.js';

it('doubts figures that look like slips, each at its own measurement', () => {
  const found = doubts(
    {
      bust: 100,
      waist: 130,
      hip: 100,
      wrist: 31,
      upperArm: 30,
      neck: 60,
      head: 56,
      armholeDepth: 40,
      crossBack: 70,
    },
    'adult',
  );
  expect(found.map(({ id }) => id)).toEqual(['waist', 'wrist', 'neck', 'armholeDepth', 'crossBack']);
});

it('lets children have deep armholes for their size', () => {
  expect(doubts({ bust: 50, armholeDepth: 16 }, 'baby')).toEqual([]);
});

it('accepts real bodies: at most one in fifty of 254 is doubted', () => {
  const doubted = openBodies().filter(({ sex: _, id: _id, ...body }) => doubts(body, 'adult').length > 0);
  expect(doubted.length).toBeLessThanOrEqual(5);
});

it('names measurements that fall within a range', () => {
  expect(fallingMeasurements({ bust: 90, waist: 80 }, { bust: 100, waist: 78, hip: 90 })).toEqual(['waist']);
});
