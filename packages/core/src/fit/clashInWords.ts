import type { Note } from '../advice/note.js';
import { ruleInWords } from '../fabric/counts.js';
import { say, type Phrase } from '../text/phrase.js';
import type { Clash, PinCheck } from './clash.js';
import type { Problem, Quantity } from './problem.js';

/** A problem whose quantities people can read. */
export interface LabelledProblem extends Problem {
  quantities: readonly (Quantity & { label: string })[];
}

/** What a problem's quantities are called. */
export const labelsOf = ({ quantities }: LabelledProblem) => {
  const labels = new Map(quantities.map(({ id, label }) => [id, label]));
  return (id: string) => labels.get(id) ?? id;
};

/** Why held counts cannot be kept, each with what would work. */
export function pinNotes(problem: LabelledProblem, { broken, clashes }: PinCheck): Note[] {
  const notes: Note[] = [];
  const byId = new Map(problem.quantities.map((quantity) => [quantity.id, quantity]));
  for (const { quantity, count, reason, waysOut } of broken) {
    const found = byId.get(quantity);
    if (!found || reason === 'unknown') {
      notes.push({
        level: 'stop',
        code: 'pin-unknown',
        where: quantity,
        message: say`A count is held for “${quantity}”, which this garment does not have; let it go.`,
      });
      continue;
    }
    const instead = waysOut.length > 0 ? ` ${waysOut.join(' or ')} works.` : ' Let it go.';
    notes.push(
      reason === 'rule'
        ? {
            level: 'stop',
            code: 'pin-breaks-rule',
            where: quantity,
            message: say`${found.label} cannot be held at ${count}: the stitch pattern needs ${ruleInWords(found.rule)}.${instead}`,
          }
        : {
            level: 'stop',
            code: 'pin-out-of-reach',
            where: quantity,
            message: say`${found.label} cannot be held at ${count}: it can be ${found.min} to ${found.max}.${instead}`,
          },
    );
  }
  for (const clash of clashes) {
    const [where, ...alsoAt] = clash.demands.flatMap((demand) =>
      demand.kind === 'pin' ? [demand.quantity] : [],
    );
    notes.push({
      level: 'stop',
      code: 'pin-clash',
      where: where!,
      message: pinClashInWords(problem, clash),
      ...(alsoAt.length > 0 ? { alsoAt } : {}),
    });
  }
  return notes;
}

/**
 * "Back, width 85 needs an odd number for Neck, width, which must be an even number (two equal shoulders and the neck are
 * the width of the panel). Back, width 84 or 86 works; else let one go."
 */
function pinClashInWords(problem: LabelledProblem, { demands, waysOut, needs }: Clash): Phrase {
  const label = labelsOf(problem);
  const pins = demands.flatMap((demand) => (demand.kind === 'pin' ? [demand] : []));
  const named = pins.map(({ quantity, count }) => `${label(quantity)} ${count}`).join(' and ');
  const rules = rulesInWords(
    problem,
    demands,
    needs.map(({ quantity }) => quantity),
  );
  const [need] = needs;
  const head = need
    ? say`${named} ${pins.length === 1 ? 'needs' : 'together need'} ${ruleInWords(need.rule)} for ${label(need.quantity)}, which is ${ruleInWords(ruleOf(problem, need.quantity))}`
    : say`${named} cannot be held${pins.length === 1 ? '' : ' together'}`;
  const ways = pins.flatMap(({ quantity }) =>
    waysOut[quantity]?.length ? [`${label(quantity)} ${waysOut[quantity].join(' or ')}`] : [],
  );
  const wayOut = ways.length > 0 ? ` ${ways.join(', or ')} works; else let one go.` : ' Let one of them go.';
  return say`${head}${rules === '' ? '' : `: ${rules}`}.${wayOut}`;
}

/** The rules of a clash that no count of the size can obey, with what would help. */
export function ruleClashInWords(problem: LabelledProblem, { demands, widerRules }: Clash): Phrase {
  const label = labelsOf(problem);
  const ways = widerRules.map(({ quantity, rule }) => `${ruleInWords(rule)} for ${label(quantity)}`);
  const help =
    ways.length > 0
      ? `With ${ways.join(', or ')} it would work.`
      : 'Other lengths, or another gauge, would help.';
  return say`No counts obey these rules together: ${rulesInWords(problem, demands, [])}. ${help}`;
}

function ruleOf({ quantities }: LabelledProblem, id: string) {
  return quantities.find((quantity) => quantity.id === id)!.rule;
}

/** Garment rules and count rules of a clash, those of `said` left out. */
function rulesInWords(problem: LabelledProblem, demands: Clash['demands'], said: readonly string[]): string {
  const label = labelsOf(problem);
  return demands
    .flatMap((demand) => {
      if (demand.kind === 'garment rule') return [demand.rule];
      if (demand.kind === 'count rule' && !said.includes(demand.quantity))
        return [`${label(demand.quantity)} is ${ruleInWords(demand.rule)}`];
      return [];
    })
    .join('; ');
}
