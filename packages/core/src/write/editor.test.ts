/** What a technical editor sends a pattern back for, tried on every demo design, all sizes together and each alone, in both terms and units. */

import { statedEase } from './about.js';
import { plan, type Plan } from '../plan.js';
import type { Design } from '../design.js';
import { demoDesigns } from '../testing/designs.js';
import type { Units } from '../units/length.js';
import { rowsOf } from '../work/runs.js';
import { pattern } from './pattern.js';
import type { Terms } from './terms.js';
import { patternToText } from './text.js';

interface Written {
  name: string;
  design: Design;
  planned: Plan;
  text: string;
  size: string | null;
  terms: Terms;
}

const all: Written[] = Object.entries(demoDesigns()).flatMap(([name, design]) => {
  const planned = plan(design);
  const sizes = planned.sizes.filter(({ pieces }) => pieces.length > 0).map(({ id }) => id);
  const write = (size: string | null, terms: Terms, units: Units): Written => ({
    name: `${name}, ${size ?? 'all'}, ${terms}, ${units}`,
    design,
    planned,
    size,
    terms,
    text: patternToText(pattern(planned, design, { terms, units, ...(size ? { size } : {}) })),
  });
  return [
    ...(['us', 'uk'] as const).flatMap((terms) =>
      (['cm', 'in'] as const).map((units) => write(null, terms, units)),
    ),
    ...sizes.map((size, i) => write(size, i % 2 === 0 ? 'us' : 'uk', i % 3 === 0 ? 'in' : 'cm')),
  ];
});
/** The texts in which something is found that should not be there. */
const found = (wrong: RegExp) =>
  all.flatMap(({ name, text }) => {
    // The author's own sentences are the author's.
    const own = text.replace(/^> .*$/gm, '').replaceAll('plus 1 stitches', '');
    return (own.match(wrong) ?? []).map((one) => `${name}: ${one}`);
  });
const sectionsOf = (text: string) =>
  text
    .split(/^## /m)
    .slice(1)
    .map((section) => ({ heading: section.split('\n')[0]!, body: section.slice(section.indexOf('\n') + 1) }));
const pieceText = ({ text, planned }: Written) => {
  const labels = planned.sizes.flatMap(({ pieces }) => pieces.map(({ label }) => label));
  return sectionsOf(text).filter(({ heading }) => labels.includes(heading.replace(/ \(make \d+\)$/, '')));
};

describe('figures', () => {
  it('are whole where whole, inches in quarters', () => {
    expect(found(/\d\.0\b/g)).toEqual([]);
    expect(found(/\d \d\/\d/g)).toEqual([]);
    expect(found(/\b\d+\.\d+ (?:cm|in)\b/g)).toEqual([]);
  });

  it('are said as people say them: once, twice, every row, Row 60', () => {
    expect(found(/(?<![\d,–(] ?)\b1 times\b/g)).toEqual([]);
    expect(found(/every 1st/g)).toEqual([]);
    expect(found(/(?:Rows|Rnds) \d+(?: \(\d+(?:, \d+)*\))?[:,]/g)).toEqual([]);
    expect(
      found(/(?:^|[^\d.,/–(-])1 (?:sts|rows|rnds|places|stitches)\b/g).filter(
        (one) => !/ 1 sts \(/.test(one),
      ),
    ).toEqual([]);
  });

  it('are there: nothing is undefined, no number is none', () => {
    expect(found(/undefined|NaN|Infinity|null\b/g)).toEqual([]);
  });
});

describe('sizes', () => {
  it('keep one order, and no piece is told by groups of sizes', () => {
    for (const { text, planned, size } of all.filter((one) => one.size === null)) {
      const labels = planned.sizes.filter(({ pieces }) => pieces.length > 0).map(({ label }) => label);
      for (const [, head] of text.matchAll(/^\| (.*) \|\n\| ---/gm))
        expect(head!.split(' | ').slice(1)).toEqual(labels);
      for (const [, some] of text.matchAll(/^Sizes? ([^:\n]+): /gm)) {
        const places = some!.split(', ').map((label) => labels.indexOf(label));
        expect(places).toEqual([...places].sort((a, b) => a - b));
        expect(places).not.toContain(-1);
      }
      expect(size).toBeNull();
      expect(text).not.toMatch(/^## .*, size/m);
    }
  });
});

describe('abbreviations', () => {
  const KNOWN =
    /\b(?:(?:fp|bp)?(?:esc|exdc|sc|hdc|htr|dc|tr|edc|dtr|tss|tks|tps|trs)(?:\dtog)?|ch|sl st|blo|flo|RS|WS|sts?|sp|sk|rnds?|Rnds?|inc|dec)\b/g;
  const plain = (word: string) => word.replace(/^sts?$/, 'st(s)').replace(/^[Rr]nds?$/, 'rnd(s)');

  it('are all explained, and nothing is explained that is not used', () => {
    for (const written of all) {
      const sections = sectionsOf(written.text);
      const told = (heading: string) => sections.find((one) => one.heading === heading)?.body ?? '';
      const explained = new Set(
        [
          ...`${told('Stitch key')}\n${told('Abbreviations')}`.matchAll(/^([^:(\n]+?)(?: ?\([^)\n]*\))?: /gm),
        ].flatMap(([line, word]) => [
          line.startsWith('st(s)') ? 'st(s)' : line.startsWith('rnd(s)') ? 'rnd(s)' : word!,
        ]),
      );
      const used = [
        ...pieceText(written),
        ...sections.filter(({ heading }) => heading === 'Joining' || heading.startsWith('Stitch pattern')),
      ]
        .map(({ body }) => body.replace(/^> .*$/gm, ''))
        .join('\n')
        .replace(/\bCh\b/g, 'ch');
      for (const [word] of used.matchAll(KNOWN))
        if (!explained.has(plain(word)) && !explained.has(word))
          expect(`${written.name}: ${word} is not explained`).toBe('');
      for (const word of explained) {
        // Names of abbreviations with brackets stand for both forms.
        const form =
          word === 'st(s)'
            ? /\bsts?\b/
            : word === 'rnd(s)'
              ? /\brnds?\b/i
              : new RegExp(`\\b${word.split(' ')[0]!}`);
        if (!form.test(used)) expect(`${written.name}: ${word} is not used`).toBe('');
      }
    }
  });
});

describe('pieces', () => {
  it('have a count after each row that changes it, one size alone', () => {
    for (const written of all.filter(({ size }) => size !== null)) {
      const size = written.planned.sizes.find(({ id }) => id === written.size)!;
      const own = pieceText(written);
      for (const piece of size.pieces) {
        const body = own.find(({ heading }) => heading.replace(/ \(make \d+\)$/, '') === piece.label)!.body;
        // What is worked as another piece has its counts there.
        if (/^Work as|; (?:join|go on)\b|work (?:rows|rnds) |short rows/m.test(body)) continue;
        for (const row of rowsOf(piece.runs).filter(
          ({ by, n, part }) => by !== 0 && n > 1 && part === 'main',
        ))
          if (!new RegExp(`(?:\\(|: |, )${row.count}(?:,| sts?\\b)`).test(body))
            expect(`${written.name}, ${piece.label}: no count of row ${row.n}, ${row.count}`).toBe('');
      }
    }
  });

  it('are fastened off before the yarn is rejoined', () => {
    for (const written of all)
      for (const { heading, body } of pieceText(written)) {
        let off = true;
        for (const line of body.split('\n')) {
          const rejoins = /rejoin the yarn|join the yarn anew/.test(line);
          if (rejoins && !off && !/fasten off/i.test(line))
            expect(`${written.name}, ${heading}: ${line}`).toBe('');
          if (/fasten off/i.test(line)) off = true;
          else if (/^(?:Row|Rnd)s? /.test(line)) off = false;
        }
      }
  });

  it('that mirror each other are told once, and said to', () => {
    const mirrored = all.flatMap((written) =>
      pieceText(written).filter(({ body }) => body.includes('mirrored')),
    );
    expect(mirrored.length).toBeGreaterThan(10);
    for (const written of all.filter(({ size }) => size === null)) {
      const bodies = pieceText(written).map(({ body }) => body.replace(/^(?:Long tail|>).*$/gm, '').trim());
      const long = bodies.filter((body) => body.split('\n').length > 4);
      expect(new Set(long).size).toBe(long.length);
    }
  });
});

describe('the whole', () => {
  it('tells each seam once', () => {
    for (const { name, text, planned, size } of all) {
      const joining = sectionsOf(text).find(({ heading }) => heading === 'Joining')!.body;
      const own = planned.sizes.find(({ id, pieces }) => (size === null ? pieces.length > 0 : id === size))!;
      for (const { label, both } of own.joins)
        if (joining.split('\n').filter((line) => line.startsWith(`${both ?? label}: `)).length !== 1)
          expect(`${name}: ${both ?? label}`).toBe('');
    }
  });

  it('names everything that is needed: hooks, needle, markers, buttons with their size', () => {
    for (const { text, design } of all) {
      const needs = sectionsOf(text).find(({ heading }) => heading === 'You need')!.body;
      expect(needs).toMatch(/\d mm hook/);
      expect(needs).toContain('Yarn needle');
      if (/^Place a marker/m.test(text)) expect(needs).toMatch(/\d+ stitch markers?/);
      if (/^Buttonholes/m.test(text))
        expect(needs).toMatch(new RegExp(`^${design.finishing!.buttons!.count} buttons? of \\d+ mm$`, 'm'));
    }
  });

  it('says what it is, its ease and its skill, its gauge in pattern, and gives no advice that does not apply', () => {
    for (const { text, planned } of all) {
      const [about] = sectionsOf(text);
      expect(about!.heading).toBe('About');
      // What goes round neither bust nor hip has no ease to tell.
      if (statedEase(planned.sizes)) expect(about!.body).toMatch(/worn (?:with about|without ease)/);
      expect(about!.body).toMatch(/^Skill: [a-z, ]+\.$/m);
      if (/Open at the front/.test(about!.body)) expect(text).not.toContain('does the head pass');
    }
  });

  it('is short: one size of a plain pullover in at most 900 words before its joining', () => {
    const { finishing: _, words: __, ...plain } = demoDesigns()['brackenlow-pullover']!;
    const text = patternToText(pattern(plan(plain), plain, { terms: 'us', units: 'cm', size: 'M' }));
    const before = text.slice(0, text.indexOf('## Joining')).split(/\s+/).length;
    expect(before).toBeLessThanOrEqual(900);
  });
});
