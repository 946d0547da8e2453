import {
  factsOf,
  stitchChart,
  stitchPattern,
  type CountRule,
  type CountingUnit,
  type FabricFacts,
  type StitchChart,
  type StitchFault,
} from '@upfell/core';

/** What is wanted of a stitch pattern: how many repeats its chart shows, and whether flat or in the round. */
export interface StitchesAsked {
  text: string;
  repeats: number;
  way: 'flat' | 'round' | 'ring';
}

/** A stitch pattern as the page shows it. */
export interface StitchesShown {
  text: string;
  faults: readonly StitchFault[];
  /** What follows from it; null where it has a fault. */
  found: {
    work: 'flat' | 'round' | 'tunisian';
    base: CountRule;
    chains: CountRule;
    repeat: { first: number; rows: number };
    rows: readonly { n: number | null; side: 'RS' | 'WS'; stitches: CountRule; line: number }[];
    round: { base: CountRule; rounds: readonly string[] | null; because: string | null };
    unit: CountingUnit | null;
    facts: FabricFacts;
    chart: StitchChart;
  } | null;
}

/** Reads, proves and draws a stitch pattern. */
export function readStitches({ text, repeats, way }: StitchesAsked): StitchesShown {
  const pattern = stitchPattern(text);
  const { flat, round, unit, faults } = pattern;
  const facts = factsOf(pattern);
  if (!flat || !facts || !round) return { text, faults, found: null };
  const rounds = way !== 'flat' && round.text ? round.text : null;
  return {
    text,
    faults,
    found: {
      work: pattern.text.work,
      base: flat.proof.base,
      chains: flat.proof.chains,
      repeat: flat.proof.repeat,
      rows: flat.proof.rows.map(({ n, side, stitches }, i) => ({
        n,
        side,
        stitches,
        line: flat.text.rows[i]!.line,
      })),
      round: { base: round.base, rounds: round.rounds, because: round.because },
      unit,
      facts,
      chart: rounds
        ? stitchChart(rounds, { base: round.base, chains: round.base }, { repeats, ring: way === 'ring' })
        : stitchChart(flat.text, flat.proof, { repeats }),
    },
  };
}
