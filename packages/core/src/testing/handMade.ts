import { leastAreaSteps, neckCurve } from '../shaping/curve.js';
import type { Passage } from '../passages/passage.js';
import { rowsOf } from './rows.js';
import { countsByRow, fromSteps, schedule, type ScheduleRequest } from '../shaping/schedule.js';
import { capShortRows } from '../shaping/cap.js';
import { shoulderSteps, slopedShortRows } from '../shaping/shortRows.js';
import type { EdgePlace, Row } from '../work/rows.js';

/** A piece made by hand in some way, with the edges that it must show: what a plan would state of it. */
export interface HandMade {
  name: string;
  rows: readonly Row[];
  /** Edges with their counts, and for row ends where they lie. */
  edges: readonly { place: EdgePlace; count: number; path?: 'straight' | readonly number[] }[];
}

const even = (request: ScheduleRequest) => {
  const result = schedule(request);
  if (!result.ok) throw new Error(result.message);
  return result.schedule;
};

const ends = (
  side: 'left' | 'right',
  ...spans: { part: string; first: number; last: number }[]
): Extract<EdgePlace, { lies: 'row ends' }> => ({ lies: 'row ends', side, spans });

const start = (stitches: number, round?: 'joined' | 'turned'): Passage => ({
  kind: 'start',
  part: 'main',
  stitches,
  extra: 1,
  along: null,
  ...(round ? { round } : {}),
});

/** A sleeve from 20 to 30 stitches in 16 rows. */
export function sleeve(everyRow: 1 | 2): HandMade {
  const taper = even({
    start: 20,
    end: 30,
    perEvent: 2,
    firstRow: everyRow + 1,
    lastRow: 15,
    everyRow,
    order: 'slow first',
  });
  const out = countsByRow(taper, 1, 16).map((count) => (count - 20) / 2);
  const rows = rowsOf([
    start(20),
    { kind: 'shape', part: 'main', to: 16, schedule: taper, where: { at: 'both edges' }, of: {} },
  ]);
  return {
    name: `sleeve, every ${everyRow}`,
    rows,
    edges: [
      { place: { lies: 'foundation', part: 'main' }, count: 20 },
      { place: { lies: 'live', part: 'main', n: 16, from: 0, count: 30 }, count: 30 },
      { place: ends('left', { part: 'main', first: 1, last: 16 }), count: 16, path: out.map((x) => -x) },
      { place: ends('right', { part: 'main', first: 1, last: 16 }), count: 16, path: out },
    ],
  };
}

/** A front of 40 stitches with a round neck of 16 over 7 rows, divided after row `divide`. */
export function roundNeckFront(divide: number): HandMade {
  const top = divide + 7;
  const steps = leastAreaSteps(neckCurve('round', 8, 7), 7, 8)!;
  const take = 12 + 8 - steps[0]!;
  const centre = 40 - 2 * take;
  const neck = fromSteps(
    take,
    divide + 1,
    steps.map((reached) => 20 - reached),
  );
  const inwards = countsByRow(neck, divide + 1, top).map((count) => take - count);
  const leftFirst = divide % 2 === 1;
  const shoulder = (which: 'first' | 'second', lies: 'left' | 'right'): Passage[] => [
    {
      kind: 'go on',
      part: which,
      from: 'main',
      at: lies === 'left' ? 0 : 40 - take,
      take,
      leave: 40 - take,
      rejoin: which === 'second',
      label: which,
    },
    {
      kind: 'shape',
      part: which,
      to: top,
      schedule: neck,
      where: { at: 'one edge', side: lies === 'left' ? 'right' : 'left', edge: 'the neck edge' },
      of: {},
    },
  ];
  const [left, right] = leftFirst ? ['first', 'second'] : ['second', 'first'];
  const rows = rowsOf([
    start(40),
    { kind: 'even', part: 'main', to: divide },
    ...shoulder('first', leftFirst ? 'left' : 'right'),
    ...shoulder('second', leftFirst ? 'right' : 'left'),
  ]);
  const span = (part: string) => ({ part, first: divide + 1, last: top });
  return {
    name: `round neck, divided after row ${divide}`,
    rows,
    edges: [
      { place: { lies: 'foundation', part: 'main' }, count: 40 },
      {
        place: ends('left', { part: 'main', first: 1, last: divide }, span(left!)),
        count: top,
        path: 'straight',
      },
      {
        place: ends('right', { part: 'main', first: 1, last: divide }, span(right!)),
        count: top,
        path: 'straight',
      },
      { place: { ...ends('right', span(left!)), stepped: true }, count: 7, path: inwards.map((x) => -x) },
      { place: { ...ends('left', span(right!)), stepped: true }, count: 7, path: inwards },
      { place: { lies: 'live', part: 'main', n: divide, from: take, count: centre }, count: centre },
      { place: { lies: 'live', part: left!, n: top, from: 0, count: 12 }, count: 12 },
      { place: { lies: 'live', part: right!, n: top, from: 0, count: 12 }, count: 12 },
    ],
  };
}

/** A front with a square neck and a band picked up along it: down the one side, over the centre, up the other. */
export function neckBand(): HandMade {
  const rows = [
    ...rowsOf([
      start(30),
      { kind: 'even', part: 'main', to: 9 },
      { kind: 'go on', part: 'first', from: 'main', at: 0, take: 10, leave: 20, rejoin: false, label: '' },
      { kind: 'even', part: 'first', to: 15 },
      { kind: 'go on', part: 'second', from: 'main', at: 20, take: 10, leave: 0, rejoin: true, label: '' },
      { kind: 'even', part: 'second', to: 15 },
    ]),
  ];
  const band: Row = {
    n: 16,
    part: 'band',
    side: 'RS',
    from: [
      { along: 'right', part: 'first', first: 10, last: 15, makes: 9 },
      { part: 'main', n: 9, take: 10, at: 10 },
      { along: 'left', part: 'second', first: 10, last: 15, makes: 9 },
    ],
    steps: [
      { do: 'pick up', times: 9 },
      { do: 'work', times: 10 },
      { do: 'pick up', times: 9 },
    ],
    count: 28,
    by: 0,
    add: 18,
    rejoin: true,
  };
  const second: Row = {
    ...band,
    n: 17,
    side: 'WS',
    from: [{ part: 'band', n: 16, take: 28, at: 0 }],
    steps: [
      { do: 'work', times: 9 },
      { do: 'decrease', times: 1 },
      { do: 'work', times: 6 },
      { do: 'decrease', times: 1 },
      { do: 'work', times: 9 },
    ],
    count: 26,
    by: -2,
    add: 0,
  };
  const { rejoin: _, ...turned } = second;
  return {
    name: 'neckband picked up along row ends',
    rows: [...rows, band, turned],
    edges: [
      { place: { lies: 'foundation', part: 'main' }, count: 30 },
      { place: { lies: 'live', part: 'band', n: 17, from: 0, count: 26 }, count: 26 },
      { place: ends('left', { part: 'band', first: 16, last: 17 }), count: 2 },
      {
        place: ends('left', { part: 'main', first: 1, last: 9 }, { part: 'first', first: 10, last: 15 }),
        count: 15,
        path: 'straight',
      },
      { place: { lies: 'live', part: 'first', n: 15, from: 0, count: 10 }, count: 10 },
      { place: { lies: 'live', part: 'second', n: 15, from: 0, count: 10 }, count: 10 },
    ],
  };
}

/**
 * A yoke in the round from 48 to 80 stitches, split: the body goes on over front and back with 6 chains under each arm, a
 * sleeve over its own stitches and the underside of one of the chains.
 */
export function yoke(way: 'joined' | 'turned'): HandMade {
  const growth = even({
    start: 48,
    end: 80,
    perEvent: 8,
    firstRow: 2,
    lastRow: 9,
    everyRow: 2,
    order: 'fast first',
  });
  const rows = rowsOf([
    start(48, way),
    { kind: 'shape', part: 'main', to: 10, schedule: growth, where: { at: 'the round' }, of: {} },
    {
      kind: 'unite',
      part: 'body',
      from: [
        { part: 'main', at: 0, take: 26 },
        { part: 'main', at: 40, take: 26 },
      ],
      chains: [6, 6],
      round: way,
      label: 'Body',
    },
    { kind: 'even', part: 'body', to: 14 },
  ]);
  const last = rows.at(-1)!;
  const sleeveRound: Row = {
    n: 11,
    part: 'sleeve',
    side: way === 'joined' ? 'RS' : last.side === 'RS' ? 'WS' : 'RS',
    from: [
      { part: 'main', n: 10, take: 14, at: 26 },
      { along: 'base', part: 'body', n: 11, at: 26, take: 6, makes: 6 },
    ],
    steps: [
      { do: 'work', times: 14 },
      { do: 'pick up', times: 6 },
    ],
    count: 20,
    by: 0,
    add: 6,
    round: way,
    rejoin: true,
  };
  return {
    name: `yoke, rounds ${way}`,
    rows: [...rows, sleeveRound],
    edges: [
      { place: { lies: 'foundation', part: 'main' }, count: 48 },
      { place: { lies: 'live', part: 'body', n: 14, from: 0, count: 64 }, count: 64 },
      { place: { lies: 'live', part: 'sleeve', n: 11, from: 0, count: 20 }, count: 20 },
      { place: { lies: 'live', part: 'main', n: 10, from: 66, count: 14 }, count: 14 },
      { place: { lies: 'base', part: 'body', n: 11, from: 58, count: 6 }, count: 6 },
    ],
  };
}

/** A cap of 41 stitches by short rows, closed by a round. */
export function cap(): HandMade {
  const rows = rowsOf([
    start(41, 'joined'),
    {
      kind: 'short',
      part: 'main',
      shortRows: capShortRows({ base: 6, slope: 11, top: 7, rows: 13 }),
      label: 'Cap',
    },
    { kind: 'even', part: 'main', to: 18 },
  ]);
  return {
    name: 'cap by short rows',
    rows,
    edges: [
      { place: { lies: 'foundation', part: 'main' }, count: 41 },
      { place: { lies: 'live', part: 'main', n: 18, from: 0, count: 41 }, count: 41 },
    ],
  };
}

/** A shoulder of 24 stitches that slopes by short rows. */
export function slopedShoulder(): HandMade {
  const rows = rowsOf([
    start(24),
    { kind: 'even', part: 'main', to: 8 },
    { kind: 'short', part: 'main', shortRows: slopedShortRows(24, 3, 'left'), label: 'Shoulder' },
  ]);
  return {
    name: 'sloped shoulder',
    rows,
    edges: [
      { place: { lies: 'foundation', part: 'main' }, count: 24 },
      { place: { lies: 'live', part: 'main', n: 15, from: 0, count: 24 }, count: 24 },
      { place: ends('right', { part: 'main', first: 1, last: 15 }), count: 15, path: 'straight' },
      {
        place: ends('left', { part: 'main', first: 1, last: 8 }, { part: 'main', first: 15, last: 15 }),
        count: 9,
        path: 'straight',
      },
    ],
  };
}

/** A shoulder of 22 stitches in four steps: each second row leaves some at the armhole, the last ones stay live. */
export function steppedShoulder(): HandMade {
  const steps = shoulderSteps(22, 4);
  let left = 22;
  const counts = steps.slice(0, -1).flatMap((step) => [left, (left -= step)]);
  const shape = fromSteps(22, 9, counts);
  const rows = rowsOf([
    start(22),
    { kind: 'even', part: 'main', to: 8 },
    {
      kind: 'shape',
      part: 'main',
      to: 14,
      schedule: shape,
      where: { at: 'one edge', side: 'left', edge: 'the armhole edge' },
      of: {},
    },
  ]);
  return {
    name: 'stepped shoulder',
    rows,
    edges: [
      { place: { lies: 'foundation', part: 'main' }, count: 22 },
      { place: ends('right', { part: 'main', first: 1, last: 14 }), count: 14, path: 'straight' },
      { place: ends('left', { part: 'main', first: 1, last: 8 }), count: 8, path: 'straight' },
      {
        place: { ...ends('left', { part: 'main', first: 9, last: 14 }), stepped: true },
        count: 6,
        path: counts.map((count) => 22 - count),
      },
      { place: { lies: 'live', part: 'main', n: 14, from: 0, count: left }, count: left },
    ],
  };
}

/** A piece of every way in which rows are worked. */
export function handMade(): HandMade[] {
  return [
    sleeve(1),
    sleeve(2),
    roundNeckFront(10),
    roundNeckFront(11),
    neckBand(),
    yoke('joined'),
    yoke('turned'),
    cap(),
    slopedShoulder(),
    steppedShoulder(),
  ];
}
