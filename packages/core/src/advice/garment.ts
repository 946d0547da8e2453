import type { FullBody } from '../body/measurements.js';
import { UNSEEN_EASE } from '../joins/join.js';
import { cm, say } from '../text/phrase.js';
import type { GarmentFacts } from './facts.js';
import type { Note } from './note.js';

/** A neck this much too small (share of the head) may still be worked around; more cannot be put on. */
const TIGHT_HEAD = 0.03;
/** Ease that an arm needs to bend in, cm (common practice). */
const ARM_ROOM = 2;
/** How much longer than the arm a sleeve may come out before it is told, cm. */
const SLEEVE_OVER = 1.5;

/** Whether the head passes a closed neck, with the width that would do. */
export function headNote(facts: GarmentFacts, body: FullBody): Note[] {
  if (!facts.closedNeck) return [];
  const { opening, stretch, front } = facts.closedNeck;
  const reach = opening * (1 + stretch);
  if (reach >= body.head - UNSEEN_EASE) return [];
  const wider = (body.head - reach) / (1 + stretch) / 2;
  return [
    {
      level: reach < body.head * (1 - TIGHT_HEAD) ? 'stop' : 'warn',
      code: 'head-does-not-pass',
      where: front,
      message: say`The head (${cm(body.head)}) does not pass the neck: its edge is ${cm(opening)}, stretched ${cm(reach)}. A neck ${cm(wider)} wider or a deeper front neck would do.`,
    },
  ];
}

/** Whether the arm moves in the sleeve's top. */
export function armNote(facts: GarmentFacts, body: FullBody): Note[] {
  if (!facts.sleeveTop) return [];
  const { round, quantity } = facts.sleeveTop;
  const room = round - body.upperArm;
  if (room >= ARM_ROOM) return [];
  return [
    {
      level: room < 0 ? 'stop' : 'warn',
      code: 'sleeve-top-binds',
      where: quantity,
      message:
        room < 0
          ? say`The sleeve's top (${cm(round)}) is smaller than the flexed upper arm (${cm(body.upperArm)}); make the armhole at least ${cm((body.upperArm + ARM_ROOM - round) / 2)} deeper.`
          : say`The sleeve's top (${cm(round)}) leaves ${cm(room)} around the flexed upper arm (${cm(body.upperArm)}); it will bind when the elbow bends.`,
    },
  ];
}

/** Whether overhang, sleeve and cuff together go past the wrist. */
export function reachNote(facts: GarmentFacts): Note[] {
  if (!facts.reach) return [];
  const { overhang, sleeve, cuff, wanted } = facts.reach;
  const over = overhang + sleeve + cuff - wanted;
  if (over <= SLEEVE_OVER) return [];
  return [
    {
      level: 'warn',
      code: 'sleeve-longer-than-arm',
      where: 'sleeve.rows',
      message: say`Overhang ${cm(overhang)} + sleeve ${cm(sleeve)} + cuff ${cm(cuff)} reach ${cm(over)} past the length wanted (${cm(wanted)}).`,
    },
  ];
}
