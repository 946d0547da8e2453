import { useRef, type KeyboardEvent } from 'react';
import type { StitchFault } from '@upfell/core';
import type { Lit } from './ChartFigure';

/** Words that a few keys put in: Alt with the letter, or the button. */
const WORDS = [
  ['c', 'ch', 'ch '],
  ['s', 'sc', 'sc in the next st'],
  ['h', 'hdc', 'hdc in the next st'],
  ['d', 'dc', 'dc in the next st'],
  ['t', 'tr', 'tr in the next st'],
  ['k', 'sk', 'sk the next st'],
  ['g', '( ) in', '(dc, ch 1, dc) in the next st'],
  ['r', '* … *', '*; repeat from * to the end'],
  ['n', 'Row', '\nRow '],
] as const;

/**
 * Rows as a maker writes them, with the words underlined that cannot be read or worked. Nothing that is typed is lost.
 *
 * @param rows lines of the text in which rows stand, to light up the row that the hand is in
 */
export function RowsField({
  text,
  faults,
  rows,
  lit,
  onText,
  onLit,
}: {
  text: string;
  faults: readonly StitchFault[];
  rows: readonly { line: number }[];
  lit: Lit | null;
  onText: (text: string) => void;
  onLit: (lit: Lit | null) => void;
}) {
  const field = useRef<HTMLTextAreaElement>(null);
  const lines = text.split('\n');
  const litLine = lit ? rows[lit.of]?.line : undefined;

  const insert = (words: string) => {
    const area = field.current;
    if (!area) return;
    const { selectionStart: from, selectionEnd: to } = area;
    // A comma goes between two instructions.
    const before = text.slice(0, from);
    const glue =
      /[\w)]$/.test(before.trimEnd()) && !words.startsWith('\n')
        ? `${before.endsWith(' ') ? '' : ','} `.replace(/^ $/, '')
        : '';
    const next = before + glue + words + text.slice(to);
    onText(next);
    const caret = from + glue.length + words.length;
    requestAnimationFrame(() => {
      area.focus();
      area.setSelectionRange(caret, caret);
    });
  };
  const onKey = (event: KeyboardEvent) => {
    if (!event.altKey || event.ctrlKey || event.metaKey) return;
    const found = WORDS.find(([key]) => key === event.key.toLowerCase());
    if (!found) return;
    event.preventDefault();
    insert(found[2]);
  };
  const point = () => {
    const area = field.current;
    if (!area) return;
    const line = area.value.slice(0, area.selectionStart).split('\n').length;
    const of = rows.findLastIndex((row) => row.line <= line);
    onLit(of >= 0 && lines[line - 1]?.trim() ? { of, instruction: null } : null);
  };

  const shared =
    'w-full whitespace-pre-wrap break-words rounded border px-3 py-2 font-sans text-[13.5px] leading-6 [overflow-wrap:anywhere]';
  return (
    <div>
      <div className="mb-1 flex flex-wrap gap-1" role="group" aria-label="Put in">
        {WORDS.map(([key, label, words]) => (
          <button
            key={key}
            type="button"
            className="rounded border border-line bg-sheet px-2 py-0.5 text-[12.5px] hover:bg-tape"
            title={`Alt+${key.toUpperCase()}`}
            aria-keyshortcuts={`Alt+${key.toUpperCase()}`}
            onClick={() => insert(words)}
          >
            {label}
          </button>
        ))}
      </div>
      <div className="relative">
        <div aria-hidden className={`${shared} border-transparent text-transparent`}>
          {lines.map((line, i) => (
            <div key={i} className={litLine === i + 1 ? 'rounded bg-agreed-wash' : undefined}>
              {marked(
                line,
                faults.filter((fault) => fault.line === i + 1),
              )}
            </div>
          ))}
        </div>
        <textarea
          ref={field}
          className={`${shared} absolute inset-0 h-full resize-none overflow-hidden bg-transparent ${faults.length > 0 ? 'border-broken' : 'border-line'}`}
          value={text}
          aria-label="Rows of the stitch pattern"
          aria-invalid={faults.length > 0}
          aria-describedby="stitch-faults"
          data-testid="stitch-rows"
          spellCheck={false}
          onChange={(event) => onText(event.target.value)}
          onKeyDown={onKey}
          onKeyUp={point}
          onClick={point}
          onBlur={() => onLit(null)}
        />
      </div>
    </div>
  );
}

/** A line with the words of its faults underlined. */
function marked(line: string, faults: readonly StitchFault[]) {
  const fault = faults.find(({ span, words }) => span || (words !== '' && line.includes(words)));
  if (!fault) return line === '' ? '\u200b' : line;
  const from = fault.span ? Math.min(fault.span.from, line.length) : line.indexOf(fault.words);
  const to = Math.max(
    from + 1,
    fault.span ? Math.min(fault.span.to, line.length) : from + fault.words.length,
  );
  return (
    <>
      {line.slice(0, from)}
      <span className="underline decoration-broken decoration-wavy decoration-2 underline-offset-4">
        {line.slice(from, to) || '\u00a0'}
      </span>
      {line.slice(to)}
    </>
  );
}
