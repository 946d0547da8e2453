import type { Join } from '@upfell/core';
import { joinLabel, joinState } from './say';

const join = (change: Partial<Join>): Join => ({
  id: 'j',
  role: 'armhole',
  label: 'J',
  kind: 'stitch-to-row',
  a: [{ edge: 'sleeve.top', piece: 'sleeve', role: 'sleeve top', axis: 'stitches', count: 70 }],
  b: [{ edge: 'back.armhole-left', piece: 'back', role: 'armhole', axis: 'rows', count: 24 }],
  aCount: 70,
  bCount: 48,
  aLength: 43.75,
  bLength: 43.6,
  bAxis: 'rows',
  eased: 0.15,
  ok: true,
  gather: 1,
  meet: null,
  ...change,
});

it('says counts and state in words', () => {
  expect([joinLabel(join({}), 'cm'), joinState(join({}))]).toEqual(['70 st : 48 rows', 'agreed']);
  expect(joinLabel(join({ eased: -0.6 }), 'cm')).toBe('70 st : 48 rows, eased 0.6 cm');
  expect(joinLabel(join({ eased: 0.6 }), 'in')).toBe('70 st : 48 rows, eased 1/4 in');
  expect(joinLabel(join({ ok: false }), 'cm')).toBe('70 st : 48 rows, broken');
  expect(joinLabel(join({ kind: 'stitch-to-stitch', aCount: 27, bCount: 27, eased: 0 }), 'cm')).toBe(
    '27 = 27',
  );
  expect(joinLabel(join({ kind: 'stitch-to-stitch', aCount: 27, bCount: 28, ok: false }), 'cm')).toBe(
    '27 ≠ 28, broken',
  );
  expect(joinLabel(join({ kind: 'row-to-row', aCount: 36, bCount: 36, eased: 0 }), 'cm')).toBe(
    '36 = 36 rows',
  );
  expect(
    joinLabel(
      join({
        a: [{ edge: 'hem.joined', piece: 'hem', role: 'joined', axis: 'rows', count: 70 }],
        bAxis: 'stitches',
      }),
      'cm',
    ),
  ).toBe('48 st : 70 rib rows');
});
