import type { Construction } from './construction.js';
import { twoHalves } from './constructions/twoHalves/twoHalves.js';
import { overShoulders } from './constructions/overShoulders/overShoulders.js';
import { dropShoulder } from './constructions/dropShoulder/dropShoulder.js';
import { notched } from './constructions/notched/notched.js';
import { rectangles } from './constructions/rectangles/rectangles.js';
import { setIn } from './constructions/setIn/setIn.js';
import { vest } from './constructions/vest/vest.js';
import { hexagons } from './constructions/hexagons/hexagons.js';
import { wrap } from './constructions/wrap/wrap.js';
import { poncho } from './constructions/poncho/poncho.js';
import { raglan } from './constructions/raglan/raglan.js';
import { sideGrown } from './constructions/sideGrown/sideGrown.js';
import { sideToSide } from './constructions/sideToSide/sideToSide.js';
import { roundYoke } from './constructions/roundYoke/roundYoke.js';
import { squares } from './constructions/squares/squares.js';
import { tube } from './constructions/tube/tube.js';

/** Every construction that a design can name. */
export const CONSTRUCTIONS: readonly Construction[] = [
  dropShoulder,
  notched,
  setIn,
  vest,
  rectangles,
  overShoulders,
  twoHalves,
  sideToSide,
  sideGrown,
  tube,
  hexagons,
  squares,
  poncho,
  wrap,
  raglan,
  roundYoke,
];

/** Finds a construction by the name that designs use. */
export function constructionOf(id: unknown): Construction | undefined {
  return CONSTRUCTIONS.find((construction) => construction.id === id);
}
