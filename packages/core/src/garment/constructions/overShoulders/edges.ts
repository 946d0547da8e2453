import { OTHER, type Side } from '../../../joins/roles.js';
import type { EdgeProgram } from '../../construction.js';
import type { GarmentCounts } from '../../counts.js';
import { openRows } from '../../shared/panels/lowerEdge.js';
import { isPlain, neckIsOpen, type PanelStyle } from '../../shared/panels/style.js';
import { ends, SIDES } from '../../shared/pieces.js';
import { partOf, type Course } from './course.js';

/** The edges of the whole body: its first stitches are the wearer's left, on the fronts as on the back. */
export function edgesOf(course: Course, style: PanelStyle, counts: GarmentCounts): EdgeProgram[] {
  const { open, top, end, apart, shape } = course;
  const bare = neckIsOpen(style);
  return [
    edge('back.hem', 'lower edge', 'Back, lower edge', { lies: 'foundation', part: 'main' }, !style.hem),
    ...SIDES.flatMap((at): EdgeProgram[] =>
      [
        ...sideEdges(course, at, isPlain(style), counts),
        ...neckEdge(course, at, bare, counts.of('shoulder.width')),
        ...(open ? openEdges(course, at, style, counts) : []),
      ].map((one) => ({ ...one, side: at })),
    ),
    edge(
      'back.neck',
      'neck',
      'Back neck',
      {
        lies: 'live',
        part: 'main',
        n: top,
        from: counts.of('shoulder.width'),
        count: counts.of('neck.width'),
      },
      bare,
    ),
    ...(open
      ? []
      : [
          edge(
            'front.neck',
            'neck',
            'Front neck, centre',
            { lies: 'base', part: 'front', n: apart + 1, from: shape.width, count: shape.centre },
            bare,
          ),
          edge(
            'front.hem',
            'lower edge',
            'Front, lower edge',
            { lies: 'live', part: 'front', n: end, from: 0, count: counts.of('front.width') },
            !style.hem,
          ),
        ]),
  ];
}

function edge(
  id: string,
  role: EdgeProgram['role'],
  label: string,
  place: EdgeProgram['place'],
  free = false,
): EdgeProgram {
  return {
    id,
    role,
    label,
    axis: place.lies === 'row ends' ? 'rows' : 'stitches',
    place,
    ...(place.lies === 'row ends' && !place.stepped ? { path: 'straight' as const } : {}),
    open: free,
  };
}

/** One side from the back's hem over the armhole down to the front's. */
function sideEdges(course: Course, at: Side, bare: boolean, counts: GarmentCounts): EdgeProgram[] {
  const { side, top, underarm, end } = course;
  const [slit, frontSlit] = [openRows(counts, 'back'), openRows(counts, 'front')];
  const back = (first: number, last: number) => ends(at, { part: 'main', first, last });
  const front = (first: number, last: number) => ends(at, ...spans(course, at, first, last));
  return [
    ...(slit > 0 ? [edge(`back.slit-${at}`, 'slit', `Back, ${at} side, open`, back(1, slit), true)] : []),
    edge(`back.side-${at}`, 'side', `Back, ${at} side`, back(slit + 1, side)),
    edge(`back.armhole-${at}`, 'armhole', `Back, ${at} armhole`, back(side + 1, top), bare),
    edge(`front.armhole-${at}`, 'armhole', `Front, ${at} armhole`, front(top + 1, underarm), bare),
    edge(`front.side-${at}`, 'side', `Front, ${at} side`, front(underarm + 1, end - frontSlit)),
    ...(frontSlit > 0
      ? [edge(`front.slit-${at}`, 'slit', `Front, ${at} side, open`, front(end - frontSlit + 1, end), true)]
      : []),
  ];
}

/** Rows of one side of the front, from the shoulder on. */
function spans(course: Course, at: Side, from: number, to: number) {
  const { open, apart } = course;
  return [
    { part: partOf(course, at), first: from, last: open ? to : Math.min(to, apart) },
    ...(open ? [] : [{ part: 'front', first: Math.max(from, apart + 1), last: to }]),
  ].filter((span) => span.first <= span.last);
}

/** The neck of one front: chained at once, or along the rows that widen it. */
function neckEdge(course: Course, at: Side, bare: boolean, shoulder: number): EdgeProgram[] {
  const { top, shape } = course;
  const part = partOf(course, at);
  const named = [`front.neck-${at}`, 'neck', `Front neck, ${at} side`] as const;
  if (shape.chained > 0)
    return [
      edge(
        ...named,
        shape.chained > 1
          ? { lies: 'base', part, n: top + 1, from: at === 'left' ? shoulder : 0, count: shape.chained }
          : { lies: 'live', part: 'main', n: top, from: 0, count: 0 },
        bare,
      ),
    ];
  if (shape.rows === 0) return [];
  const rows = ends(OTHER[at], { part, first: top + 1, last: top + shape.rows });
  return [{ ...edge(...named, { ...rows, stepped: true }, bare), path: shape.path(OTHER[at]) }];
}

/** Front edge and hem of an open front. */
function openEdges(course: Course, at: Side, style: PanelStyle, counts: GarmentCounts): EdgeProgram[] {
  const { top, end, shape } = course;
  const part = partOf(course, at);
  return [
    edge(
      `front.edge-${at}`,
      'front edge',
      `Front, ${at} front edge`,
      ends(OTHER[at], { part, first: top + (shape.chained > 0 ? 0 : shape.rows) + 1, last: end }),
      style.front.style !== 'band',
    ),
    edge(
      `front.hem-${at}`,
      'lower edge',
      `Front, ${at} lower edge`,
      { lies: 'live', part, n: end, from: 0, count: counts.of('front.width') },
      !style.hem,
    ),
  ];
}
