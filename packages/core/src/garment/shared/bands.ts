import type { Reason } from '../../because/reason.js';
import { type Fabric } from '../../fabric/fabric.js';
import { perCm } from '../../fabric/gauge.js';
import type { Relation } from '../../fit/problem.js';
import { cm, say } from '../../text/phrase.js';
import type { Axis } from '../../fabric/fabric.js';
import type { DraftQuantity, PieceProgram } from '../construction.js';
import type { BandId, CountId, GarmentCounts, PickedBandId } from '../counts.js';
import { ends, foundation, SIDES } from './pieces.js';
import type { PieceRole, Side } from '../../joins/roles.js';
import { choice, fabric, groupOrNone, length, number, type StyleOf } from '../../fields/kinds.js';
import { forSize } from '../../fields/perSize.js';
import { becomes, given, quantity } from './quantity.js';
import { sameLength } from './seams.js';

/**
 * A rib band. Worked sideways its rows run along the edge and its stitches are its height; worked up it is picked up along the edge,
 * its stitches running along it. Either way its counts are `rows` (or stitches) along the edge and `height` across.
 *
 * @param title what it is called in a form and, in small letters, in sentences: "Hem rib"
 * @param height usual height, cm
 * @param missing whether a missing field is none, or the usual band
 */
export function band(title: string, height: number, missing: 'none' | 'usual' = 'usual') {
  const what = title.toLowerCase();
  return groupOrNone({
    name: `The ${what}`,
    label: title,
    heading: title,
    help: `The ${what}: worked along the edge, or none.`,
    optional: { missing },
    fields: {
      fabric: fabric({
        name: `The fabric of the ${what}`,
        label: 'Fabric',
        help: 'Usually the second fabric of the design.',
        usual: 'rib',
      }),
      worked: choice({
        name: `The way of the ${what}`,
        label: 'Worked',
        help: 'Sideways its rows run along the edge and its stitches are its height; up it is picked up along the edge.',
        options: [
          ['sideways', 'sideways, sewn on'],
          ['up', 'up from the edge'],
        ],
        usual: 'sideways',
      }),
      height: length({
        name: `The height of the ${what}`,
        label: 'Height',
        help: 'From the edge outwards.',
        range: [1, 40],
        usual: height,
      }),
      gather: number({
        name: `The draw-in of the ${what}`,
        label: 'Its length, of the edge',
        help: 'The band’s own length as a share of the edge: below 100 % it draws in.',
        range: [0.7, 1],
        unit: 'of the edge',
        factor: true,
        usual: 1,
      }),
    },
  });
}

export type BandStyle = NonNullable<StyleOf<{ band: ReturnType<typeof band> }>['band']>;

/** What of a band is counted along its edge, and what across. */
export function alongOf({ worked }: BandStyle): Axis {
  return worked === 'up' ? 'stitches' : 'rows';
}
export function acrossOf({ worked }: BandStyle): Axis {
  return worked === 'up' ? 'rows' : 'stitches';
}

/**
 * Height of a rib, and its length along an edge.
 *
 * @param edge length of the edge, cm; the rib's own is less where it draws in
 * @param because how the edge came to its length
 */
export function ribQuantities(input: {
  id: BandId;
  label: string;
  style: BandStyle;
  size: string;
  fabric: Fabric;
  edge: number;
  weight: number;
  because: readonly Reason[];
  /** The style's field of the band, where it is not its id. */
  field?: string;
}): DraftQuantity[] {
  const { id, label, style, size, fabric, edge, weight, because, field = id } = input;
  const height = forSize(style.height, size);
  const length = edge * style.gather;
  const share = Math.round(style.gather * 100);
  return [
    quantity({
      id: `${id}.height`,
      label: `${label}, height`,
      fabric,
      axis: acrossOf(style),
      target: height,
      weight: 0.3,
      rule: style.worked === 'up' ? fabric.rule.rows : fabric.rule.flat,
      because: [given('Height wanted', height, { kind: 'style', id: `garment.${field}.height` })],
    }),
    quantity({
      id: `${id}.rows`,
      label: `${label}, length along the edge`,
      fabric,
      axis: alongOf(style),
      target: length,
      weight,
      rule: style.worked === 'up' ? fabric.rule.flat : fabric.rule.rows,
      because: [...because, ...(share === 100 ? [] : [becomes('Drawn in', `× ${share} %`, length)])],
    }),
  ];
}

/** Quantities and seam of a band that runs along `edge`, an edge of stitches. */
export function draftBand(input: {
  id: BandId;
  label: string;
  style: BandStyle;
  size: string;
  fabric: Fabric;
  field?: string;
  edge: { of: CountId; label: string; perCm: number; target: number };
}): { quantities: DraftQuantity[]; relations: Relation[]; height: number } {
  const { id, label, style, size, fabric, edge } = input;
  const height = forSize(style.height, size);
  const quantities = ribQuantities({
    ...input,
    edge: edge.target,
    weight: 0.1,
    because: [given(`${edge.label}, wanted`, edge.target, { kind: 'quantity', id: edge.of })],
  });
  const rowsPerCm = perCm(fabric.gauge, alongOf(style));
  const relations = sameLength(
    {
      id: `${id}.seam`,
      rule: `the ${label.toLowerCase()} goes along its edge`,
      says: (counts: GarmentCounts) =>
        say`Sewn to ${counts.of(edge.of)} stitches (${cm(counts.of(edge.of) / edge.perCm)}): ${counts.of(`${id}.rows`)} ${alongOf(style)} of rib`,
    },
    { of: `${id}.rows`, perCm: rowsPerCm * style.gather, times: 1 },
    { of: edge.of, perCm: edge.perCm, times: 1 },
    edge.target,
  );
  return { quantities, relations, height };
}

/** What each is to the garment. */
const ROLES: Readonly<Record<BandId, PieceRole>> = {
  hem: 'hem',
  'hem-front': 'hem',
  cuff: 'cuff',
  neckband: 'neckband',
  armband: 'armband',
};

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
        ends: { left: 'start', right: 'end' },
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
      {
        id: `${id}.joined`,
        role: 'joined',
        label: `${label}, joined edge`,
        axis: 'stitches',
        place: { lies: 'foundation', part: 'main' },
      },
      {
        id: `${id}.free`,
        role: 'free',
        label: `${label}, free edge`,
        axis: 'stitches',
        place: { lies: 'live', part: 'main', n: rows, from: 0, count: stitches },
        open: true,
      },
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
