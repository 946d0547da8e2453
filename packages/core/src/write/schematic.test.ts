import { plan } from '../plan.js';
import { demoDesigns } from '../testing/designs.js';
import { letterOf, letterTable, schematicOf, schematicSvg } from './schematic.js';
import { stripsSvg } from './strips.js';
import { stepSvg } from './stepDrawing.js';
import { rowsOf } from '../work/runs.js';

const designs = demoDesigns();
const plans = Object.entries(designs).map(([name, design]) => [name, plan(design)] as const);

/** Lines of a drawing with the dimension each stands for: its length in pixels. */
const drawn = (svg: string) =>
  [
    ...svg.matchAll(
      /<line x1="([-\d.]+)" y1="([-\d.]+)" x2="([-\d.]+)" y2="([-\d.]+)" data-dimension="([^"]+)"/g,
    ),
  ].map(([, x1, y1, x2, y2, id]) => ({
    id: id!,
    pixels: Math.hypot(Number(x2) - Number(x1), Number(y2) - Number(y1)),
  }));
const scaleOf = (svg: string) => Number(/data-scale="([\d.]+)"/.exec(svg)![1]);

describe('schematicSvg', () => {
  it.each(plans)('measures what the plan does: %s', (_name, { sizes }) => {
    const { pieces } = sizes[Math.floor(sizes.length / 2)]!;
    const svg = schematicSvg(pieces.map(schematicOf), { width: 740, units: 'cm' });
    const lines = drawn(svg);
    // Edgings of a row or two are too low for figures.
    const own = pieces.filter(({ workedOn }) => !workedOn);
    expect(lines.length).toBeGreaterThanOrEqual(own.length * 2 - 2);
    const edges = new Map(pieces.flatMap(({ edges: of }) => of.map((edge) => [edge.id, edge])));
    const folded = new Set(
      pieces.flatMap(({ drawn: own }) =>
        Object.entries(own?.edges ?? {}).flatMap(([id, edge]) => (edge.folded ? id : [])),
      ),
    );
    for (const { id, pixels } of lines) {
      const edge = edges.get(id);
      // Edges of stitches are as long as planned; row ends are drawn by their height.
      if (edge?.axis !== 'stitches') continue;
      const length = folded.has(id) ? edge.length / 2 : edge.length;
      expect(Math.abs(pixels / scaleOf(svg) - length)).toBeLessThan(0.02);
    }
    for (const { id, runs, sections } of pieces) {
      const lower = lines.find((line) => line.id === `${id}.lower`);
      if (lower)
        expect(
          Math.abs(lower.pixels / scaleOf(svg) - runs[0]!.row.count / sections[0]!.stitches),
        ).toBeLessThan(0.02);
    }
  });

  it('is sound XML without script, whatever a piece is called', () => {
    const { pieces } = plans[0]![1].sizes[0]!;
    const [piece] = pieces.map(schematicOf);
    const svg = schematicSvg([{ ...piece!, label: '<script>alert("&")</script>' }], {
      width: 740,
      units: 'in',
    });
    expect(svg).not.toContain('<script>');
    const opened = [...svg.matchAll(/<([a-z]+)[ >]/g)].length;
    const closed = [...svg.matchAll(/<\/[a-z]+>|\/>/g)].length;
    expect(opened).toBe(closed);
  });

  it('keeps dimension lines of one side apart', () => {
    for (const [, { sizes }] of plans)
      for (const { dimensions } of sizes[0]!.pieces.map(schematicOf)) {
        const ids = dimensions.map(({ id }) => id);
        expect(new Set(ids).size).toBe(ids.length);
      }
  });
});

describe('letterTable', () => {
  it('has each dimension once, and every size’s own length', () => {
    const { sizes } = plans.find(([name]) => name === 'hollinwood-jumper')![1];
    const drawings = sizes.map(({ pieces }) => pieces.map(schematicOf));
    const table = letterTable(drawings);
    expect(new Set(table.map(({ letter }) => letter)).size).toBe(table.length);
    // The piece is named before it.
    expect(
      table.filter(({ piece, label }) => label.startsWith(`${piece} `) || label.startsWith(`${piece},`)),
    ).toEqual([]);
    const back = table.find(({ id }) => id === 'back.lower')!;
    sizes.forEach(({ quantities }, i) => {
      const { actual } = quantities.find(({ id }) => id === 'back.width')!;
      expect(back.lengths[i]).toBeCloseTo(actual, 6);
    });
    expect([0, 25, 26, 27, 52].map(letterOf)).toEqual(['A', 'Z', 'AA', 'AB', 'BA']);
  });
});

describe('stepSvg', () => {
  it('draws the pieces that a step joins, both sides of each join under one number', () => {
    const size = plans.find(([name]) => name === 'hollinwood-jumper')![1].sizes[0]!;
    const svg = stepSvg(size, ['shoulder-left', 'shoulder-right']);
    expect([...svg.matchAll(/>(\d)<\/text>/g)].map(([, n]) => n)).toEqual(['1', '2', '2', '1']);
    expect(svg).toContain('>Back<');
    expect(svg).not.toContain('>Sleeve');
    // The two sleeves are one piece made twice: its edges bear the numbers of both sides.
    expect(stepSvg(size, ['armhole-left', 'armhole-right'])).toContain('>1, 2</text>');
    expect(stepSvg(size, [])).toBe('');
  });
});

describe('stripsSvg', () => {
  it.each(plans)('has a bar for every row, as high as its stitches: %s', (_name, { sizes }) => {
    const { pieces } = sizes[0]!;
    const svg = stripsSvg(pieces, 740);
    const bars = [...svg.matchAll(/height="([\d.]+)" fill="[^"]+" data-row="(\d+)" data-count="(\d+)"/g)].map(
      ([, height, row, count]) => ({ height: Number(height), n: Number(row), count: Number(count) }),
    );
    expect(bars.map(({ n, count }) => [n, count])).toEqual(
      pieces.flatMap(({ runs }) => rowsOf(runs).map(({ n, count }) => [n, count])),
    );
    const tallest = Math.max(...bars.map(({ height }) => height));
    const most = Math.max(...bars.map(({ count }) => count));
    for (const { height, count } of bars)
      expect(Math.abs(height / tallest - count / most)).toBeLessThan(0.001);
  });
});
