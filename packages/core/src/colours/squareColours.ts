import type { FieldReader } from '../check/fields.js';

/** A yarn of the squares: what it is called, and how it is shown on the screen and in drawings. */
export interface SquareYarn {
  name: string;
  /** "#6b7d3a" */
  shown: string;
}

/** A kind of square: the colours of its rounds from the centre out; the last of them goes on. */
export interface SquareKind {
  /** "A": stands in the squares of a map. */
  id: string;
  name: string;
  rounds: readonly string[];
}

export const MAP_RULES = ['one kind', 'checks', 'diagonals', 'rows', 'columns', 'scattered'] as const;
export type MapRule = (typeof MAP_RULES)[number];

/** How the squares of a garment are coloured. */
export interface SquareColours {
  yarns: readonly SquareYarn[];
  kinds: readonly SquareKind[];
  /** The yarn of every square's last round, of joins and of what is worked on to the sheet; without it each kind ends in its own. */
  border?: string;
  rule: MapRule;
  /** Another arrangement of scattered squares. */
  seed?: number;
  /** Kinds of squares that were placed by hand or taken from a picture, by their places ("back 3 -2"): in all sizes, and in one alone. */
  placed?: Readonly<Record<string, string>>;
  placedIn?: Readonly<Record<string, Readonly<Record<string, string>>>>;
}

/** Squares of one kind in one yarn: what a garment of squares has that was given no colours. */
export const USUAL_COLOURS: SquareColours = {
  yarns: [{ name: 'main colour', shown: '#b9a06a' }],
  kinds: [{ id: 'A', name: 'Plain', rounds: ['main colour'] }],
  rule: 'one kind',
};

export const MOST_YARNS = 24;
export const MOST_KINDS = 24;
const MOST_ROUNDS = 30;
const MOST_PLACED = 20_000;
const PLACE = /^(?:back|front) [1-9]\d{0,2} -?\d{1,3}$/;

/** The letter of the next kind. */
export function nextKind(kinds: readonly Pick<SquareKind, 'id'>[]): string {
  const letters = Array.from({ length: MOST_KINDS }, (_, i) => String.fromCharCode(65 + i));
  return letters.find((letter) => !kinds.some(({ id }) => id === letter)) ?? 'Z';
}

/** The colour of a round of a square. */
export function colourOfRound(
  { border }: Pick<SquareColours, 'border'>,
  { rounds }: Pick<SquareKind, 'rounds'>,
  n: number,
  last: number,
): string {
  if (border !== undefined && n === last) return border;
  return rounds[Math.min(n, rounds.length) - 1]!;
}

/** Checks the colours of squares: every colour that is named is one of the yarns, every kind that is placed one of the kinds. */
export function readSquareColours(finishing: FieldReader): void {
  const reader = finishing.inside('squares', 'The colours of the squares', false);
  if (!reader) return;
  const yarns: string[] = [];
  for (const yarn of reader.list('yarns', 'The list of yarns of the squares', MOST_YARNS)) {
    const name = yarn.text('name', 'The name of the yarn');
    if (yarns.includes(name))
      yarn.problem('name', `There are two yarns called “${name}”: give one of them another name.`);
    yarns.push(name);
    const shown = yarn.text('shown', 'The colour that the yarn is shown in');
    if (shown && !/^#[0-9a-f]{6}$/i.test(shown))
      yarn.problem('shown', `The colour that the yarn is shown in is written as #6b7d3a, not “${shown}”.`);
  }
  if (yarns.length === 0) reader.problem('yarns', 'The squares want at least one yarn.');
  const known = (of: FieldReader, key: string, colour: string, where: string) => {
    if (yarns.includes(colour)) return;
    of.problem(
      key,
      `${where} is in “${colour}”, which is none of the ${yarns.length} yarns (${yarns.join(', ')}): add it to them, or take one of these.`,
    );
  };
  const kinds: string[] = [];
  for (const kind of reader.list('kinds', 'The list of kinds of squares', MOST_KINDS)) {
    const id = kind.text('id', 'The letter of the kind');
    if (kinds.includes(id)) kind.problem('id', `There are two kinds with the letter “${id}”.`);
    kinds.push(id);
    const name = kind.text('name', 'The name of the kind');
    const rounds = kind.object['rounds'];
    if (!Array.isArray(rounds) || rounds.length === 0 || rounds.length > MOST_ROUNDS)
      kind.problem('rounds', `“${name}” wants the colours of its rounds: 1 to ${MOST_ROUNDS} of them.`);
    else
      rounds.forEach((colour: unknown, i) => {
        if (typeof colour === 'string' && colour.trim() !== '')
          return known(kind, 'rounds', colour, `Round ${i + 1} of “${name}”`);
        kind.problem('rounds', `Round ${i + 1} of “${name}” wants the name of its yarn.`);
      });
  }
  if (kinds.length === 0) reader.problem('kinds', 'There is at least one kind of square.');
  if (reader.object['border'] !== undefined) {
    const border = reader.text('border', 'The yarn of every last round');
    if (border !== '') known(reader, 'border', border, 'The last round of every square');
  }
  reader.choice('rule', 'The rule of the map', MAP_RULES, 'one kind');
  reader.number('seed', { label: 'The arrangement', min: 0, max: 9999, unit: '', whole: true, fallback: 0 });
  readPlaced(reader, 'placed', kinds);
  const sizes = reader.inside('placedIn', 'The list of squares placed in single sizes', false);
  for (const size of Object.keys(sizes?.object ?? {})) readPlaced(sizes!, size, kinds);
}

function readPlaced(reader: FieldReader, key: string, kinds: readonly string[]): void {
  const placed = reader.inside(key, 'The list of placed squares', false);
  const entries = Object.entries(placed?.object ?? {});
  if (entries.length > MOST_PLACED)
    return reader.problem(key, `At most ${MOST_PLACED} squares can be placed by hand.`);
  for (const [place, kind] of entries) {
    if (!PLACE.test(place))
      return reader.problem(
        key,
        `“${place}” is no place of a square; one is written as “back 3 -2”: layer, row from the shoulder, column from the middle.`,
      );
    if (typeof kind !== 'string')
      return reader.problem(key, `The square at ${place} wants the letter of its kind.`);
    if (!kinds.includes(kind))
      return reader.problem(key, `The square at ${place} is of kind “${kind}”, and there is no such kind.`);
  }
}
