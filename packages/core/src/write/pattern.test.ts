import { plan } from '../plan.js';
import { demoDesigns, designWith, sizeOf } from '../testing/designs.js';
import { pattern } from './pattern.js';
import { lineToText, patternToText } from './text.js';
import { rowsOf } from '../work/runs.js';

const designs = demoDesigns();
const written = (name: string, wish: Partial<Parameters<typeof pattern>[2]> = {}) => {
  const design = designs[name]!;
  const planned = plan(design);
  const text = pattern(planned, design, { terms: 'us', units: 'cm', ...wish });
  return { planned, text, whole: patternToText(text) };
};
const lines = (text: ReturnType<typeof pattern>, id: string) =>
  text.sections
    .find((section) => section.id === id)!
    .lines.map((parts) => lineToText(parts, text.sizes))
    // Which tails to leave is said before the piece begins.
    .filter((said) => !said.startsWith('Long tail'));

describe('pattern', () => {
  it('writes all sizes in brackets with the counts of the plan', () => {
    const { planned, text } = written('brackenlow-pullover');
    const widths = planned.sizes.map(
      ({ quantities }) => quantities.find(({ id }) => id === 'back.width')!.count,
    );
    const [first, ...others] = widths;
    expect(lines(text, 'back')[1]).toContain(`(${first} (${others.join(', ')}) sts)`);
    expect(lines(text, 'back')[0]).toBe(`Ch ${first! + 2} (${others.map((count) => count + 2).join(', ')}).`);
  });

  it('writes one size alone without brackets, its counts after every shaping row', () => {
    const { planned, text } = written('brackenlow-pullover', { size: 'M' });
    const sleeve = planned.sizes[2]!.pieces.find(({ id }) => id === 'sleeve')!;
    const section = lines(text, 'sleeve').join('\n');
    expect(section).not.toMatch(/\d \(\d+, /);
    for (const row of rowsOf(sleeve.runs).filter(({ by }) => by !== 0))
      // Repeats tell the count after each of their rows.
      expect(section).toMatch(
        new RegExp(
          `Row ${row.n}: increase row\\. \\(${row.count} sts\\)|Repeat [^\\n]*(?:\\(|, )${row.count}(?:,| sts)`,
        ),
      );
  });

  it('says each size’s shaping in a table, so that a maker reaches the planned rows', () => {
    const { planned, text } = written('brackenlow-pullover');
    const [, , ...table] = lines(text, 'sleeve')
      .find((line) => line.includes('\n| increase at both edges in row'))!
      .split('\n| ')
      .map((row) => row.split(' | '));
    planned.sizes.forEach(({ pieces }, size) => {
      const rows = rowsOf(pieces.find(({ id }) => id === 'sleeve')!.runs);
      const events: number[] = [];
      for (const [label, ...cells] of table) {
        const cell = cells[size]!.replace(' |', '');
        if (label === 'first') events.push(Number(cell));
        else if (label!.startsWith('then every') && cell !== '–')
          for (let i = 0; i < parseInt(cell, 10); i += 1)
            events.push(events.at(-1)! + Number(/\d+/.exec(label!)?.[0] ?? 1));
      }
      expect(events).toEqual(rows.filter(({ by }) => by !== 0).map(({ n }) => n));
    });
  });

  it('writes a piece that begins as another does only from where they part', () => {
    const { text } = written('brackenlow-pullover', { size: 'M' });
    expect(lines(text, 'front')[0]).toBe('Work as the back to the end of row 36, markers included.');
    expect(lines(text, 'front')[1]).toMatch(/^Rows 37–51/);
  });

  it('writes a mirrored front only once', () => {
    const { text } = written('ashlerby-cardigan');
    expect(lines(text, 'front-left')).toEqual([
      'Work as the right front, mirrored: the same rows, with every edge at the other end.',
    ]);
  });

  it('changes terms but no figure', () => {
    const us = written('puddlestone-jumper').whole;
    const uk = written('puddlestone-jumper', { terms: 'uk' }).whole;
    expect(uk).toContain('dc (double crochet): ');
    expect(uk).not.toMatch(/\bsc\b/);
    expect(us.match(/\d+/g)!.filter((n) => Number(n) > 9)).toEqual(
      uk.match(/\d+/g)!.filter((n) => Number(n) > 9),
    );
  });

  it('names every piece and join, finished measurements, gauge and cautions', () => {
    const { planned, text, whole } = written('puddlestone-jumper', { units: 'in' });
    for (const { label } of planned.sizes[0]!.pieces)
      expect(text.sections.some(({ heading }) => heading.startsWith(label))).toBe(true);
    const joining = lines(text, 'joining').join('\n');
    for (const { label } of planned.sizes[0]!.joins)
      expect(joining).toContain(
        label.replace(/, (?:left|right)( side)?$/, (_, side) => (side ? ', both sides' : ', both')),
      );
    expect(whole).toMatch(/rows(?: in pattern| of \w+) in 4 in, washed and blocked/);
    expect(whole).toContain('no cords, ties or drawstrings');
    expect(lines(text, 'joining').join('\n')).toMatch(/Shoulder seam, both: 12 \(/);
    expect(lines(text, 'sizes')[0]).toMatch(/\n\| All round \| \d+[¼½¾]? \|/);
  });

  it('writes a piece once, however differently its sizes are worked', () => {
    const design = designWith({
      sizes: [sizeOf('S', { bust: 86 }), sizeOf('M', { bust: 96 })],
      style: { neck: { width: 26, drop: { all: 7, sizes: { S: 0 } } } },
    });
    const text = pattern(plan(design), design, { terms: 'us', units: 'cm' });
    expect(text.sections.filter(({ id }) => id === 'front')).toHaveLength(1);
    expect(lines(text, 'front').filter((one) => one.startsWith('Size M: ')).length).toBeGreaterThan(3);
  });

  it('steadies slits and the face of a hood, picked up by the rule of thumb (common practice)', () => {
    const joining = (style: Record<string, unknown>) => {
      const design = designWith({ sizes: [sizeOf('M', { bust: 96 })], style });
      const planned = plan(design);
      const edges = planned.sizes[0]!.pieces.flatMap(({ edges: of }) => of);
      const text = lines(pattern(planned, design, { terms: 'us', units: 'cm' }), 'joining').join('\n');
      return { text, rows: (id: string) => edges.find((edge) => edge.id === id)!.count };
    };
    const slit = joining({ slit: 10 });
    const rows = slit.rows('back.slit-right');
    expect(slit.text).toContain(
      `pick up ${Math.round(1.5 * rows)} sts along the ${rows} row ends of each, with 3 hdc in the outer corner`,
    );
    const hood = joining({ hood: { shape: 'shaped' } });
    expect(hood.text).toMatch(
      new RegExp(
        `Hood, both sides of the face: a row of hdc steadies it; pick up \\d+ sts along the ${hood.rows('hood.face-right')} row ends`,
      ),
    );
    expect(joining({}).text).not.toContain('steadies');
  });

  it('refuses a size that is not there', () => {
    expect(() => written('brackenlow-pullover', { size: 'XXL' })).toThrow(/there is no size XXL/);
  });
});
