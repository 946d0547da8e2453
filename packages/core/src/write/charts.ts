import { sheetMapSvg } from '../colours/mapSvg.js';
import type { Design } from '../design.js';
import { isInSpaces, stitchOf, type Fabric } from '../fabric/fabric.js';
import { stitchChart, type StitchChart } from '../stitch/chart.js';
import { chartSvg } from '../stitch/chartSvg.js';
import { motifChart } from '../stitch/motifChart.js';
import { stitchKey } from '../stitch/key.js';
import { fabricStitches } from '../stitch/ofFabric.js';
import { coloursOf } from './sheetMap.js';
import { stitchWays } from './stitchSections.js';
import type { Terms } from './terms.js';
import type { WrittenSize } from './written.js';

/** A chart of a stitch pattern, for the section of the pattern that has its rows. */
export interface PatternChart {
  /** Id of the section. */
  section: string;
  title: string;
  /** How it is read. */
  reading: string;
  svg: string;
}

const FROM_BELOW = 'read from the bottom, right-side rows from right to left';
const FROM_THE_RING = 'read from the ring outwards, against the clock';
const FROM_ABOVE =
  'spread out with the right side up, the front above the fold, the wearer’s left at the left';

/** Stitches that a chart in the pattern is wide, about. */
const WIDE = 18;

/** The charts of a garment: those of its stitch patterns, flat and in the round (plain fabrics have none), and the map of its squares. */
export function patternCharts(
  design: Pick<Design, 'fabrics' | 'finishing'>,
  sizes: readonly WrittenSize[],
  terms: Terms,
): PatternChart[] {
  return [
    ...fabricCharts(design.fabrics, sizes, terms),
    ...motifCharts(design, sizes, terms),
    ...mapCharts(design, sizes),
  ];
}

/** The motifs that pieces are, each as its rounds about the ring; halves of a garment that begin alike have one. */
function motifCharts(
  design: Pick<Design, 'fabrics'>,
  sizes: readonly WrittenSize[],
  terms: Terms,
): PatternChart[] {
  const drawn = new Set<string>();
  return (sizes[0]?.pieces ?? []).flatMap(({ id, label, role, fabric, passages }): PatternChart[] => {
    const [motif] = passages;
    if (motif?.kind !== 'from the centre' || drawn.has(role)) return [];
    if (role !== 'square') drawn.add(role);
    const of = design.fabrics.find((one) => one.id === fabric)!;
    const chart = motifChart({
      ...motif,
      rounds: Math.max(...sizes.map(({ pieces }) => roundsIn(pieces, id))),
      circle: motif.circle ?? 0,
      half: motif.round === undefined,
      stitch: stitchOf(of),
      cluster: isInSpaces(of) ? of.unit!.stitches : null,
    });
    const title = `Chart of the ${role === 'square' ? label.toLowerCase() : 'rounds from the centre'}`;
    return [
      {
        section: id,
        title,
        reading: FROM_THE_RING,
        svg: chartSvg(chart, title, stitchKey(chart.kinds, terms)),
      },
    ];
  });
}

function roundsIn(pieces: WrittenSize['pieces'], id: string): number {
  const first = pieces.find((piece) => piece.id === id)?.passages[0];
  return first?.kind === 'from the centre' ? first.to : 0;
}

/** The map of every size of a garment of squares. */
function mapCharts(design: Pick<Design, 'finishing'>, sizes: readonly WrittenSize[]): PatternChart[] {
  return sizes.flatMap(({ label, map, pieces }): PatternChart[] => {
    const rounds = pieces.find(({ role }) => role === 'square')?.ends.last.n;
    if (!map || rounds === undefined) return [];
    const title = sizes.length > 1 ? `Map of size ${label}` : 'Map of the squares';
    return [
      {
        section: 'sheet',
        title,
        reading: FROM_ABOVE,
        svg: sheetMapSvg(map, coloursOf(design), { rounds, title }),
      },
    ];
  });
}

function fabricCharts(
  fabrics: readonly Fabric[],
  sizes: readonly WrittenSize[],
  terms: Terms,
): PatternChart[] {
  const drawn = (chart: StitchChart, title: string) => chartSvg(chart, title, stitchKey(chart.kinds, terms));
  return fabrics.flatMap((fabric): PatternChart[] => {
    const of = fabricStitches(fabric);
    if (of.is !== 'rows') return [];
    const repeats = Math.max(1, Math.min(4, Math.round(WIDE / of.proof.base.multiple)));
    const { used, round } = stitchWays(fabric, of, sizes);
    if (!used) return [];
    const flat: PatternChart = {
      section: `fabric-${fabric.id}`,
      title: `Chart of ${fabric.name}`,
      reading: FROM_BELOW,
      svg: drawn(stitchChart(of.text, of.proof, { repeats }), `Chart of ${fabric.name}`),
    };
    if (!round?.text) return [flat];
    const title = `Chart of ${fabric.name} in the round`;
    const ends = { base: round.base, chains: round.base };
    return [
      flat,
      {
        section: `fabric-${fabric.id}-round`,
        title,
        reading: FROM_BELOW,
        svg: drawn(stitchChart(round.text, ends, { repeats }), title),
      },
    ];
  });
}
