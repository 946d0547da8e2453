import { type Fabric } from '../../../fabric/fabric.js';
import { OTHER, type Side } from '../../../joins/roles.js';
import type { Passage } from '../../../passages/passage.js';
import type { GarmentCounts } from '../../counts.js';
import type { BandStyle } from '../../shared/bands.js';
import { begun, SIDES } from '../../shared/pieces.js';
import { partOf, type Course } from './course.js';

/**
 * How the body is worked: up the back, down the fronts, the one at which the yarn hangs first.
 *
 * @param hem the rib along which it is begun, where that is worked first
 */
export function passagesOf(
  course: Course,
  fabric: Fabric,
  counts: GarmentCounts,
  hem: BandStyle | null,
): Passage[] {
  const { open, first, shape, apart, side, top } = course;
  const [shoulder, neck] = [counts.of('shoulder.width'), counts.of('neck.width')];
  /** Fronts without a drop are never apart. */
  const direct = !open && counts.of('neck.drop') === 0;
  const order = direct ? [] : [first, OTHER[first]];
  const schedule = shape.schedule(top);
  const from = (at: Side) => (at === 'left' ? 0 : shoulder + neck);
  const fronts = order.flatMap((at, i): Passage[] => [
    {
      kind: 'go on',
      part: partOf(course, at),
      from: 'main',
      at: from(at),
      take: shoulder,
      leave: i === 1 ? 0 : shoulder + neck,
      rejoin: i === 1,
      label: `${at === 'left' ? 'Left' : 'Right'} front`,
    },
    ...(schedule.events.length > 0
      ? [
          {
            kind: 'shape' as const,
            part: partOf(course, at),
            to: top + shape.rows,
            schedule,
            where: { at: 'one edge' as const, side: OTHER[at], edge: 'the neck edge' },
            of: { start: 'shoulder.width', end: 'front.width', rows: 'neck.drop' },
          },
        ]
      : []),
    ...(open
      ? sideRows(partOf(course, at), course)
      : [{ kind: 'even' as const, part: partOf(course, at), to: apart }]),
  ]);
  const united: Passage[] = [
    {
      kind: 'unite',
      part: 'front',
      from: SIDES.map((at) =>
        direct
          ? { part: 'main', at: from(at), take: shoulder }
          : { part: partOf(course, at), at: 0, take: shape.width },
      ),
      chains: [shape.centre, 0],
      rejoin: !direct && needsRejoin(apart, OTHER[first]),
      label: 'Both fronts together',
    },
    ...sideRows('front', course),
  ];
  return [
    begun(counts.of('back.width'), fabric, hem, 'hem rib'),
    { kind: 'even', part: 'main', to: side },
    { kind: 'mark', part: 'main', meaning: 'the underarm' },
    { kind: 'even', part: 'main', to: top },
    { kind: 'mark', part: 'main', meaning: 'the shoulders' },
    ...fronts,
    ...(open ? [] : united),
  ];
}

/** Even rows down to the hem, a marker at the underarm. */
function sideRows(part: string, { underarm, end }: Course): Passage[] {
  return [
    { kind: 'even', part, to: underarm },
    { kind: 'mark', part, meaning: 'the underarm' },
    { kind: 'even', part, to: end },
  ];
}

/** Whether a row over all begins away from where the yarn hangs on the front that was worked last. */
function needsRejoin(row: number, last: Side): boolean {
  // After an odd row the yarn hangs at its left end, and the next one runs from there.
  return last !== (row % 2 === 1 ? 'left' : 'right');
}
