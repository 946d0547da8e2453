/** What a garment is and how it is worked, how it is meant to sit, and how much skill it asks for. */

import type { Design } from '../design.js';
import type { Fabric } from '../fabric/fabric.js';
import { constructionOf } from '../garment/registry.js';
import type { FinishedMeasure } from '../sizePlan.js';
import { lengthsOf, type WrittenUnits } from './lengths.js';
import { line, lineFor, type Line } from './line.js';
import { skillOf } from './skill.js';
import type { WrittenSize } from './written.js';

/** A measure by which ease counts as none, cm: less is not felt. */
const NO_EASE = 0.5;

/** The lines of the introduction that follow from the plan. */
export function aboutLines(
  sizes: readonly WrittenSize[],
  design: Design,
  used: readonly Fabric[],
  units: WrittenUnits,
): Line[] {
  const [size] = sizes;
  if (!size) return [];
  return [
    [`${[bodyInWords(size, design), ...sleevesInWords(size)].join('; ')}. ${frontInWords(size)}`],
    ...easeLines(sizes, units),
    [`Skill: ${design.words?.skill ?? skillOf(size, used)}.`],
  ];
}

function bodyInWords({ pieces }: WrittenSize, { garment }: Design): string {
  const says = constructionOf(garment.construction)!.says;
  const body = pieces.find(({ role }) => role === 'body' || role === 'tube');
  const yoke = pieces.find(({ role }) => role === 'yoke');
  const main = yoke ?? body;
  // Some say themselves what of them is rounds.
  return main && !/\brounds\b/.test(says) ? `${says}, in ${main.work}` : says;
}

function sleevesInWords({ pieces, joins }: WrittenSize): string[] {
  const sleeve = pieces.find(({ role }) => role === 'sleeve');
  if (!sleeve) return [];
  const join = joins.find(
    ({ role, a, b }) =>
      [...a, ...b].some(({ piece }) => piece === sleeve.id) && (role === 'armhole' || role === 'split'),
  );
  if (join?.kind === 'live') return [`sleeves go on from the yoke in ${sleeve.work}`];
  if (join?.kind === 'pick-up') return [`sleeves are worked down from the armhole in ${sleeve.work}`];
  return ['sleeves are worked from the cuff up and sewn in'];
}

function frontInWords({ pieces }: WrittenSize): string {
  const bands = pieces.some(({ role, workedOn }) => role === 'front band' && !workedOn);
  const open =
    bands ||
    pieces.some(({ role }) => role === 'open front' || role === 'half') ||
    pieces.some(({ edges }) => edges.some(({ role }) => role === 'front edge'));
  const hood = pieces.some(({ role }) => role === 'hood') ? ' It has a hood.' : '';
  return `${open ? `Open at the front${bands ? ', with bands' : ''}.` : 'Closed: it is drawn over the head.'}${hood}`;
}

/** Rounds of a garment that its ease is told at, the first that it has. */
const ROUNDS = ['bust', 'hip'] as const;
export type EaseAt = (typeof ROUNDS)[number];

/**
 * Stated ease of each size, cm: what the garment measures round the bust (or the hip) beyond the body; null where it goes round neither. A range is graded by one wish, and what rounding to
 * whole stitches adds is not the wearer's affair: where the sizes are nearly alike they have one figure.
 */
export function statedEase(
  sizes: readonly {
    finished: readonly Pick<FinishedMeasure, 'id' | 'actual'>[];
    body: Readonly<Record<EaseAt, number>>;
  }[],
): { at: EaseAt; ease: number[] } | null {
  const at = ROUNDS.find((id) => sizes[0]?.finished.some((one) => one.id === id));
  if (!at) return null;
  const ease = sizes.map(({ finished, body }) => finished.find(({ id }) => id === at)!.actual - body[at]);
  const mean = ease.reduce((sum, cm) => sum + cm, 0) / ease.length;
  if (Math.abs(mean) < NO_EASE) return { at, ease: ease.map(() => 0) };
  return { at, ease: ease.every((cm) => Math.abs(cm - mean) <= 1.5) ? ease.map(() => mean) : ease };
}

/** The ease in words; sizes that stretch to the body have a line of their own where others do not. */
function easeLines(sizes: readonly WrittenSize[], units: WrittenUnits): Line[] {
  const stated = statedEase(sizes);
  if (!stated) return [];
  const { at, ease } = stated;
  if (ease.every((cm) => cm === 0))
    return [[`To be worn without ease at the ${at}: it measures what the body does.`]];
  const labels = sizes.map(({ label }) => label);
  return [
    { way: `ease at the ${at}`, isWay: (cm: number) => cm >= 0 },
    { way: `negative ease at the ${at}: it stretches to the body`, isWay: (cm: number) => cm < 0 },
  ].flatMap(({ way, isWay }) => {
    const some = ease.flatMap((cm, size) => (isWay(cm) ? [size] : []));
    if (some.length === 0) return [];
    const said = lengthsOf(
      some.map((size) => Math.abs(ease[size]!)),
      units,
    );
    const own = line`To be worn with about ${{ inline: said }} of ${way}.`;
    return [some.length === sizes.length ? own : lineFor(some, labels, own)];
  });
}
