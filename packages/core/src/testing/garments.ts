import type { Garment } from '../design.js';
import { CONSTRUCTIONS } from '../garment/registry.js';

/** Every specimen of every construction, by name. */
export const GARMENTS: readonly [name: string, garment: Garment][] = CONSTRUCTIONS.flatMap(
  ({ id, specimens }) =>
    specimens.map(({ name, garment }): [string, Garment] => [name, { ...garment, construction: id }]),
);
