import { STITCH_PATTERNS } from '../fabric/startingSet.js';
import { plainCourse, stitchesIn } from './course.js';
import { workRow } from './hook.js';
import { fabricStitches } from './ofFabric.js';
import { rowOverStitches, withSkippedSaid } from './overStitches.js';
import { printRow } from './print.js';

const PATTERNS = STITCH_PATTERNS.flatMap(({ fabric }) => {
  const of = fabricStitches(fabric);
  return of.is === 'rows' && of.text.work !== 'tunisian' ? [[fabric.id, of] as const] : [];
});

describe('the first row of a pattern over stitches that are there', () => {
  // A yoke, a rib, a plain row: what is worked into a chain must be workable into them (stitch patterns, starting and changing).
  it.each(PATTERNS)('of %s comes to as many stitches as into a chain', (_, { text, proof }) => {
    const { multiple, plus } = proof.base;
    const rule = proof.rows[0]!.stitches;
    for (let repeats = proof.from + 1; repeats <= proof.from + 8; repeats += 1) {
      const below = plainCourse(multiple * repeats + plus, 'dc');
      const row = workRow(
        { nodes: rowOverStitches(text) },
        { ...below, foundation: false },
        { turned: true, round: false },
      );
      expect(stitchesIn(row)).toBe(rule.multiple * repeats + rule.plus);
    }
  });

  it('says in words what the chains that a first row skips count as', () => {
    const [, mesh] = PATTERNS.find(([id]) => id === 'mesh-2')!;
    expect(printRow(withSkippedSaid(mesh.text))).toMatch(
      /^dc in the 8th ch from the hook \(skipped ch count as dc, ch 2\)/,
    );
    expect(printRow(rowOverStitches(mesh.text))).toMatch(
      /^ch 5 \(counts as dc, ch 2\), sk the next 2 sts, dc in the next st/,
    );
  });
});
