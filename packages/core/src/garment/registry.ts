import type { Construction } from './construction.js';
import { halves } from './halves/halves.js';
import { overShoulders } from './overShoulders/overShoulders.js';
import { dropShoulder } from './panels/dropShoulder.js';
import { notched } from './panels/notched.js';
import { rectangles } from './panels/rectangles.js';
import { setIn } from './panels/setIn.js';
import { vest } from './panels/vest.js';
import { raglan } from './raglan/raglan.js';
import { sideways } from './sideways/sideways.js';
import { roundYoke } from './roundYoke/roundYoke.js';
import { tube } from './tube/tube.js';

/** Every construction that a design can name. The style type is the construction's own affair. */
export const CONSTRUCTIONS: readonly Construction<unknown>[] = [
  dropShoulder as Construction<unknown>,
  notched as Construction<unknown>,
  setIn as Construction<unknown>,
  vest as Construction<unknown>,
  rectangles as Construction<unknown>,
  overShoulders as Construction<unknown>,
  halves as Construction<unknown>,
  sideways as Construction<unknown>,
  tube as Construction<unknown>,
  raglan as Construction<unknown>,
  roundYoke as Construction<unknown>,
];

/** Finds a construction by the name that designs use. */
export function constructionOf(id: unknown): Construction<unknown> | undefined {
  return CONSTRUCTIONS.find((construction) => construction.id === id);
}
