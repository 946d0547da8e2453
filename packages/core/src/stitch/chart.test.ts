import { STITCH_PATTERNS } from '../fabric/startingSet.js';
import { KNOWN_STITCHES } from '../testing/stitchTexts.js';
import { stitchChart, symbolWords } from './chart.js';
import { chartSvg } from './chartSvg.js';
import { stitchKey } from './key.js';
import { stitchPattern } from './pattern.js';
import { workPattern } from './prove.js';

const ALL = [
  ...STITCH_PATTERNS.map(({ fabric }) => [fabric.id, fabric.rows!.join('\n')] as const),
  ...Object.entries(KNOWN_STITCHES).map(([name, { text }]) => [name, text] as const),
];

describe('a chart', () => {
  it.each(ALL)('of %s has a symbol for every stitch of its rows, inside its sheet', (_, text) => {
    const { flat } = stitchPattern(text);
    const repeats = 2;
    const chart = stitchChart(flat!.text, flat!.proof, { repeats });
    const { chains, base } = flat!.proof;
    const worked = workPattern(flat!.text, base.multiple * repeats + chains.plus, 2).rows;
    chart.rows.forEach((row, i) => {
      const { units } = worked[i]!.course;
      const drawn = chart.symbols.filter((symbol) => symbol.row === i);
      // A turning chain is as many symbols as it has chains, a stitch one or one for each leg.
      const least = units.reduce((sum, { turning }) => sum + Math.max(1, turning), 0);
      expect(drawn.length).toBeGreaterThanOrEqual(least);
      expect(row.from).toBeGreaterThan(row.to);
    });
    const svg = chartSvg(chart, 'a <chart> & more');
    expect(svg).toContain('a &lt;chart&gt; &amp; more');
    for (const [, x, y] of svg.matchAll(/[ML](-?[\d.]+) (-?[\d.]+)/g)) {
      expect(Number(x)).toBeGreaterThanOrEqual(-1);
      expect(Number(x)).toBeLessThanOrEqual(chart.width + 1);
      expect(Number(y)).toBeGreaterThanOrEqual(-1);
      expect(Number(y)).toBeLessThanOrEqual(chart.height + 1);
    }
    expect(svg).not.toMatch(/NaN|undefined/);
  });

  it('says of each symbol the words that it stands for', () => {
    const { flat } = stitchPattern(KNOWN_STITCHES['alternating shells']!.text);
    const chart = stitchChart(flat!.text, flat!.proof);
    const words = new Set(chart.symbols.map((symbol) => symbolWords(flat!.text, symbol)));
    expect(words).toContain('foundation chain');
    expect(words).toContain(
      '*sk the next 2 ch, 5 dc in the next ch, sk the next 2 ch, sc in the next ch; repeat from * to the end',
    );
  });

  it('draws rounds as a ring, every round outside the one before', () => {
    const { round } = stitchPattern(KNOWN_STITCHES['open mesh of 2 chains']!.text);
    const chart = stitchChart(
      round!.text!,
      { base: round!.base, chains: round!.base },
      { repeats: 8, ring: true },
    );
    expect([chart.ring, chart.repeat, chart.width]).toEqual([true, null, chart.height]);
    const far = (row: number) =>
      Math.max(
        ...chart.symbols
          .filter((symbol) => symbol.row === row)
          .flatMap(({ path }) => [...path.matchAll(/M(-?[\d.]+) (-?[\d.]+)/g)])
          .map(([, x, y]) => Math.hypot(Number(x) - chart.width / 2, Number(y) - chart.height / 2)),
      );
    expect(far(0)).toBeLessThan(far(1));
    expect(far(1)).toBeLessThan(far(2));
  });

  it('has a key that names every stitch, in UK terms too', () => {
    for (const [, text] of ALL) {
      const { flat } = stitchPattern(text);
      for (const { name, how } of stitchKey(stitchChart(flat!.text, flat!.proof).kinds)) {
        expect(name).not.toBe('');
        expect(how).not.toBe('');
      }
    }
    const [dc, tr, sc] = stitchKey(['dc', 'tr', 'sc'], 'uk');
    expect([dc!.kind, dc!.name, tr!.kind, tr!.name, sc!.kind, sc!.name]).toEqual([
      'tr',
      'treble',
      'dtr',
      'double treble',
      'dc',
      'double crochet',
    ]);
  });
});
