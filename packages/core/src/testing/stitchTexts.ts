/**
 * Stitch patterns of the trade's common stock (common practice) for checks: rows as makers write them, with the rules that makers know
 * them by: flat multiple and plus, chains to make beyond these, and the multiple in the round.
 */
export interface KnownStitch {
  text: string;
  flat: readonly [multiple: number, plus: number];
  extra: number;
  round: number | null;
}

export const KNOWN_STITCHES: Readonly<Record<string, KnownStitch>> = {
  // Handbook formulas of open mesh (from memory): of 2 chains 3 s + 1, first dc in the 8th chain; of 1 chain 2 s + 1, in the 6th.
  'open mesh of 2 chains': {
    text: `Row 1: dc in 8th ch from hook, *ch 2, sk 2 ch, dc in next ch; rep from * across; turn.
Row 2: ch 5, sk next ch-2 sp, dc in next dc, *ch 2, sk next ch-2 sp, dc in next dc; rep from * across; turn.
Rep Row 2.`,
    flat: [3, 1],
    extra: 4,
    round: 3,
  },
  'open mesh of 1 chain': {
    text: `Row 1: dc in 6th ch from hook, *ch 1, sk 1 ch, dc in next ch; rep from * to end; turn.
Row 2: ch 4 (counts as dc, ch 1), *dc in next dc, ch 1; rep from * to turning ch, dc in 3rd ch of turning ch; turn.
Rep row 2.`,
    flat: [2, 1],
    extra: 3,
    round: 2,
  },
  'filet with filled squares': {
    text: `Row 1: dc in 4th ch from hook, dc in next 2 ch, *ch 2, sk 2 ch, dc in next ch, dc in next 3 ch; rep from * to end; turn.
Row 2: ch 5 (counts as dc, ch 2), sk 2 dc, dc in next dc, *2 dc in next ch-2 sp, dc in next dc, ch 2, sk 2 dc, dc in next dc; rep from * to end; turn.
Row 3: ch 3 (counts as dc), 2 dc in next ch-2 sp, dc in next dc, *ch 2, sk 2 dc, dc in next dc, 2 dc in next ch-2 sp, dc in next dc; rep from * to end; turn.
Repeat rows 2 and 3.`,
    flat: [6, 4],
    extra: 2,
    round: 6,
  },
  'chain loops': {
    text: `Row 1: sc in 2nd ch from hook, *ch 5, sk 3 ch, sc in next ch; rep from * to end; turn.
Row 2: ch 5 (counts as dc, ch 2), sc in next ch-5 sp, *ch 5, sc in next ch-5 sp; rep from * to end, ch 2, dc in last sc; turn.
Row 3: ch 1, sc in first dc, *ch 5, sc in next ch-5 sp; rep from * to last sp, ch 5, sc in 3rd ch of turning ch; turn.
Repeat rows 2 and 3.`,
    flat: [4, 1],
    extra: 1,
    round: 4,
  },
  ripple: {
    text: `Row 1: 2 sc in 2nd ch from hook, sc in next 4 ch, sk 2 ch, sc in next 4 ch, *3 sc in next ch, sc in next 4 ch, sk 2 ch, sc in next 4 ch; rep from * to last ch, 2 sc in last ch; turn.
Row 2: ch 1, 2 sc in first st, sc in next 4 sts, sk 2 sts, sc in next 4 sts, *3 sc in next st, sc in next 4 sts, sk 2 sts, sc in next 4 sts; rep from * to last st, 2 sc in last st; turn.
Repeat row 2.`,
    flat: [11, 1],
    extra: 1,
    round: 11,
  },
  'basket of posts': {
    text: `Row 1: dc in 4th ch from hook and in each ch across; turn.
Row 2: ch 2 (counts as dc), *fpdc around each of next 3 sts, bpdc around each of next 3 sts; rep from * to last st, dc in last st; turn.
Row 3: ch 2 (counts as dc), *fpdc around each of next 3 sts, bpdc around each of next 3 sts; rep from * to last st, dc in last st; turn.
Row 4: ch 2 (counts as dc), *bpdc around each of next 3 sts, fpdc around each of next 3 sts; rep from * to last st, dc in last st; turn.
Row 5: as row 4.
Repeat rows 2 to 5.`,
    flat: [6, 2],
    extra: 2,
    round: 6,
  },
  'spike rows': {
    text: `Row 1: sc in 2nd ch from hook and in each ch across; turn.
Row 2: ch 1, sc in each st across; turn.
Row 3: ch 1, *sc in next 2 sts, sc in next st 1 row below; rep from * to end; turn.
Repeat rows 2 and 3.`,
    flat: [3, 0],
    extra: 1,
    round: 3,
  },
  'bobbles on sc': {
    text: `Row 1 (WS): sc in 2nd ch from hook and in each ch; turn.
Row 2: ch 1, sc in each st; turn.
Row 3: ch 1, sc in first st, *bobble in next st, sc in next 3 sts; rep from * to last 2 sts, bobble in next st, sc in last st; turn.
Row 4: ch 1, sc in each st; turn.
Row 5: ch 1, sc in each st; turn.
Repeat rows 2 to 5.`,
    flat: [4, 3],
    extra: 1,
    round: 4,
  },
  'alternating shells': {
    text: `Row 1: sc in 2nd ch from hook, *sk 2 ch, 5 dc in next ch, sk 2 ch, sc in next ch; rep from * to end; turn.
Row 2: ch 3 (counts as dc), 2 dc in first sc, *sk 2 dc, sc in next dc, sk 2 dc, 5 dc in next sc; rep from * to last 6 sts, sk 2 dc, sc in next dc, sk 2 dc, 3 dc in last sc; turn.
Row 3: ch 1, sc in first dc, *sk 2 dc, 5 dc in next sc, sk 2 dc, sc in next dc; rep from * to end; turn.
Repeat rows 2 and 3.`,
    flat: [6, 1],
    extra: 1,
    round: 6,
  },
  'crossed trebles': {
    text: `Row 1: tr in 5th ch from hook and in each ch to end; turn.
Row 2: ch 4 (counts as tr), *sk next st, tr in next st, tr in skipped st; rep from * to last st, tr in last st; turn.
Repeat row 2.`,
    flat: [2, 2],
    extra: 3,
    round: 2,
  },
  'star stitch of clusters': {
    text: `Row 1: sc in 2nd ch from hook and in each ch to end; turn.
Row 2: ch 3 (counts as dc), *dc3tog over next 3 sts, ch 2; rep from * to last st, dc in last st; turn.
Row 3: ch 1, sc in first dc, *2 sc in next ch-2 sp, sc in next dc; rep from * to end, sc in last st; turn.
Repeat rows 2 and 3.`,
    flat: [3, 2],
    extra: 1,
    round: 3,
  },
  'lace of solid and open rows': {
    text: `Row 1: dc in 4th ch from hook, *ch 3, sk 3 ch, dc in next 3 ch; rep from * to end; turn.
Row 2: ch 1, *sc in next 3 sts, 3 sc in next ch-3 sp; rep from * to last 2 sts, sc in last 2 sts; turn.
Row 3: ch 1, sc in each st to end; turn.
Row 4: ch 3 (counts as dc), dc in next st, *ch 3, sk 3 sts, dc in next 3 sts; rep from * to end; turn.
Repeat rows 2 to 4.`,
    flat: [6, 2],
    extra: 2,
    round: 6,
  },
  'picot rows': {
    text: `Row 1: sc in 2nd ch from hook, *sc in next 3 ch, ch 3, sl st in the first of them, sc in next ch; rep from * to end; turn.
Row 2: ch 3 (counts as dc), dc in each st to end; turn.
Row 3: ch 1, sc in first st, *sc in next 3 sts, ch-3 picot, sc in next st; rep from * to end; turn.
Repeat rows 2 and 3.`,
    flat: [4, 1],
    extra: 1,
    round: 4,
  },
};
