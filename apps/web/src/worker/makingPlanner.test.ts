import type { Design, Entry } from '@upfell/core';
import { demoDesign } from '../testing/demo';
import { MakingPlanner, type MakingAsked } from './makingPlanner';

const design = demoDesign('brackenlow-pullover');
const ticks = (piece: string, upTo: number): Entry[] =>
  Array.from({ length: upTo }, (_, i) => ({
    id: `${piece}${i}`,
    at: new Date(Date.UTC(2026, 0, 5, 10, 0, i)).toISOString(),
    kind: 'row' as const,
    piece,
    copy: 1,
    part: 'main',
    n: i + 1,
  }));
const longer: Entry = {
  id: 'c',
  at: '2026-01-05T12:00:00Z',
  kind: 'change',
  quantity: 'sleeve.rows',
  count: 51,
  why: 'long arms',
};
const asked = (entries: Entry[], of: Design = design): MakingAsked => ({
  id: 'm',
  design: of,
  size: 'M',
  entries,
});

describe('a making planned for the page', () => {
  it('shows its pieces, steps, yarn and what may be wished', () => {
    const view = new MakingPlanner().view(asked(ticks('back', 20)));
    expect(view.pieces.map(({ id, copies, keys }) => [id, copies, keys.length])).toEqual([
      ['back', 1, 60],
      ['front', 1, 69],
      ['sleeve', 2, 47],
      ['hem', 2, 112],
      ['cuff', 2, 50],
    ]);
    expect(view.steps[0]!.lines).toContain('Back: 53.8 cm across, 54.5 cm high');
    expect(view.steps[1]).toMatchObject({ id: 'shoulders', title: 'Shoulders' });
    expect(view.steps[1]!.lines[0]).toMatch(/^Shoulder seam, both: 26 sts to 26 sts/);
    expect(view.prompts).toEqual([expect.objectContaining({ kind: 'gauge', fabric: 'body' })]);
    expect(view.wishes.find(({ quantity }) => quantity === 'back.width')?.isSettled).toBe(true);
  });

  it('changes its version with its rows and counts, and with nothing else', () => {
    const planner = new MakingPlanner();
    const first = planner.view(asked(ticks('sleeve', 10)));
    const ticked = planner.view(asked(ticks('sleeve', 11)));
    const changed = planner.view(asked([...ticks('sleeve', 11), longer]));
    expect(ticked.version).toBe(first.version);
    expect(changed.version).not.toBe(first.version);
    expect(changed.pieces.find(({ id }) => id === 'sleeve')).toMatchObject({ begunWith: 47 });
    expect(planner.rows('m', 'sleeve')).toHaveLength(51);
    expect(planner.rows('m', 'sleeve')).toBe(planner.rows('m', 'sleeve'));
    expect(planner.rows('m', 'sleeve', 'uk')[3]!.words).toMatch(/htr/);
  });

  it('says in words what a change would move, and what stands against it', () => {
    const planner = new MakingPlanner();
    planner.view(asked(ticks('back', 40)));
    const sleeve = planner.preview('m', { kind: 'change', quantity: 'sleeve.rows', count: 51 });
    expect([sleeve.can, sleeve.clash]).toEqual([true, []]);
    expect(sleeve.rows).toEqual([{ piece: 'sleeve', label: 'Sleeve', before: 47, after: 51 }]);
    const width = planner.preview('m', { kind: 'change', quantity: 'back.width', count: 90 });
    expect(width.can).toBe(false);
    expect(width.clash.at(-1)).toBe('To make room for it: pull back all 40 rows of Back.');
  });

  it('judges a gauge by what is worked', () => {
    const planner = new MakingPlanner();
    planner.view(asked(ticks('back', 22)));
    const judged = planner.judge('m', 'body', {
      stitches: 17,
      stitchesOver: 10,
      rows: 11,
      rowsOver: 10,
      state: 'blocked',
    });
    expect([judged.stitches.is, judged.hook, judged.replan.can]).toEqual(['tight', 5.5, true]);
  });

  it('lays a newer state of the design beside the one that is worked', () => {
    const planner = new MakingPlanner();
    planner.view(asked(ticks('back', 22)));
    const wider = { ...design, garment: { ...design.garment, belowWaist: 24 } };
    const found = planner.newer('m', 2, wider);
    expect(found.can).toBe(true);
    expect(found.finished.map(({ label }) => label)).toContain('Length from the shoulder');
    const gone = planner.newer('m', 3, { ...design, sizes: design.sizes.slice(0, 1) });
    expect([gone.can, gone.clash.length]).toEqual([false, 1]);
  });

  it('writes the pattern as it now is, proven, and draws the chart of a fabric that has one', () => {
    const planner = new MakingPlanner();
    planner.view(asked([...ticks('sleeve', 20), longer]));
    const { text, differences } = planner.pattern('m');
    expect(differences).toEqual([]);
    expect(text).toContain('Row 51, about 46½ cm: even. (70 sts)');
    expect(planner.chart('m', 'body')).toBeNull();
    const mesh = demoDesign('saltmere-vest');
    planner.view({ id: 'v', design: mesh, size: 'S', entries: [] });
    expect(planner.chart('v', mesh.fabrics[0]!.id)!.rows.length).toBeGreaterThan(1);
  });

  it('tells what came back', () => {
    const back = new MakingPlanner().cameBack(asked([...ticks('sleeve', 20), longer]));
    expect(back.said).toEqual([expect.objectContaining({ why: 'long arms' })]);
    expect(back.rows.worked).toBe(20);
  });
});
