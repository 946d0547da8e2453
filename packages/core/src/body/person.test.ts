import fc from 'fast-check';
import { STANDARD_CHARTS } from '../chart/standard.js';
import { openBodies } from './openBodies.js';
import { completeBody } from './derive.js';
import { bodyOfPerson, doubtfulReadings, longerLength, nearestSizes, type Person } from './person.js';

const women = STANDARD_CHARTS.find(({ id }) => id === 'standard-women')!.chart.sizes;
const person = (readings: Person['readings'], arm: Person['arm'] = 'flexed'): Person => ({
  id: 'p',
  name: 'Ines',
  group: 'adult',
  arm,
  readings,
});

it('takes the mean of two readings, and tells those that are far apart', () => {
  const ines = person({ bust: [96, 97], waist: [78], hip: [101, 104] });
  expect(bodyOfPerson(ines)).toEqual({ bust: 96.5, waist: 78, hip: 102.5 });
  expect(doubtfulReadings(ines)).toEqual(['hip']);
});

it('brings a relaxed upper arm to what it is flexed', () => {
  expect(bodyOfPerson(person({ upperArm: [30] }, 'relaxed')).upperArm).toBe(31.8);
  expect(bodyOfPerson(person({ upperArm: [30] })).upperArm).toBe(30);
});

it('takes the longer of front and back', () => {
  const { body } = completeBody({ bust: 100, backLength: 43, frontLength: 46 }, 'adult')!;
  expect(longerLength(body)).toEqual({ cm: 46, which: 'front' });
  expect(longerLength({ ...body, frontLength: 42 })).toEqual({ cm: 43, which: 'back' });
});

describe('nearestSizes', () => {
  it('finds each size of a chart for its own body, with nothing to change', () => {
    for (const { id, body } of women) {
      const [best] = nearestSizes(body, women);
      expect(best).toMatchObject({ id, distance: 0 });
      expect(best!.differences.filter(({ matters }) => matters)).toEqual([]);
    }
  });

  it('says what to change, and by how much', () => {
    const m = women.find(({ id }) => id === 'M')!;
    const [best] = nearestSizes({ ...m.body, upperArm: m.body.upperArm! + 4, hip: m.body.hip! + 1 }, women);
    expect(best!.id).toBe('M');
    expect(best!.differences.filter(({ matters }) => matters)).toEqual([
      { id: 'upperArm', person: m.body.upperArm! + 4, size: m.body.upperArm, by: 4, matters: true },
    ]);
  });

  it('never has a size that is nearer than the first', () => {
    fc.assert(
      fc.property(fc.constantFrom(...openBodies()), ({ id: _, sex: __, ...body }) => {
        const found = nearestSizes(body, women);
        expect(found).toHaveLength(women.length);
        expect(found.map(({ distance }) => distance)).toEqual(
          found.map(({ distance }) => distance).sort((a, b) => a - b),
        );
      }),
    );
  });
});
