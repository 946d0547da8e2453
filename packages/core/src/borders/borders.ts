/** All edgings that a size is to have: worked on when its pieces are joined, each along what is open then. */

import type { Note } from '../advice/note.js';
import type { Fabric } from '../fabric/fabric.js';
import { forSize, type PerSize } from '../fields/perSize.js';
import { auditJoin, type Join, type WorkedEdge } from '../joins/audit.js';
import { workAndCheck, type PlannedPiece } from '../plannedPiece.js';
import { cm, say } from '../text/phrase.js';
import { countOf } from '../text/singular.js';
import { edgingAlong, type Edging, type NoRoom } from './edging.js';
import { BORDER_WORDS, type BorderPlace, type Borders } from './fields.js';
import { openLoops } from './openEdges.js';
import { groupsAlong, type RunGroup } from './runs.js';

/** A size as far as it is worked: its pieces, their edges, its joins. Edgings are added to it. */
export interface Joined {
  pieces: PlannedPiece[];
  edges: Map<string, WorkedEdge>;
  joins: Join[];
  /** Edgings that are begun, with their joins: they stay as they are. */
  begun?: { pieces: readonly PlannedPiece[]; joins: readonly Join[] };
}

/** What of a style edgings go by. */
export interface Bordered {
  border?: Borders;
  front?: { style: string; width: PerSize };
}

/** Fronts run over the ends of what is at hem and neck, a border round all over everything. */
const ORDER: readonly BorderPlace[] = ['hem', 'neck', 'cuff', 'armhole', 'front', 'round'];

/**
 * Works the edgings of a style on to a size, and says what is to be said of them.
 *
 * @throws NoRoom where a side is shorter than its corners take
 */
export function addEdgings(
  size: string,
  { border, front }: Bordered,
  fabrics: ReadonlyMap<string, Fabric>,
  garment: Joined,
): Note[] {
  const made = border ? edgingsOf(border, size, front, fabrics, garment) : [];
  return [...made, ...steadyNotes(fabrics, garment)];
}

function edgingsOf(
  border: Borders,
  size: string,
  front: Bordered['front'],
  fabrics: ReadonlyMap<string, Fabric>,
  garment: Joined,
): Note[] {
  return ORDER.flatMap((place) => {
    const style = border[place];
    if (!style) return [];
    const groups = groupsAlong(openLoops(garment.pieces, garment.joins), place);
    if (groups.length === 0) return [nowhere(place)];
    const names = namesOf(groups);
    const edgings = groups.map((group, i) => {
      const edging = edgingAlong(group, place, style, fabrics, names[i]!);
      if (goesOn(edging, garment)) return edging;
      garment.pieces.push(workAndCheck(edging.piece, {}, garment.edges));
      garment.joins.push(...edging.joins.map((join) => auditJoin(join, garment.edges)));
      return edging;
    });
    return [
      ...edgings.flatMap((edging) => [...hiddenNotes(edging, place), ...strainedNotes(edging, place)]),
      ...(place === 'front' || place === 'round'
        ? [...widerNotes(edgings[0]!, place, garment), ...gapNotes(edgings[0]!, place, size, front)]
        : []),
    ];
  });
}

/** Takes over an edging that is begun; whether it was. */
function goesOn({ piece: { id } }: Edging, { pieces, edges, joins, begun }: Joined): boolean {
  const piece = begun?.pieces.find((one) => one.id === id);
  if (!piece) return false;
  pieces.push(piece);
  for (const edge of piece.edges) edges.set(edge.id, edge);
  joins.push(...begun!.joins.filter(({ a }) => a.some((one) => one.piece === id)));
  return true;
}

/** Share of give from which an edge that is left as it is goes out of shape (common practice). */
const GIVES = 0.2;

/** A neck of an open or stretchy fabric that nothing steadies. */
function steadyNotes(fabrics: ReadonlyMap<string, Fabric>, { pieces, joins }: Joined): Note[] {
  const joined = new Set(joins.flatMap(({ a, b }) => [...a, ...b].map(({ edge }) => edge)));
  const bare = pieces.filter(({ edges }) =>
    edges.some(({ id, role, count }) => role === 'neck' && count > 0 && !joined.has(id)),
  );
  const gives = Math.max(0, ...bare.map(({ fabric }) => fabrics.get(fabric)!.stretch ?? 0));
  if (gives < GIVES) return [];
  return [
    {
      level: 'tip',
      code: 'neck-unsteadied',
      where: 'border.neck',
      message: say`Nothing edges the neck, and its fabric gives by ${Math.round(100 * gives)} %: a first round of sc or slip stitch keeps it from going out of shape.`,
      fixes: [
        { label: say`Edge the neck with one round`, set: [{ path: 'garment.border.neck.rounds', value: 1 }] },
      ],
    },
  ];
}

/** What tells the edgings of one place apart: the wearer's side where that is enough, else their number. */
function namesOf(groups: readonly RunGroup[]): { id: string; name: string }[] {
  const sides = groups.map(({ runs }) => (runs.length === 1 ? runs[0]!.side : null));
  return groups.map((_, i) => {
    if (groups.length === 1) return { id: '', name: '' };
    const side = sides[i];
    if (side && sides.filter((other) => other === side).length === 1)
      return { id: `-${side}`, name: `, ${side}` };
    return { id: `-${i + 1}`, name: ` ${i + 1}` };
  });
}

/** A size whose edging has no room for its corners: what would fit, each one choice. */
export function noRoomNote({ place, fits }: NoRoom): Note {
  const { title } = BORDER_WORDS[place];
  return {
    level: 'stop',
    code: 'edging-no-room',
    where: `border.${place}`,
    message: say`${title}: between two corners there is no room for so many rounds; ${fits > 0 ? say`${fits} would fit` : say`none would fit`}, or corners that are not shaped.`,
    fixes: [
      ...(fits > 0
        ? [
            {
              label: say`Work ${countOf(fits, 'round')}`,
              set: [{ path: `garment.border.${place}.rounds`, value: fits }],
            },
          ]
        : []),
      {
        label: say`Work its corners plainly`,
        set: [{ path: `garment.border.${place}.corners`, value: 'plain' }],
      },
    ],
  };
}

/** There is no such edge: another join has it. */
function nowhere(place: BorderPlace): Note {
  const { title } = BORDER_WORDS[place];
  const why: Readonly<Record<BorderPlace, string>> = {
    round:
      'The front is closed, so no one round goes over fronts, neck and hem: edge neck and hem by themselves.',
    neck: 'The neck has no open edge left.',
    front: 'The front is closed.',
    hem: 'The lower edge is not open.',
    cuff: 'There are no open ends of sleeves.',
    armhole: 'Sleeves are joined to the armholes.',
  };
  return {
    level: 'warn',
    code: 'edging-nowhere',
    where: `border.${place}`,
    message: say`${title}: it is left out. ${why[place]}`,
  };
}

/** Stitches that are hidden where a round begins. */
function hiddenNotes({ hidden, piece }: Edging, place: BorderPlace): Note[] {
  return hidden.map(({ row, by }) => ({
    level: 'tip',
    code: 'edging-hidden',
    where: `border.${place}`,
    message: say`${piece.label}: ${countOf(Math.abs(by), 'stitch', 'stitches')} ${by > 0 ? 'more' : 'fewer'} in ${piece.work === 'rounds' ? 'round' : 'row'} ${row}, hidden where it begins, so that what follows comes out.`,
  }));
}

/** The first fabric's multiple is nowhere near its edge. */
function strainedNotes({ strained, piece }: Edging, place: BorderPlace): Note[] {
  if (!strained) return [];
  const { wanted, picked, multiple } = strained;
  return [
    {
      level: 'warn',
      code: 'edging-multiple',
      where: `border.${place}`,
      message: say`${piece.label}: about ${wanted} stitches lie flat along its edge, and the nearest of its multiple of ${multiple} is ${picked}. A plain round first, with this fabric as the second, takes up the difference unseen.`,
    },
  ];
}

/** A border that is wider than the front that it goes round. */
function widerNotes({ height, piece }: Edging, place: BorderPlace, { edges }: Joined): Note[] {
  const fronts = [...edges.values()].filter(({ role, side }) => role === 'lower edge' && side);
  const widthOf = (of: WorkedEdge['side']) =>
    fronts.reduce((sum, { side, length }) => sum + (side === of ? length : 0), 0);
  const narrowest = Math.min(...fronts.map(({ side }) => widthOf(side)));
  if (height <= narrowest) return [];
  return [
    {
      level: 'warn',
      code: 'edging-wide',
      where: `border.${place}`,
      message: say`${piece.label}: it is ${cm(height)} wide, the front itself ${cm(narrowest)}. Up to ${cm(narrowest)} it would be no wider than what it edges.`,
    },
  ];
}

/** How near an edging comes to the gap that it closes, cm. */
const CLOSES = 0.75;

/** Whether edgings close the gap between two fronts, side by side or one over the other. */
function gapNotes(
  { height, piece }: Edging,
  place: BorderPlace,
  size: string,
  front: Bordered['front'],
): Note[] {
  if (front?.style !== 'gap') return [];
  const gap = forSize(front.width, size);
  if ([height, 2 * height].some((closed) => Math.abs(gap - closed) <= CLOSES)) return [];
  const left = gap - 2 * height;
  const state =
    left >= 0 ? say`${cm(left)} stay open between them` : say`they lie ${cm(-left)} over each other`;
  const set = (to: number) => [{ path: 'garment.front.width', value: Math.round(10 * to) / 10 }];
  return [
    {
      level: left >= 0 ? 'tip' : 'warn',
      code: 'edging-gap',
      where: `border.${place}`,
      message: say`${piece.label}: the fronts lie ${cm(gap)} apart and it adds ${cm(height)} to each: ${state}.`,
      fixes: [
        { label: say`Edge to edge: fronts ${cm(2 * height)} apart`, set: set(2 * height) },
        { label: say`One over the other: fronts ${cm(height)} apart`, set: set(height) },
      ],
    },
  ];
}
