import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { run } from './main.js';

const demo = (name: string) => join(__dirname, '../../../demo', `${name}.upfell.json`);
const folder = mkdtempSync(join(tmpdir(), 'upfell-cli-'));
afterAll(() => rmSync(folder, { recursive: true }));
function file(name: string, text: string): string {
  const path = join(folder, name);
  writeFileSync(path, text);
  return path;
}
const design = (change: (raw: Record<string, unknown>) => void) => {
  const raw = JSON.parse(readFileSync(demo('tansyfield-for-ines'), 'utf8')) as Record<string, unknown>;
  change(raw);
  return file('design.json', JSON.stringify(raw));
};

describe('upfell', () => {
  it('plans: the plan file on standard output, status 0', () => {
    const { status, out, err } = run(['plan', demo('brackenlow-pullover')]);
    expect([status, err]).toEqual([0, '']);
    const file = JSON.parse(out) as { format: string; version: number; sizes: unknown[] };
    expect([file.format, file.version, file.sizes.length]).toEqual(['upfell/plan', 1, 9]);
  });

  it('writes one size or all, in either terms', () => {
    const us = run(['write', demo('brackenlow-pullover'), '--size', 'M', '--terms', 'us']);
    expect([us.status, us.out.includes('hdc (half double crochet): ')]).toEqual([0, true]);
    const uk = run(['write', '--terms=uk', demo('brackenlow-pullover')]);
    expect(uk.out).toContain('htr (half treble): ');
    expect(uk.out).toContain('XS (S, M, L');
  });

  it('checks: one note a line', () => {
    const { status, out } = run(['check', demo('tansyfield-for-ines')]);
    expect(status).toBe(0);
    expect(
      out
        .split('\n')
        .filter(Boolean)
        .every((line) => line.split('\t').length === 5),
    ).toBe(true);
  });

  it('prints what follows from a stitch pattern', () => {
    const mesh = [
      'name: Reedmace mesh',
      'Row 1 (RS): dc in the 8th ch from the hook, *ch 2, sk 2 ch, dc in the next ch; repeat from * to the end; turn.',
      'Row 2: ch 5 (counts as dc, ch 2), sk the first ch-2 sp, dc in the next dc, *ch 2, sk the next ch-2 sp, dc in the next dc; repeat from * to the turning ch, dc in the 3rd ch of it; turn.',
      'Repeat row 2.',
    ].join('\n');
    const { status, out, err } = run(['stitch', file('mesh.txt', mesh)]);
    expect([status, err]).toEqual([0, '']);
    expect(JSON.parse(out)).toMatchObject({
      format: 'upfell/stitch',
      version: 1,
      name: 'Reedmace mesh',
      work: 'flat',
      flat: {
        chains: { multiple: 3, plus: 5 },
        base: { multiple: 3, plus: 1 },
        repeat: { first: 2, rows: 1 },
        rows: [
          { n: 1, side: 'RS', stitches: { multiple: 1, plus: 1 } },
          { n: 2, side: 'WS', stitches: { multiple: 1, plus: 1 } },
        ],
      },
      round: { base: { multiple: 3, plus: 0 }, because: null },
      faults: [],
    });
  });

  it('ends with 1 where a stitch pattern has faults, with their line and words', () => {
    const { status, out } = run([
      'stitch',
      file('fault.txt', 'Row 1: dc in the 4th ch from the hook, blorp in each ch; turn.'),
    ]);
    expect(status).toBe(1);
    expect((JSON.parse(out) as { faults: unknown[] }).faults).toEqual([
      expect.objectContaining({ line: 1, words: 'blorp' }),
    ]);
  });

  it('refuses what is no text as a stitch pattern', () => {
    const { status, out, err } = run(['stitch', file('binary.txt', 'Row 1\u0000\u0001')]);
    expect([status, out]).toEqual([2, '']);
    expect(err).toContain('not plain text');
  });

  it('finds a file from where npm was called', () => {
    file('here.json', readFileSync(demo('tansyfield-for-ines'), 'utf8'));
    const before = process.env['INIT_CWD'];
    process.env['INIT_CWD'] = folder;
    expect(run(['plan', 'here.json']).status).toBe(0);
    process.env['INIT_CWD'] = before ?? folder;
  });

  it('ends with 1 where a note stops the design', () => {
    const path = design(
      (raw) => ((raw['garment'] as Record<string, unknown>)['neck'] = { width: 10, drop: 2 }),
    );
    const { status, out } = run(['plan', path]);
    expect(status).toBe(1);
    expect(out).toContain('head-does-not-pass');
    const written = run(['write', path]);
    expect([written.status, written.out.includes('## Back')]).toEqual([1, true]);
    const lines = written.err.trimEnd().split('\n');
    expect(lines.every((one) => one.includes('\tstop\t'))).toBe(true);
    expect(written.err).toContain('head-does-not-pass');
  });

  it('writes nothing of a design without counts but its reasons, on standard error', () => {
    const path = design((raw) => {
      const [fabric] = raw['fabrics'] as { rule: Record<string, unknown> }[];
      fabric!.rule['rows'] = { multiple: 1, plus: 190 };
    });
    const { status, out, err } = run(['write', path]);
    expect([status, out]).toEqual([1, '']);
    expect(err).toMatch(/\tstop\tno-counts\t.+\tNo counts obey these rules together/);
  });

  it.each([
    ['a file that is not there', () => ['plan', join(folder, 'none.json')], /there is no such file/],
    ['a folder', () => ['plan', folder], /this is a folder/],
    ['text that is no JSON', () => ['plan', file('a.json', 'hello')], /not JSON/],
    ['another format', () => ['plan', file('b.json', '{"format":"x"}')], /^format: The format is “x”/],
    [
      'a wrong field',
      () => ['plan', design((raw) => ((raw['fabrics'] as { hook: unknown }[])[0]!.hook = 'big'))],
      /^fabrics\[0\].hook: The hook is “big”/,
    ],
    ['20 MB', () => ['plan', file('c.json', ' '.repeat(20_500_000))], /too big/],
    [
      'a size that is not there',
      () => ['write', demo('brackenlow-pullover'), '--size', '9X'],
      /the sizes are XS, S, M/,
    ],
    ['unknown words', () => ['knit', 'x'], /is not plan, write, check, stitch or replan/],
    ['an unknown option', () => ['plan', demo('brackenlow-pullover'), '--fast'], /no option --fast/],
    ['wrong terms', () => ['write', demo('brackenlow-pullover'), '--terms', 'fr'], /us or uk/],
    ['nothing', () => [], /say plan, write, check, stitch or replan/],
  ])('answers %s with 2, a sentence, and nothing on standard output', (_, args, message) => {
    const { status, out, err } = run(args());
    expect([status, out]).toEqual([2, '']);
    expect(err).toMatch(message);
  });
});
