import { cm, say, type Phrase } from '../text/phrase.js';
import { tidy } from '../units/length.js';
import {
  MEASUREMENTS,
  measurement,
  type Body,
  type FullBody,
  type Group,
  type MeasurementId,
} from './measurements.js';

/** A stated rule that gives a missing measurement as share x another + a length. */
interface Rule {
  from: MeasurementId;
  share: number;
  plus: number;
}

/**
 * Straight-line rules for missing measurements, cm. Common practice: lines laid by hand through standard size charts
 * of the kind published by the Craft Yarn Council, recalled from memory. For each measurement the first rule whose
 * source is known is used. Only girths that truly follow the bust lean on it: wrists, necks and backs hardly grow with
 * it (Heinz et al. 2003), so their shares are small.
 */
const ADULT: Partial<Record<MeasurementId, readonly Rule[]>> = {
  bust: [
    { from: 'waist', share: 0.98, plus: 19 },
    { from: 'hip', share: 1.1, plus: -15 },
    { from: 'shoulders', share: 0.95, plus: -6 },
    { from: 'upperArm', share: 2.9, plus: 7 },
  ],
  waist: [{ from: 'bust', share: 0.98, plus: -17 }],
  hip: [{ from: 'bust', share: 0.9, plus: 16 }],
  shoulders: [{ from: 'bust', share: 0.72, plus: 36 }],
  crossBack: [{ from: 'bust', share: 0.14, plus: 26 }],
  neck: [{ from: 'bust', share: 0.12, plus: 25 }],
  head: [{ from: 'bust', share: 0.03, plus: 53 }],
  upperArm: [{ from: 'bust', share: 0.31, plus: 0.5 }],
  wrist: [{ from: 'bust', share: 0.06, plus: 10 }],
  height: [{ from: 'bust', share: 0, plus: 168 }],
  underarmToWrist: [{ from: 'height', share: 0.26, plus: 0.5 }],
  armholeDepth: [{ from: 'bust', share: 0.12, plus: 7.5 }],
  shoulderToWrist: [{ from: 'underarmToWrist', share: 1, plus: 14 }],
  backWaist: [{ from: 'height', share: 0.25, plus: 1 }],
  backLength: [{ from: 'backWaist', share: 1, plus: 2 }],
  frontLength: [{ from: 'backLength', share: 1, plus: 2.5 }],
  wingspan: [{ from: 'height', share: 0.78, plus: 0 }],
};

const CHILD: Partial<Record<MeasurementId, readonly Rule[]>> = {
  bust: [
    { from: 'height', share: 0.42, plus: 15 },
    { from: 'waist', share: 1.1, plus: 0.5 },
    { from: 'hip', share: 0.9, plus: 2.5 },
  ],
  height: [{ from: 'bust', share: 2.2, plus: -22 }],
  waist: [{ from: 'bust', share: 0.75, plus: 12 }],
  hip: [{ from: 'bust', share: 1.1, plus: -3 }],
  shoulders: [{ from: 'bust', share: 1.1, plus: 1 }],
  crossBack: [{ from: 'bust', share: 0.4, plus: 1 }],
  neck: [{ from: 'bust', share: 0.27, plus: 10 }],
  head: [{ from: 'bust', share: 0.12, plus: 44 }],
  upperArm: [{ from: 'bust', share: 0.28, plus: 2 }],
  wrist: [{ from: 'bust', share: 0.11, plus: 6 }],
  underarmToWrist: [{ from: 'height', share: 0.285, plus: -4 }],
  armholeDepth: [{ from: 'bust', share: 0.22, plus: 0.8 }],
  shoulderToWrist: [{ from: 'underarmToWrist', share: 1.1, plus: 6.5 }],
  backWaist: [{ from: 'height', share: 0.2, plus: 3 }],
  backLength: [{ from: 'backWaist', share: 1, plus: 1 }],
  frontLength: [{ from: 'backLength', share: 1, plus: 0 }],
  wingspan: [{ from: 'height', share: 0.78, plus: 0 }],
};

const BABY: Partial<Record<MeasurementId, readonly Rule[]>> = {
  ...CHILD,
  bust: [
    { from: 'height', share: 0.4, plus: 14 },
    { from: 'waist', share: 0.95, plus: 2 },
    { from: 'head', share: 1, plus: 0 },
  ],
  waist: [{ from: 'bust', share: 0.95, plus: 0 }],
  hip: [{ from: 'bust', share: 1.02, plus: 0 }],
  head: [{ from: 'bust', share: 0.6, plus: 18 }],
  shoulderToWrist: [{ from: 'underarmToWrist', share: 1, plus: 6.5 }],
};

const RULES: Record<Group, Partial<Record<MeasurementId, readonly Rule[]>>> = {
  adult: ADULT,
  child: CHILD,
  baby: BABY,
};

/** A measurement that was not entered, with the rule that gave it. */
export interface Derived {
  id: MeasurementId;
  cm: number;
  rule: Phrase;
}

/** A complete body and which of its values were derived. */
export interface CompletedBody {
  body: FullBody;
  derived: ReadonlyMap<MeasurementId, Derived>;
}

function ruleInWords({ from, share, plus }: Rule): Phrase {
  const source = measurement(from).label.toLowerCase();
  if (share === 0) return say`taken as ${cm(plus)}, nothing better being known`;
  const times = share === 1 ? '' : `${Math.round(share * 1000) / 10} % of `;
  return plus === 0
    ? say`${times}${source}`
    : say`${times}${source} ${plus < 0 ? 'less' : 'plus'} ${cm(Math.abs(plus))}`;
}

/**
 * Fills in missing measurements by the stated rules; entered values are never changed.
 *
 * @param entered what was measured, cm
 * @param group whose proportions the rules follow
 * @returns the completed body, or null when nothing entered leads to a bust (the caller asks for one)
 */
export function completeBody(entered: Body, group: Group): CompletedBody | null {
  const body: Body = {};
  for (const { id } of MEASUREMENTS) if (entered[id] !== undefined) body[id] = entered[id];
  const derived = new Map<MeasurementId, Derived>();
  const rules = RULES[group];
  for (let changed = true; changed;) {
    changed = false;
    for (const { id } of MEASUREMENTS) {
      if (body[id] !== undefined) continue;
      const rule = rules[id]?.find(({ from }) => body[from] !== undefined);
      if (!rule) continue;
      const value = tidy(Math.max(1, rule.share * body[rule.from]! + rule.plus));
      body[id] = value;
      derived.set(id, { id, cm: value, rule: ruleInWords(rule) });
      changed = true;
    }
  }
  return body.bust === undefined ? null : { body: body as FullBody, derived };
}
