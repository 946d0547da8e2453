import { ease, length, type StyleOf } from '../../../fields/kinds.js';
import { bodyFabric } from '../../shared/fields.js';

/** The fields of a poncho; usual figures are common practice. */
export const FIELDS = {
  depth: ease({
    grip: 'side',
    name: 'How far the poncho hangs',
    label: 'From the neck over the shoulder',
    help: 'The width of a rectangle: how far it reaches down the arm.',
    range: [8, 120],
    usual: { percent: 80 },
    share: { of: 'the arm from shoulder to wrist' },
  }),
  neckEase: length({
    name: 'The ease of the neck',
    label: 'Neck, wider than the head by',
    help: 'The neck is a V in front and behind, twice what one rectangle is longer than the other is wide.',
    range: [0, 40],
    usual: 4,
  }),
  fabric: bodyFabric('The fabric of the poncho'),
};

export type PonchoStyle = StyleOf<typeof FIELDS>;
