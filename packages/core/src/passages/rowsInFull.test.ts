import { STITCH_PATTERNS } from '../fabric/startingSet.js';
import { plan } from '../plan.js';
import { readInFull } from '../read/inFull.js';
import { designWith, fabricOf, sizeOf } from '../testing/designs.js';
import { GARMENTS } from '../testing/garments.js';
import { pattern } from '../write/pattern.js';
import { patternToText } from '../write/text.js';

/** The lines of one piece of a garment whose body is in a pattern of the set, 18 stitches and 10 rows in 10 cm. */
function linesOf(garment: string, id: string, heading: string, busts: readonly number[]): string[] {
  const { fabric } = STITCH_PATTERNS.find((one) => one.fabric.id === id)!;
  const design = designWith({
    sizes: busts.map((bust, i) => sizeOf(`s${i}`, { bust })),
    fabrics: [{ ...fabric, id: 'body', gauge: fabricOf('body', 18, 10).gauge }, fabricOf('rib', 18, 20)],
    garment: GARMENTS.find(([name]) => name === garment)![1],
  });
  const text = patternToText(pattern(plan(design), design, { terms: 'us', units: 'cm' }));
  const from = text.indexOf(`\n## ${heading}`);
  return text.slice(from + 1, text.indexOf('\n## ', from + 1)).split('\n');
}

describe('shaped rows one by one', () => {
  const alone = linesOf('set-in pullover, caps worked', 'mesh-2', 'Sleeve', [97]);

  it('say every stitch where one size is written', () => {
    // 34 stitches are 11 spaces of 3 and 1; a stitch more on each side is plain, 3 more are another space on each.
    expect(alone).toContain(
      'Row 4 in full: dc in the first st, row 2 of Mesh of 2 chains (11 repeats) over that st and the next 33 sts, dc in the last of them again; turn. (36 sts)',
    );
    expect(alone).toContain(
      'Row 8 in full: 2 dc in the first st, dc in the next st, row 2 of Mesh of 2 chains (11 repeats) over the next 34 sts, dc in the next st, 2 dc in the last st; turn. (40 sts)',
    );
    expect(alone).toContain(
      'Row 10 in full: dc in the first st, row 2 of Mesh of 2 chains (13 repeats) over that st and the next 39 sts, dc in the last of them again; turn. (42 sts)',
    );
    // The counts stand with the rows.
    expect(alone.join('\n')).not.toContain('Counts after');
  });

  it('come to their counts, whatever is worked in them', () => {
    const rows = alone.flatMap((text) => /in full: (.+); turn\. \((\d+) sts\)$/.exec(text) ?? []);
    expect(rows.length).toBeGreaterThan(30);
    for (let i = 0; i < rows.length; i += 3) {
      const [, words, stitches] = rows.slice(i, i + 3);
      const said = readInFull(words!)!;
      expect(said.made).toBe(Number(stitches));
      // Two at a time at the edges, or as many slipped over at one as are left at the other.
      expect(Math.abs(said.made - said.taken)).toBe(said.left > 0 ? said.left : 2);
      const inside = said.zones.reduce((sum, { width }) => sum + width, 0);
      expect(inside + said.plain.reduce((sum, many) => sum + many, 0)).toBe(said.made);
      for (const { repeats, width } of said.zones) expect(width).toBe(3 * repeats + 1);
    }
  });

  it('list repeats and plain stitches for each of several sizes', () => {
    const lines = linesOf('set-in pullover, caps worked', 'mesh-2', 'Sleeve', [88, 97]);
    const at = lines.indexOf('Rows that shape and begin, from the right edge:');
    expect(lines[at + 1]).toBe(
      '| row (row of Mesh of 2 chains): plain sts + repeats + plain sts | s0 | s1 |',
    );
    const second = lines.slice(at).flatMap((text) => /\| (\d+\(2\):1\+11\+1) \|$/.exec(text)?.[1] ?? []);
    expect(second).toEqual(['4(2):1+11+1', '42(2):1+11+1']);
  });

  it('say where the repeats of every section lie beside lines', () => {
    const lines = linesOf('raglan', 'mesh-2', 'Yoke', [97]);
    expect(
      lines.filter((text) => /^Rnd \d+ is row [12] of Mesh of 2 chains: from/.test(text)).length,
    ).toBeGreaterThan(10);
  });

  it('are read as they are worked, and not where a word is none', () => {
    expect(readInFull('2 dc in the first st, dc2tog twice, dc in the next 3 sts')).toEqual({
      made: 7,
      taken: 8,
      left: 0,
      plain: [7],
      zones: [],
    });
    expect(
      readInFull(
        'sl st over the first 6 sts, row 2 of Mesh (4 repeats) over the next 13 sts, leave the last 3 sts unworked',
      ),
    ).toEqual({
      made: 13,
      taken: 19,
      left: 3,
      plain: [0, 0],
      zones: [{ row: 2, of: 'Mesh', repeats: 4, width: 13 }],
    });
    expect(readInFull('2 dc in the first st, and so on')).toBeNull();
  });
});
