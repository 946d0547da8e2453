import type { Passage } from '../passages/passage.js';
import { runsOf } from '../passages/registry.js';
import type { Row } from '../work/rows.js';
import { rowsOf as eachRowOf } from '../work/runs.js';

/** Every row of passages, in working order. */
export function rowsOf(passages: readonly Passage[]): Row[] {
  return eachRowOf(runsOf(passages));
}
