/** The shape of a body below the underarm, whatever its construction. */

import { choice, ease, group, type StyleOf } from '../../fields/kinds.js';

/** Usual ease at hip and waist, cm (common practice). */
const USUAL = 8;

export const BODY = group({
  name: 'The shape of the body',
  label: 'Body',
  help: 'The sides below the underarm.',
  fields: {
    shape: choice({
      name: 'The shape of the body',
      label: 'Below the underarm',
      help: 'Straight; wider to the lower edge; or in to the waist and out again.',
      options: [
        ['straight', 'straight'],
        ['A-line', 'A-line'],
        ['waist', 'to the waist'],
      ],
      usual: 'straight',
    }),
    waistEase: ease({
      name: 'The ease at the waist',
      label: 'Ease at the waist',
      help: 'Added to the waist.',
      when: { 'body.shape': ['waist'] },
      range: [-20, 80],
      usual: USUAL,
      share: { of: 'the waist' },
    }),
    hemEase: ease({
      name: 'The ease at the hem',
      label: 'Ease at the lower edge',
      help: 'Added to the hip.',
      when: { 'body.shape': ['A-line', 'waist'] },
      range: [-20, 80],
      usual: USUAL,
      share: { of: 'the hip' },
    }),
  },
});

export type BodyStyle = StyleOf<typeof BODY.fields>;
