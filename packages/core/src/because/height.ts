import { say } from '../text/phrase.js';
import type { Reason } from './reason.js';

/** How a piece's rows come together: "Side seam 40 + Armhole, depth 22 = 62 rows". */
export function explainHeight(
  {
    height,
    halfRows = 0,
    fixedRows = 0,
  }: { height: readonly string[]; halfRows?: number; fixedRows?: number },
  quantities: readonly { id: string; label: string; count: number }[],
): Reason[] {
  const parts = height.flatMap((id) => quantities.find((quantity) => quantity.id === id) ?? []);
  const fixed: Reason[] =
    fixedRows > 0 ? [{ label: say`Rounds or rows, as its style says`, figure: say`${fixedRows} rows` }] : [];
  let sum = fixedRows;
  const reasons = parts.map(({ id, label, count }, i): Reason => {
    sum += count;
    return {
      label: say`${label}`,
      figure: i === 0 && fixedRows === 0 ? say`${count} rows` : say`+${count} = ${sum} rows`,
      from: { kind: 'quantity', id },
    };
  });
  if (halfRows === 0) return [...fixed, ...reasons];
  if (parts.length === 0)
    return [{ label: say`Worked into the chain, whatever the size`, figure: say`${halfRows} rows` }];
  return [
    ...fixed,
    ...reasons,
    {
      label: say`Out from the joining and back, half a row each`,
      figure: say`+${halfRows} = ${sum + halfRows} rows`,
    },
  ];
}
