/** Bands as pieces: strips worked by themselves, or picked up along an edge. */

import { longEdges } from '../../borders/longEdges.js';
import { type Fabric } from '../../fabric/fabric.js';
import type { PieceProgram } from '../construction.js';
import type { BandId, CountId, GarmentCounts, PickedBandId } from '../counts.js';
import { ends, foundation, SIDES } from './pieces.js';
import type { PieceRole, Side } from '../../joins/roles.js';
import { isFirst, type BandStyle } from './bands.js';

/** What each is to the garment. */
const ROLES: Readonly<Record<BandId, PieceRole>> = {
  hem: 'hem',
  'hem-front': 'hem',
  cuff: 'cuff',
  neckband: 'neckband',
  armband: 'armband',
};

/** Pieces in the order in which they are worked: ribs that others are picked up along before these. */
export function ribsFirst(
  { hem, cuff = null }: { hem: BandStyle | null; cuff?: BandStyle | null },
  pieces: readonly PieceProgram[],
): PieceProgram[] {
  const before = ({ role }: PieceProgram) =>
    (role === 'hem' && isFirst(hem)) || (role === 'cuff' && isFirst(cuff));
  return [...pieces.filter(before), ...pieces.filter((piece) => !before(piece))];
}

/**
 * The band as a piece: a strip of `rows` rows, one long edge joined, the other open.
 *
 * @param freeEnds whether its ends stay free instead of being sewn together
 */
export function bandPiece(
  id: BandId,
  label: string,
  copies: number,
  band: BandStyle,
  fabrics: ReadonlyMap<string, Fabric>,
  counts: GarmentCounts,
  freeEnds = false,
): PieceProgram {
  const fabric = fabrics.get(band.fabric)!;
  if (band.worked === 'up')
    return pickedUp(
      {
        id,
        role: ROLES[id],
        label,
        copies,
        fabric,
        along: ALONG[id],
        counted: { along: `${id}.rows`, across: `${id}.height` },
        ends: { left: 'end', right: 'start' },
        freeEnds,
      },
      counts,
    );
  const stitches = counts.of(`${id}.height`);
  const rows = counts.of(`${id}.rows`);
  const along = (side: Side) => ends(side, { part: 'main', first: 1, last: rows });
  return {
    id,
    role: ROLES[id],
    label,
    copies,
    fabric,
    work: 'rows',
    rows: [`${id}.rows`],
    passages: [foundation(stitches, fabric), { kind: 'even', part: 'main', to: rows }],
    edges: [
      {
        id: `${id}.joined`,
        role: 'joined',
        label: `${label}, joined edge`,
        axis: 'rows',
        place: along('left'),
        path: 'straight',
      },
      {
        id: `${id}.free`,
        role: 'free',
        label: `${label}, free edge`,
        axis: 'rows',
        place: along('right'),
        path: 'straight',
        open: true,
      },
      {
        id: `${id}.start`,
        role: 'end',
        label: `${label}, first row`,
        axis: 'stitches',
        place: { lies: 'foundation', part: 'main' },
        open: freeEnds,
      },
      {
        id: `${id}.end`,
        role: 'end',
        label: `${label}, last row`,
        axis: 'stitches',
        place: { lies: 'live', part: 'main', n: rows, from: 0, count: stitches },
        open: freeEnds,
      },
    ],
    expects: [
      { quantity: `${id}.rows`, edges: [`${id}.joined`] },
      { quantity: `${id}.height`, edges: [`${id}.end`] },
    ],
  };
}

/** A band picked up along an edge: its stitches run along it, its rows go across. */
interface PickedBand {
  id: BandId | PickedBandId;
  role: PieceRole;
  label: string;
  copies: number;
  fabric: Fabric;
  /** The edge in words. */
  along: string;
  /** Names of the counts along the edge and across, and of its left and right ends. */
  counted: { along: CountId; across: CountId };
  ends: { left: string; right: string };
  freeEnds: boolean;
}

function pickedUp(
  { id, role, label, copies, fabric, along, counted, ends: named, freeEnds }: PickedBand,
  counts: GarmentCounts,
): PieceProgram {
  const [stitches, rows] = [counts.of(counted.along), counts.of(counted.across)];
  return {
    id,
    role,
    label,
    copies,
    fabric,
    work: 'rows',
    rows: [counted.across],
    passages: [
      { kind: 'start', part: 'main', stitches, extra: 0, along },
      { kind: 'even', part: 'main', to: rows },
    ],
    edges: [
      ...longEdges(id, label, rows, stitches),
      ...SIDES.map((side) => ({
        id: `${id}.${named[side]}`,
        role: 'end' as const,
        label: `${label}, ${side} end`,
        axis: 'rows' as const,
        place: ends(side, { part: 'main', first: 1, last: rows }),
        path: 'straight' as const,
        open: freeEnds,
      })),
    ],
    expects: [
      { quantity: counted.along, edges: [`${id}.joined`] },
      { quantity: counted.across, edges: [`${id}.${named.left}`] },
    ],
  };
}

/** What a rib worked up is picked up along. */
const ALONG: Readonly<Record<BandId, string>> = {
  hem: 'the lower edge',
  'hem-front': 'the lower edge',
  neckband: 'the neck',
  armband: 'the armhole',
  cuff: 'the end of the sleeve',
};

/** A band of its own counts, stitches and rows, picked up along an edge. */
export function pickedBand(
  id: PickedBandId,
  role: PieceRole,
  label: string,
  copies: number,
  fabric: Fabric,
  along: string,
  counts: GarmentCounts,
): PieceProgram {
  return pickedUp(
    {
      id,
      role,
      label,
      copies,
      fabric,
      along,
      counted: { along: `${id}.stitches`, across: `${id}.rows` },
      ends: { left: 'end-left', right: 'end-right' },
      freeEnds: true,
    },
    counts,
  );
}

/** The bands picked up along two open fronts, and along the ends of the ribs that there are. */
export function frontBandPiece(fabric: Fabric, counts: GarmentCounts): PieceProgram {
  const ribs = [
    ...(counts.find('hem.height') === undefined ? [] : ['hem rib']),
    ...(counts.find('neckband.height') === undefined ? [] : ['neckband']),
  ];
  const included = ribs.length > 0 ? `, ${ribs.join(' and ')} included` : '';
  return pickedBand('band', 'front band', 'Front band', 2, fabric, `the front edge${included}`, counts);
}
