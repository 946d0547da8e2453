import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { PlanFile } from '@upfell/core';
import { run } from './main.js';

const demo = (name: string) => join(__dirname, '../../../demo', name);
const BRACKENLOW = demo('brackenlow-pullover.upfell.json');
const folder = mkdtempSync(join(tmpdir(), 'upfell-replan-'));
afterAll(() => rmSync(folder, { recursive: true }));

let files = 0;
/** A making of the Brackenlow pullover in M with these entries, as a file. */
function making(entries: object[], change: object = {}): string {
  const path = join(folder, `${(files += 1)}.making.json`);
  const made = {
    format: 'upfell/making',
    version: 1,
    name: 'For Tamsin',
    design: 'Brackenlow pullover',
    revision: 1,
    size: 'M',
    entries: entries.map((entry, i) => ({
      id: `e${i}`,
      at: new Date(Date.UTC(2026, 0, 5, 10, i)).toISOString(),
      ...entry,
    })),
    ...change,
  };
  writeFileSync(path, JSON.stringify(made));
  return path;
}
const rows = (piece: string, upTo: number) =>
  Array.from({ length: upTo }, (_, i) => ({ kind: 'row', piece, copy: 1, part: 'main', n: i + 1 }));
const sizeIn = (out: string) => (JSON.parse(out) as PlanFile).sizes[0]!;
const planned = () =>
  (JSON.parse(run(['plan', BRACKENLOW]).out) as PlanFile).sizes.find(({ id }) => id === 'M')!;

describe('upfell replan', () => {
  it('prints the plan file of one size, worked rows marked and as they were', () => {
    const { status, out, err } = run(['replan', BRACKENLOW, making(rows('back', 30))]);
    expect([status, err]).toEqual([0, '']);
    const [file, size] = [JSON.parse(out) as PlanFile, sizeIn(out)];
    expect([file.format, file.version, file.design, file.sizes.map(({ id }) => id)]).toEqual([
      'upfell/plan',
      1,
      'Brackenlow pullover',
      ['M'],
    ]);
    const back = size.pieces.find(({ id }) => id === 'back')!;
    expect(back.rows.filter((row) => 'worked' in row).map(({ n }) => n)).toEqual(
      Array.from({ length: 30 }, (_, i) => i + 1),
    );
    // Nothing was changed, so the plan is the plan.
    expect(size.quantities.map(({ id, count }) => [id, count])).toEqual(
      planned().quantities.map(({ id, count }) => [id, count]),
    );
  });

  it('fits what is left to a gauge that was counted, and measures by it', () => {
    const gauge = {
      kind: 'gauge',
      fabric: 'body',
      stitches: 17,
      stitchesOver: 10,
      rows: 11,
      rowsOver: 10,
      state: 'blocked',
    };
    const { status, out } = run(['replan', BRACKENLOW, making([...rows('back', 30), gauge])]);
    const size = sizeIn(out);
    const of = (id: string) => size.quantities.find((one) => one.id === id)!;
    expect(status).toBe(0);
    expect(of('back.width')).toMatchObject({ count: 86, actual: Math.round((86 / 1.7) * 1e4) / 1e4 });
    const before = planned().quantities.find(({ id }) => id === 'sleeve.top')!;
    expect(of('sleeve.top').count).toBeGreaterThan(before.count);
    expect(Math.abs(of('sleeve.top').actual - before.actual)).toBeLessThan(1.2);
    expect(size.joins.every(({ ok }) => ok)).toBe(true);
  });

  it('says what of the log it could not follow, and ends with 1', () => {
    const entries = [...rows('back', 30), { kind: 'change', quantity: 'back.width', count: 90 }];
    const { status, out, err } = run(['replan', BRACKENLOW, making(entries)]);
    expect(status).toBe(1);
    expect(sizeIn(out).quantities.find(({ id }) => id === 'back.width')!.count).toBe(86);
    expect(err).toMatch(/A change of the log cannot be made/);
    expect(err).toMatch(/e30: To make room for it: pull back all 30 rows of Back\./);
  });

  it('says that a row was passed over, and takes it as worked', () => {
    const { status, out, err } = run(['replan', BRACKENLOW, making([{ kind: 'row', piece: 'back', n: 3 }])]);
    expect([status, err]).toEqual([
      0,
      'Back: rows 1, 2 were passed over without a tick; they are taken as worked.\n',
    ]);
    expect(sizeIn(out).pieces[0]!.rows.filter((row) => 'worked' in row)).toHaveLength(3);
  });

  it.each([
    [
      'another design',
      { design: 'Another' },
      /design: This is a making of “Another”; the design is “Brackenlow pullover”/,
    ],
    ['a size that is not there', { size: 'QX' }, /size: The making is of size “QX”/],
    ['a newer version', { version: 2 }, /version: The file is of version 2/],
    ['a design file', { format: 'upfell/design' }, /format: This is a design, not a making/],
  ])('ends with 2 for a making of %s, with nothing on standard output', (_, change, said) => {
    const { status, out, err } = run(['replan', BRACKENLOW, making([], change)]);
    expect([status, out]).toEqual([2, '']);
    expect(err).toMatch(said);
  });

  it('wants a design and a making', () => {
    for (const args of [['replan'], ['replan', BRACKENLOW], ['replan', BRACKENLOW, 'a', 'b']])
      expect(run(args).status).toBe(2);
    expect(run(['replan', BRACKENLOW, join(folder, 'none.making.json')]).err).toMatch(
      'there is no such file',
    );
  });

  it('reads the makings of the demo', () => {
    for (const [design, made] of [
      ['brackenlow-pullover', 'brackenlow-for-tamsin'],
      ['minnowick-baby-top', 'minnowick-for-rowan'],
    ]) {
      const { status, out } = run(['replan', demo(`${design}.upfell.json`), demo(`${made}.making.json`)]);
      expect([made, status]).toEqual([made, 0]);
      const log = JSON.parse(readFileSync(demo(`${made}.making.json`), 'utf8')) as {
        entries: { kind: string }[];
      };
      const ticked = log.entries.filter(({ kind }) => kind === 'row').length;
      const worked = sizeIn(out).pieces.flatMap((piece) => piece.rows.filter((row) => 'worked' in row));
      expect(worked.length).toBeGreaterThan(0);
      expect(worked.length).toBeLessThanOrEqual(ticked);
    }
  });
});
