import {
  ANY_COUNT,
  type CountRule,
  type CountingUnit,
  type Fabric,
  type RowType,
  type Stitch,
  type Turning,
} from './fabric.js';

/** A common stitch pattern to begin a fabric from. */
export interface StartingPattern {
  fabric: Fabric;
}

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
  turning?: Turning;
  text: string;
}

function pattern({ id, name, stitch, usual, extra, text, ...rest }: Sketch): StartingPattern {
  const { flat = ANY_COUNT, round = ANY_COUNT, rows: rowRule = ANY_COUNT, ...more } = rest;
  return {
    fabric: {
      id,
      name,
      hook: 5,
      gauge: { stitches: usual[0], stitchesOver: 10, rows: usual[1], rowsOver: 10 },
      estimated: true,
      stitch,
      ...(extra === undefined ? {} : { foundationExtra: extra }),
      ...more,
      rows: text.split('\n'),
      rule: { flat, round, rows: rowRule },
    },
  };
}

/**
 * Common stitch patterns as real rows (common practice). Their count rules, extra chains and units are those that follow from the rows,
 * which the tests check; every one is a fabric to be edited.
 */
export const STITCH_PATTERNS: readonly StartingPattern[] = [
  pattern({
    id: 'single-crochet',
    name: 'Single crochet',
    stitch: 'sc',
    usual: [15, 17],
    text: `Row 1 (RS): sc in the 2nd ch from the hook and in each ch to the end; turn.
Row 2: ch 1 (does not count as a st), sc in each st to the end; turn.
Repeat row 2.`,
  }),
  pattern({
    id: 'half-double',
    name: 'Half double crochet',
    stitch: 'hdc',
    usual: [14, 11],
    text: `Row 1 (RS): hdc in the 3rd ch from the hook and in each ch to the end; turn.
Row 2: ch 2 (does not count as a st), hdc in each st to the end; turn.
Repeat row 2.`,
  }),
  pattern({
    id: 'double-crochet',
    name: 'Double crochet',
    stitch: 'dc',
    usual: [13, 7.5],
    text: `Row 1 (RS): dc in the 4th ch from the hook and in each ch to the end; turn.
Row 2: ch 3 (does not count as a st), dc in each st to the end; turn.
Repeat row 2.`,
  }),
  pattern({
    id: 'treble',
    name: 'Treble crochet',
    stitch: 'tr',
    usual: [12, 5],
    text: `Row 1 (RS): tr in the 5th ch from the hook and in each ch to the end; turn.
Row 2: ch 4 (does not count as a st), tr in each st to the end; turn.
Repeat row 2.`,
  }),
  pattern({
    id: 'extended-single',
    name: 'Extended single crochet',
    stitch: 'esc',
    usual: [14, 12],
    text: `Row 1 (RS): esc in the 3rd ch from the hook and in each ch to the end; turn.
Row 2: ch 2 (does not count as a st), esc in each st to the end; turn.
Repeat row 2.`,
  }),
  pattern({
    id: 'crossed-pairs',
    name: 'Crossed pairs',
    stitch: 'dc',
    usual: [14, 8],
    flat: rule(2, 2),
    round: rule(2),
    turning: 'counts',
    text: `Row 1 (RS): sk 3 ch (counts as dc), *sk the next ch, dc in the next ch, dc in the skipped ch; repeat from * to the last ch, dc in the last ch; turn.
Row 2: ch 3 (counts as dc), *sk the next st, dc in the next st, dc in the skipped st; repeat from * to the last st, dc in the last st; turn.
Repeat row 2.`,
  }),
  pattern({
    id: 'crossed-pairs-on-sc',
    name: 'Crossed pairs on a plain row',
    stitch: 'dc',
    usual: [14, 10],
    flat: rule(2, 2),
    round: rule(2),
    rows: rule(2),
    rowTypes: rows(['sc row', 0.6], ['dc row', 1.4]),
    turning: 'counts',
    extra: 1,
    text: `Row 1 (WS): sc in the 2nd ch from the hook and in each ch to the end; turn.
Row 2 (RS): ch 3 (counts as dc), *sk the next st, dc in the next st, dc in the skipped st; repeat from * to the last st, dc in the last st; turn.
Row 3: ch 1 (does not count as a st), sc in each st to the end; turn.
Repeat rows 2 and 3.`,
  }),
  pattern({
    id: 'alternating-texture',
    name: 'Alternating sc and dc',
    stitch: 'dc',
    usual: [14, 11],
    flat: rule(2),
    round: rule(2),
    turning: 'chainless',
    text: `Row 1 (RS): sc in the 2nd ch from the hook, dc in the next ch, *sc in the next ch, dc in the next ch; repeat from * to the end; turn.
Row 2: ch 1 (does not count as a st), *sc in the next dc, dc in the next sc; repeat from * to the end; turn.
Repeat row 2.`,
  }),
  pattern({
    id: 'paired-stitches',
    name: 'Paired stitches',
    stitch: 'sc',
    usual: [15, 15],
    flat: rule(2),
    round: rule(2),
    text: `Row 1 (RS): 2 sc in the 3rd ch from the hook, *sk the next ch, 2 sc in the next ch; repeat from * to the end; turn.
Row 2: ch 1 (does not count as a st), *sk the next st, 2 sc in the next st; repeat from * to the end; turn.
Repeat row 2.`,
  }),
  pattern({
    id: 'rows-of-two-heights',
    name: 'A row of sc, a row of dc',
    stitch: 'dc',
    usual: [14, 10],
    rows: rule(2),
    rowTypes: rows(['sc row', 0.6], ['dc row', 1.4]),
    extra: 1,
    text: `Row 1 (RS): sc in the 2nd ch from the hook and in each ch to the end; turn.
Row 2: ch 3 (does not count as a st), dc in each st to the end; turn.
Row 3: ch 1 (does not count as a st), sc in each st to the end; turn.
Repeat rows 2 and 3.`,
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
    turning: 'counts',
    text: `special: V-st: (dc, ch 1, dc) in the same place
Row 1 (RS): V-st in the 5th ch from the hook, *sk the next 2 ch, V-st in the next ch; repeat from * to the last 2 ch, sk the next ch, dc in the last ch; turn.
Row 2: ch 3 (counts as dc), V-st in each ch-1 sp to the last st, dc in the last st; turn.
Repeat row 2.`,
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
    extra: 3,
    turning: 'counts',
    text: `Row 1 (RS): dc in the 6th ch from the hook, *ch 1, sk the next ch, dc in the next ch; repeat from * to the end; turn.
Row 2: ch 4 (counts as dc, ch 1), sk the first ch-1 sp, dc in the next dc, *ch 1, sk the next ch-1 sp, dc in the next dc; repeat from * to the end; turn.
Repeat row 2.`,
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
    extra: 4,
    turning: 'counts',
    text: `Row 1 (RS): dc in the 8th ch from the hook, *ch 2, sk the next 2 ch, dc in the next ch; repeat from * to the end; turn.
Row 2: ch 5 (counts as dc, ch 2), sk the first ch-2 sp, dc in the next dc, *ch 2, sk the next ch-2 sp, dc in the next dc; repeat from * to the end; turn.
Repeat row 2.`,
  }),
  pattern({
    id: 'shells',
    name: 'Shells of 5',
    stitch: 'dc',
    usual: [16, 8],
    flat: rule(6, 1),
    round: rule(6),
    rows: rule(2),
    unit: unit('shells', 6, 1),
    stretch: 0.15,
    growth: 0.03,
    extra: 1,
    text: `Row 1 (RS): sc in the 2nd ch from the hook, *sk the next 2 ch, 5 dc in the next ch, sk the next 2 ch, sc in the next ch; repeat from * to the end; turn.
Row 2: ch 3 (counts as dc), 2 dc in the first sc, sk the next 2 dc, sc in the next dc, *sk the next 2 dc, 5 dc in the next sc, sk the next 2 dc, sc in the next dc; repeat from * to the last 3 sts, sk the next 2 dc, 3 dc in the last sc; turn.
Row 3: ch 1 (does not count as a st), sc in the first dc, *sk the next 2 dc, 5 dc in the next sc, sk the next 2 dc, sc in the next dc; repeat from * to the end; turn.
Repeat rows 2 and 3.`,
  }),
  pattern({
    id: 'shells-with-mesh',
    name: 'Shells and mesh by turns',
    stitch: 'dc',
    usual: [15, 7.5],
    flat: rule(5, 2),
    round: rule(5),
    rows: rule(2),
    unit: unit('shells', 5, 2),
    stretch: 0.2,
    growth: 0.04,
    turning: 'counts',
    text: `special: shell: (2 dc, ch 1, 2 dc) in the same place
Row 1 (RS): shell in the 6th ch from the hook, *sk the next ch, dc in the next ch, sk the next 2 ch, shell in the next ch; repeat from * to the last 3 ch, sk the next ch, dc in each of the last 2 ch; turn.
Row 2: ch 3 (counts as dc), *dc in the next dc, sk the next 2 dc, shell in the next ch-1 sp, sk the next 2 dc; repeat from * to the last st, dc in the last st; turn.
Row 3: ch 3 (counts as dc), *sk the next 2 dc, shell in the next ch-1 sp, sk the next 2 dc, dc in the next dc; repeat from * to the last st, dc in the last st; turn.
Repeat rows 2 and 3.`,
  }),
  pattern({
    id: 'wide-v-lace',
    name: 'Wide V lace',
    stitch: 'tr',
    usual: [15, 6],
    flat: rule(6, 2),
    round: rule(6),
    rows: rule(2),
    unit: unit('shells', 6, 2),
    stretch: 0.2,
    growth: 0.05,
    extra: 4,
    turning: 'counts',
    text: `special: V-st: (tr, ch 2, tr) in the same place
Row 1 (RS): V-st in the 7th ch from the hook (skipped ch count as tr, ch 1), *sk the next 2 ch, sc in the next ch, sk the next 2 ch, V-st in the next ch; repeat from * to the last 5 ch, sk the next 2 ch, sc in the next ch, sk the next ch, tr in the last ch; turn.
Row 2: ch 3 (counts as dc), *dc in the next sc, 5 dc in the next ch-2 sp; repeat from * to the last st, dc in the last st; turn.
Row 3: ch 5 (counts as tr, ch 1), *sk the next 2 dc, V-st in the next dc, sk the next 2 dc, sc in the next dc; repeat from * to the last st, tr in the last st; turn.
Repeat rows 2 and 3.`,
  }),
  pattern({
    id: 'double-pairs',
    name: 'Double pairs on a plain row',
    stitch: 'dc',
    usual: [14, 10],
    flat: rule(4, 2),
    round: rule(4),
    rows: rule(2),
    rowTypes: rows(['sc row', 0.6], ['dc row', 1.4]),
    turning: 'counts',
    extra: 1,
    text: `Row 1 (WS): sc in the 2nd ch from the hook and in each ch to the end; turn.
Row 2 (RS): ch 3 (counts as dc), sk the next st, 2 dc in each of the next 2 sts, *sk the next 2 sts, 2 dc in each of the next 2 sts; repeat from * to the last 2 sts, sk the next st, dc in the last st; turn.
Row 3: ch 1 (does not count as a st), sc in each st to the end; turn.
Repeat rows 2 and 3.`,
  }),
  pattern({
    id: 'granny-clusters',
    name: 'Granny clusters',
    stitch: 'dc',
    usual: [14, 7],
    flat: rule(3, 2),
    round: rule(3),
    rows: rule(2),
    unit: unit('clusters', 3, 2),
    stretch: 0.2,
    turning: 'counts',
    text: `Row 1 (RS): 3 dc in the 5th ch from the hook, *sk the next 2 ch, 3 dc in the next ch; repeat from * to the last 2 ch, sk the next ch, dc in the last ch; turn.
Row 2: ch 3 (counts as dc), 2 dc in the first sp, *3 dc in the next sp; repeat from * to the last sp, 2 dc in the last sp, dc in the last st; turn.
Row 3: ch 3 (counts as dc), 3 dc in each sp to the last st, dc in the last st; turn.
Repeat rows 2 and 3.`,
  }),
  pattern({
    id: 'waffle',
    name: 'Waffle',
    stitch: 'dc',
    usual: [14, 9],
    flat: rule(3, 2),
    round: rule(3),
    rows: rule(2),
    turning: 'counts',
    stretch: 0.1,
    text: `Row 1 (WS): sk 3 ch (counts as dc), dc in each ch to the end; turn.
Row 2 (RS): ch 3 (counts as dc), *fpdc around the next st, dc in the next 2 sts; repeat from * to the last st, dc in the last st; turn.
Row 3: ch 3 (counts as dc), *fpdc around each of the next 2 sts, dc in the next st; repeat from * to the last st, dc in the last st; turn.
Repeat rows 2 and 3.`,
  }),
  pattern({
    id: 'post-rib',
    name: 'Post rib',
    stitch: 'dc',
    usual: [15, 9],
    flat: rule(2),
    round: rule(2),
    stretch: 0.3,
    text: `Row 1 (WS): dc in the 4th ch from the hook and in each ch to the end; turn.
Row 2 (RS): ch 2 (does not count as a st), *fpdc around the next st, bpdc around the next st; repeat from * to the end; turn.
Repeat row 2.`,
  }),
  pattern({
    id: 'loop-rows',
    name: 'Loop rows, alternating',
    stitch: 'dc',
    usual: [14, 10],
    rows: rule(2),
    rowTypes: rows(['dc row', 1.4], ['loop row', 0.7]),
    extra: 3,
    text: `Row 1 (RS): dc in the 4th ch from the hook and in each ch to the end; turn.
Row 2 (WS): ch 1 (does not count as a st), loop st in each st to the end; turn.
Row 3: ch 3 (does not count as a st), dc in each st to the end; turn.
Repeat rows 2 and 3.`,
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
    turning: 'counts',
    text: `Row 1 (WS): dc in the 4th ch from the hook (skipped ch count as dc), dc in each ch to the end; turn.
Row 2 (RS): ch 3 (counts as dc), dc in the next st, *fpdc around each of the next 9 sts, dc in the next 2 sts; repeat from * to the end; turn.
Row 3: ch 3 (counts as dc), dc in the next st, *bpdc around each of the next 9 sts, dc in the next 2 sts; repeat from * to the end; turn.
Row 4 (RS): ch 3 (counts as dc), dc in the next st, *sk the next 5 sts, fpdc around each of the next 4 sts, fpdc around the 5th skipped st, fpdc around the first skipped st, fpdc around the 2nd skipped st, fpdc around the 3rd skipped st, fpdc around the 4th skipped st, dc in the next 2 sts; repeat from * to the end; turn.
Row 5: as row 3.
Repeat rows 2 to 5.`,
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
    turning: 'counts',
    text: `Row 1 (WS): dc in the 4th ch from the hook (skipped ch count as dc), dc in each ch to the end; turn.
Row 2 (RS): ch 3 (counts as dc), dc in the next st, *fpdc around each of the next 10 sts, dc in the next 2 sts; repeat from * to the end; turn.
Row 3: ch 3 (counts as dc), dc in the next st, *bpdc around each of the next 10 sts, dc in the next 2 sts; repeat from * to the end; turn.
Row 4 (RS): ch 3 (counts as dc), dc in the next st, *sk the next 5 sts, fpdc around each of the next 5 sts, fpdc around the first skipped st, fpdc around the 2nd skipped st, fpdc around the 3rd skipped st, fpdc around the 4th skipped st, fpdc around the 5th skipped st, dc in the next 2 sts; repeat from * to the end; turn.
Row 5: as row 3.
Repeat rows 2 to 5.`,
  }),
  pattern({
    id: 'tunisian-simple',
    name: 'Tunisian simple stitch',
    stitch: 'sc',
    usual: [16, 15],
    extra: 0,
    text: `work: tunisian
Row 1: pick up a loop in the 2nd ch from the hook and in each ch to the end; return.
Row 2: tss in each st to the end; return.
Repeat row 2.`,
  }),
  pattern({
    id: 'tunisian-knit',
    name: 'Tunisian knit stitch',
    stitch: 'sc',
    usual: [16, 18],
    extra: 0,
    text: `work: tunisian
Row 1: pick up a loop in the 2nd ch from the hook and in each ch to the end; return.
Row 2: tks in each st to the end; return.
Repeat row 2.`,
  }),
  pattern({
    id: 'tunisian-purl',
    name: 'Tunisian purl stitch',
    stitch: 'sc',
    usual: [15, 15],
    extra: 0,
    text: `work: tunisian
Row 1: pick up a loop in the 2nd ch from the hook and in each ch to the end; return.
Row 2: tps in each st to the end; return.
Repeat row 2.`,
  }),
  pattern({
    id: 'sideways-rib',
    name: 'Sideways rib, back loops',
    stitch: 'sc',
    usual: [16, 19],
    rows: rule(2),
    stretch: 0.4,
    text: `Row 1 (RS): sc in the 2nd ch from the hook and in each ch to the end; turn.
Row 2: ch 1 (does not count as a st), sc blo in each st to the end; turn.
Repeat row 2.`,
  }),
  pattern({
    id: 'rolled-edge',
    name: 'Rolled edge, back loops',
    stitch: 'sc',
    usual: [16, 19],
    stretch: 0.3,
    text: `Row 1 (RS): sc in the 2nd ch from the hook and in each ch to the end; turn.
Row 2: ch 1 (does not count as a st), sc blo in each st to the end; turn.
Repeat row 2.`,
  }),
  pattern({
    id: 'slip-stitch-edge',
    name: 'Slip-stitch edge',
    stitch: 'sc',
    usual: [16, 45],
    extra: 1,
    text: `Row 1 (RS): sc in the 2nd ch from the hook and in each ch to the end; turn.
Row 2: ch 1 (does not count as a st), sl st in each st to the end; turn.
Repeat row 2.`,
  }),
  pattern({
    id: 'reverse-edge',
    name: 'Reverse single crochet edge',
    stitch: 'sc',
    usual: [14, 17],
    text: `Row 1 (WS): sc in the 2nd ch from the hook and in each ch to the end; turn.
Row 2 (RS): ch 1 (does not count as a st), reverse sc in each st to the end; turn.
Repeat row 2.`,
  }),
];
