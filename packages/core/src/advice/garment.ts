import type { FullBody } from '../body/measurements.js';
import { USUAL_STRETCH } from '../fabric/fabric.js';
import type { Join } from '../joins/audit.js';
import { UNSEEN_EASE } from '../joins/join.js';
import { cm, figure, say } from '../text/phrase.js';
import type { GarmentFacts } from './facts.js';
import type { Note } from './note.js';

/** A neck this much too small (share of the head) may still be worked around; more cannot be put on. */
const TIGHT_HEAD = 0.03;
/** Ease that an arm needs to bend in, cm (common practice). */
const ARM_ROOM = 2;
/** How much longer than the arm a sleeve may come out before a note says so, cm. */
const SLEEVE_OVER = 1.5;

/** What edges a closed neck, by its own length, cm, and the share by which it gives. */
export interface NeckBand {
  label: string;
  length: number;
  /** Null: nobody has measured it. */
  stretch: number | null;
  /** A rib gives more than other fabrics. */
  isRib: boolean;
}

/** Share that a rib of unknown stretch gives along its rows (common practice). */
const USUAL_RIB = 0.3;

/** Whether the head passes a closed neck and what edges it, with the width that would do. */
export function headNote(facts: GarmentFacts, body: FullBody, bands: readonly NeckBand[] = []): Note[] {
  if (!facts.closedNeck) return [];
  const { opening, stretch, front } = facts.closedNeck;
  const reach = opening * (1 + stretch);
  if (reach >= body.head - UNSEEN_EASE) return bandedHead(bands, body, front);
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

/** A neck that is wide enough itself and is drawn in by its edging. */
function bandedHead(bands: readonly NeckBand[], { head }: FullBody, front: string): Note[] {
  const reachOf = ({ length, stretch, isRib }: NeckBand) =>
    length * (1 + (stretch ?? (isRib ? USUAL_RIB : USUAL_STRETCH)));
  const tight = bands.find((band) => reachOf(band) < head - UNSEEN_EASE);
  if (!tight) return [];
  const { label, length } = tight;
  const reach = reachOf(tight);
  const known = tight.stretch !== null;
  return [
    {
      level: known && reach < head * (1 - TIGHT_HEAD) ? 'stop' : 'warn',
      code: 'head-does-not-pass',
      where: front,
      message: say`The head (${cm(head)}) does not pass the ${label.toLowerCase()}: it is ${cm(length)} round, stretched ${cm(reach)}${known ? '' : ' if it gives as fabrics usually do; say in its fabric how far it stretches'}. One ${cm((head / reach - 1) * length)} longer, or a wider neck, would do.`,
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

/** How much more than its fabric gives a tube may be asked to stretch before it cannot be worn, share. */
const TOO_FAR = 0.1;

/** Whether what holds by stretching stretches far enough for the body at every level that it covers. */
export function stretchNotes({ stretched }: GarmentFacts): Note[] {
  if (!stretched) return [];
  const { round, over, gives, quantity, what } = stretched;
  const { give, known } = givesInWords(gives);
  const widest = over.reduce((most, level) => (level.round > most.round ? level : most));
  const asked = widest.round / round - 1;
  if (asked <= give + 0.005) return [];
  return [
    {
      level: gives !== null && asked > give + TOO_FAR ? 'stop' : 'warn',
      code: 'stretched-too-far',
      where: quantity,
      message: say`At the ${widest.id} (${cm(widest.round)}) the ${what} of ${cm(round)} stretches ${percent(asked)} %; ${known}. A round of ${cm(widest.round / (1 + give))} would do, or a fabric that gives more.`,
    },
  ];
}

/**
 * Whether a band that is shorter than its edge gives enough to be stretched on.
 *
 * @param bands joins of bands that are drawn in, with what the fabric of each gives (null: not known)
 */
export function bandStretchNotes(bands: readonly { join: Join; gives: number | null }[]): Note[] {
  return bands.flatMap(({ join, gives }, i): Note[] => {
    const own = join.aLength * join.gather;
    const asked = join.bLength / own - 1;
    const { give, known } = givesInWords(gives);
    // The other side is as this one.
    const told = bands.slice(0, i).some(({ join: { both } }) => both !== undefined && both === join.both);
    if (told || asked <= give + 0.005) return [];
    return [
      {
        level: 'warn',
        code: 'band-stretched-too-far',
        where: join.id,
        message: say`${join.both ?? join.label}: a band of ${cm(own)} is stretched ${percent(asked)} % along ${cm(join.bLength)}; ${known}. A band of ${figure(100 / (1 + give), 0)} % of its edge or more would do.`,
      },
    ];
  });
}

const percent = (share: number) => figure(share * 100, 0);

/** What a fabric gives, and how that is known. */
function givesInWords(gives: number | null): { give: number; known: string } {
  return gives === null
    ? {
        give: USUAL_STRETCH,
        known: `this fabric’s stretch is not known, and ${percent(USUAL_STRETCH)} % is usual`,
      }
    : { give: gives, known: `this fabric gives ${percent(gives)} %` };
}
