import type { Construction } from './construction.js';
import { twoHalves } from './constructions/twoHalves/twoHalves.js';
import { overShoulders } from './constructions/overShoulders/overShoulders.js';
import { dropShoulder } from './constructions/dropShoulder/dropShoulder.js';
import { notched } from './constructions/notched/notched.js';
import { rectangles } from './constructions/rectangles/rectangles.js';
import { setIn } from './constructions/setIn/setIn.js';
import { vest } from './constructions/vest/vest.js';
import { raglan } from './constructions/raglan/raglan.js';
import { sideToSide } from './constructions/sideToSide/sideToSide.js';
import { roundYoke } from './constructions/roundYoke/roundYoke.js';
import { tube } from './constructions/tube/tube.js';

/** Every construction that a design can name. The style type is the construction's own affair. */
export const CONSTRUCTIONS: readonly Construction<unknown>[] = [
  dropShoulder as Construction<unknown>,
  notched as Construction<unknown>,
  setIn as Construction<unknown>,
  vest as Construction<unknown>,
  rectangles as Construction<unknown>,
  overShoulders as Construction<unknown>,
  twoHalves as Construction<unknown>,
  sideToSide as Construction<unknown>,
  tube as Construction<unknown>,
  raglan as Construction<unknown>,
  roundYoke as Construction<unknown>,
];

/** Finds a construction by the name that designs use. */
export function constructionOf(id: unknown): Construction<unknown> | undefined {
  return CONSTRUCTIONS.find((construction) => construction.id === id);
}
