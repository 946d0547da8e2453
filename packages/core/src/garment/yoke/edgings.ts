/** The bands of a garment from the neck down: they follow the edges as these have come out. */

import type { Reason } from '../../because/reason.js';
import { perCm } from '../../fabric/gauge.js';
import type { Counts, Relation } from '../../fit/problem.js';
import { sumAtLeast, sumAtMost } from '../../fit/relations.js';
import { EASED_SHARE, easeAllowed } from '../../joins/join.js';
import { cm, say } from '../../text/phrase.js';
import type { DraftQuantity, Edgings, SizeInput } from '../construction.js';
import { ribQuantities } from '../shared/bands.js';
import { forSize } from '../shared/perSize.js';
import { given, plus, quantity } from '../shared/quantity.js';
import { neckEdge } from './finished.js';
import { falls } from './front.js';
import type { YokeStyle } from './style.js';

type Input = SizeInput<YokeStyle>;

const RIBS = [
  { id: 'neckband', label: 'Neckband', edge: 'Neck edge' },
  { id: 'hem', label: 'Hem rib', edge: 'Lower edge of the body' },
  { id: 'cuff', label: 'Cuff rib', edge: 'Sleeve at the cuff' },
] as const;
type RibId = (typeof RIBS)[number]['id'];

/** The bands that the style has, to be counted along the finished edges. */
export function edgingsOf(input: Input): Edgings {
  const ribs = RIBS.filter(({ id }) => input.style[id]);
  const banded = input.style.front.style === 'band';
  return {
    ids: [
      ...ribs.flatMap(({ id }) => [`${id}.height`, `${id}.rows`]),
      ...(banded ? ['band.stitches', 'band.rows'] : []),
    ],
    follow: (counts) => {
      const parts = [
        ...ribs.map((one) => rib(input, one, edgeOf(input, one.id, counts))),
        ...(banded ? [frontBand(input, counts)] : []),
      ];
      return {
        quantities: parts.flatMap(({ quantities }) => quantities),
        relations: parts.flatMap(({ relations }) => relations),
        helpers: [],
      };
    },
  };
}

interface Edging {
  quantities: DraftQuantity[];
  relations: Relation[];
}

/** An edge as it has come out: its length, and the counts that it comes from. */
interface Edge {
  length: number;
  reasons: readonly Reason[];
}

function edgeOf(input: Input, id: RibId, counts: Counts): Edge {
  const stitches = perCm(input.fabrics.get(input.style.fabric)!.gauge, 'stitches');
  const across = (label: string, of: string): Edge => {
    const length = counts[of]! / stitches;
    return {
      length,
      reasons: [given(say`${label}, ${counts[of]!} stitches`, length, { kind: 'quantity', id: of })],
    };
  };
  if (id === 'cuff') return across('Sleeve at the cuff', 'sleeve.cuff');
  if (id === 'hem')
    return across('Lower edge of the body', counts['body.hem'] === undefined ? 'body.round' : 'body.hem');
  const first = across('First stitches of the neck', 'neck.round');
  if (!falls(input.style)) return first;
  const length = neckEdge(input, counts);
  return {
    length,
    reasons: [...first.reasons, plus('Line of the front neck', length - first.length, length)],
  };
}

/** A rib worked sideways along an edge: its rows run along it, its stitches are its height. */
function rib(
  { style, size, fabrics }: Input,
  { id, label, edge: edgeLabel }: (typeof RIBS)[number],
  edge: Edge,
): Edging {
  const band = style[id]!;
  const fabric = fabrics.get(band.fabric)!;
  return {
    quantities: ribQuantities({
      id,
      label,
      style: band,
      size: size.id,
      fabric,
      edge: edge.length,
      weight: 1,
      because: edge.reasons,
    }),
    relations: alongEdge({
      id: `${id}.seam`,
      rule: `the ${label.toLowerCase()} goes along its edge`,
      of: `${id}.rows`,
      countsPerCm: perCm(fabric.gauge, 'rows') * band.gather,
      length: edge.length,
      says: (counts) => say`${edgeLabel} ${cm(edge.length)}: ${counts[`${id}.rows`]!} rows of rib along it`,
    }),
  };
}

/** Bands picked up along the straight fronts and the ends of neckband and hem. */
function frontBand({ style, size, fabrics }: Input, counts: Counts): Edging {
  const fabric = fabrics.get(style.front.fabric)!;
  const rows = perCm(fabrics.get(style.fabric)!.gauge, 'rows');
  const stitches = perCm(fabric.gauge, 'stitches');
  const width = forSize(style.front.width, size.id);
  // The row in which a falling neck ends belongs to the neck.
  const yoke = counts['yoke.rows']! - (falls(style) ? counts['neck.drop']! + 1 : 0);
  const ends = (['hem', 'neckband'] as const).flatMap((id) => {
    const band = style[id];
    return band ? [{ id, height: heightOf(band, size.id, fabrics) }] : [];
  });
  const stretches = [
    { label: 'Body', length: counts['body.rows']! / rows, of: 'body.rows' },
    { label: 'Yoke', length: yoke / rows, of: 'yoke.rows' },
    ...ends.map(({ id, height }) => ({
      label: id === 'hem' ? 'End of the hem rib' : 'End of the neckband',
      length: height,
      of: `${id}.height`,
    })),
  ];
  let sum = 0;
  const because = stretches.map(({ label, length, of }, i): Reason => {
    sum += length;
    const from = { kind: 'quantity', id: of } as const;
    return i === 0 ? given(label, length, from) : plus(label, length, sum, from);
  });
  return {
    quantities: [
      quantity({
        id: 'band.stitches',
        label: 'Front band, along the edge',
        fabric,
        axis: 'stitches',
        target: sum,
        weight: 1,
        rule: fabric.rule.flat,
        because,
      }),
      quantity({
        id: 'band.rows',
        label: 'Front band, width',
        fabric,
        axis: 'rows',
        target: width,
        weight: 0.3,
        because: [given('Width of the band wanted', width, { kind: 'style', id: 'garment.front.width' })],
      }),
    ],
    relations: alongEdge({
      id: 'band.seam',
      rule: 'the front band goes along the front edge',
      of: 'band.stitches',
      countsPerCm: stitches,
      length: sum,
      says: (found) =>
        say`Picked up along ${cm(sum)}: ${found['band.stitches']!} stitches (${cm(found['band.stitches']! / stitches)})`,
    }),
  };
}

/** The height that a rib will come out at: the nearest that its rule allows. */
function heightOf(band: NonNullable<YokeStyle['hem']>, size: string, fabrics: Input['fabrics']): number {
  const { gauge, rule } = fabrics.get(band.fabric)!;
  const stitches = perCm(gauge, 'stitches');
  const { multiple, plus: rest } = rule.flat;
  const repeats = Math.max(
    rest > 0 ? 0 : 1,
    Math.round((forSize(band.height, size) * stitches - rest) / multiple),
  );
  return (repeats * multiple + rest) / stitches;
}

/** A count that must run along an edge of known length, within what a seam eases in. */
function alongEdge({
  id,
  rule,
  of,
  countsPerCm,
  length,
  says,
}: {
  id: string;
  rule: string;
  of: string;
  countsPerCm: number;
  length: number;
  says: Relation['says'];
}): Relation[] {
  // A little less than a seam allows, whichever side of it turns out the shorter.
  const ease = easeAllowed(length, length) / (1 + EASED_SHARE);
  return [
    sumAtMost({ id: `${id}.longer`, rule, says }, { [of]: 1 / countsPerCm }, length + ease),
    sumAtLeast({ id: `${id}.shorter`, rule }, { [of]: 1 / countsPerCm }, length - ease),
  ];
}
