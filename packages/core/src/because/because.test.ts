import { lastRow } from '../work/runs.js';
import { plan } from '../plan.js';
import type { SizePlan } from '../sizePlan.js';
import { demoDesigns } from '../testing/designs.js';
import { CM_PER_INCH, type Units } from '../units/length.js';
import { reasonPart, type Reason } from './reason.js';
import { explainPassage } from '../passages/registry.js';
import { explainHeight } from './height.js';
import { heightOf, rowsOf } from '../work/runs.js';

/** Every size of every demo design. */
const sizes: [string, SizePlan][] = Object.entries(demoDesigns()).flatMap(([name, design]) =>
  plan(design).sizes.map((size): [string, SizePlan] => [`${name} ${size.id}`, size]),
);

const LENGTH = String.raw`[−-]?\d+(?:\.\d+)?(?: \d\/\d)?|[−-]?\d\/\d`;
/** "36 5/8", "−0.5", "3/4". */
function number(text: string): number {
  const [, sign, whole, top, bottom] = /^([−-]?)(\d+(?:\.\d+)?(?!\/))?\s*(?:(\d)\/(\d))?$/.exec(text)!;
  return (sign ? -1 : 1) * (Number(whole ?? 0) + (top ? Number(top) / Number(bottom) : 0));
}
const inUnits = (phrase: Reason['figure'], units: Units) =>
  reasonPart(phrase, units).replaceAll(` ${units}`, '');
const said = (phrase: Reason['figure']) => inUnits(phrase, 'cm');

/**
 * Works the figures of a chain through, as a reader with a calculator would: each figure starts anew ("93.0"), or changes
 * what was there before ("+14.0 = 107.0", "÷ 2 = 53.5", "× 1.6 = 85.6"). Fails where a result is not what it says.
 *
 * @returns the last value
 */
function worked(reasons: readonly Reason[], units: Units = 'cm'): number {
  let value = NaN;
  for (const reason of reasons) {
    const text = inUnits(reason.figure, units);
    const check = new RegExp(`(${LENGTH}) \\+ 2 × front side (${LENGTH}) = (${LENGTH})$`).exec(
      inUnits(reason.note ?? [], units),
    );
    // A width found from the length of its edge is checked by its own sum, which must come to the value before.
    if (check) {
      const [back, side, edge] = check.slice(1).map(number);
      expect(Math.abs(back! + 2 * side! - edge!)).toBeLessThan(0.16);
      expect(Math.abs(edge! - value)).toBeLessThan(0.011);
    }
    const step = new RegExp(`^(?:([+×÷])\\s*)?(${LENGTH})(?:\\s*(%))?\\s*=\\s*(${LENGTH})`).exec(text);
    const plain = new RegExp(`^(${LENGTH})(?: rows?)?$`).exec(text);
    if (plain) value = number(plain[1]!);
    else if (step) {
      const [, sign, operand, percent, result] = step;
      const by = number(operand!) / (percent ? 100 : 1);
      const now = sign === '×' ? value * by : sign === '÷' ? value / by : value + by;
      // What went in is said to a hundredth (and lengths are kept to a tenth of a millimetre), so is the result; a factor to four places.
      const slack = sign === '×' ? 0.0075 * by + 0.00005 * value : 0.0051;
      expect([text, Math.abs(now - number(result!)) <= slack + 0.0101]).toEqual([text, true]);
      value = number(result!);
    }
  }
  return value;
}

describe.each(['cm', 'in'] as const)('every count explains itself in %s', (units) => {
  const scale = units === 'cm' ? 1 : CM_PER_INCH;

  it.each(sizes)('so that it can be worked out again from the sentences: %s', (_, size) => {
    for (const { because, count, target, perCm, pinned } of size.quantities) {
      const reasons = because();
      const gauge = reasons.findIndex(({ from }) => from?.kind === 'fabric');
      // The length wanted, from its first figure on.
      expect(worked(reasons.slice(0, gauge), units) * scale).toBeCloseTo(target, 1);
      expect(worked(reasons.slice(0, gauge + 1), units)).toBeCloseTo(target * perCm, 1);
      // The factor is what its own words come to: so many counted over such a length.
      const [, counted, over] = new RegExp(`([\\d.]+) (?:stitches|rows|squares) in (${LENGTH})`).exec(
        reasonPart(reasons[gauge]!.label, units),
      )!;
      const factor = number(/^× (\S+)/.exec(inUnits(reasons[gauge]!.figure, units))![1]!);
      expect(factor).toBeCloseTo(Number(counted) / number(over!), 2);
      expect(factor).toBeCloseTo(perCm * scale, 3);
      // The count is the next figure.
      expect(pinned).toBe(false);
      expect(number(said(reasons[gauge + 1]!.figure))).toBe(count);
    }
  });
});

describe('every chain', () => {
  it.each(sizes)('can be followed to a measurement or a wish: %s', (_, size) => {
    const byId = new Map(size.quantities.map((quantity) => [quantity.id, quantity]));
    for (const { id } of size.quantities) {
      const seen = new Set<string>();
      const open = [id];
      let found = false;
      while (open.length > 0 && !found) {
        const next = open.pop()!;
        if (seen.has(next)) continue;
        seen.add(next);
        for (const { from } of byId.get(next)?.because() ?? []) {
          if (from?.kind === 'measurement' || from?.kind === 'style') found = true;
          if (from?.kind === 'quantity') open.push(from.id);
        }
      }
      expect([id, found]).toEqual([id, true]);
    }
  });
});

describe('every row count explains itself', () => {
  it.each(sizes)('as the sum of its parts: %s', (_, size) => {
    for (const piece of size.pieces)
      expect(worked(explainHeight(piece, size.quantities))).toBe(heightOf(piece.runs));
  });
});

describe('every schedule explains itself', () => {
  it.each(sizes)('with figures from which its rows can be counted again: %s', (_, size) => {
    const label = (id: string) => size.quantities.find((quantity) => quantity.id === id)!.label;
    let shaped = 0;
    for (const { passages } of size.pieces)
      for (const passage of passages) {
        if (passage.kind === 'grow') {
          const [half, rounds, adds, end] = explainPassage(passage, label).map(({ figure }) => said(figure));
          const [, gain, times, more] = /^(\d+) × (\d+) = (\d+)$/.exec(adds!)!.map(Number);
          expect(times).toBe(Number(rounds));
          expect(more).toBe(gain! * times!);
          expect(end).toBe(`+${more} = ${Number(half) + more!}`);
          // As many as the piece comes to, front and back together.
          const body = size.pieces.find(({ role }) => role === 'body')!;
          expect(2 * (Number(half) + more!)).toBe(lastRow(body.runs).count);
          shaped += 1;
        }
        if (passage.kind === 'from the centre') {
          const [rounds, side] = explainPassage(passage, label).map(({ figure }) => said(figure));
          const [, begins, gain, times, ends] = /^(\d+) \+ (\d+) × (\d+) = (\d+)$/.exec(side!)!.map(Number);
          expect(times).toBe(Number(rounds) - 1);
          expect(begins! + gain! * times!).toBe(ends);
          const piece = size.pieces.find(({ passages }) => passages.includes(passage))!;
          const last = rowsOf(piece.runs).findLast(({ part }) => part === passage.part)!;
          expect(passage.sides * ends!).toBe(last.count);
          shaped += 1;
        }
        if (passage.kind !== 'shape') continue;
        const { schedule } = passage;
        const reasons = explainPassage(passage, label);
        expect(worked(reasons.slice(0, 2))).toBe(schedule.end);
        const figures = reasons.map(({ figure }) => said(figure));
        if (schedule.events.length === 0) continue;
        shaped += 1;
        if (schedule.amounts) {
          const [, sum, total] = /^([\d +]+) = (\d+)$/.exec(figures.at(-1)!)!;
          expect(sum!.split(' + ').reduce((all, part) => all + Number(part), 0)).toBe(Number(total));
          expect(Number(total)).toBe(Math.abs(schedule.end - schedule.start));
          continue;
        }
        const [, change, per, events] = /^(\d+) ÷ (\d+) = (\d+)$/.exec(figures[2]!)!.map(Number);
        expect(change! / per!).toBe(events);
        expect(events).toBe(schedule.events.length);
        const [, rows, by, gap, rest = 0] = /^(\d+) ÷ (\d+) = (\d+)(?: rest (\d+))?$/
          .exec(figures[4]!)!
          .map((text) => (text === undefined ? undefined : Number(text)));
        expect(by! * gap! + rest).toBe(rows);
        expect(rows).toBe(Number(figures[3]));
        // Gap and rest are the schedule: so many gaps of one row more.
        const step = schedule.room.everyRow;
        // Worked from the other end, the gap before the first event lies after the last one.
        const forward = schedule.room.first !== schedule.events[0] || schedule.events.length === rows;
        const edges = forward
          ? [schedule.room.first - step, ...schedule.events]
          : [...schedule.events, schedule.room.last + step];
        const gaps = edges.slice(1).map((row, i) => row - edges[i]!);
        expect(gaps.filter((one) => one === (gap! + 1) * step)).toHaveLength(rest);
      }
    // Only a tube, a rectangle and a wrap have no shaping at all.
    expect(shaped > 0).toBe(!size.pieces.some(({ id }) => ['tube', 'rectangle', 'wrap'].includes(id)));
  });
});

describe('shaping beside lines explains itself', () => {
  it.each(sizes)('with what each side gains, in so many rows, and what it comes to: %s', (_, size) => {
    for (const { passages, runs } of size.pieces)
      for (const passage of passages) {
        if (passage.kind !== 'lines') continue;
        const reasons = explainPassage(passage, (id) => id);
        const figures = reasons.map(({ figure }) => said(figure));
        expect(Number(figures.at(-1))).toBe(
          rowsOf(runs).find(({ n, part }) => n === passage.to && part === passage.part)!.count,
        );
        const gains = figures.slice(1, -1).map((figure) => /^(\d+) in (\d+)$/.exec(figure)!.map(Number));
        for (const [, gained, room] of gains) expect(gained).toBeLessThanOrEqual(2 * room!);
      }
  });

  it('adds up on a raglan in the round: eight sides', () => {
    const [, size] = sizes.find(([name]) => name === 'marlbank-pullover M')!;
    const lines = size.pieces[0]!.passages.find((passage) => passage.kind === 'lines')!;
    const figures = explainPassage(lines, (id) => id).map(({ figure }) => said(figure));
    const [before, body, sleeve, after] = figures.map((figure) => Number(/^\d+/.exec(figure)![0]));
    expect(before! + 4 * body! + 4 * sleeve!).toBe(after);
  });
});
