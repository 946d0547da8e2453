import {
  ANY_COUNT,
  type CountRule,
  type CountingUnit,
  type Fabric,
  type RowType,
  type Stitch,
} from './fabric.js';

/** A common stitch pattern to begin a fabric from; `sample` says how it is drawn. */
export interface StitchPattern {
  /** One text for each row of a small drawing, from the bottom: see the marks in `SampleMark`. */
  sample: readonly string[];
  fabric: Fabric;
}

/**
 * Marks of a drawn sample: s short post, h middle post, d tall post, t taller post, x two posts crossed, v a pair from one
 * point, f a fan of five, c a cluster, o a chain space, l a loop, r a ridge, k a cable, n a flat knit-like stitch.
 */
export type SampleMark = 's' | 'h' | 'd' | 't' | 'x' | 'v' | 'f' | 'c' | 'o' | 'l' | 'r' | 'k' | 'n';

const rule = (multiple: number, plus = 0): CountRule => ({ multiple, plus });
const unit = (name: CountingUnit['name'], stitches: number, plus: number): CountingUnit => ({
  name,
  stitches,
  plus,
});
const rows = (...types: [name: string, height: number][]): readonly RowType[] =>
  types.map(([name, height]) => ({ name, height }));

interface Sketch {
  id: string;
  name: string;
  stitch: Stitch;
  /** Usual stitches and rows in 10 cm with a medium yarn and a 5 mm hook (common practice): to begin with, not to trust. */
  usual: readonly [stitches: number, rows: number];
  flat?: CountRule;
  round?: CountRule;
  rows?: CountRule;
  rowTypes?: readonly RowType[];
  unit?: CountingUnit;
  stretch?: number;
  growth?: number;
  extra?: number;
  pattern: readonly string[];
  sample: readonly string[];
}

function pattern({ id, name, stitch, usual, sample, extra, ...rest }: Sketch): StitchPattern {
  const { flat = ANY_COUNT, round = ANY_COUNT, rows: rowRule = ANY_COUNT, ...more } = rest;
  return {
    sample,
    fabric: {
      id,
      name,
      hook: 5,
      gauge: { stitches: usual[0], stitchesOver: 10, rows: usual[1], rowsOver: 10 },
      estimated: true,
      stitch,
      ...(extra === undefined ? {} : { foundationExtra: extra }),
      ...more,
      rule: { flat, round, rows: rowRule },
    },
  };
}

/** Common stitch patterns with their count rules (common practice); every one is a fabric to be edited. */
export const STITCH_PATTERNS: readonly StitchPattern[] = [
  pattern({
    id: 'single-crochet',
    name: 'Single crochet',
    stitch: 'sc',
    usual: [15, 17],
    pattern: ['sc in each st.'],
    sample: ['ssssssss', 'ssssssss', 'ssssssss'],
  }),
  pattern({
    id: 'half-double',
    name: 'Half double crochet',
    stitch: 'hdc',
    usual: [14, 11],
    pattern: ['hdc in each st.'],
    sample: ['hhhhhhhh', 'hhhhhhhh'],
  }),
  pattern({
    id: 'double-crochet',
    name: 'Double crochet',
    stitch: 'dc',
    usual: [13, 7.5],
    pattern: ['dc in each st.'],
    sample: ['dddddddd', 'dddddddd'],
  }),
  pattern({
    id: 'extended-single',
    name: 'Extended single crochet',
    stitch: 'esc',
    usual: [14, 12],
    pattern: ['esc in each st.'],
    sample: ['hshshshs', 'hshshshs'],
  }),
  pattern({
    id: 'crossed-pairs',
    name: 'Crossed pairs',
    stitch: 'dc',
    usual: [14, 8],
    flat: rule(2),
    round: rule(2),
    pattern: ['*Skip 1 st, dc in the next st, dc in the skipped st; repeat from * to the end.'],
    sample: ['xxxx', 'xxxx'],
  }),
  pattern({
    id: 'alternating-texture',
    name: 'Alternating sc and dc',
    stitch: 'hdc',
    usual: [14, 11],
    flat: rule(2),
    round: rule(2),
    pattern: ['*sc in the next st, dc in the next st; repeat from * to the end: sc over dc, dc over sc.'],
    sample: ['sdsdsdsd', 'dsdsdsds', 'sdsdsdsd'],
  }),
  pattern({
    id: 'rows-of-two-heights',
    name: 'A row of sc, a row of dc',
    stitch: 'dc',
    usual: [14, 10],
    rows: rule(2),
    rowTypes: rows(['sc row', 0.6], ['dc row', 1.4]),
    pattern: ['RS: sc in each st.', 'WS: dc in each st.'],
    sample: ['ssssssss', 'dddddddd', 'ssssssss'],
  }),
  pattern({
    id: 'v-stitch',
    name: 'V-stitch',
    stitch: 'dc',
    usual: [13, 7],
    flat: rule(3, 2),
    round: rule(3),
    unit: unit('V’s', 3, 2),
    stretch: 0.2,
    pattern: [
      'dc in the first st, *(dc, ch 1, dc) in the next ch-1 sp; repeat from * to the last st, dc in the last st.',
    ],
    sample: ['vvvv', 'vvvv'],
  }),
  pattern({
    id: 'mesh-1',
    name: 'Mesh of 1 chain',
    stitch: 'dc',
    usual: [16, 7],
    flat: rule(2, 1),
    round: rule(2),
    unit: unit('mesh spaces', 2, 1),
    stretch: 0.25,
    growth: 0.05,
    pattern: ['dc in the first st, *ch 1, skip 1 st, dc in the next st; repeat from * to the end.'],
    sample: ['dodododod', 'dodododod'],
  }),
  pattern({
    id: 'mesh-2',
    name: 'Mesh of 2 chains',
    stitch: 'dc',
    usual: [17, 7],
    flat: rule(3, 1),
    round: rule(3),
    unit: unit('mesh spaces', 3, 1),
    stretch: 0.3,
    growth: 0.07,
    pattern: ['dc in the first st, *ch 2, skip 2 sts, dc in the next st; repeat from * to the end.'],
    sample: ['doodoodood', 'doodoodood'],
  }),
  pattern({
    id: 'shells-with-mesh',
    name: 'Shells with mesh',
    stitch: 'dc',
    usual: [15, 7.5],
    flat: rule(5, 2),
    round: rule(5),
    unit: unit('shells', 5, 2),
    stretch: 0.2,
    growth: 0.04,
    pattern: [
      'dc in the first st, *skip 2 sts, (2 dc, ch 1, 2 dc) in the next st, skip 1 st, dc in the next st; repeat from * to the last st, dc in the last st.',
    ],
    sample: ['dfdfd', 'dfdfd'],
  }),
  pattern({
    id: 'granny-clusters',
    name: 'Granny clusters',
    stitch: 'dc',
    usual: [14, 7],
    flat: rule(3, 2),
    round: rule(3),
    unit: unit('clusters', 3, 2),
    stretch: 0.2,
    pattern: [
      'dc in the first st, *3 dc in the next space between clusters; repeat from * to the last st, dc in the last st.',
    ],
    sample: ['ccccc', 'ccccc'],
  }),
  pattern({
    id: 'loop-rows',
    name: 'Loop rows, alternating',
    stitch: 'sc',
    usual: [14, 15],
    rows: rule(2),
    rowTypes: rows(['plain row', 0.65], ['loop row', 0.7]),
    pattern: ['RS: sc in each st.', 'WS: loop st in each st (loops fall to the right side).'],
    sample: ['llllllll', 'ssssssss', 'llllllll'],
  }),
  pattern({
    id: 'cable-9',
    name: 'Cables of 9',
    stitch: 'dc',
    usual: [15, 8],
    flat: rule(11, 2),
    round: rule(11),
    rows: rule(4),
    unit: unit('cables', 11, 2),
    stretch: 0.08,
    pattern: [
      'RS: dc in 2 sts, *fpdc around 9 posts, crossing 4 over 4 about the middle one in every 2nd RS row, dc in 2 sts; repeat from * to the end.',
      'WS: dc in 2 sts, *bpdc around 9 posts, dc in 2 sts; repeat from * to the end.',
    ],
    sample: ['dkkd', 'dkkd'],
  }),
  pattern({
    id: 'cable-10',
    name: 'Cables of 10',
    stitch: 'dc',
    usual: [15, 8],
    flat: rule(12, 2),
    round: rule(12),
    rows: rule(4),
    unit: unit('cables', 12, 2),
    stretch: 0.08,
    pattern: [
      'RS: dc in 2 sts, *fpdc around 10 posts, crossing 5 over 5 in every 2nd RS row, dc in 2 sts; repeat from * to the end.',
      'WS: dc in 2 sts, *bpdc around 10 posts, dc in 2 sts; repeat from * to the end.',
    ],
    sample: ['dkkkd', 'dkkkd'],
  }),
  pattern({
    id: 'tunisian-knit',
    name: 'Tunisian knit stitch',
    stitch: 'sc',
    usual: [16, 18],
    extra: 0,
    pattern: [
      'Forward pass: pick up a loop between the two strands of each st. Return pass: work off 2 loops at a time.',
    ],
    sample: ['nnnnnnnn', 'nnnnnnnn', 'nnnnnnnn'],
  }),
  pattern({
    id: 'sideways-rib',
    name: 'Sideways rib, back loops',
    stitch: 'sc',
    usual: [16, 19],
    rows: rule(2),
    stretch: 0.4,
    pattern: ['sc blo in each st.'],
    sample: ['rrrrrrrr', 'rrrrrrrr', 'rrrrrrrr'],
  }),
];
