import type { Note } from '../../../advice/note.js';
import { cm, say } from '../../../text/phrase.js';
import type { SizeInput } from '../../construction.js';
import type { YokeStyle } from './fields.js';

/** A yoke may be so much shallower than the body's armhole before a note says so, cm: less is lost in blocking. */
const NOT_TOLD = 0.5;

/**
 * Whether a yoke reaches down to the underarm. It needs the depth of the body's armhole and some more, because it lies over
 * the shoulder from the neck (common practice).
 *
 * @param depth wanted from the neck to the split, cm
 * @param more what such a yoke has beyond the armhole depth at the least, cm
 */
export function endsAboveUnderarm({ body, size }: SizeInput<YokeStyle>, depth: number, more: number): Note[] {
  const { armholeDepth } = body.body;
  const lacking = armholeDepth - depth;
  if (lacking <= NOT_TOLD) return [];
  return [
    {
      level: 'warn',
      code: 'yoke-above-underarm',
      where: 'yoke.rows',
      message: say`The yoke is ${cm(depth)} deep, ${cm(lacking)} less than the body from shoulder to underarm (${cm(armholeDepth)}): body and sleeves part above the underarm and bind there.`,
      fixes: [
        {
          label: say`Yoke ${cm(armholeDepth + more)} deep`,
          set: [{ path: 'garment.depthEase', value: more, size: size.id }],
        },
      ],
    },
  ];
}
