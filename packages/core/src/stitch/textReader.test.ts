import { printRow } from './print.js';
import { readStitchText } from './textReader.js';

const faultOf = (text: string) => readStitchText(text).faults[0];

describe('the text of a stitch pattern', () => {
  it('has a name, terms, a way of working, stitches of its own, rows and what repeats', () => {
    const found = readStitchText(
      `name: Tarn shells
terms: us
work: flat
Shell: (2 dc, ch 1, 2 dc) in the same place
Row 1 (RS): dc in 4th ch from hook, *sk 1 ch, shell in next ch, sk 2 ch, dc in next ch; rep from * to end; turn.
Row 2: ch 3, dc in next dc, *shell in next shell, sk 2 dc, dc in next dc; rep from * to end; turn.
Repeat row 2.`,
    );
    expect(found.faults).toEqual([]);
    expect(found).toMatchObject({ name: 'Tarn shells', work: 'flat', repeat: { first: 1, last: 1 } });
    expect([...found.specials.keys()]).toEqual(['shell']);
    expect(found.rows.map(({ n, side }) => [n, side])).toEqual([
      [1, 'RS'],
      [2, 'WS'],
    ]);
  });

  it('reads UK terms as what they are', () => {
    const [row] = readStitchText(
      'terms: uk\nRow 1: tr in 4th ch from hook and in each ch to end; turn.',
    ).rows;
    expect(printRow(row!.nodes)).toMatch(/^dc in the 4th ch/);
  });

  it.each([
    ['Row 1: sc in each st to end; turn.\nRow 1: sc in each st to end; turn.', 2, /row 1/i],
    ['Row 1: sc in each st to end; turn.\nRepeat row 4.', 2, /There is no row 4 to repeat/],
    ['Row 1: (sc in next st, dc in next st; turn.', 1, /bracket/i],
    ['Row 1: frobnicate in each st; turn.', 1, /./],
    ['Row 1: ch 3, tr in next st, tr in each st to end; turn.', 1, /probably the UK tr/],
  ])('says at its line what is wrong: %j', (text, line, message) => {
    const fault = faultOf(text)!;
    expect(fault.line).toBe(line);
    expect(fault.message).toMatch(message);
  });

  it('takes rows of the same kind together', () => {
    const { rows } = readStitchText(
      'Row 1: sc in 2nd ch from hook and in each ch to end; turn.\nRows 2 and 3: ch 1, sc in each st to end; turn.\nRepeat rows 2 and 3.',
    );
    expect(rows.map(({ n }) => n)).toEqual([1, 2, 3]);
  });

  it('loses nothing of a text that is far too long', () => {
    expect(faultOf(`Row 1: ${'sc in next st, '.repeat(4000)}turn.`)).toBeDefined();
    expect(() => readStitchText('*'.repeat(10_000))).not.toThrow();
  });
});
