import fc from 'fast-check';
import { plan } from '../plan.js';
import { demoDesigns } from '../testing/designs.js';
import { USUAL_STYLE } from './style.js';
import { pattern } from './pattern.js';
import { countRows, patternToHtml, patternToPlainText, toCsv } from './tables.js';
import { patternToText } from './text.js';

const design = demoDesigns()['hollinwood-jumper']!;
const planned = plan(design);
const text = pattern(planned, design, { terms: 'us', units: 'cm' });

/** The cells of CSV as RFC 4180 reads it. */
function readCsv(csv: string): string[][] {
  const rows: string[][] = [[]];
  for (const found of csv.matchAll(/("(?:[^"]|"")*"|[^,\r\n]*)(,|\r\n|$)/g)) {
    const [, cell, end] = found;
    rows.at(-1)!.push(cell!.startsWith('"') ? cell!.slice(1, -1).replaceAll('""', '"') : cell!);
    if (end === '\r\n') rows.push([]);
    if (end === '') break;
  }
  return rows.slice(0, -1);
}

describe('counts as CSV', () => {
  it('have every count of every size', () => {
    const [head, ...rows] = readCsv(toCsv(countRows(planned.sizes)));
    expect(head!.slice(4)).toEqual(planned.sizes.map(({ label }) => label));
    expect(rows).toHaveLength(planned.sizes[0]!.quantities.length);
    for (const [id, , , , ...counts] of rows)
      planned.sizes.forEach(({ quantities }, i) =>
        expect(Number(counts[i])).toBe(quantities.find((one) => one.id === id)!.count),
      );
  });

  it('come back as they went, and never as a formula', () => {
    fc.assert(
      fc.property(
        fc.array(fc.array(fc.string(), { minLength: 1, maxLength: 4 }), { minLength: 1 }),
        (rows) => {
          const back = readCsv(toCsv(rows));
          const formula = (cell: string) => /^[=+\-@\t\r]/.test(cell) && !/^-?\d+(\.\d+)?$/.test(cell);
          expect(back).toEqual(rows.map((row) => row.map((cell) => (formula(cell) ? `'${cell}` : cell))));
          for (const cell of back.flat()) expect(cell).not.toMatch(/^[=+@]/);
        },
      ),
    );
    expect(toCsv([['=1+1', '-5', '@x']])).toBe("'=1+1,-5,'@x\r\n");
  });
});

describe('other forms of the text', () => {
  it('have the author’s sentences where they were put, and at the end where that line is gone', () => {
    const section = { id: 'back', heading: 'Back', lines: [['One.'], ['Two.']] };
    const put = (text: string, line: number | null) => ({ text, line, at: 0 });
    const said = (own: ReturnType<typeof put>[]) =>
      patternToText({
        title: 'T',
        sizes: ['M'],
        sizeIds: ['M'],
        style: USUAL_STYLE,
        sections: [{ ...section, own }],
      })
        .split('\n')
        .slice(4, -1);
    expect(said([put('first', 0), put('middle', 1), put('end', null)])).toEqual([
      '> first',
      'One.',
      '> middle',
      'Two.',
      '> end',
    ]);
    expect(said([put('gone', 9)])).toEqual(['One.', 'Two.', '> gone']);
  });

  const words = (all: string) =>
    all
      .replace(/\|[ :|-]+\|\n/g, ' ')
      .replace(/[#\-\s|:]+/g, ' ')
      .trim()
      .toLowerCase();

  it('say the same in plain text', () => {
    expect(words(patternToPlainText(text))).toBe(words(patternToText(text)));
  });

  it('say the same as a web page, which has no script and nothing from elsewhere', () => {
    const html = patternToHtml(text, '');
    const bare = html
      .replace(/<style>.*?<\/style>/s, '')
      .replace(/<title>.*?<\/title>/, '')
      .replace(/<[^>]+>/g, ' ')
      .replace(/&#(\d+);/g, (_, code) => String.fromCharCode(Number(code)));
    for (const section of text.sections) expect(bare).toContain(section.heading);
    expect(words(bare).replace('schematic ', '')).toBe(words(patternToText(text)));
    expect(html).not.toMatch(/<script|src=|href=/);
  });

  it('carry the author’s own sentences, which survive a change of counts', () => {
    const words = {
      sentences: [{ section: 'sleeve', text: 'Mind the <lead> & follow it.' }],
      care: 'Cold wash.',
    };
    const own = pattern(planned, { ...design, words }, { terms: 'uk', units: 'both' });
    expect(own.sections.find(({ id }) => id === 'sleeve')!.own).toEqual([
      { text: 'Mind the <lead> & follow it.', line: null, at: 0 },
    ]);
    expect(patternToText(own)).toContain('> Mind the <lead> & follow it.');
    expect(patternToHtml(own, '')).toContain('Mind the &#60;lead&#62; &#38; follow it.');
    expect(own.sections.find(({ id }) => id === 'care')!.lines).toEqual([['Cold wash.']]);
    const other = { ...design, words, garment: { ...design.garment, ease: 20 } };
    const again = pattern(plan(other), other, { terms: 'us', units: 'cm' });
    expect(again.sections.find(({ id }) => id === 'sleeve')!.own).toHaveLength(1);
    expect(patternToText(own)).toMatch(
      /\| All round \| 88 \| [^]*\| finished, in \| [^]*\| All round \| 34¾ \|/,
    );
  });
});
