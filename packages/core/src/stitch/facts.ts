import { tallest } from './tree.js';
import {
  STITCHES,
  withEdges,
  type CountRule,
  type Fabric,
  type RowType,
  type Stitch,
} from '../fabric/fabric.js';
import type { StitchPattern } from './pattern.js';
import { patternRowAt } from './prove.js';
import { heightOf } from './kinds.js';

/** What of a fabric follows from the rows of its stitch pattern. */
export type FabricFacts = Pick<
  Fabric,
  'rule' | 'stitch' | 'turning' | 'foundationExtra' | 'unit' | 'rowTypes'
>;

/** Height of a row by its tallest stitch, cm, where nothing was measured: only the shares of a repeat are used. */
const rowHeight = (chains: number) => Math.round((0.35 + 0.35 * chains) * 100) / 100;

/** What follows from a pattern without faults; null from one that has any. */
export function factsOf({ flat, round, unit }: StitchPattern): FabricFacts | null {
  if (!flat) return null;
  const { text, proof } = flat;
  const repeated = text.rows.slice(text.repeat.first, text.repeat.last + 1);
  const kinds = repeated.map(({ nodes }) => tallest(nodes));
  const tall = [...kinds].sort((a, b) => heightOf(b) - heightOf(a))[0]!;
  const stitch = STITCHES.find((one) => one === tall) as Stitch | undefined;
  const counts = repeated.some(
    ({ nodes: [chain] }) => chain?.op === 'chain' && chain.counts?.as !== 'nothing' && chain.many > 1,
  );
  const length = repeated.length;
  const types = Array.from({ length }, (_, i): RowType => {
    // Far enough in for the rows before the repeat not to count; the row of a piece with the same place in the repeat.
    const kind = tallest(patternRowAt(text, length * 20 + i).row.nodes);
    return { name: `${kind} row`, height: rowHeight(heightOf(kind)) };
  });
  const differ = types.some(({ height }) => height !== types[0]!.height);
  return {
    rule: {
      flat: proof.base,
      round: round?.base ?? { multiple: proof.base.multiple, plus: 0 },
      rows: { multiple: length, plus: 0 },
    },
    ...(stitch ? { stitch } : {}),
    turning: counts ? 'counts' : 'does not count',
    foundationExtra: Math.max(0, proof.chains.plus - proof.base.plus),
    ...(unit ? { unit } : {}),
    ...(differ ? { rowTypes: types } : {}),
  };
}

/** Whether every count that a typed rule allows is one that the rows allow: an even number of stitches, though any would do. */
export function ruleFits(typed: CountRule, proven: CountRule): boolean {
  return typed.multiple % proven.multiple === 0 && (typed.plus - proven.plus) % proven.multiple === 0;
}

/** A fabric with what follows from its rows; a rule that was typed narrower than the rows need stays. */
export function withFacts(fabric: Fabric, facts: FabricFacts): Fabric {
  const { unit: _, rowTypes: __, foundationExtra: ___, ...rest } = fabric;
  const rule = (key: 'flat' | 'round' | 'rows') => {
    const proven = key === 'flat' ? withEdges(facts.rule.flat, fabric) : facts.rule[key];
    return ruleFits(fabric.rule[key], proven) ? fabric.rule[key] : proven;
  };
  // What lies beside a panel is plain: the piece may have any number of stitches, and is counted in them.
  if (fabric.panel) {
    const { unit: _unit, foundationExtra: _extra, rule: _rule, ...panel } = facts;
    return { ...fabric, ...panel, rule: { ...fabric.rule, rows: rule('rows') } };
  }
  const unit = facts.unit && { ...facts.unit, plus: facts.unit.plus + 2 * (fabric.edgeStitches ?? 0) };
  return {
    ...rest,
    ...facts,
    ...(unit ? { unit } : {}),
    // Heights that were measured in a swatch are kept where the rows are as many.
    ...(facts.rowTypes && fabric.rowTypes?.length === facts.rowTypes.length
      ? { rowTypes: fabric.rowTypes }
      : {}),
    rule: { flat: rule('flat'), round: rule('round'), rows: rule('rows') },
  };
}
