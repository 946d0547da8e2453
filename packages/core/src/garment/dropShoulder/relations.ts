import type { Relation } from '../../fit/problem.js';
import { sameCount, sumAtMost, sumIs } from '../../fit/relations.js';
import { say } from '../../text/phrase.js';

/** In one fabric side and armhole together are the panel's height. */
export function heightOf(): Relation {
  return sumIs(
    {
      id: 'height',
      rule: 'side seam and armhole together are the height of the panel',
      says: (counts) =>
        say`Side + armhole: ${counts['side.rows']!} + ${counts['armhole.rows']!} = ${counts['body.rows']!} rows`,
    },
    { 'side.rows': 1, 'armhole.rows': 1, 'body.rows': -1 },
  );
}

/** The shoulders and the neck between them are the panel's upper edge. */
export function shouldersOf(upperWidth: string): Relation {
  return sumIs(
    {
      id: 'shoulders',
      rule: 'two equal shoulders and the neck are the width of the panel',
      says: (counts) =>
        say`Shoulder + neck + shoulder: ${counts['shoulder.width']!} + ${counts['neck.width']!} + ${counts['shoulder.width']!} = ${counts[upperWidth]!}`,
    },
    { 'shoulder.width': 2, 'neck.width': 1, [upperWidth]: -1 },
  );
}

/** Side seams meet row to row over the same width. */
export function sameWidth(): Relation {
  return sameCount(
    {
      id: 'width',
      rule: 'the front is as wide as the back',
      says: (counts) => say`Side seams meet: front ${counts['front.width']!} = back ${counts['back.width']!}`,
    },
    'front.width',
    'back.width',
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
export function changeOfFabric(): Relation[] {
  const rule = 'one row takes the stitches of the lower fabric to those of the upper';
  return [
    sameCount(
      {
        id: 'upper',
        rule: 'the front is as wide as the back from the underarm up',
        says: (counts) =>
          say`From the underarm up ${counts['back.upper']!} stitches over the ${counts['back.width']!} below, front as back`,
      },
      'front.upper',
      'back.upper',
    ),
    sumAtMost({ id: 'change.fewer', rule }, { 'back.width': 1, 'back.upper': -2 }),
    sumAtMost({ id: 'change.more', rule }, { 'back.width': -2, 'back.upper': 1 }),
  ];
}
