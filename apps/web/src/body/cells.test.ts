import fc from 'fast-check';
import { MEASUREMENTS, newDesign, type Size } from '@upfell/core';
import { cellPath, isMeasurement, nextSize, readCell } from './cells';

const size = (): Size => ({ id: 'M', label: 'M', group: 'adult', body: { bust: 96, hip: 104 } });
const put = (field: Parameters<typeof readCell>[0], text: string, units: 'cm' | 'in' = 'cm') => {
  const read = readCell(field, text, units);
  if (!read.ok) return read.message;
  const target = size();
  read.put(target);
  return target;
};

it('names cells as problems name fields', () => {
  expect([cellPath(2, 'bust'), cellPath(0, 'name'), cellPath(1, 'group')]).toEqual([
    'sizes[2].body.bust',
    'sizes[0].label',
    'sizes[1].group',
  ]);
  expect([isMeasurement('wingspan'), isMeasurement('name')]).toEqual([true, false]);
});

it('takes lengths in any unit, names and groups; an empty figure is taken out', () => {
  expect(put('bust', '38 1/2 in')).toMatchObject({ body: { bust: 97.79 } });
  expect(put('bust', '40', 'in')).toMatchObject({ body: { bust: 101.6 } });
  expect((put('hip', ' ') as Size).body).toEqual({ bust: 96 });
  expect(put('name', ' Tall M ')).toMatchObject({ label: 'Tall M' });
  expect(put('group', 'Child')).toMatchObject({ group: 'child' });
});

it.each([
  ['bust', 'wide', /is not a length/],
  ['bust', '0', /it can be 20 to 250 cm/],
  ['wrist', '-4', /it can be 5 to 40 cm/],
  ['name', '  ', /1 to 200 characters/],
  ['name', 'x'.repeat(201), /1 to 200 characters/],
  ['group', 'teen', /adult, child or baby/],
] as const)('answers %s “%s” with a sentence', (field, text, sentence) => {
  expect(put(field, text)).toMatch(sentence);
});

it('takes exactly the lengths that the measurement allows', () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...MEASUREMENTS),
      fc.double({ min: -10, max: 300, noNaN: true }),
      ({ id, limits: [low, high] }, cm) => {
        const text = cm.toFixed(1);
        expect(readCell(id, text, 'cm').ok).toBe(Number(text) >= low && Number(text) <= high);
      },
    ),
  );
});

it('adds a size one step above the last, under a free id', () => {
  const design = newDesign('Test');
  const made = nextSize(design, ({ body }) => body.bust!);
  expect(made).toEqual({ id: 'size-4', label: 'Size 4', group: 'adult', body: { bust: 116 } });
  const again = nextSize(
    { ...design, sizes: [...design.sizes, { ...made, group: 'child' }] },
    ({ body }) => body.bust!,
  );
  expect([again.id, again.group, again.body.bust]).toEqual(['size-5', 'child', 120]);
});
