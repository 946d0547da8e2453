import type { Relation } from '../../fit/problem.js';
import { say } from '../../text/phrase.js';
import { sameCount } from '../shared/seams.js';

/** In one fabric side and armhole together are the panel's height. */
export function heightOf(): Relation {
  return {
    id: 'height',
    kind: 'equal',
    terms: [
      { of: 'side.rows', times: 1 },
      { of: 'armhole.rows', times: 1 },
      { of: 'body.rows', times: -1 },
    ],
    total: 0,
    says: (counts) =>
      say`Side + armhole: ${counts['side.rows']!} + ${counts['armhole.rows']!} = ${counts['body.rows']!} rows`,
  };
}

/** Where the fabric changes, one row takes the stitches of one to those of the other: at most two to one, or one to two. */
export function changeOfFabric(): Relation[] {
  const silent = () => [];
  const room = (id: string, lower: number, upper: number): Relation => ({
    id: `change.${id}`,
    kind: 'at most',
    terms: [
      { of: 'back.width', times: lower },
      { of: 'back.upper', times: upper },
    ],
    total: 0,
    says: silent,
  });
  return [
    sameCount(
      'upper',
      'front.upper',
      'back.upper',
      (counts) =>
        say`From the underarm up ${counts['back.upper']!} stitches over the ${counts['back.width']!} below, front as back`,
    ),
    room('fewer', 1, -2),
    room('more', -2, 1),
  ];
}

/**
 * The taper must come out in whole shaping rows (one stitch at both edges) and fit between row 2 and the last row but
 * one: rows - 2 of them, or every second.
 */
export function taper(everyRow: 1 | 2): Relation[] {
  const silent = () => [];
  const room = (name: string, sign: 1 | -1): Relation => ({
    id: `taper.${name}`,
    kind: 'at most',
    terms: [
      { of: 'sleeve.top', times: sign * everyRow },
      { of: 'sleeve.cuff', times: -sign * everyRow },
      { of: 'sleeve.rows', times: -2 },
    ],
    total: everyRow === 1 ? -4 : -6,
    says: silent,
  });
  return [
    {
      id: 'taper',
      kind: 'equal',
      terms: [
        { of: 'sleeve.top', times: 1 },
        { of: 'sleeve.cuff', times: -1 },
        { of: 'sleeve.shapings', times: -2 },
      ],
      total: 0,
      says: (counts) =>
        say`Taper: ${counts['sleeve.cuff']!} to ${counts['sleeve.top']!} is ${Math.abs(counts['sleeve.shapings']!)} shaping rows at both edges`,
    },
    room('wider', 1),
    room('narrower', -1),
  ];
}
