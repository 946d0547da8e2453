import type { Relation } from '../../../fit/problem.js';
import type { CountId, PanelId } from '../../counts.js';
import { changedInOneRow, sameCount, sumAtLeast, sumAtMost, sumIs } from '../../relations.js';
import { say } from '../../../text/phrase.js';

/** In one fabric side and armhole together are the panel's height. */
export function heightOf(): Relation {
  return sumIs(
    {
      id: 'height',
      rule: 'side seam and armhole together are the height of the panel',
      says: (counts) =>
        say`Side + armhole: ${counts.of('side.rows')} + ${counts.of('armhole.rows')} = ${counts.of('body.rows')} rows`,
    },
    { 'side.rows': 1, 'armhole.rows': 1, 'body.rows': -1 },
  );
}

/** What armholes take off a panel at each side. */
const OUTSIDE: Readonly<Record<'plain' | 'notched' | 'curved', readonly CountId[]>> = {
  plain: [],
  notched: ['notch.width'],
  curved: ['notch.width', 'armhole.curve'],
};

/** The shoulders and the neck between them are the panel's upper edge, inside steps or curves of the armholes. */
export function shouldersOf(upperWidth: CountId, armhole: 'plain' | 'notched' | 'curved'): Relation {
  const outside = OUTSIDE[armhole];
  return sumIs(
    {
      id: 'shoulders',
      rule: {
        plain: 'two equal shoulders and the neck are the width of the panel',
        notched: 'two equal shoulders, the neck and two steps of the armholes are the width of the panel',
        curved: 'two equal shoulders, the neck and what both armholes take off are the width of the panel',
      }[armhole],
      says: (counts) => {
        const [shoulder, neck] = [counts.of('shoulder.width'), counts.of('neck.width')];
        const off = outside.reduce((sum, id) => sum + counts.of(id), 0);
        if (armhole === 'plain')
          return say`Shoulder + neck + shoulder: ${shoulder} + ${neck} + ${shoulder} = ${counts.of(upperWidth)}`;
        return armhole === 'notched'
          ? say`Step + shoulder + neck + shoulder + step: ${off} + ${shoulder} + ${neck} + ${shoulder} + ${off} = ${counts.of(upperWidth)}`
          : say`Armhole + shoulder + neck + shoulder + armhole: ${off} + ${shoulder} + ${neck} + ${shoulder} + ${off} = ${counts.of(upperWidth)}`;
      },
    },
    {
      'shoulder.width': 2,
      'neck.width': 1,
      [upperWidth]: -1,
      ...Object.fromEntries(outside.map((id) => [id, 2])),
    },
  );
}

/** Side seams meet row to row over the same width. */
export function sameWidth(): Relation {
  return sameCount(
    {
      id: 'width',
      rule: 'the front is as wide as the back',
      says: (counts) =>
        say`Side seams meet: front ${counts.of('front.width')} = back ${counts.of('back.width')}`,
    },
    'front.width',
    'back.width',
  );
}

/**
 * Open fronts reach over the shoulders at least; what lies beside these is taken off for the neck.
 *
 * @param armhole counts that the armhole takes off each front
 */
export function frontsOverShoulders(front: CountId, armhole: readonly CountId[]): Relation {
  return sumAtLeast(
    {
      id: 'fronts',
      rule: 'each front is at least as wide as its shoulder',
      says: (counts) => {
        const off = armhole.reduce((sum, id) => sum + counts.of(id), 0);
        const neck = counts.of(front) - counts.of('shoulder.width') - off;
        return off > 0
          ? say`Each front: ${counts.of(front)} = ${off} armhole + ${counts.of('shoulder.width')} shoulder + ${neck} neck`
          : say`Each front: ${counts.of(front)} = ${counts.of('shoulder.width')} shoulder + ${neck} neck`;
      },
    },
    { [front]: 1, 'shoulder.width': -1, ...Object.fromEntries(armhole.map((id) => [id, -1])) },
  );
}

/** The neck of open fronts begins above the lower edge. */
export function dropAboveHem(): Relation {
  return sumAtMost(
    { id: 'drop', rule: 'the front neck begins above the lower edge' },
    { 'neck.drop': 1, 'body.rows': -1 },
    -2,
  );
}

/** The ribs of the fronts are as high as the back's. */
export function sameHemHeight(): Relation {
  return sameCount(
    { id: 'hem.same', rule: 'the hem ribs of back and fronts are of one height' },
    'hem-front.height',
    'hem.height',
  );
}

/** The front neck begins above the underarm. */
export function dropAboveUnderarm(): Relation {
  return sumAtMost(
    { id: 'drop', rule: 'the front neck begins above the underarm' },
    { 'neck.drop': 1, 'armhole.rows': -1 },
    -1,
  );
}

/** Where the fabric changes, one row takes the stitches of one to those of the other: at most two to one, or one to two. */
export function changeOfFabric(open: boolean): Relation[] {
  const rule = 'one row takes the stitches of the lower fabric to those of the upper';
  const within = (id: string, piece: PanelId) =>
    changedInOneRow(id, rule, `${piece}.width`, `${piece}.upper`);
  if (open) return [...within('change', 'back'), ...within('change.front', 'front')];
  return [
    sameCount(
      {
        id: 'upper',
        rule: 'the front is as wide as the back from the underarm up',
        says: (counts) =>
          say`From the underarm up ${counts.of('back.upper')} stitches over the ${counts.of('back.width')} below, front as back`,
      },
      'front.upper',
      'back.upper',
    ),
    ...within('change', 'back'),
  ];
}

/**
 * A front slanted by a rate comes to its shoulder in the rows of its drop, with less than one step to spare.
 *
 * @param armhole counts that the armhole takes off each front
 */
export function slantedTo(
  { stitches, every }: { stitches: number; every: 1 | 2 },
  front: CountId,
  armhole: readonly string[],
): Relation[] {
  const off = Object.fromEntries(armhole.map((id) => [id, every]));
  const rule = 'the slant of the front comes to the shoulder';
  const times = { 'neck.drop': stitches, [front]: -every, 'shoulder.width': every, ...off };
  return [
    {
      ...sumAtLeast({ id: 'slant.reach', rule }, times),
      says: (counts) =>
        say`Slant: ${stitches} off in every ${every === 1 ? 'row' : '2nd row'} of ${counts.of('neck.drop')}`,
    },
    sumAtMost({ id: 'slant.spare', rule }, times, stitches * every),
  ];
}

/** The same of a closed front, of which the neck takes half on each side. */
export function slantedNeck({ stitches, every }: { stitches: number; every: 1 | 2 }): Relation[] {
  const rule = 'the slant of the front comes to the shoulder';
  const times = { 'neck.drop': 2 * stitches, 'neck.width': -every };
  return [
    {
      ...sumAtLeast({ id: 'slant.reach', rule }, times, -every),
      says: (counts) =>
        say`Slant: ${stitches} off at each side in every ${every === 1 ? 'row' : '2nd row'} of ${counts.of('neck.drop')}`,
    },
    sumAtMost({ id: 'slant.spare', rule }, times, 2 * stitches * every),
  ];
}

/**
 * A front whose neck begins below the underarm has stitches left beside it where the waist takes some off its side.
 *
 * @param armhole counts that the armhole takes off each front later
 */
export function frontsBesideNeck(armhole: readonly string[]): Relation {
  return sumAtLeast(
    { id: 'fronts.waist', rule: 'each front keeps stitches between its neck and its side at the waist' },
    {
      'shoulder.width': 2,
      ...Object.fromEntries(armhole.map((id) => [id, 2])),
      'back.waist': 1,
      'back.width': -1,
    },
    4,
  );
}
