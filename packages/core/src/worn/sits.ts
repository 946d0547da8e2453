import { armLevels, bodyLevels, yokeLevels, type BodyLevel } from '../body/levels.js';
import type { Girth } from '../garment/construction.js';
import { cm, say, type Phrase } from '../text/phrase.js';
import { roundOf } from './drape.js';
import type { WornSize } from './layers.js';
import type { Worn } from './shapes.js';

/** A level of the body, with what the garment measures there; null where nothing of it is over it. */
export interface Sits extends BodyLevel {
  garment: number | null;
}

/** The elbow lies so far down the arm, as a share of it (common practice of figure drawing). */
export const ELBOW = 0.55;
/** An edge that lies so near to a level lies there, cm. */
const THERE = 0.75;

/** Body and garment at each level of the body, cm round. */
export function sitsOf({ body, girths }: WornSize): Sits[] {
  const over = (levels: readonly BodyLevel[], rounds: readonly Girth[]): Sits[] =>
    levels.map((level) => ({
      ...level,
      garment: roundAt(rounds, level.at) ?? roundAt(rounds, level.at - THERE),
    }));
  return [
    ...(girths.yoke
      ? over(
          yokeLevels(body).filter(({ id }) => id !== 'neck'),
          girths.yoke,
        )
      : []),
    ...over(bodyLevels(body), girths.body),
    ...over(armLevels(body), girths.arm),
  ];
}

/** The round at a distance between known ones, cm; null beyond them. */
export function roundAt(girths: readonly Girth[], at: number): number | null {
  const [first, last] = [girths[0], girths.at(-1)];
  return first && last && at >= first.at && at <= last.at ? roundOf(girths, at) : null;
}

/** Where seams and edges come to lie on the body, in words. */
export function landmarksOf({ body, girths }: WornSize, { ends, overhang, neckDepth }: Worn): Phrase[] {
  const at = new Map(bodyLevels(body).map(({ id, at: level }) => [id, level]));
  const reach = body.shoulderToWrist;
  const lands: Phrase[] = [];
  if (girths.body.length > 0)
    lands.push(
      say`Hem ${near(ends.hem, [
        ['the underarm', at.get('bust')!],
        ['the waist', at.get('waist')!],
        ['the hip', at.get('hip')!],
      ])}.`,
    );
  if (ends.sleeve !== null && girths.arm.length > 0)
    lands.push(
      say`Sleeve ends ${near(ends.sleeve, [
        ['the elbow', ELBOW * reach],
        ['the wrist', reach],
      ])}.`,
    );
  if (overhang !== null && overhang > THERE)
    lands.push(say`Shoulder seam lies ${cm(overhang)} down the arm; the sleeve is that much shorter.`);
  else if (overhang !== null && overhang < -THERE)
    lands.push(say`Shoulder seam ends ${cm(-overhang)} before the shoulder point.`);
  if (neckDepth !== null && neckDepth > 0)
    lands.push(say`Neck falls ${cm(neckDepth)} below the shoulder’s neck point in front.`);
  return lands;
}

/** Where an edge lies by the level next to it: at it, so much above or so much below it. */
function near(edge: number, levels: readonly (readonly [name: string, at: number])[]): Phrase {
  const [name, at] = levels.reduce((best, level) =>
    Math.abs(level[1] - edge) < Math.abs(best[1] - edge) ? level : best,
  );
  const past = edge - at;
  if (Math.abs(past) < THERE) return say`at ${name}`;
  return past > 0 ? say`${cm(past)} below ${name}` : say`${cm(-past)} above ${name}`;
}
