import { measurement, type Body, type Group, type MeasurementId } from '../body/measurements.js';
import type { CompletedBody, Derived } from '../body/derive.js';
import { doubts, fallingMeasurements } from '../body/plausible.js';
import type { Counts } from '../fit/counts.js';
import type { Quantity } from '../fit/problem.js';
import { cm, figure, say } from '../text/phrase.js';
import type { Join } from '../joins/audit.js';
import { verdictOf, type PickUpRatio } from '../joins/pickUp.js';
import type { Note } from './note.js';

/** Misses beyond this are worth a second look, smaller ones are a tip, cm. */
const WORTH_A_LOOK = 1.5;

/**
 * Lengths that the legal counts and seams missed by more than half a repeat.
 *
 * @param held counts held on purpose: of these it is no warning
 */
export function missNotes(
  quantities: readonly (Quantity & { label: string })[],
  counts: Counts,
  held: ReadonlySet<string>,
): Note[] {
  return quantities.flatMap((quantity): Note[] => {
    const over = counts[quantity.id]! / quantity.perCm - quantity.target;
    const halfRepeat = quantity.rule.multiple / 2 / quantity.perCm;
    // What may only miss on one side may miss there by a whole one.
    const meant = quantity.rounding === (over < 0 ? 'not over' : 'not under');
    if (Math.abs(over) <= (meant ? 2 : 1) * halfRepeat + 0.005) return [];
    return [
      {
        level:
          Math.abs(over) > WORTH_A_LOOK && quantity.weight >= 0.5 && !held.has(quantity.id) ? 'warn' : 'tip',
        code: 'target-missed',
        where: quantity.id,
        message: say`${quantity.label} measures ${cm(counts[quantity.id]! / quantity.perCm)}, ${cm(Math.abs(over))} ${over > 0 ? 'over' : 'under'} the ${cm(quantity.target)} wanted: more than half a repeat.`,
      },
    ];
  });
}

/** Measurements that were derived and are used, that look like slips, or that fall from the size before. */
export function bodyNotes(
  completed: CompletedBody,
  used: ReadonlySet<MeasurementId>,
  entered: Body,
  group: Group,
  before: Body | null,
): Note[] {
  const notes = derivedNote([...completed.derived.values()].filter(({ id }) => used.has(id)));
  for (const { id, message } of doubts(entered, group))
    notes.push({ level: 'warn', code: 'implausible', where: id, message: say`Please check: ${message}.` });
  for (const id of before ? fallingMeasurements(before, entered) : [])
    notes.push({
      level: 'warn',
      code: 'falls-in-range',
      where: id,
      message: say`${measurement(id).label} is smaller (${cm(entered[id]!)}) than in the size before (${cm(before![id]!)}).`,
    });
  return notes;
}

/** Measurements that were derived: one line for all of them, the rule of each to be opened. */
function derivedNote(derived: readonly Derived[]): Note[] {
  const [first] = derived;
  if (!first) return [];
  const details = derived.map(
    ({ id, cm: value, rule }) => say`${measurement(id).label} ${cm(value)} was derived: ${rule}.`,
  );
  const note = { level: 'tip', code: 'derived', where: first.id } as const;
  if (details.length === 1) return [{ ...note, message: details[0]! }];
  const names = derived.map(({ id }, i) =>
    i === 0 ? measurement(id).label : measurement(id).label.toLowerCase(),
  );
  return [
    {
      ...note,
      message: say`${derived.length} measurements were derived from the others: ${names.join('; ')}.`,
      details,
      alsoAt: derived.slice(1).map(({ id }) => id),
    },
  ];
}

/** Joins whose sides do not agree, and pick-ups by ratio that do not lie flat. */
export function joinNotes(joins: readonly Join[]): Note[] {
  return joins.flatMap((join, i): Note[] => {
    if (!join.ok)
      return [
        {
          level: 'stop',
          code: 'join-broken',
          where: join.id,
          message: say`${join.label}: ${join.aCount} against ${join.bCount}, ${cm(join.aLength)} against ${cm(join.bLength)}; more than a seam can ease in.`,
        },
      ];
    // The other side is as this one.
    const told = joins.some(({ both }, before) => before < i && both !== undefined && both === join.both);
    return join.ratio && !told ? ratioNotes(join, join.ratio) : [];
  });
}

/** Share by which what is picked up may ruffle or pull before it is beyond reason (common practice). */
const BEYOND = 0.25;

/** Whether what is picked up by ratio lies flat by its gauge: told, never overruled. */
function ratioNotes(join: Join, { each, field }: PickUpRatio): Note[] {
  const { id, label, both, aCount, aLength, bCount, bLength, bAxis, role, kind } = join;
  const verdict = verdictOf(aLength, bLength);
  // What ends in a rib is drawn in as what grows from it, which is told there.
  if (verdict === 'fine' || kind !== 'pick-up') return [];
  if (role === 'rib first') return [ribLeads(join)];
  const over = aLength / bLength - 1;
  const share = figure(100 * Math.abs(over), 0);
  const rowEnds = join.b.reduce((sum, { axis, count }) => sum + (axis === 'rows' ? count : 0), 0);
  const along = { rows: 'row ends', stitches: 'stitches', both: 'row ends and stitches' }[bAxis];
  const flat = each - (aCount * (1 - bLength / aLength)) / rowEnds;
  // A quarter of a stitch is as fine as a ratio is worked: one more in every fourth row end.
  const worked = Math.max(0.25, Math.round(4 * flat) / 4);
  const does = over > 0 ? say`it ruffles by ${share} %` : say`it pulls in by ${share} %`;
  const much = Math.abs(over) > BEYOND ? ', more than blocking puts right' : '';
  return [
    {
      level: 'warn',
      code: verdict === 'ruffles' ? 'picked-up-ruffles' : 'picked-up-pulls',
      where: id,
      message: say`${both ?? label}: ${aCount} stitches for ${bCount} ${along} measure ${cm(aLength)} along ${cm(bLength)}: ${does}${much}.${rowEnds > 0 ? say` By the gauges about ${figure(flat, 2)} stitches for each row end would lie flat.` : ''}`,
      ...(field !== undefined && rowEnds > 0 && worked !== each
        ? {
            alsoAt: [field],
            fixes: [
              {
                label: say`Take ${figure(worked)} for each row end`,
                set: [{ path: `garment.${field}.perRowEnd`, value: worked }],
              },
            ],
          }
        : {}),
    },
  ];
}

/** Most by which a rib that a piece grows from draws it in before that is much (common practice). */
const DRAWS_IN = 0.35;

/** What a rib that leads does to the piece that is picked up along it: told, never overruled. */
function ribLeads({ id, label, both, aCount, aLength, bCount, bLength }: Join): Note {
  const share = bLength / aLength - 1;
  const does =
    share < 0
      ? say`the rib draws the edge in by ${figure(-100 * share, 0)} %`
      : say`the rib is wider and stands out by ${figure(100 * share, 0)} %`;
  return {
    level: share < -DRAWS_IN || share > 0 ? 'warn' : 'tip',
    code: 'rib-leads',
    where: id,
    message: say`${both ?? label}: ${bCount} row ends measure ${cm(bLength)}, the ${aCount} stitches picked up along them ${cm(aLength)}: ${does}.`,
  };
}

/** Caution for the youngest, said once for a design (common practice; local rules come first). */
export function childNote(group: Group): Note {
  const young = group === 'baby' ? ' Keep holes small and shedding yarn away from the face.' : '';
  return {
    level: 'tip',
    code: 'child-safety',
    where: 'sizes',
    message: say`For babies and children: no cords, ties or drawstrings at the neck, secure every button, and follow the safety rules for children's clothing of the country of sale.${young}`,
  };
}

/** Fabrics whose gauge is a usual figure and has not been counted. */
export function estimateNotes(fabrics: readonly { id: string; name: string; estimated?: boolean }[]): Note[] {
  return fabrics
    .filter(({ estimated }) => estimated)
    .map(({ id, name }) => ({
      level: 'warn' as const,
      code: 'gauge-estimated',
      where: id,
      message: say`The gauge of ${name} is a usual figure; crochet a swatch, wash it, and count your own before you trust the counts.`,
    }));
}
