import type { Fabric } from '../fabric/fabric.js';
import type { Join } from '../joins/audit.js';
import type { Row } from '../work/rows.js';
import { areaOf, yarnNeeds, type YarnNeed } from '../yarn/metres.js';
import type { PieceProgram } from './construction.js';

/** Each fabric's area over all its pieces; seams are counted with the fabric of the first piece, the body. */
export function yarnOf(
  programs: readonly PieceProgram[],
  worked: readonly { rows: readonly Row[] }[],
  joins: readonly Join[],
): YarnNeed[] {
  const areas = new Map<Fabric, number>();
  programs.forEach(({ fabric, sections = [], copies }, i) => {
    [{ fabric, first: 1 }, ...sections].forEach(({ fabric: of, first }, at, all) => {
      const end = all[at + 1]?.first ?? Infinity;
      const stitches = worked[i]!.rows.reduce(
        (sum, { n, count }) => (n >= first && n < end ? sum + count : sum),
        0,
      );
      areas.set(of, (areas.get(of) ?? 0) + copies * areaOf(of, stitches));
    });
  });
  const seams = joins.filter(({ kind }) => kind !== 'pick-up').reduce((sum, join) => sum + join.bLength, 0);
  return yarnNeeds([...areas].map(([fabric, area], i) => ({ fabric, area, seams: i === 0 ? seams : 0 })));
}
