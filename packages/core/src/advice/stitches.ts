import { ruleInWords } from '../fabric/counts.js';
import type { Fabric } from '../fabric/fabric.js';
import { ruleFits } from '../stitch/facts.js';
import { fabricStitches } from '../stitch/ofFabric.js';
import { say } from '../text/phrase.js';
import type { Note } from './note.js';

/**
 * What is to be said of the stitch patterns of a design's fabrics: those without rows that could be worked, and those whose typed rule
 * allows counts that their rows do not.
 */
export function stitchNotes(fabrics: readonly Fabric[]): Note[] {
  return fabrics.flatMap((fabric): Note[] => {
    const of = fabricStitches(fabric);
    const { id, name } = fabric;
    if (of.is === 'unknown')
      return [
        {
          level: 'tip',
          code: 'stitch-rows-missing',
          where: id,
          message: fabric.rows?.length
            ? say`The rows of ${name} have a fault, so the pattern only says “work row 1 of your stitch pattern”. Mend them on the fabric’s page.`
            : say`${name} has a count rule but no rows, so the pattern only says “work row 1 of your stitch pattern”. Write its rows on the fabric’s page.`,
        },
      ];
    if (of.is !== 'rows' || ruleFits(fabric.rule.flat, of.proof.base)) return [];
    return [
      {
        level: 'warn',
        code: 'stitch-rule',
        where: id,
        message: say`The rows of ${name} need ${ruleInWords(of.proof.base)} of stitches, but its rule says ${ruleInWords(fabric.rule.flat)}.`,
      },
    ];
  });
}
