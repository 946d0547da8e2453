import fc from 'fast-check';
import { chartDifferences, originOf } from './chart.js';
import { fill } from './fill.js';
import { chartAt, gradingOf } from './grading.js';
import { STANDARD_CHARTS } from './standard.js';

const { id, chart } = STANDARD_CHARTS[0]!;
const sizes = (busts: (number | undefined)[]) =>
  busts.map((bust, i) => ({ id: `s${i}`, body: bust === undefined ? {} : { bust } }));

describe('chartDifferences', () => {
  it('is empty for a design that takes a chart, and names each figure that is changed, gone or new', () => {
    const origin = originOf(id, chart, 3);
    expect(origin).toMatchObject({ id, revision: 3, name: chart.name });
    expect(chartDifferences(origin, chart.sizes)).toEqual([]);
    const changed = chart.sizes.map((size) =>
      size.id === 'M' ? { ...size, body: { ...size.body, bust: 95, waist: undefined, neck: 36 } } : size,
    );
    delete (changed[2]!.body as { waist?: number }).waist;
    expect(chartDifferences(origin, [...changed, { id: 'own', body: { bust: 200 } }])).toEqual([
      { size: 'M', measurement: 'bust', chart: chart.sizes[2]!.body.bust, design: 95 },
      { size: 'M', measurement: 'waist', chart: chart.sizes[2]!.body.waist, design: null },
      { size: 'M', measurement: 'neck', chart: null, design: 36 },
    ]);
  });
});

describe('gradingOf', () => {
  it('marks steps that fall, jump and stand still', () => {
    const [bust] = gradingOf(sizes([80, 84, 88, 86, 90, 102, 106, 106, 110]));
    expect(bust!.usual).toBe(4);
    expect(bust!.steps.map(({ oddity }) => oddity)).toEqual([
      null,
      null,
      'falls',
      null,
      'jumps',
      null,
      'stalls',
      null,
    ]);
  });

  it('makes steps only between neighbours that both have the figure', () => {
    expect(gradingOf(sizes([80, undefined, 88, 92]))[0]!.steps).toEqual([
      { from: 's2', to: 's3', by: 4, oddity: null },
    ]);
    expect(gradingOf(sizes([80]))).toEqual([]);
  });
});

describe('chartAt', () => {
  it('gives a chart’s own figure at its own bust, and the line between two', () => {
    const [xs, s] = chart.sizes;
    expect(chartAt(chart.sizes, 'hip', s!.body.bust!)).toBe(s!.body.hip);
    const middle = (xs!.body.bust! + s!.body.bust!) / 2;
    expect(chartAt(chart.sizes, 'hip', middle)).toBeCloseTo((xs!.body.hip! + s!.body.hip!) / 2, 10);
    expect(chartAt(chart.sizes, 'hip', 40)).toBeNull();
    expect(chartAt(chart.sizes, 'wingspan', 90)).toBeNull();
  });
});

describe('fill', () => {
  it('fills by a step, by a slope on the bust, and between ends', () => {
    const busts = [80, 84, 90, 100];
    expect(fill([30, undefined, 5, undefined], busts, { by: 'step', step: 1.5 })).toEqual({
      ok: true,
      values: [30, 31.5, 33, 34.5],
    });
    expect(fill([30, undefined, undefined, undefined], busts, { by: 'slope', slope: 0.25 })).toEqual({
      ok: true,
      values: [30, 31, 32.5, 35],
    });
    expect(fill([30, undefined, undefined, 36], busts, { by: 'ends' })).toEqual({
      ok: true,
      values: [30, 32, 34, 36],
    });
  });

  it('says what is missing', () => {
    expect(fill([undefined, 3], [80, 90], { by: 'step', step: 1 })).toMatchObject({ ok: false });
    expect(fill([30, undefined], [80, 90], { by: 'ends' })).toMatchObject({ ok: false });
  });

  it('with a slope of the step over the bust’s step is the same as with the step', () => {
    fc.assert(
      fc.property(fc.integer({ min: 2, max: 10 }), fc.integer({ min: 1, max: 20 }), (many, tenth) => {
        const busts = Array.from({ length: many }, (_, i) => 80 + 4 * i);
        const values = busts.map((_, i) => (i === 0 ? 30 : undefined));
        const step = tenth / 10;
        expect(fill(values, busts, { by: 'slope', slope: step / 4 })).toEqual(
          fill(values, busts, { by: 'step', step }),
        );
      }),
    );
  });
});
