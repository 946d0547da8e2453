import { runs } from '../testing/deep.js';
import fc from 'fast-check';
import { foundationExtra } from '../fabric/fabric.js';
import { STITCH_PATTERNS } from '../fabric/startingSet.js';
import { KNOWN_STITCHES } from '../testing/stitchTexts.js';
import { stitchesIn } from './course.js';
import { fabricStitches, roundsOfFabric } from './ofFabric.js';
import { stitchFile, stitchPattern } from './pattern.js';
import { printRow } from './print.js';
import { workPattern } from './prove.js';

const MESH = `name: Reedmace mesh
terms: us
work: flat
Row 1 (RS): dc in the 8th ch from the hook, *ch 2, sk 2 ch, dc in the next ch; repeat from * to the end; turn.
Row 2: ch 5 (counts as dc, ch 2), sk the first ch-2 sp, dc in the next dc, *ch 2, sk the next ch-2 sp, dc in the next dc; repeat from * to the turning ch, dc in the 3rd ch of it; turn.
Repeat row 2.`;

describe('a stitch pattern', () => {
  it('is proven from its rows: the open file', () => {
    expect(stitchFile(stitchPattern(MESH))).toMatchObject({
      name: 'Reedmace mesh',
      flat: {
        chains: { multiple: 3, plus: 5 },
        base: { multiple: 3, plus: 1 },
        repeat: { first: 2, rows: 1 },
        rows: [
          { n: 1, side: 'RS', stitches: { multiple: 1, plus: 1 } },
          { n: 2, side: 'WS', stitches: { multiple: 1, plus: 1 } },
        ],
      },
      round: { base: { multiple: 3, plus: 0 } },
      faults: [],
    });
  });

  it.each(Object.entries(KNOWN_STITCHES))('%s has the rule that makers know it by', (_, known) => {
    const found = stitchPattern(known.text);
    expect(found.faults).toEqual([]);
    const { base, chains } = found.flat!.proof;
    expect([base.multiple, base.plus, chains.plus - base.plus]).toEqual([...known.flat, known.extra]);
    expect(found.round!.because).toBeNull();
    expect(found.round!.base.multiple).toBe(known.round);
  });

  // The starting set's rules are common practice; here they must follow from its rows.
  it.each(STITCH_PATTERNS.map(({ fabric }) => [fabric.id, fabric] as const))(
    '%s of the starting set says what its rows say',
    (_, fabric) => {
      const found = stitchPattern(fabric.rows!.join('\n'));
      expect(found.faults).toEqual([]);
      const { base, chains, repeat } = found.flat!.proof;
      expect(base).toEqual(fabric.rule.flat);
      expect(chains.plus - base.plus).toBe(foundationExtra(fabric));
      expect(fabric.rule.rows.multiple % repeat.rows).toBe(0);
      if (found.unit) expect(found.unit).toEqual(fabric.unit);
      if (found.text.work === 'tunisian') expect(found.round!.because).toMatch(/double-ended/);
      else expect(found.round!.base).toEqual(fabric.rule.round);
    },
  );
});

const FLAT = [
  ...STITCH_PATTERNS.map(({ fabric }) => fabric.rows!.join('\n')),
  ...Object.values(KNOWN_STITCHES).map(({ text }) => text),
]
  .map((text) => [text.split('\n').slice(0, 2).join(' ').slice(0, 60), text] as const)
  .filter(([, text]) => !text.includes('tunisian'));

describe('in the round', () => {
  it.each(FLAT)('%s comes round for any number of repeats, and its words are read again', (_, text) => {
    const { text: flat, round } = stitchPattern(text);
    const specials = [...flat.specials.values()]
      .map(({ name, words }) => `special: ${name}: ${words}\n`)
      .join('');
    const again = stitchPattern(`work: round\n${specials}${round!.rounds!.join('\n')}`);
    expect(again.faults).toEqual([]);
    expect(again.round!.base).toEqual(round!.base);
  });

  // By area: a repeat worked round has the stitches of a repeat worked flat.
  it.each(FLAT)('%s has as many stitches in a repeat as worked flat', (_, text) => {
    const { flat, round } = stitchPattern(text);
    const rounds = workPattern(round!.text!, round!.base.multiple * 7, 1);
    flat!.text.rows.forEach((row, i) => {
      expect(stitchesIn(rounds.rows[i]!.course)).toBe(flat!.proof.rows[i]!.stitches.multiple * 7);
      expect(row.nodes.length).toBeGreaterThan(0);
    });
  });

  it('is made flat again between edge stitches', () => {
    const found = stitchPattern(
      `Rnd 1: ch 3 (counts as dc), dc in each ch around; join with a sl st to the first st.
Rnd 2: ch 3 (does not count), *fpdc around the next st, dc in the next 2 sts; repeat from * around; join with a sl st to the first st.
Repeat rnd 2.`,
    );
    expect(found.faults).toEqual([]);
    expect([found.round!.base, found.flat!.proof.base]).toEqual([
      { multiple: 3, plus: 0 },
      { multiple: 3, plus: 2 },
    ]);
    // From behind a front post is a back post.
    expect(found.flat!.text.rows[1]!.text).toContain('bpdc');
  });
});

it.each(FLAT)('%s is printed in words that are read as the same rows, in US and UK terms', (_, text) => {
  const { text: read, flat } = stitchPattern(text);
  const heading = [...read.specials.values()]
    .map(({ name, words }) => `special: ${name}: ${words}`)
    .join('\n');
  const { first, last } = read.repeat;
  const rows = read.rows.map(({ nodes, n, side }) => `Row ${n} (${side}): ${printRow(nodes)}.`).join('\n');
  const again = stitchPattern(
    `${heading}\n${rows}\nRepeat rows ${read.rows[first]!.n}-${read.rows[last]!.n}.`,
  );
  expect(again.faults).toEqual([]);
  expect(again.flat!.proof).toMatchObject({ chains: flat!.proof.chains, base: flat!.proof.base });
  // Special stitches are defined in words of their own, in the terms of the text.
  if (heading !== '' || /[^f]loop st/.test(text)) return;
  const uk = read.rows
    .map(({ nodes, n, side }) => `Row ${n} (${side}): ${printRow(nodes, { terms: 'uk' })}.`)
    .join('\n');
  const fromUk = stitchPattern(`terms: uk\n${uk}\nRepeat rows ${read.rows[first]!.n}-${read.rows[last]!.n}.`);
  expect(fromUk.faults).toEqual([]);
  expect(fromUk.flat!.proof.rows).toEqual(flat!.proof.rows);
});

describe('what is wrong', () => {
  const shells = (
    row3: string,
  ) => `Row 1 (RS): sc in 2nd ch from hook, *sk 2 ch, 5 dc in next ch, sk 2 ch, sc in next ch; rep from * to end; turn.
Row 2: ch 3 (counts as dc), 2 dc in first sc, sk 2 dc, sc in next dc, *sk 2 dc, 5 dc in next sc, sk 2 dc, sc in next dc; rep from * to last 3 sts, sk 2 dc, 3 dc in last sc; turn.
Row 3: ${row3}; turn.
Repeat rows 2 and 3.`;
  const sc = (rows: string) => `Row 1: sc in 2nd ch from hook and in each ch to end; turn.\n${rows}`;

  it.each([
    [
      'a skip over what is not there',
      shells('ch 1, sc in first dc, *sk 3 dc, 5 dc in next sc, sk 2 dc, sc in next dc; rep from * to end'),
      3,
      'sk 3 dc',
      /After 2 dc the next stitch is a sc, not a dc: skip 2 dc/,
    ],
    [
      'a repeat that ends in the middle',
      shells(
        'ch 1, sc in first dc, *sk 2 dc, 5 dc in next sc, sk 2 dc, sc in next dc; rep from * to last 4 sts, sc in last st',
      ),
      3,
      /sc in last st|rep from/,
      /left|come out/,
    ],
    [
      'a space of another size',
      MESH.replace('sk the first ch-2 sp', 'sk the first ch-3 sp'),
      5,
      'sk the first ch-3 sp',
      /one of 2 chains/,
    ],
    [
      'an unknown word',
      sc('Row 2: ch 1, blorp in each st; turn.'),
      2,
      'blorp',
      /no stitch or instruction known/,
    ],
    [
      'a group that is not defined',
      sc('Row 2: ch 1, sc in first st, fan in next st, sc in each st to end; turn.'),
      2,
      'fan',
      /not defined/,
    ],
    [
      'a repeat of nothing',
      sc('Row 2: ch 1, *ch 2; rep from * to end; turn.'),
      2,
      /ch 2/,
      /never comes to an end/,
    ],
    [
      'a bracket that is not closed',
      'Row 1: sc in 2nd ch from hook, (sc in next ch; turn.',
      1,
      /^\(sc/,
      /“\)” is missing/,
    ],
    [
      'a bracket that was not opened',
      'Row 1: sc in 2nd ch from hook, sc in next ch); turn.',
      1,
      ')',
      /not opened/,
    ],
    [
      'a star without repeat',
      'Row 1: sc in 2nd ch from hook, *sc in next ch, sk 1 ch; turn.',
      1,
      /^\*/,
      /no “repeat from \*”/,
    ],
    [
      'a repeat without star',
      'Row 1: sc in 2nd ch from hook; repeat from * to end; turn.',
      1,
      /repeat/,
      /no “\*” before/,
    ],
    [
      'a pattern that grows',
      sc('Row 2: ch 1, 2 sc in first st, sc in each st to end; turn.\nRepeat row 2.'),
      2,
      /^ch 1/,
      /grows/,
    ],
    [
      'a pattern that shrinks',
      sc('Row 2: ch 1, sk first st, sc in each st to end; turn.\nRepeat row 2.'),
      2,
      /^ch 1/,
      /shrinks/,
    ],
    [
      'stitches that are left',
      sc('Row 2: ch 1, sc in next 3 sts; turn.\nRepeat row 2.'),
      2,
      'sc in next 3 sts',
      /left at the end of the row/,
    ],
    [
      'a turning chain that does not count',
      sc('Row 2: ch 1, sc in each st to last st, sc in top of turning ch; turn.'),
      2,
      /turning ch/,
      /does not count/,
    ],
    [
      'UK terms marked US',
      'Row 1: tr in 4th ch from hook and in each ch to end; turn.\nRow 2: ch 3 (counts as tr), tr in each st to end; turn.\nRepeat row 2.',
      2,
      /^tr in each/,
      /tr here is probably the UK tr \(US dc\)/,
    ],
    [
      'a typed foundation that contradicts the rows',
      MESH.replace('Row 1 (RS)', 'Chain a multiple of 4 plus 1.\nRow 1 (RS)'),
      4,
      /Chain a multiple/,
      /multiple of 3 plus 5/,
    ],
    [
      'rows to repeat that are not there',
      sc('Row 2: ch 1, sc in each st; turn.\nRepeat rows 2 and 5.'),
      3,
      /Repeat/,
      /no row 5/,
    ],
    ['a line that is nothing', `${MESH}\n\nHave fun!`, 8, 'Have fun!', /neither a row/],
    ['a heading with a wrong word', `terms: french\n${MESH}`, 1, 'french', /us or uk/],
  ] as const)('%s is told at the word', (_, text, line, words, message) => {
    const { faults, flat } = stitchPattern(text);
    expect(faults).toHaveLength(1);
    expect(faults[0]!.line).toBe(line);
    expect(faults[0]!.words).toEqual(typeof words === 'string' ? words : expect.stringMatching(words));
    expect(faults[0]!.message).toMatch(message);
    expect(flat === null || text.includes('Chain a multiple')).toBe(true);
  });

  it('refuses more than 10,000 characters with one sentence', () => {
    expect(stitchPattern('Row 1: sc in each st; turn.\n'.repeat(500)).faults[0]!.message).toContain(
      '14000 characters',
    );
  });

  // A reader of anything must not throw or hang.
  it('never throws, whatever is typed', () => {
    const words = fc.constantFrom(
      'dc',
      'sc',
      '2',
      'ch',
      'in',
      'next',
      'the',
      '*',
      '(',
      ')',
      '[',
      ']',
      ',',
      ';',
      'repeat from *',
      'to the end',
      'sk',
      'sp',
      'ch-2',
      'last',
      'turn',
      'st',
      'each',
      'same',
      'skipped',
      'twice',
      'around',
      'first',
      '5-dc',
      'cluster',
      'blo',
      'dc2tog',
      '\nRow 2:',
      '3rd ch of',
    );
    fc.assert(
      fc.property(fc.array(words, { maxLength: 25 }), (list) => {
        const found = stitchPattern(`Row 1: ${list.join(' ')}`);
        return found.faults.length > 0 || found.flat !== null;
      }),
      { numRuns: runs(500, 1500) },
    );
  });
});

describe('rounds of a pattern', () => {
  const PATTERNS = STITCH_PATTERNS.flatMap(({ fabric }) => {
    const of = fabricStitches(fabric);
    return of.is === 'rows' && of.text.work !== 'tunisian' ? [[fabric.id, of] as const] : [];
  });

  it.each(PATTERNS)('of %s close joined and turned, and go on in a spiral without a chain', (id, of) => {
    for (const way of ['joined', 'turned', 'spiral'] as const) {
      const rounds = roundsOfFabric(of, way);
      // Clusters in the gaps of a round have no gap to begin in without slip stitches: they are joined.
      if (way === 'spiral' && id === 'granny-clusters') {
        expect(rounds).toBeNull();
        continue;
      }
      expect(rounds!.proof.base).toEqual({ multiple: of.proof.base.multiple, plus: 0 });
      for (const { nodes } of rounds!.text.rows) {
        expect(nodes.some(({ op }) => op === 'join')).toBe(way !== 'spiral');
        expect(nodes.some(({ op }) => op === 'turn')).toBe(way === 'turned');
        if (way === 'spiral') expect(nodes[0]!.op).not.toBe('chain');
      }
    }
  });
});
