import type { Fabric } from '../fabric/fabric.js';
import { stitchChart, type StitchChart } from '../stitch/chart.js';
import { chartSvg } from '../stitch/chartSvg.js';
import { stitchKey } from '../stitch/key.js';
import { fabricStitches } from '../stitch/ofFabric.js';
import { stitchWays } from './stitchSections.js';
import type { Terms } from './terms.js';
import type { WrittenSize } from './written.js';

/** A chart of a stitch pattern, for the section of the pattern that has its rows. */
export interface PatternChart {
  /** Id of the section. */
  section: string;
  title: string;
  svg: string;
}

/** Stitches that a chart in the pattern is wide, about. */
const WIDE = 18;

/** The charts of the stitch patterns that a garment is worked in, flat and in the round; plain fabrics have none. */
export function patternCharts(
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
        svg: drawn(stitchChart(round.text, ends, { repeats }), title),
      },
    ];
  });
}
