import { existsSync, readFileSync, statSync } from 'node:fs';
import { resolve } from 'node:path';
import {
  clashInWords,
  doubtsOf,
  LONGEST_FILE,
  LONGEST_MAKING,
  notOf,
  NothingToMake,
  plan,
  planFile,
  preview,
  provenText,
  readDesignText,
  readMakingText,
  replay,
  stitchFile,
  stitchPattern,
  workedPlan,
  workIn,
  type Design,
  type FieldProblem,
  type Plan,
  type Replayed,
  type Terms,
  type Units,
} from '@upfell/core';

/** 0: planned; 1: planned, with a note of level stop, or a text that differs from the plan; 2: the file could not be read, is not a design, or the call is wrong. */
export type ExitStatus = 0 | 1 | 2;

/** What a run prints and how it ends. */
export interface RunResult {
  status: ExitStatus;
  out: string;
  err: string;
}

const USAGE = `upfell plan FILE                                    print the plan file (JSON)
upfell write FILE [--size ID] [--terms us|uk] [--units cm|in]  print the pattern
upfell check FILE                                   print the notes, one a line
upfell replan DESIGN MAKING                         print the plan file of a making: rows worked as worked, the rest fitted anew
upfell stitch FILE                                  read a stitch pattern (plain text) and print what follows from it (JSON)

FILE: a design file (or a stitch pattern), or - for standard input
exit status: 0 planned; 1 planned, with a note of level stop, or the text read back differs from the plan (listed on standard
error), or a stitch pattern with faults; 2 not readable or not a design
`;

interface Call {
  verb: (typeof VERBS)[number];
  file: string;
  /** The making of `replan`. */
  making?: string;
  options: Record<string, string>;
}

const VERBS = ['plan', 'write', 'check', 'stitch', 'replan'] as const;
const OPTIONS: Record<Call['verb'], readonly string[]> = {
  plan: [],
  write: ['size', 'terms', 'units'],
  check: ['units'],
  stitch: [],
  replan: ['units'],
};

function readCall(args: readonly string[]): Call | string {
  const [verb, ...rest] = args;
  const known = VERBS.find((name) => name === verb);
  if (!known)
    return verb === undefined
      ? 'say plan, write, check, stitch or replan'
      : `“${verb}” is not plan, write, check, stitch or replan`;
  const options: Record<string, string> = {};
  const files: string[] = [];
  for (let i = 0; i < rest.length; i += 1) {
    const word = rest[i]!;
    if (!word.startsWith('--')) {
      files.push(word);
      continue;
    }
    const [name, inline] = word.slice(2).split('=', 2) as [string, string?];
    if (!OPTIONS[known].includes(name)) return `${known} has no option --${name}`;
    const value = inline ?? rest[(i += 1)];
    if (value === undefined) return `--${name} needs a value`;
    options[name] = value;
  }
  if (known === 'replan') {
    if (files.length < 2) return files.length === 0 ? 'DESIGN and MAKING are missing' : 'MAKING is missing';
    if (files.length > 2) return 'replan takes one DESIGN and one MAKING';
  } else if (files.length !== 1) return files.length === 0 ? 'a FILE is missing' : 'only one FILE at a time';
  if (options['terms'] !== undefined && !['us', 'uk'].includes(options['terms']))
    return '--terms is us or uk';
  if (options['units'] !== undefined && !['cm', 'in'].includes(options['units']))
    return '--units is cm or in';
  return { verb: known, file: files[0]!, options, ...(files[1] ? { making: files[1] } : {}) };
}

function refuse(message: string): RunResult {
  return { status: 2, out: '', err: `${message}\n` };
}

/** npm runs scripts in the project's folder; a path that is not there is meant from where npm was called. */
function located(file: string): string {
  const { INIT_CWD } = process.env;
  return file !== '-' && INIT_CWD !== undefined && !existsSync(file) ? resolve(INIT_CWD, file) : file;
}

function readFile(name: string, longest = LONGEST_FILE, what = 'design'): string | RunResult {
  const file = located(name);
  try {
    if (file !== '-' && statSync(file).size > 4 * longest)
      return refuse(`${file}: the file is too big; a ${what} file has at most ${longest / 1e6} MB.`);
    return readFileSync(file === '-' ? 0 : file, 'utf8');
  } catch (error) {
    const code = (error as NodeJS.ErrnoException).code;
    return refuse(
      `${file}: ${code === 'ENOENT' ? 'there is no such file' : code === 'EISDIR' ? 'this is a folder' : 'the file cannot be read'}.`,
    );
  }
}

/**
 * Runs one command.
 *
 * @param args the words after `upfell`
 */
export function run(args: readonly string[]): RunResult {
  if (args.includes('--help') || args[0] === 'help') return { status: 0, out: USAGE, err: '' };
  const call = readCall(args);
  if (typeof call === 'string') return refuse(`upfell: ${call}\n${USAGE}`);
  const text = readFile(call.file);
  if (typeof text !== 'string') return text;
  if (call.verb === 'stitch') return stitch(text, call.file);
  const read = readDesignText(text);
  if (!read.ok) return refuse(problemsInWords(read.problems, call.file));
  if (call.verb === 'replan') return replan(read.design, call);
  return output(call, plan(read.design), read.design);
}

function problemsInWords(problems: readonly FieldProblem[], file: string): string {
  return problems.map(({ path, message }) => `${path === '' ? file : path}: ${message}`).join('\n');
}

/** The plan of a making as it stands after its log; what of the log could not be followed is said on standard error. */
function replan(design: Design, { making: file, options }: Call): RunResult {
  const text = readFile(file!, LONGEST_MAKING, 'making');
  if (typeof text !== 'string') return text;
  const read = readMakingText(text);
  if (!read.ok) return refuse(problemsInWords(read.problems, file!));
  const { making } = read;
  const other = notOf(design, making);
  if (other) return refuse(`${other.path}: ${other.message}`);
  const units = (options['units'] ?? design.units) as Units;
  let replayed: Replayed;
  try {
    replayed = replay(design, making);
  } catch (error) {
    if (!(error instanceof NothingToMake)) throw error;
    return { status: 1, out: '', err: `${error.message}\n` };
  }
  const { standing, failed, entries } = replayed;
  const done = workIn(standing.plan, entries);
  const clashes = entries.flatMap((entry) =>
    failed.includes(entry.id) && (entry.kind === 'change' || entry.kind === 'gauge')
      ? clashInWords(preview(standing, entry, done), units).map((said) => `${entry.id}: ${said}`)
      : [],
  );
  const planned = {
    design: design.name,
    construction: standing.design.garment.construction,
    sizes: [workedPlan(replayed)],
  };
  const { proof } = provenText(planned, standing.design, { units, size: making.size });
  const differences = proof.differences.map(
    (one) => `the text differs from the plan: ${one.piece}, size ${one.size}: ${one.message}`,
  );
  const said = [...doubtsOf(replayed, making), ...clashes, ...differences];
  return {
    status: stops(planned) || failed.length > 0 || differences.length > 0 ? 1 : 0,
    out: `${JSON.stringify(planFile(planned, units), null, 1)}\n`,
    err: said.map((line) => `${line}\n`).join(''),
  };
}

/** A stitch pattern and what follows from it; text with control characters is no text. */
function stitch(text: string, file: string): RunResult {
  // eslint-disable-next-line no-control-regex -- what is looked for are control characters
  if (/[\u0000-\u0008\u000e-\u001f\ufffd]/.test(text)) return refuse(`${file}: this is not plain text.`);
  const found = stitchPattern(text);
  return {
    status: found.faults.length > 0 ? 1 : 0,
    out: `${JSON.stringify(stitchFile(found), null, 1)}\n`,
    err: '',
  };
}

const stops = ({ sizes }: Plan) => sizes.some(({ notes }) => notes.some(({ level }) => level === 'stop'));

/** A plan with no other notes than those that stop it. */
const stopsOnly = ({ sizes, ...plan }: Plan): Plan => ({
  ...plan,
  sizes: sizes.map((size) => ({ ...size, notes: size.notes.filter(({ level }) => level === 'stop') })),
});

/** The notes of a plan, one a line. */
function noteLines(planned: Plan, units: Units): string[] {
  return planFile(planned, units).sizes.flatMap(({ id, notes }) =>
    notes.map(({ level, code, where, message }) => `${id}\t${level}\t${code}\t${where}\t${message}\n`),
  );
}

function output({ verb, options }: Call, planned: Plan, design: Design): RunResult {
  const units = (options['units'] ?? design.units) as Units;
  const status = stops(planned) ? 1 : 0;
  if (verb === 'plan')
    return { status, out: `${JSON.stringify(planFile(planned, units), null, 1)}\n`, err: '' };
  const { size } = options;
  if (size !== undefined && !design.sizes.some(({ id }) => id === size))
    return refuse(
      `--size: there is no size “${size}”; the sizes are ${design.sizes.map(({ id }) => id).join(', ')}.`,
    );
  const { text, proof } = provenText(planned, design, {
    ...(options['terms'] === undefined ? {} : { terms: options['terms'] as Terms }),
    units,
    ...(size === undefined ? {} : { size }),
  });
  const differences = proof.differences.map(
    (one) => `the text differs from the plan: ${one.piece}, size ${one.size}: ${one.message}\n`,
  );
  const err = differences.join('');
  if (verb === 'check')
    return { status: err === '' ? status : 1, out: noteLines(planned, units).join(''), err };
  const sizes = planned.sizes.filter(({ id }) => size === undefined || id === size);
  const reasons = noteLines(stopsOnly({ ...planned, sizes }), units).join('');
  if (sizes.every(({ pieces }) => pieces.length === 0)) return { status: 1, out: '', err: reasons };
  return { status: err === '' ? status : 1, out: text, err: reasons + err };
}
