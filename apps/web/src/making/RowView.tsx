import { Flag, Pencil, Undo2 } from 'lucide-react';
import { useEffect, useMemo, useState } from 'react';
import { formatLength, standingOf, type RowToWork, type StitchChart } from '@upfell/core';
import { ChartFigure } from '../fabric/stitches/ChartFigure';
import { Bar } from '../ui/Bar';
import { Button } from '../ui/Button';
import { JumpDialog } from './JumpDialog';
import { askRows, done, makingPlanner, useMaking } from './making';
import { NoteDialog } from './NoteDialog';
import type { PieceProgress } from './progress';
import { PromptCard } from './PromptCard';
import { RowFigure } from './RowFigure';
import { useMakingSettings, WORD_SIZE } from './settings';
import { momentInWords } from './words';

/** Repeats from which a row can be ticked repeat by repeat. */
const LONG = 4;

/** The row at hand: what to do, what it comes to, and one large target that ticks it. */
export function RowView({
  at,
  onTab,
}: {
  at: PieceProgress;
  onTab: (tab: 'measure' | 'change' | 'pieces') => void;
}) {
  const view = useMaking((state) => state.view)!;
  const entries = useMaking((state) => state.entries);
  const rows = useMaking((state) => state.rows[at.piece]);
  const { hand, text } = useMakingSettings();
  const [dialog, setDialog] = useState<'note' | 'jump' | null>(null);
  useEffect(() => void askRows(at.piece), [at.piece, view.version, rows]);
  const row = rows?.[at.worked] ?? null;
  const place = row && { piece: at.piece, copy: at.copy, part: row.part, n: row.n };
  const repeats = useMemo(
    () =>
      place
        ? (standingOf(entries, 'repeats').findLast(
            (one) =>
              one.piece === place.piece &&
              one.copy === place.copy &&
              one.part === place.part &&
              one.n === place.n,
          )?.many ?? 0)
        : 0,
    // eslint-disable-next-line react-hooks/exhaustive-deps -- the place is made anew with each row
    [entries, at.piece, at.copy, row?.key],
  );
  const last = entries.findLast((entry) => entry.kind !== 'time');
  const tick = () => place && void done({ kind: 'row', ...place });
  const undo = () => last && void done({ kind: 'undo', of: last.id });
  useKeys({ tick, undo, note: () => setDialog('note') }, dialog === null);
  if (!rows) return <p className="p-6 text-soft">Writing the rows …</p>;
  return (
    <>
      <div className="min-h-0 grow overflow-y-auto px-4 pt-3" data-testid="row-area">
        <PromptCard at={at} onTab={onTab} />
        {row ? (
          <>
            <Row row={row} left={hand === 'left'} size={WORD_SIZE[text]} at={at} repeats={repeats} />
            <Coming rows={rows} at={at.worked} />
          </>
        ) : (
          <PieceDone at={at} onPieces={() => onTab('pieces')} />
        )}
      </div>
      {row && <Next rows={rows} at={at.worked} />}
      <div
        className={`grid shrink-0 grid-cols-[84px_1fr_84px] gap-2.5 border-t border-line bg-paper p-3 ${hand === 'left' ? '[direction:rtl]' : ''}`}
      >
        <Button className="h-[76px] flex-col justify-center text-[13px]" onClick={undo} disabled={!last}>
          <Undo2 size={18} aria-hidden />
          <span className="whitespace-normal">{last?.kind === 'row' ? `undo ${last.n}` : 'undo'}</span>
        </Button>
        <button
          type="button"
          data-testid="tick"
          className="h-[76px] rounded bg-ink text-sheet disabled:opacity-45 [direction:ltr]"
          onClick={tick}
          disabled={!row}
        >
          <span className="font-display block text-[22px] font-semibold">
            {row ? `${row.one} ${row.n} done` : 'All rows done'}
          </span>
          <span className="block text-[13px]">tap · space · Enter</span>
        </button>
        <Button
          className="h-[76px] flex-col justify-center text-[13px]"
          onClick={() => setDialog('note')}
          aria-label="Note at this row"
        >
          <Pencil size={18} aria-hidden />
          note
        </Button>
      </div>
      {dialog === 'note' && (
        <NoteDialog at={at} row={row} onJump={() => setDialog('jump')} onClose={() => setDialog(null)} />
      )}
      {dialog === 'jump' && <JumpDialog at={at} rows={rows} onClose={() => setDialog(null)} />}
    </>
  );
}

/** Space and Enter tick, Backspace undoes, N notes: unless something else has the focus. */
function useKeys(does: { tick: () => void; undo: () => void; note: () => void }, listens: boolean) {
  useEffect(() => {
    if (!listens) return undefined;
    const onKey = (event: KeyboardEvent) => {
      if (event.ctrlKey || event.metaKey || event.altKey || event.repeat) return;
      const target = event.target as HTMLElement;
      const isTick = target.dataset['testid'] === 'tick';
      if (!isTick && target.closest('button, a, input, textarea, select, [role=tab], [role=dialog]')) return;
      const act =
        event.key === ' ' || event.key === 'Enter'
          ? does.tick
          : event.key === 'Backspace'
            ? does.undo
            : event.key === 'n'
              ? does.note
              : null;
      if (!act) return;
      event.preventDefault();
      act();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  });
}

function Row({
  row,
  left,
  size,
  at,
  repeats,
}: {
  row: RowToWork;
  left: boolean;
  size: string;
  at: PieceProgress;
  repeats: number;
}) {
  const units = useMaking(({ view }) => view!.units);
  const length = (cm: number) => formatLength(cm, units, { unit: true });
  const arrow = row.leftwards !== left ? '←' : '→';
  const place = { piece: at.piece, copy: at.copy, part: row.part, n: row.n };
  return (
    <>
      <div className="flex items-baseline gap-x-3">
        <h2 className="text-[32px] leading-tight whitespace-nowrap" data-testid="row-name">
          {row.one} {row.n}
        </h2>
        <span className="text-soft">
          {row.side} {arrow} · {row.hook} mm
          {row.colour && <strong className="text-ink"> · {row.colour}</strong>}
        </span>
        <span
          className="font-display ml-auto text-[26px] font-semibold whitespace-nowrap"
          data-testid="row-count"
        >
          {row.count}
          <span className="font-sans text-[14px] font-normal text-soft"> st</span>
        </span>
      </div>
      {row.before.map((line) => (
        <p key={line} className="mt-1 border-l-2 border-line pl-2 text-[14px] text-soft">
          {line}
        </p>
      ))}
      <p className={`mt-2 ${size}`} data-testid="row-words" aria-live="polite">
        {row.words}.
      </p>
      <div className="mt-2">
        <Figure row={row} left={left} />
      </div>
      <ul className="mt-2 flex flex-wrap gap-1.5 text-[13.5px]" aria-label="At this row">
        {row.shapes && (
          <Chip look="text-agreed">
            {row.change > 0 ? `+${row.change}` : row.change < 0 ? `−${-row.change}` : 'shaped'} in this{' '}
            {row.one === 'Row' ? 'row' : 'round'}
          </Chip>
        )}
        {row.after.map((line) => (
          <Chip key={line}>
            <Flag size={13} aria-hidden className="mr-1 inline" />
            {line}
          </Chip>
        ))}
        <Chip>
          tape {length(row.height.onTheHook)} on the hook, {length(row.height.finished)} finished
        </Chip>
        <OtherCopy {...place} />
      </ul>
      {row.repeats !== null && row.repeats >= LONG && (
        <div className="mt-3 flex items-center gap-2 text-[14px]">
          <Button
            className="min-h-[40px]"
            disabled={repeats >= row.repeats}
            onClick={() => void done({ kind: 'repeats', many: repeats + 1, ...place })}
          >
            +1 repeat
          </Button>
          <span data-testid="repeats">
            {repeats} of {row.repeats} repeats
          </span>
          <Bar className="min-w-0 grow" done={repeats} of={row.repeats} label="Repeats of this row" />
        </div>
      )}
    </>
  );
}

function Chip({ children, look = '' }: { children: React.ReactNode; look?: string }) {
  return <li className={`rounded-full border border-line bg-paper px-2.5 py-0.5 ${look}`}>{children}</li>;
}

/** Markers that hang in this row, and what was noted when the first of a pair came to it. */
function OtherCopy({ piece, copy, part, n }: { piece: string; copy: number; part: string; n: number }) {
  const entries = useMaking((state) => state.entries);
  const here = [...standingOf(entries, 'marker'), ...standingOf(entries, 'note')].filter(
    (entry) =>
      entry.piece === piece &&
      entry.part === part &&
      entry.n === n &&
      (entry.copy === copy ? entry.kind === 'marker' : copy > 1),
  );
  return here.map((entry) => (
    <Chip key={entry.id} look="text-eased">
      {entry.copy === copy ? entry.text : `the first one here: ${entry.text} (${momentInWords(entry.at)})`}
    </Chip>
  ));
}

const CHARTS = new Map<string, Promise<StitchChart | null>>();

/** The row in its direction: in the symbols of its pattern with the row lit, or stitch by stitch. */
function Figure({ row, left }: { row: RowToWork; left: boolean }) {
  const id = useMaking((state) => state.id)!;
  const [chart, setChart] = useState<{ fabric: string; chart: StitchChart | null } | null>(null);
  const wants = row.patternRow !== null && !row.ring;
  useEffect(() => {
    if (!wants) return undefined;
    let wanted = true;
    const key = `${id} ${row.fabric}`;
    const asked = CHARTS.get(key) ?? makingPlanner().chart(id, row.fabric);
    CHARTS.set(key, asked);
    void asked.then((found) => wanted && setChart({ fabric: row.fabric, chart: found }));
    return () => {
      wanted = false;
    };
  }, [id, wants, row.fabric]);
  if (wants && chart?.fabric === row.fabric && chart.chart)
    return (
      <div className={`max-h-[170px] overflow-hidden [&_svg]:max-h-[170px] ${left ? '-scale-x-100' : ''}`}>
        <ChartFigure
          chart={chart.chart}
          label={`Two repeats of the pattern, row ${row.patternRow! + 1} lit`}
          lit={{ of: row.patternRow!, instruction: null }}
        />
      </div>
    );
  return <RowFigure row={row} left={left} />;
}

/** Rows that are shown ahead where there is room for them. */
const AHEAD = 7;

/** The rows that follow: at the desk, where the row at hand leaves room. */
function Coming({ rows, at }: { rows: readonly RowToWork[]; at: number }) {
  const next = rows.slice(at + 1, at + 1 + AHEAD);
  if (next.length === 0) return null;
  return (
    <ol
      className="mt-6 hidden border-t border-line pt-2 text-[14px] text-soft md:block"
      aria-label="The rows that follow"
    >
      {next.map((row) => (
        <li key={row.key} className="flex gap-3 py-0.5">
          <span className="w-14 shrink-0">
            {row.one} {row.n}
          </span>
          <span className="min-w-0 grow truncate">
            {row.colour && `${row.colour}: `}
            {row.words}
          </span>
          <span className="shrink-0">{row.count} st</span>
        </li>
      ))}
    </ol>
  );
}

/** What comes after, and where it shapes next. */
function Next({ rows, at }: { rows: readonly RowToWork[]; at: number }) {
  const next = rows[at + 1];
  const shaping = rows.findIndex((row, i) => i > at && row.shapes);
  const inRows = shaping - at;
  const even = (shaping < 0 ? rows.length : shaping) - at - 1;
  return (
    <p className="flex shrink-0 justify-between gap-3 border-t border-dashed border-line px-4 py-1.5 text-[13.5px] text-soft">
      <span className="truncate">
        {!next
          ? 'the last row of this piece'
          : next.shapes
            ? `then ${next.n}: ${next.words}`
            : even > 1
              ? `then ${rows[at + 1]!.n}–${rows[at + even]!.n}, even`
              : `then ${next.n}, even`}
      </span>
      {shaping > 0 && (
        <span className="whitespace-nowrap">
          next shaping: row {rows[shaping]!.n}, in {inRows}
        </span>
      )}
    </p>
  );
}

function PieceDone({ at, onPieces }: { at: PieceProgress; onPieces: () => void }) {
  return (
    <div className="py-8 text-center">
      <h2 className="text-[26px]">{at.label} is done</h2>
      <p className="mt-1 text-soft">All {at.all} rows are worked.</p>
      <Button className="mt-4" onClick={onPieces}>
        To the pieces
      </Button>
    </div>
  );
}
