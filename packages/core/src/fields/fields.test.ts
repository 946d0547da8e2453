import { FieldReader, type FieldProblem, type JsonObject } from '../check/fields.js';
import { CONSTRUCTIONS } from '../garment/registry.js';
import {
  choice,
  ease,
  group,
  groupOrNone,
  lengthOrNone,
  number,
  otherFabric,
  type StyleOf,
} from './kinds.js';
import { forSize } from './perSize.js';
import { readFields } from './read.js';
import { fieldsWithin, fieldTable } from './table.js';
import { fieldAt, holds, labelIn, unusedIn, valueAt } from './words.js';

const words = { label: 'x', help: 'x' };
const FIELDS = {
  kind: choice({
    ...words,
    name: 'The kind',
    options: [
      ['plain', 'plain'],
      ['full', 'full'],
    ],
    usual: 'plain',
  }),
  width: ease({
    ...words,
    name: 'The width',
    range: [0, 50],
    usual: ({ kind }) => (kind === 'full' ? { percent: 80 } : 12),
    share: { of: 'the hip' },
  }),
  depth: lengthOrNone({
    ...words,
    name: 'The depth',
    range: [1, 9],
    optional: { none: 'even', own: 'own', first: 4 },
  }),
  pocket: groupOrNone({
    ...words,
    name: 'The pocket',
    optional: { missing: 'none' },
    fields: {
      stitches: number({
        ...words,
        name: 'Its stitches',
        range: [2, 40],
        whole: true,
        unit: 'stitches',
        usual: 10,
      }),
      fabric: otherFabric({ ...words, name: 'Its fabric' }),
    },
  }),
  strap: group({
    ...words,
    name: 'The strap',
    fields: {
      way: choice({
        ...words,
        name: 'Its way',
        options: [
          ['cross', 'x'],
          ['side', 'x'],
        ],
        usual: 'cross',
      }),
      rows: choice({
        ...words,
        name: 'Its rows',
        options: [
          [1, '1'],
          [2, '2'],
        ],
        usual: 2,
        limits: [
          {
            where: { field: 'way', is: ['side'] },
            allowed: [1],
            message: (rows) => `Not ${rows} at the side.`,
          },
        ],
      }),
    },
  }),
};

const read = (object: JsonObject) => {
  const problems: FieldProblem[] = [];
  const style: StyleOf<typeof FIELDS> = readFields(FIELDS, new FieldReader(object, 'garment', problems), [
    'a',
    'b',
  ]);
  return { style, problems };
};

describe('fields', () => {
  it('have their usual figures where nothing is given, also by the fields before them', () => {
    expect(read({})).toEqual({
      style: { kind: 'plain', width: 12, depth: null, pocket: null, strap: { way: 'cross', rows: 2 } },
      problems: [],
    });
    expect(read({ kind: 'full' }).style.width).toEqual({ percent: 80 });
    expect(read({ pocket: {} }).style.pocket).toEqual({ stitches: 10, fabric: null });
    expect(read({ pocket: false }).style.pocket).toBeNull();
  });

  it('are for all sizes or for some of their own', () => {
    const { width } = read({ width: { all: 5, sizes: { M: { percent: 20 } } } }).style;
    expect([forSize(width, 'S'), forSize(width, 'M')]).toEqual([5, { percent: 20 }]);
  });

  it.each<[JsonObject, string, RegExp]>([
    [{ width: 60 }, 'garment.width', /The width is 60; it can be 0 to 50 cm/],
    [{ width: { percent: 500 } }, 'garment.width', /-40 to 100 %/],
    [{ width: { all: 5, sizes: { M: 'wide' } } }, 'garment.width.sizes.M', /“wide”/],
    [{ depth: { percent: 5 } }, 'garment.depth', /a number from 1 to 9 cm belongs here/],
    [{ kind: 'loose' }, 'garment.kind', /it can be “plain”, “full”/],
    [{ pocket: { stitches: 2.5 } }, 'garment.pocket.stitches', /a whole number/],
    [{ pocket: { fabric: 'c' } }, 'garment.pocket.fabric', /it can be “a”, “b”/],
    [{ pocket: 7 }, 'garment.pocket', /an object with its fields belongs here/],
    [{ strap: { way: 'side', rows: 2 } }, 'garment.strap.rows', /Not 2 at the side/],
  ])('that are wrong are reported where they stand: %j', (object, path, sentence) => {
    const { problems } = read(object);
    expect(problems).toEqual([{ path, message: expect.stringMatching(sentence) as string }]);
  });

  it('that stand without a say are found at any depth', () => {
    const { pocket: _, ...without } = FIELDS;
    expect(unusedIn({ pocket: {}, kind: 'full', elsewhere: 1 }, without, [FIELDS])).toEqual([
      { path: 'pocket', label: 'The pocket' },
    ]);
    const bare = {
      ...FIELDS,
      strap: group({ ...words, name: 'The strap', fields: { way: FIELDS.strap.fields.way } }),
    };
    expect(unusedIn({ strap: { way: 'cross', rows: 1 } }, bare, [FIELDS])).toEqual([
      { path: 'strap.rows', label: 'Its rows' },
    ]);
  });

  it('are shown and called by what other fields say', () => {
    const style = { sleeve: { shape: 'bell', ties: 0 }, hood: null };
    expect(holds({ 'sleeve.shape': ['bell', 'balloon'], hood: [null] }, style)).toBe(true);
    expect(holds({ hood: 'some' }, style)).toBe(false);
    expect(holds({ 'sleeve.ties': 'some' }, style)).toBe(false);
    expect(holds({ sleeve: 'some' }, style)).toBe(true);
    const other = { when: { 'sleeve.shape': ['bell'] }, label: 'Flare' } as const;
    expect(labelIn({ label: 'Ease', labels: [other] }, style)).toBe('Flare');
    expect(labelIn({ label: 'Ease', labels: [other] }, {})).toBe('Ease');
    expect([valueAt(style, 'sleeve.shape'), valueAt(style, 'hood.shape')]).toEqual(['bell', undefined]);
  });

  it('stand in one line of the table where they are declared alike', () => {
    const table = fieldTable([
      { id: 'one', fields: FIELDS },
      { id: 'two', fields: { ...FIELDS, width: { ...FIELDS.width, range: [0, 60] } } },
    ]);
    const lines = (path: string) => table.split('\n').filter((line) => line.startsWith(`| \`${path}\``));
    expect(lines('kind')).toEqual(['| `kind` | x | `plain` (plain), `full` (full) | plain | all |']);
    expect(lines('width')).toEqual([
      '| `width` | x | 0 to 50 cm; a share of the hip | 12 | all but two |',
      '| `width` | x | 0 to 60 cm; a share of the hip | 12 | all but one |',
    ]);
    expect(lines('pocket.stitches')[0]).toContain('| 2 to 40 stitches | 10 |');
  });
});

describe.each(CONSTRUCTIONS.map((one) => [one.id, one] as const))('the fields of %s', (_, { fields }) => {
  const all = fieldsWithin(fields);
  const paths = (when: object | undefined) => Object.keys(when ?? {});

  it('say of themselves what a form, a sentence and the documents need', () => {
    for (const { path, field } of all) {
      expect([path, field.name]).toEqual([path, expect.stringMatching(/^[A-Z]/)]);
      expect([path, field.help]).toEqual([path, expect.stringMatching(/^[A-Z].{3,170}\.$/)]);
      expect([path, field.label]).toEqual([path, expect.stringMatching(/^.{2,50}$/)]);
    }
  });

  it('go by other fields only that some construction has', () => {
    for (const { path, field } of all) {
      const options = field.kind === 'choice' ? field.options.flatMap(({ labels = [] }) => labels) : [];
      const asked = [field, ...(field.labels ?? []), ...options].flatMap(({ when }) => paths(when));
      for (const other of [...asked, ...(field.resets ?? [])])
        expect([path, other, CONSTRUCTIONS.some((one) => fieldAt(one.fields, other))]).toEqual([
          path,
          other,
          true,
        ]);
    }
  });

  it('have usual figures that they allow', () => {
    const problems: FieldProblem[] = [];
    const given = (of: typeof fields): JsonObject =>
      Object.fromEntries(
        Object.entries(of).flatMap(([key, field]): [string, unknown][] => {
          if (field.kind === 'group') return [[key, given(field.fields)]];
          const usual = 'usual' in field ? field.usual : null;
          return typeof usual === 'function' || field.kind === 'fabric' ? [] : [[key, usual]];
        }),
      );
    readFields(fields, new FieldReader(given(fields), 'garment', problems), ['body', 'rib']);
    expect(problems).toEqual([]);
  });
});
