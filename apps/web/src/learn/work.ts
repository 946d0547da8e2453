import {
  countsAfter,
  easeAllowed,
  ladder,
  meetInWords,
  ratesInWords,
  ruleInWords,
  schedule,
  type CountRule,
  type Order,
  type Rung,
} from '@upfell/core';

/** How many stitches a width takes: exactly, and the counts that the stitch pattern allows about it. */
export function stitchesOf(
  width: number,
  gauge: { count: number; over: number },
  rule: CountRule,
): { exact: number; rule: string; below: Rung | null; above: Rung; nearest: Rung } {
  const perCm = gauge.count / gauge.over;
  const rungs = ladder(width, perCm, rule, 1);
  const above = rungs.find(({ over }) => over >= -1e-9)!;
  const below = rungs.findLast(({ over }) => over < 1e-9 && over !== above.over) ?? null;
  const nearest = below && Math.abs(below.over) < Math.abs(above.over) ? below : above;
  return { exact: width * perCm, rule: ruleInWords(rule), below, above, nearest };
}

/** How two edges meet: lengths, the difference, whether it is eased in unseen, and the plain ratio. */
export function seamOf(stitches: number, stitchesPer10: number, rows: number, rowsPer10: number) {
  const a = { length: (stitches / stitchesPer10) * 10, unit: 10 / stitchesPer10 };
  const b = { length: (rows / rowsPer10) * 10, unit: 10 / rowsPer10 };
  const allowed = easeAllowed(a, b);
  const difference = a.length - b.length;
  return {
    a: a.length,
    b: b.length,
    difference,
    allowed,
    agrees: Math.abs(difference) <= allowed + 1e-9,
    ratio: meetInWords(stitches, 'stitches', rows, 'rows'),
    /** As many stitches as the row ends are long. */
    wanted: Math.round((b.length * stitchesPer10) / 10),
  };
}

/** In which rows a sleeve or side is shaped, two stitches at a time, and the counts after each. */
export function shapingOf(start: number, end: number, rows: number, order: Order) {
  const found = schedule({ start, end, perEvent: 2, firstRow: 1, lastRow: rows, everyRow: 1, order });
  if (!found.ok) return { ok: false as const, message: found.message };
  const { events, rates } = found.schedule;
  return {
    ok: true as const,
    words: ratesInWords({ rates, events }),
    rows: events,
    counts: countsAfter(found.schedule),
  };
}
