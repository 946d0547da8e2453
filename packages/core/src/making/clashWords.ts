import { inWords } from '../text/phrase.js';
import { countOf } from '../text/singular.js';
import type { Units } from '../units/length.js';
import type { Preview, PullBack } from './preview.js';

/** "pull back 4 rows of Back, to row 56", "pull back all 12 rows of Cuff". */
function pullBackInWords({ label, to, rows }: PullBack): string {
  return to
    ? `pull back ${countOf(rows, 'row')} of ${label}, to row ${to.n}`
    : `pull back all ${countOf(rows, 'row')} of ${label}`;
}

/** Why a change cannot be made, and what would have to be pulled back for it; empty where nothing stands against it. */
export function clashInWords(
  { standing, stops, pullBack, together, opens }: Preview,
  units: Units,
): string[] {
  const why = stops.map(({ message }) => inWords(message, units));
  if (standing && stops.length === 0) return [];
  const said = why.length > 0 ? why : ['What is worked does not leave room for this.'];
  if (pullBack.length === 0 && opens.length === 0) return said;
  const opened = opens.length > 0 ? `open ${opens.join(', ')}` : '';
  if (pullBack.length === 0) return [...said, `To make room for it: ${opened}.`];
  const ways = pullBack.map(pullBackInWords);
  return [
    ...said,
    `To make room for it: ${opened === '' ? '' : `${opened}; then `}${ways.join(together ? '; and ' : '; or ')}.`,
  ];
}
