/**
 * Instructions of a row in the usual notation ("2 hdc in first st, *hdc in next 3 sts, dec; repeat from * to last 2 sts, hdc in last 2"),
 * as what they take of the row below and what they make. US terms.
 */

/**
 * One instruction. A repeat without `times` goes on until `rest` stitches of the row below are left. What is slipped over (`slips`) may be
 * passed by, as at the beginning of an armhole, or be stitches of their own.
 */
export type Instruction =
  | { kind: 'stitches'; takes: number; makes: number; slips?: number }
  | { kind: 'repeat'; body: readonly Instruction[]; times: number }
  | { kind: 'fill'; body: readonly Instruction[]; rest: number };

/** An instruction that cannot be read: which words, and why. */
export class InstructionFault extends Error {
  override name = 'InstructionFault';
}

const STITCH = String.raw`(?:(?:fp|bp)?(?:esc|hdc|sc|dc|dtr|tr)|st|sts|stitch)(?: (?:blo|flo))?`;
const PLACE = String.raw`(?:sts?|stitch(?:es)?|chs?|sps?|spaces?|sc|hdc|dc|tr|esc)?`;
const THE = String.raw`(?:the )?`;

/** "ch-2 sp": as many stitches of the row below as it has chains. */
const SPACE = String.raw`ch-(\d+) (?:sps?|spaces?|loops?|lps?)`;
/** "3rd ch of the turning ch", "top of the turning chain", "tch". */
const TURNING = String.raw`(?:top (?:ch )?of ${THE}|(?:\d+(?:st|nd|rd|th)|top) ch of ${THE})?(?:turning ch(?:ain)?|beginning ch(?:ain)?|t-?ch|it)`;

const one = (takes: number, makes: number): Instruction => ({ kind: 'stitches', takes, makes });
const number = (text: string | undefined, missing = 1) => (text ? Number(text) : missing);

interface Form {
  form: RegExp;
  read: (found: RegExpExecArray) => Instruction[];
}
const form = (pattern: string, read: Form['read']): Form => ({ form: new RegExp(`^${pattern}$`, 'i'), read });

/** How far an instruction without a number goes. */
const REACH = String.raw`(?:(?:to|until) ${THE}(?:last(?: (\d+))? ?${PLACE}|end(?: of (?:row|rnd|round))?|turning ch(?:ain)?|t-?ch)|across|around|round)`;
const restOf = (text: string, last: string | undefined) =>
  /last/i.test(text) ? number(last) : /t-?ch|turning ch(?:ain)?$/i.test(text) ? 1 : 0;

const FORMS: readonly Form[] = [
  form(
    String.raw`(?:turn|join.*|fasten off.*|do not turn|place (?:a )?marker.*|move (?:the )?markers?.*)`,
    () => [],
  ),
  // "ch 5 (counts as dc, ch 2)": the chains beside the stitch are made as well.
  form(
    String.raw`ch \d+ \(counts as (?:(?:a|the) )?(?:first )?${STITCH}(?:(?:,| and| plus|,? \+) ch (\d+))?.*\)`,
    ([, chains]) => [one(1, 1 + number(chains, 0))],
  ),
  form(String.raw`ch (\d+) \(counts as .+\)`, () => [one(1, 1)]),
  form(String.raw`ch (\d+)`, ([, many]) => [one(0, Number(many))]),
  form(String.raw`(?:sk|skip|miss) ${THE}(?:(?:next|first|last) )?(?:(\d+) )?${PLACE}`, ([, many]) => [
    one(number(many), 0),
  ]),
  form(
    String.raw`(?:sk|skip|miss) ${THE}(?:(?:next|first|last) )?(?:(\d+) )?${SPACE}`,
    ([, many, chains]) => [one(number(many) * Number(chains), 0)],
  ),
  form(String.raw`sl st in each ${PLACE}(?: ${REACH})?`, ([text, last]) => [
    { kind: 'fill', body: [one(1, 1)], rest: restOf(text, last) },
  ]),
  form(
    String.raw`sl st (?:in|over|across) ${THE}(?:each of )?${THE}(?:(?:next|first|last) )?(?:(\d+) )?${PLACE}`,
    ([, many]) => [{ ...one(number(many), 0), slips: number(many) }],
  ),
  form(String.raw`sl st (?:in|over|across) ${THE}(?:(?:next|first|last) )?${SPACE}`, ([, chains]) => [
    { ...one(Number(chains), 0), slips: 1 },
  ]),
  form(String.raw`(?:(\d+) )?${STITCH} in each ${SPACE}(?: ${REACH})?`, ([text, many, chains, last]) => [
    { kind: 'fill', body: [one(Number(chains), number(many))], rest: restOf(text, last) },
  ]),
  form(
    String.raw`(?:(\d+) )?${STITCH} in ${THE}(?:each of )?${THE}(?:(?:next|first|last|following) )?(?:(\d+) )?${SPACE}`,
    ([, many, places, chains]) => [one(number(places) * Number(chains), number(places) * number(many))],
  ),
  form(String.raw`(?:(\d+) )?${STITCH} in ${THE}${TURNING}`, ([, many]) => [one(1, number(many))]),
  form(String.raw`leave ${THE}(?:last )?(?:(\d+) )?${PLACE} unworked`, ([, many]) => [one(number(many), 0)]),
  form(String.raw`(?:work(?: even)?|${STITCH}|in pattern)(?: even| in pattern)? ${REACH}`, ([text, last]) => [
    { kind: 'fill', body: [one(1, 1)], rest: restOf(text, last) },
  ]),
  form(String.raw`(?:(\d+) )?(?:work|${STITCH}) in each ${PLACE}(?: ${REACH})?`, ([text, many, last]) => [
    { kind: 'fill', body: [one(1, number(many))], rest: restOf(text, last) },
  ]),
  form(String.raw`(?:work even|in pattern)`, () => [{ kind: 'fill', body: [one(1, 1)], rest: 0 }]),
  form(String.raw`(?:(\d+) )?${STITCH} in (?:${THE}same|it|that) ?${PLACE}`, ([, many]) => [
    one(0, number(many)),
  ]),
  form(
    String.raw`(?:(\d+) )?${STITCH} in ${THE}(?:each of )?${THE}(?:next|first|last|following)(?: (\d+))? ?${PLACE}`,
    ([, many, places]) => [one(number(places), number(places) * number(many))],
  ),
  form(
    String.raw`(?:(\d+) )?(?:work|${STITCH}) in ${THE}(?:each of )?${THE}?(\d+) ?${PLACE}`,
    ([, many, places]) => [one(Number(places), Number(places) * number(many))],
  ),
  form(
    String.raw`(?:${STITCH})(\d)tog(?: (?:over|in|across) ${THE}(?:next|first|last|following)(?: \d+)? ?${PLACE})?(?: (\d+) times)?`,
    ([, takes, times]) => [{ kind: 'repeat', body: [one(Number(takes), 1)], times: number(times) }],
  ),
  form(
    String.raw`inc(?:rease)?(?: in ${THE}(?:each of )?${THE}(?:next|first|last)(?: (\d+))? ?${PLACE})?(?: (\d+) times)?`,
    ([, places, times]) => [{ kind: 'repeat', body: [one(1, 2)], times: number(places) * number(times) }],
  ),
  form(
    String.raw`dec(?:rease)?(?: (?:over|in) ${THE}(?:next|first|last)(?: \d+)? ?${PLACE})?(?: (\d+) times)?`,
    ([, times]) => [{ kind: 'repeat', body: [one(2, 1)], times: number(times) }],
  ),
  form(String.raw`(?:work )?(?:(\d+) )?${STITCH}`, ([, many]) => [one(number(many), number(many))]),
  form(String.raw`(?:work )?(\d+)`, ([, many]) => [one(Number(many), Number(many))]),
];

/**
 * Reads the instructions of a row for one size.
 *
 * @throws InstructionFault with the words that cannot be read
 */
export function readInstructions(text: string): Instruction[] {
  return split(text.trim().replace(/\.$/, '')).flatMap(readOne);
}

/** The parts between commas, semicolons and "then", those inside brackets or after a star kept together. */
function split(text: string): string[] {
  const parts: string[] = [];
  let depth = 0;
  let part = '';
  let starred = false;
  const push = () => {
    const trimmed = part.trim().replace(/^(?:and|then) /i, '');
    if (trimmed !== '') parts.push(trimmed);
    part = '';
  };
  for (let i = 0; i < text.length; i += 1) {
    const c = text[i]!;
    if (c === '(' || c === '[') depth += 1;
    if (c === ')' || c === ']') depth -= 1;
    if (c === '*' && depth === 0 && !starred && !/(?:from|to) $/i.test(part)) {
      push();
      starred = true;
    }
    const ends = depth === 0 && (c === ',' || c === ';');
    const repeats = starred && /(?:repeat|rep) from \*[^,;]*$/i.test(part);
    if (ends && (!starred || repeats)) {
      if (repeats) starred = false;
      push();
    } else part += c;
  }
  if (depth !== 0) throw new InstructionFault('a bracket is not closed');
  push();
  return parts;
}

/** The same in fewer words: "into" and "around the post of" say where as "in" does. */
function plainly(text: string): string {
  return text
    .replace(/\binto\b/gi, 'in')
    .replace(
      /\b(?:around|round) (?:the )?(?:posts? of )?(?=(?:the )?(?:next|first|last|following|each|same)\b)/gi,
      'in ',
    );
}

function readOne(said: string): Instruction[] {
  const text = plainly(said);
  if (text.startsWith('*')) return [starRepeat(text)];
  const group = /^[([](.+)[)\]]\s*(.*)$/.exec(text);
  if (group) return [bracketed(group[1]!, group[2]!.trim(), text)];
  for (const { form: pattern, read } of FORMS) {
    const found = pattern.exec(text);
    if (found) return read(found);
  }
  // "sc in first 2 sts and 2 sc in next" is two instructions.
  const both = /^(.+?) and (.+)$/i.exec(text);
  if (both) return [...readOne(both[1]!), ...readOne(both[2]!)];
  throw new InstructionFault(`“${text}” cannot be read`);
}

/** "*A, B; repeat from * 3 more times", "... to last 2 sts". */
function starRepeat(text: string): Instruction {
  const found = /^\*(.+?)[;,]?\s*(?:repeat|rep) from \*\s*(.*)$/i.exec(text);
  if (!found) throw new InstructionFault(`“${text}” has no “repeat from *”`);
  const body = readInstructions(found[1]!);
  const how = found[2]!.trim();
  const more = /^(?:(\d+) (?:more )?times?(?: more)?|(once)(?: more)?|(twice)(?: more)?)$/i.exec(how);
  if (more) return { kind: 'repeat', body, times: 1 + (more[2] ? 1 : more[3] ? 2 : Number(more[1])) };
  const reach = new RegExp(`^${REACH}$`, 'i').exec(how);
  if (reach) return { kind: 'fill', body, rest: restOf(how, reach[1]) };
  throw new InstructionFault(`“repeat from * ${how}” cannot be read; say how many times, or “to end”`);
}

/** "(A, B) 5 times", "[A] x 5", "(A, B) to end", or "(2 dc, ch 1, 2 dc) in next sp". */
function bracketed(inside: string, how: string, text: string): Instruction {
  const times = /^(?:(\d+) times|[x×] ?(\d+)|(once)|(twice))$/i.exec(how);
  if (times)
    return {
      kind: 'repeat',
      body: readInstructions(inside),
      times: times[3] ? 1 : times[4] ? 2 : Number(times[1] ?? times[2]),
    };
  const reach = new RegExp(`^${REACH}$`, 'i').exec(how);
  if (reach) return { kind: 'fill', body: readInstructions(inside), rest: restOf(how, reach[1]) };
  if (/^in (?:the )?(?:next|first|last|same|each)/i.test(how)) {
    const makes = total(readInstructions(inside)).makes;
    const chains = new RegExp(SPACE, 'i').exec(how)?.[1];
    const cell = one(/same/i.test(how) ? 0 : number(chains), makes);
    return /each/i.test(how) ? { kind: 'fill', body: [cell], rest: 0 } : cell;
  }
  throw new InstructionFault(`“${text}” cannot be read; say how often the bracket is worked`);
}

interface Total {
  takes: number;
  makes: number;
  slips: number;
}

/** What instructions without a fill take, make and slip over. */
function total(list: readonly Instruction[]): Total {
  const sum: Total = { takes: 0, makes: 0, slips: 0 };
  for (const one of list) {
    if (one.kind === 'fill') throw new InstructionFault('“to end” cannot stand inside a repeat');
    const { takes, makes, slips = 0 } = one.kind === 'stitches' ? one : total(one.body);
    const times = one.kind === 'stitches' ? 1 : one.times;
    sum.takes += takes * times;
    sum.makes += makes * times;
    sum.slips += slips * times;
  }
  return sum;
}

/** What is wrong with a row in words, or how many stitches it comes to. */
export type RowResult =
  /** How many of its stitches would be slip stitches, if those counted. */
  { ok: true; count: number; slips: number } | { ok: false; message: string };

/**
 * Works the instructions of a row over a number of stitches.
 *
 * @param before stitches of the row below
 */
export function workInstructions(list: readonly Instruction[], before: number): RowResult {
  let taken = 0;
  let made = 0;
  let slipped = 0;
  for (const [i, one] of list.entries()) {
    if (one.kind !== 'fill') {
      const { takes, makes, slips } = total([one]);
      taken += takes;
      made += makes;
      slipped += slips;
      continue;
    }
    const { takes, makes, slips } = total(one.body);
    if (takes === 0)
      return { ok: false, message: 'it repeats “to end” something that is worked into nothing' };
    const said = total(list.slice(i + 1).filter(({ kind }) => kind !== 'fill')).takes;
    const room = before - taken - (one.rest > 0 ? one.rest : said);
    if (room < 0)
      return {
        ok: false,
        message: `it works into ${before - room} stitches, but the row below has ${before}`,
      };
    if (room % takes !== 0)
      return {
        ok: false,
        message: `its repeat takes ${takes} stitches, which ${room} are not a multiple of: ${room % takes} are left over`,
      };
    taken += room;
    made += (room / takes) * makes;
    slipped += (room / takes) * slips;
  }
  if (taken !== before)
    return {
      ok: false,
      message:
        taken > before
          ? `it works into ${taken} stitches, but the row below has ${before}`
          : `it works into ${taken} of the ${before} stitches below and says nothing of the other ${before - taken}`,
    };
  return { ok: true, count: made, slips: slipped };
}
