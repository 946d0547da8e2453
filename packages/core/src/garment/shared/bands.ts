import type { Reason } from '../../because/reason.js';
import { type Fabric } from '../../fabric/fabric.js';
import { perCm } from '../../fabric/gauge.js';
import type { Relation } from '../../fit/problem.js';
import { cm, figure, say } from '../../text/phrase.js';
import type { Axis } from '../../fabric/fabric.js';
import type { DraftQuantity } from '../construction.js';
import type { BandId, CountId, GarmentCounts } from '../counts.js';
import {
  choice,
  fabric,
  groupOrNone,
  length,
  lengthOrNone,
  number,
  type StyleOf,
} from '../../fields/kinds.js';
import { pickUpFields, type PickUpStyle } from '../../joins/pickUpFields.js';
import { forSize, type PerSize } from '../../fields/perSize.js';
import type { PickUpRatio } from '../../joins/pickUp.js';
import { edgeOf, pickedUp, ratioOf, rowEnds, type Edge, type Stretch } from './pickedUp.js';
import { becomes, given, quantity } from './quantity.js';
import { sumIs } from '../relations.js';
import { sameLength } from './seams.js';

const SIDEWAYS = ['sideways', 'sideways, sewn on'] as const;
const UP = ['up', 'up from the edge'] as const;
/** Worked first, and how the piece is picked up along it. */
const FIRST = [
  ['first', 'sideways, first: the piece from it, 1 st in each row end'],
  ['first, ridges', 'sideways, first: 1 st for each ridge of 2 rows'],
] as const;

/**
 * A rib band. Worked sideways its rows run along the edge and its stitches are its height; worked up it is picked up along the edge,
 * its stitches running along it. Either way its counts are `rows` (or stitches) along the edge and `height` across.
 *
 * @param title what it is called in a form and, in small letters, in sentences: "Hem rib"
 * @param height usual height, cm
 * @param missing whether a missing field is none, or the usual band
 * @param ways.first whether the piece that it edges may be begun from it
 * @param ways.at its path, where it lies along row ends and so may be picked up by ratio: "neckband"
 */
export function band(
  title: string,
  height: number,
  missing: 'none' | 'usual' = 'usual',
  { first = false, at }: { first?: boolean; at?: string } = {},
) {
  const what = title.toLowerCase();
  const options: readonly (typeof SIDEWAYS | typeof UP | (typeof FIRST)[number])[] = first
    ? [SIDEWAYS, ...FIRST, UP]
    : [SIDEWAYS, UP];
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
        help: `Sideways its rows run along the edge and its stitches are its height; up it is picked up along the edge.${first ? ' Worked first, its row ends lead: the piece has as many stitches.' : ''}`,
        options,
        usual: 'sideways',
        ...(at ? { resets: [`${at}.pickUp`] } : {}),
      }),
      ...(at ? pickUpFields(`the ${what}`, at, { [`${at}.worked`]: ['up'] }) : {}),
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
        ...(at ? { when: { [`${at}.pickUp`]: ['gauge'] } } : {}),
        range: [0.7, 1],
        unit: 'of the edge',
        factor: true,
        usual: 1,
      }),
    },
  });
}

export type BandStyle = Omit<
  NonNullable<StyleOf<{ band: ReturnType<typeof band> }>['band']>,
  keyof PickUpStyle
> &
  Partial<PickUpStyle> & {
    /** A round that it is to have whatever its edge, cm; cuffs may be given one. */
    round?: PerSize | null;
  };

/** A band that goes round an arm: it may be given the round that it is to have. */
export function cuffBand(height: number, ways: { first?: boolean; at?: string } = {}) {
  const cuff = band('Cuff rib', height, 'usual', ways);
  return {
    ...cuff,
    fields: {
      ...cuff.fields,
      round: lengthOrNone({
        name: 'The finished round of the cuff rib',
        label: 'Its finished round',
        help: 'Draws the edge in to it: what the rib has fewer rows than the edge has stitches is skipped.',
        range: [6, 80],
        optional: { none: 'by its share of the edge', own: 'as I say', first: 20 },
      }),
    },
  };
}

/** The band with its round for one size. */
export function sized(band: BandStyle, size: string): BandStyle {
  return typeof band.round === 'object' && band.round ? { ...band, round: forSize(band.round, size) } : band;
}

/** Rows of a rib worked first for each stitch of the piece that grows from it. */
export function rowsPerStitch({ worked }: Pick<BandStyle, 'worked'>): number {
  return worked === 'first, ridges' ? 2 : 1;
}

/** Whether the piece is picked up along the band, which is worked before it. */
export function isFirst(band: Pick<BandStyle, 'worked'> | null): boolean {
  return band !== null && band.worked.startsWith('first');
}

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
  const { id, label, style, fabric, edge, weight, because } = input;
  const length = edge * style.gather;
  const share = Math.round(style.gather * 100);
  return [
    ribHeight(input),
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

/** Height of a rib from its edge outwards. */
export function ribHeight({
  id,
  label,
  style,
  size,
  fabric,
  field = id,
}: Pick<
  Parameters<typeof ribQuantities>[0],
  'id' | 'label' | 'style' | 'size' | 'fabric' | 'field'
>): DraftQuantity {
  const height = forSize(style.height, size);
  return quantity({
    id: `${id}.height`,
    label: `${label}, height`,
    fabric,
    axis: acrossOf(style),
    target: height,
    weight: 0.3,
    rule: style.worked === 'up' ? fabric.rule.rows : fabric.rule.flat,
    because: [given('Height wanted', height, { kind: 'style', id: `garment.${field}.height` })],
  });
}

/** The ratio by which a rib is worked up from its edge; null where it goes by its gauge, or is worked sideways. */
export function ribRatio(
  { worked, pickUp, perRowEnd = null }: BandStyle,
  fabric: Fabric,
  stretches: readonly Stretch[],
  field: string,
): PickUpRatio | null {
  return worked === 'up' && pickUp ? ratioOf({ pickUp, perRowEnd }, fabric, stretches, field) : null;
}

/** A rib worked up from its edge by ratio. */
export function ribByRatio(
  rib: Parameters<typeof ribHeight>[0],
  edge: Edge,
  ratio: PickUpRatio,
): Pick<ReturnType<typeof draftBand>, 'quantities' | 'relations'> {
  const { quantities, relations } = pickedUp({
    id: `${rib.id}.rows`,
    label: `${rib.label}, length along the edge`,
    what: `the ${rib.label.toLowerCase()}`,
    seam: `${rib.id}.seam`,
    fabric: rib.fabric,
    edge,
    ratio,
  });
  return { quantities: [ribHeight(rib), ...quantities], relations };
}

/** Row ends that are still to be counted, as a stretch of an edge. */
function openRowEnds(
  { of, label, perCm: countsPerCm, target }: Parameters<typeof draftBand>[0]['edge'],
  fabric: Fabric,
): Stretch {
  return { ...rowEnds(label, of, target * countsPerCm, fabric), perCm: countsPerCm };
}

/** Quantities and seam of a band that runs along `edge`. */
export function draftBand(input: {
  id: BandId;
  label: string;
  style: BandStyle;
  size: string;
  fabric: Fabric;
  field?: string;
  /** What it goes along; and the fabric of the rows whose ends it meets, where these may be picked up by ratio. */
  edge: { of: CountId; label: string; perCm: number; target: number; rowsOf?: Fabric };
}): { quantities: DraftQuantity[]; relations: Relation[]; height: number } {
  const { id, label, style, size, fabric, edge, field = id } = input;
  const height = forSize(style.height, size);
  const wanted = given(`${edge.label}, wanted`, edge.target, { kind: 'quantity', id: edge.of });
  if (isFirst(style)) return { height, ...pickedUpFrom(input, wanted) };
  if (style.round) return { height, quantities: toRound(input, style.round), relations: [] };
  const along = edge.rowsOf ? [openRowEnds(edge, edge.rowsOf)] : [];
  const ratio = ribRatio(style, fabric, along, field);
  if (ratio && edge.rowsOf) {
    const { quantities, relations } = ribByRatio(input, edgeOf(edge.label, 1 / edge.perCm, along), ratio);
    return { height, quantities, relations };
  }
  const quantities = ribQuantities({
    ...input,
    edge: edge.target,
    weight: 0.1,
    because: [wanted],
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

/** A rib of a round of its own: its edge is drawn in to it. */
export function toRound(
  input: Pick<Parameters<typeof ribQuantities>[0], 'id' | 'label' | 'style' | 'size' | 'fabric'>,
  round: PerSize,
): DraftQuantity[] {
  const length = forSize(round, input.size);
  return ribQuantities({
    ...input,
    style: { ...input.style, gather: 1 },
    edge: length,
    weight: 1,
    because: [given('Round wanted', length, { kind: 'style', id: `garment.${input.id}.round` })],
  });
}

/** A rib that the piece is picked up along: its rows lead, so many for each stitch, whatever that measures. */
function pickedUpFrom(
  { id, label, style, size, fabric, field, edge }: Parameters<typeof draftBand>[0],
  wanted: Reason,
): Pick<ReturnType<typeof draftBand>, 'quantities' | 'relations'> {
  const each = rowsPerStitch(style);
  const rowsPerCm = perCm(fabric.gauge, 'rows');
  const length = (edge.target * edge.perCm * each) / rowsPerCm;
  const by = becomes(
    each === 1 ? 'A row for each stitch' : 'Two rows for each stitch',
    `× ${figure(length / edge.target, 5)}`,
    length,
  );
  const quantities = ribQuantities({
    id,
    label,
    style: { ...style, gather: 1 },
    size,
    fabric,
    ...(field === undefined ? {} : { field }),
    edge: length,
    weight: 0.05,
    because: [wanted, by],
  });
  const rule = `the stitches picked up along the ${label.toLowerCase()} are its row ends`;
  const says = (counts: GarmentCounts) =>
    say`Picked up along ${counts.of(`${id}.rows`)} row ends: ${counts.of(edge.of)} stitches`;
  return {
    quantities,
    relations: [
      {
        ...sumIs({ id: `${id}.seam`, rule, says }, { [`${id}.rows`]: 1, [edge.of]: -each }),
        seam: `${id}.seam`,
      },
    ],
  };
}
