/** @jest-environment node */
import { newDesign, pattern, patternToText, plan, type Design } from '@upfell/core';
import { demoDesign } from '../testing/demo';
import { Planner } from './planner';

const pullover = demoDesign('brackenlow-pullover');
const planned = (design: Design = pullover) => {
  const planner = new Planner();
  const sent = planner.planDocument(design);
  if (!sent.ok) throw new Error(sent.problems[0]!.message);
  return { planner, sizes: sent.plan.sizes.map(({ screen }) => screen!) };
};
const clone = (change: (design: Design) => void): Design => {
  const copy = structuredClone(pullover);
  change(copy);
  return copy;
};

describe('a planner', () => {
  it('has nothing to answer before it has planned', () => {
    const planner = new Planner();
    expect(planner.because('M', 'back.width')).toEqual([]);
    expect(planner.strips('M')).toEqual([]);
    expect(planner.tryCounts('M', 'back.width', [80])).toEqual([]);
    expect(planner.prove({})).toBeNull();
    expect(planner.assembly('M')).toBeNull();
    expect(planner.schematic({ size: null, units: 'cm', terms: 'us', width: 700 }).svg).toBe('');
    expect(planner.counts().split('\n')).toHaveLength(2);
  });

  // The page writes from what it was sent, the proof from the plan: it must be one text.
  it.each(['tolleyfield-vest', 'fernhollow-layer', 'marlbank-pullover'])(
    'sends what the same pattern is written from: %s',
    (name) => {
      const design = demoDesign(name);
      const { sizes } = planned(design);
      const wish = { terms: 'us', units: 'cm' } as const;
      const whole = plan(design);
      expect(patternToText(pattern({ sizes: structuredClone(sizes) as never }, design, wish))).toBe(
        patternToText(pattern(whole, design, wish)),
      );
    },
  );

  it('says counts in the unit of the fabric, and draws its stitch pattern', () => {
    const { planner, sizes } = planned(demoDesign('tolleyfield-vest'));
    const back = sizes[0]!.quantities.find(({ id }) => id === 'back.width')!;
    expect(back.inUnits).toBe(`${(back.count - 1) / 3} mesh spaces`);
    const { charts } = planner.schematic({ size: null, units: 'cm', terms: 'us', width: 700 });
    expect(charts.map(({ section }) => section)).toEqual(['fabric-body']);
  });

  it('sends what can be copied to a page: outlines in the place of rows, no reasons', () => {
    const { sizes } = planned();
    expect(sizes).toHaveLength(pullover.sizes.length);
    expect(structuredClone(sizes)).toEqual(sizes);
    for (const size of sizes)
      for (const piece of size.pieces) {
        expect(piece.runs).toEqual([]);
        expect(size.outlines[piece.id]!.length).toBeGreaterThan(0);
      }
  });

  it('sends again only the sizes that an edit moves', () => {
    const { planner } = planned({ ...pullover, graded: false });
    const last = pullover.sizes.length - 1;
    const edited = clone((design) => {
      design.graded = false;
      design.sizes[last]!.body.bust! += 6;
    });
    const sent = planner.planDocument(edited);
    expect(sent.ok && sent.plan.sizes.map(({ screen }) => screen === null)).toEqual(
      pullover.sizes.map((_, i) => i !== last),
    );
  });

  it('works the size that is asked for first, and the others when they are asked for', () => {
    const { planner } = planned();
    const edited = clone((design) => void (design.garment['ease'] = 20));
    const ids = pullover.sizes.map(({ id }) => id);
    const sent = planner.planDocument(edited, ids[3]);
    if (!sent.ok) throw new Error();
    expect(sent.plan.sizes.map(({ id }) => id)).toEqual(ids);
    expect(sent.plan.sizes.flatMap(({ id, screen }) => (screen === undefined ? [] : [id]))).toEqual([ids[3]]);
    const whole = planned(edited).sizes;
    expect(sent.plan.sizes[3]!.screen).toEqual(whole[3]);
    ids.forEach((id, i) => {
      if (i !== 3) expect(planner.workLater(id)).toEqual({ ok: true, screen: whole[i] });
    });
    // By now the page has them all.
    expect(ids.map((id) => planner.workLater(id))).toEqual(ids.map(() => ({ ok: true, screen: null })));
    expect(planner.workLater('no such')).toEqual({ ok: true, screen: null });
  });

  it('answers from sizes that it was not yet asked to work', () => {
    const { planner } = planned();
    const edited = clone((design) => void (design.garment['ease'] = 20));
    planner.planDocument(edited, pullover.sizes[3]!.id);
    const whole = planned(edited).planner;
    expect(planner.counts()).toBe(whole.counts());
    expect(planner.strips(pullover.sizes[0]!.id)).toEqual(whole.strips(pullover.sizes[0]!.id));
    expect(planner.prove({})!.differences).toEqual([]);
  });

  it('tells of held counts that cannot be kept, whatever size is worked first', () => {
    const { planner, sizes } = planned();
    const { id, quantities } = sizes[0]!;
    const rows = quantities.find((one) => one.id === 'body.rows')!;
    const clashing = clone((design) => {
      design.pins = [{ size: id, quantity: 'body.rows', count: rows.count + 1000 }];
    });
    const sent = planner.planDocument(clashing, sizes[2]!.id);
    expect(sent.ok && sent.pinNotes.map(({ size, note }) => [size, note.level])).toEqual([[id, 'stop']]);
  });

  it('keeps its plan when a document cannot be read, and says what is wrong with it', () => {
    const { planner, sizes } = planned();
    const sent = planner.planDocument({ ...pullover, fabrics: [] });
    expect(sent.ok).toBe(false);
    expect(!sent.ok && sent.problems[0]!.path).toContain('fabrics');
    expect(planner.strips(sizes[0]!.id)).toHaveLength(sizes[0]!.pieces.length);
  });

  it('tells why a count is what it is', () => {
    const { planner, sizes } = planned();
    const reasons = planner.because(sizes[0]!.id, 'back.width');
    expect(reasons.length).toBeGreaterThan(2);
    expect(planner.because(sizes[0]!.id, 'no.such')).toEqual([]);
  });

  it('compares a changed document with its plan and keeps its own', () => {
    const { planner } = planned();
    const wider = clone((design) => {
      design.fabrics[0]!.gauge.stitches *= 1.1;
    });
    const found = planner.compare(wider);
    expect('changes' in found && found.changes.length).toBeGreaterThan(10);
    expect(planner.compare(pullover)).toEqual({ changes: [], stops: [] });
    expect(planner.compare({})).toHaveProperty('problems');
  });

  it('tries counts without holding them', () => {
    const { planner, sizes } = planned();
    const { id, quantities } = sizes[2]!;
    const { count } = quantities.find((one) => one.id === 'back.width')!;
    const [same, wider, negative] = planner.tryCounts(id, 'back.width', [count, count + 4, -3]);
    expect(same).not.toBeNull();
    expect(wider).not.toEqual(same);
    expect(negative).not.toEqual(wider);
    expect(planner.compare(pullover)).toEqual({ changes: [], stops: [] });
  });

  it('gives every row of a size as it lies', () => {
    const { planner, sizes } = planned();
    for (const { id, quantities } of sizes) {
      const back = planner.strips(id).find(({ piece }) => piece === 'back')!;
      const rows = quantities.find((one) => one.id === 'body.rows')!.count;
      expect(Math.max(...back.rows.map(({ n }) => n))).toBe(rows);
      expect(back.rows[0]!.shaped).toBe(false);
    }
  });

  it('proves its own text', () => {
    const { planner, sizes } = planned();
    const proof = planner.prove({})!;
    expect([proof.sizes, proof.differences]).toEqual([sizes.length, []]);
    expect(proof.rows).toBeGreaterThan(1000);
  });

  it('draws one size with lengths, and all with letters and their table', () => {
    const { planner, sizes } = planned();
    const one = planner.schematic({ size: sizes[0]!.id, units: 'cm', terms: 'us', width: 700 });
    expect([one.svg.startsWith('<svg'), one.letters]).toEqual([true, []]);
    const all = planner.schematic({ size: null, units: 'cm', terms: 'us', width: 700 });
    expect(all.sizes).toEqual(pullover.sizes.map(({ label }) => label));
    for (const { letter, lengths } of all.letters) {
      expect(all.svg).toContain(`>${letter}<`);
      expect(lengths).toHaveLength(sizes.length);
    }
  });

  it('draws every step of assembly, with what is pinned out and which tails serve', () => {
    const { planner, sizes } = planned();
    const made = planner.assembly(sizes[0]!.id)!;
    const drawings = Object.values(made.drawings);
    // Where nothing is joined (blocking, weaving in) there is nothing to draw.
    expect(drawings.every((svg) => svg === '' || svg.startsWith('<svg'))).toBe(true);
    expect(drawings.filter((svg) => svg !== '').length).toBeGreaterThan(3);
    expect(made.pinOut.map(({ label }) => label)).toEqual(sizes[0]!.pieces.map(({ label }) => label));
    const joins = new Set(sizes[0]!.joins.map(({ id }) => id));
    expect(made.tails.every(({ join }) => joins.has(join))).toBe(true);
  });

  it('writes every count of every size as a table', () => {
    const { planner, sizes } = planned();
    const csv = planner.counts();
    const lines = csv.trim().split('\r\n');
    expect(lines[0]).toBe(
      `count,name,fabric,counted in,${pullover.sizes.map(({ label }) => label).join(',')}`,
    );
    const { quantities } = sizes[0]!;
    expect(lines).toHaveLength(1 + quantities.length);
    quantities.forEach(({ id }, i) => {
      const counts = sizes.map((size) => size.quantities.find((one) => one.id === id)!.count);
      expect(lines[i + 1]!.startsWith(`${id},`)).toBe(true);
      expect(lines[i + 1]!.endsWith(`,${counts.join(',')}`)).toBe(true);
    });
  });

  it('says a stop that a change would bring', () => {
    const { planner } = planned(newDesign('Test'));
    const shallow: Design = {
      ...newDesign('Test'),
      garment: { construction: 'raglan', ease: 10, depthEase: -14 },
    };
    const found = planner.compare(shallow);
    expect('stops' in found && found.stops[0]).toMatch(/^S: The yoke is too shallow/);
    // A stop that was there before is no news.
    planner.planDocument(shallow);
    expect(planner.compare(shallow)).toEqual({ changes: [], stops: [] });
  });
});
