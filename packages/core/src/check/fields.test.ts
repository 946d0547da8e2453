import fc from 'fast-check';
import { checkNumber, FieldReader, quote, type FieldProblem } from './fields.js';

const read = (object: Record<string, unknown>, path = '') => {
  const problems: FieldProblem[] = [];
  return { reader: new FieldReader(object, path, problems), problems };
};
const bust = { label: 'The bust', min: 20, max: 250, unit: 'cm' };

describe('a reader of fields', () => {
  it('takes a number inside its limits, whatever it is, and any other thing as a problem of that field', () => {
    fc.assert(
      fc.property(fc.oneof(fc.double({ min: -400, max: 400 }), fc.jsonValue()), (value) => {
        const { reader, problems } = read({ bust: value }, 'sizes[2].body');
        const found = reader.number('bust', bust);
        const right = typeof value === 'number' && value >= 20 && value <= 250;
        expect(found).toBe(right ? value : 20);
        expect(problems.map(({ path }) => path)).toEqual(right ? [] : ['sizes[2].body.bust']);
        for (const { message } of problems) expect(message).toMatch(/^The bust is .* 20 to 250 cm/s);
      }),
    );
  });

  it('takes the usual figure for a number that is missing, and for a wrong one with a sentence', () => {
    const { reader, problems } = read({ ease: 'wide' });
    const ease = { label: 'The ease', min: -20, max: 60, unit: 'cm', fallback: 10 };
    expect(reader.number('hip', ease)).toBe(10);
    expect(reader.number('ease', ease)).toBe(10);
    expect(problems).toEqual([
      { path: 'ease', message: 'The ease is “wide”; a number from -20 to 60 cm belongs here.' },
    ]);
  });

  it('wants whole numbers where things are counted', () => {
    const motif = { label: 'The motif', min: 1, max: 60, unit: 'stitches', whole: true };
    expect(checkNumber(6, motif)).toBeNull();
    expect(checkNumber(6.5, motif)).toBe('The motif is 6.5; a whole number belongs here.');
    expect(checkNumber(Infinity, motif)).toContain('a number from 1 to 60 stitches belongs here');
    expect(checkNumber(NaN, motif)).toContain('a number from 1 to 60 stitches belongs here');
  });

  it('takes one of a few words, else the usual one and says which there are', () => {
    const { reader, problems } = read({ front: 'bolted' });
    const fronts = ['closed', 'gap'] as const;
    expect(reader.choice('front', 'The front', fronts, 'closed')).toBe('closed');
    expect(reader.choice('back', 'The back', fronts, 'gap')).toBe('gap');
    expect(problems.map(({ message }) => message)).toEqual([
      'The front is “bolted”; it can be “closed”, “gap”.',
    ]);
  });

  it('takes a line of text as it is typed, but no blank and no flood', () => {
    const { reader, problems } = read({ name: ' Sallow ', blank: '  ', long: 'x'.repeat(201), number: 3 });
    expect(reader.text('name', 'The name')).toBe(' Sallow ');
    expect(reader.text('none', 'The name', 'Body')).toBe('Body');
    for (const key of ['blank', 'long', 'number', 'none']) expect(reader.text(key, 'The name')).toBe('');
    expect(problems.map(({ path }) => path)).toEqual(['blank', 'long', 'number', 'none']);
    // A flood is not listed in full.
    expect(problems[1]!.message.length).toBeLessThan(120);
  });

  it('walks into objects and lists and says where it is', () => {
    const { reader, problems } = read({ sizes: [{ bust: 90 }, 'M', { bust: 900 }], neck: 7 }, '');
    const sizes = reader.list('sizes', 'The list of sizes', 10);
    expect(sizes.map((size) => size.number('bust', bust))).toEqual([90, 20]);
    expect(reader.inside('neck', 'The neck', true)).toBeNull();
    expect(reader.inside('sleeve', 'The sleeve', false)).toBeNull();
    expect(reader.inside('body', 'The body', true)).toBeNull();
    expect(problems.map(({ path }) => path)).toEqual(['sizes[1]', 'sizes[2].bust', 'neck', 'body']);
  });

  it('takes no list that is none or too long', () => {
    const { reader, problems } = read({ sizes: 'all', pins: [{}, {}, {}] }, 'design');
    expect(reader.list('sizes', 'The list of sizes', 10)).toEqual([]);
    expect(reader.list('pins', 'The list of held counts', 2)).toEqual([]);
    expect(problems).toEqual([
      { path: 'design.sizes', message: 'The list of sizes is “all”; a list belongs here.' },
      { path: 'design.pins', message: 'The list of held counts has 3 entries; at most 2 are taken.' },
    ]);
  });

  it('quotes anything in one short piece', () => {
    fc.assert(
      fc.property(fc.anything(), (value) => {
        expect(quote(value).length).toBeLessThanOrEqual(43);
      }),
    );
    expect(quote(undefined)).toBe('nothing');
    expect(quote({ a: 1 })).toBe('“{"a":1}”');
  });
});
