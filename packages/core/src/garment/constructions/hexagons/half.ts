/** A half: the hexagon from its centre, rows along three of its sides, rows along its lower edge; where its edges lie, and how it folds. */

import { perCm } from '../../../fabric/gauge.js';
import type { Side } from '../../../joins/roles.js';
import type { Passage } from '../../../passages/passage.js';
import type { DrawnEdge, EdgeProgram, PieceProgram, SizeInput } from '../../construction.js';
import type { GarmentCounts } from '../../counts.js';
import { ends } from '../../shared/pieces.js';
import type { HexagonStyle } from './fields.js';
import { foldedOutline, foldedRows, growthOf, halfOf, type First } from './geometry.js';
import { sidesOf } from './sides.js';

type Input = SizeInput<HexagonStyle>;

/** Sides of the hexagon as they follow each other clockwise, right side up, of the wearer's left half; of the right one front and back change places. */
const ORDER = ['back', 'hem', 'front', 'front top', 'sleeve', 'back top'] as const;
type Place = (typeof ORDER)[number];

const SWAPPED: Readonly<Record<Place, Place>> = {
  back: 'front',
  hem: 'hem',
  front: 'back',
  'front top': 'back top',
  sleeve: 'sleeve',
  'back top': 'front top',
};

/** How the hexagon becomes half a garment; fronts are marked, because both halves are the same. */
const FOLD =
  'Fold it into an L, three sides on three: the end of the short arm is the sleeve opening, that of the long one the lower edge, the corner between their outer sides the neck. Mark the front.';

/** What rows along three sides are said to go along. */
const ALONG: Readonly<Record<First, string>> = {
  sleeve: 'the three sides of the body, back, lower edge and front',
  body: 'the three sides of the sleeve, shoulder, opening and shoulder',
};

export function half(
  input: Input,
  counts: GarmentCounts,
  { wearers, first }: { wearers: Side; first: First },
): PieceProgram {
  const { style, fabrics } = input;
  const fabric = fabrics.get(style.fabric)!;
  const growth = growthOf(fabric);
  const height = 1 / perCm(fabric.gauge, 'rows');
  const [n, e, f] = [counts.of('hexagon.rounds'), counts.of('hexagon.rows'), counts.of('hexagon.hem')];
  const sides = sidesOf(fabric, style, counts, first);
  const { round, measures } = sides;
  const open = style.top.left === 'open' ? counts.of('hexagon.open') : 0;
  const label = wearers === 'left' ? 'Left half' : 'Right half';
  // Rows along three sides begin where the last round was joined: right-side ones at its right end, wrong-side ones at its left.
  const closed = open === 0;
  const rightSide = closed && style.rounds === 'joined' ? true : style.rounds === 'turned' && n % 2 === 0;
  const bodyFirst = (first === 'sleeve') !== rightSide;
  const clockwise = wearers === 'left' ? ORDER : ORDER.map((place) => SWAPPED[place]);
  const order = bodyFirst ? clockwise : [...clockwise.slice(3), ...clockwise.slice(0, 3)];
  /** Whether the sides of a trio (the body's, or the sleeve's) have rows along them. */
  const isGrown = (trio: 0 | 1) => e > 0 && ((trio === 0) === bodyFirst) === (first === 'sleeve');
  const countAt = (place: Place) =>
    ({
      back: sides.back,
      hem: sides.hem,
      front: sides.front,
      'front top': sides.shoulder,
      sleeve: sides.sleeve,
      'back top': sides.shoulder,
    })[place];
  /** Where a side lies among live stitches. */
  const placeOf = (place: Place): { part: string; n: number; from: number; count: number } => {
    const at = order.indexOf(place);
    const trio = at < 3 ? 0 : 1;
    const before = order.slice(3 * trio, at).reduce((sum, one) => sum + countAt(one), 0);
    return isGrown(trio)
      ? { part: 'along', n: n + e, from: before, count: countAt(place) }
      : { part: 'main', n, from: 3 * round * trio + before, count: countAt(place) };
  };
  const drawn = folded();
  /** The right half lies mirrored. */
  const turned = ([x, y]: readonly [number, number]): [number, number] => [wearers === 'left' ? x : -x, y];
  const edges: EdgeProgram[] = [];
  const lines: Record<string, DrawnEdge> = {};
  const add = (
    id: string,
    role: EdgeProgram['role'],
    words: string,
    place: EdgeProgram['place'],
    {
      of,
      line,
      rowsOf,
      isOpen = false,
    }: { of: Place; line: DrawnEdge['line']; rowsOf?: number; isOpen?: boolean },
    measured?: number,
  ) => {
    const name = `${id}-${wearers}`;
    edges.push({
      id: name,
      role,
      side: wearers,
      label: `${label}, ${words}`,
      axis: place.lies === 'row ends' ? 'rows' : 'stitches',
      place,
      open: isOpen,
      measures: (rowsOf ?? measured!) * height,
    });
    lines[name] = {
      line: line.map(turned),
      faces: facing(of, wearers),
      side: order.indexOf(of),
      ...(of === 'hem' || of === 'sleeve' ? { folded: true as const } : {}),
    };
  };
  const live = (place: Place, from = 0, count = countAt(place)): EdgeProgram['place'] => {
    const at = placeOf(place);
    return { lies: 'live', part: at.part, n: at.n, from: at.from + from, count };
  };
  /** Row ends of a part at the end where a side lies. */
  const rowEndsAt = (part: string, place: Place, span: { first: number; last: number }) => {
    const trio = order.indexOf(place) < 3 ? order.slice(0, 3) : order.slice(3);
    return ends(trio.indexOf(place) === 0 ? 'left' : 'right', { part, ...span });
  };
  const { body, arm, length } = drawn;
  const span = body + arm;
  const lowerRows = f * height;
  const [front, back] = ['front', 'back'] as const;

  for (const which of [front, back]) {
    const role = which === 'front' ? 'front edge' : 'centre back';
    const name = which === 'front' ? 'front.edge' : 'back.centre';
    const words = which === 'front' ? 'front edge' : 'centre back';
    const isOpen = which === 'front';
    add(
      name,
      role,
      words,
      live(which),
      {
        of: which,
        line: [
          [0, lowerRows],
          [0, lowerRows + measures.front * height],
        ],
        isOpen,
      },
      measures.front,
    );
    if (f > 0)
      add(
        `${name}-hem`,
        role,
        `${words}, along the rows of the lower edge`,
        rowEndsAt('hem', which, {
          first: (first === 'sleeve' ? n + e : n) + 1,
          last: (first === 'sleeve' ? n + e : n) + f,
        }),
        {
          of: which,
          line: [
            [0, 0],
            [0, lowerRows],
          ],
          rowsOf: f,
          isOpen,
        },
      );
    const top = `${which} top` as const;
    const all = countAt(top);
    // The end that lies at the neck: of the side that comes first in its three the left one.
    const atLeft = order.indexOf(top) % 3 === 0;
    const shoulderLength = measures.shoulder * height;
    const openLength = (open / all) * shoulderLength;
    const ownEnd = span - shoulderLength;
    add(
      `${which}.shoulder`,
      'shoulder',
      `${which} of the shoulder`,
      live(top, atLeft ? open : 0, all - open),
      {
        of: top,
        line: [
          [ownEnd + openLength, length],
          [span, length],
        ],
      },
      (measures.shoulder * (all - open)) / all,
    );
    if (open > 0) {
      add(
        `${which}.neck`,
        'neck',
        `${which} of the neck`,
        live(top, atLeft ? 0 : all - open, open),
        {
          of: top,
          line: [
            [ownEnd, length],
            [ownEnd + openLength, length],
          ],
          isOpen: !style.hood,
        },
        (measures.shoulder * open) / all,
      );
      if (e > 0) {
        const along = { first: n + 1, last: n + e };
        if (first === 'sleeve')
          add(
            `${which}.neck-rows`,
            'neck',
            `${which} of the neck, along the rows of its side`,
            rowEndsAt('along', which, along),
            {
              of: top,
              line: [
                [0, length],
                [ownEnd, length],
              ],
              rowsOf: e,
              isOpen: !style.hood,
            },
          );
        else
          add(
            `${name}-top`,
            role,
            `${words}, along the rows of the shoulder`,
            rowEndsAt('along', top, along),
            {
              of: which,
              line: [
                [0, length - e * height],
                [0, length],
              ],
              rowsOf: e,
              isOpen,
            },
          );
      }
    }
  }
  add(
    'half.sleeve',
    'sleeve split',
    'sleeve opening',
    live('sleeve'),
    {
      of: 'sleeve',
      line: [
        [span, length - arm],
        [span, length],
      ],
      isOpen: !style.sleeve,
    },
    measures.sleeve,
  );
  const lowest = placeOf('hem');
  add(
    'half.lower',
    'lower edge',
    'lower edge',
    f > 0 ? { lies: 'live', part: 'hem', n: lowest.n + f, from: 0, count: sides.lower } : live('hem'),
    {
      of: 'hem',
      line: [
        [0, 0],
        [body, 0],
      ],
      isOpen: true,
    },
    measures.hem,
  );

  const trio = rightSide ? 1 : 0;
  const passages: Passage[] = [
    {
      kind: 'from the centre',
      part: 'main',
      to: n,
      round: style.rounds,
      note: FOLD,
      counted: 'hexagon.rounds',
      ...growth,
    },
    ...(e > 0
      ? [
          {
            kind: 'along sides' as const,
            part: 'along',
            from: 'main',
            at: 3 * round * trio,
            sides: [round, round, round],
            to: n + e,
            gain: growth.gain,
            ends: open > 0 ? sides.ends : 0,
            rejoin: false,
            ...(open > 0 ? {} : { round: style.rounds }),
            along: ALONG[first],
          },
        ]
      : []),
    ...(f > 0
      ? [
          {
            kind: 'along sides' as const,
            part: 'hem',
            from: lowest.part,
            at: lowest.from,
            sides: [sides.hem],
            to: lowest.n + f,
            gain: growth.gain,
            ends: sides.ends,
            rejoin: true,
            along: 'the lower edge',
          },
        ]
      : []),
  ];
  return {
    id: `half-${wearers}`,
    role: 'half',
    shows: [
      [['hexagon.rounds', 'from the centre']],
      ...(e > 0
        ? [[['hexagon.rows', first === 'sleeve' ? 'along the body' : 'along the sleeve'] as const]]
        : []),
      ...(f > 0 ? [[['hexagon.hem', 'along the hem'] as const]] : []),
    ],
    side: wearers,
    label,
    copies: 1,
    fabric,
    work: 'rounds',
    // Rows along the lower edge go on from those along the body's sides, but not from those along the sleeve's.
    rows:
      first === 'sleeve'
        ? ['hexagon.reach', 'hexagon.hem']
        : ['hexagon.rounds', e >= f ? 'hexagon.rows' : 'hexagon.hem'],
    passages,
    edges,
    drawn: {
      outlines: [
        {
          part: 'main',
          points: foldedOutline(drawn).map(turned),
        },
      ],
      rows: foldedRows({ rounds: n, rows: e, hem: f }, first, height).map((line) => line.map(turned)),
      edges: lines,
      corner: 90,
    },
    expects: style.sleeve ? [{ quantity: 'sleeve.top', edges: [`half.sleeve-${wearers}`] }] : [],
  };

  function folded() {
    return halfOf({ rounds: n, rows: e, hem: f }, first, height);
  }
}

function facing(of: Place, wearers: Side): DrawnEdge['faces'] {
  if (of === 'hem') return 'down';
  if (of === 'front top' || of === 'back top') return 'up';
  return (of === 'sleeve') === (wearers === 'left') ? 'right' : 'left';
}
