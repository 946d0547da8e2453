import { useMemo, useState } from 'react';
import { completeBody, formatLength } from '@upfell/core';
import { useChosenSize, useOld, useSizePlan, useUnits } from '../state/useSizePlan';
import { useView } from '../state/view';
import { useBox } from '../ui/useBox';
import { flatYoke } from './fromAbove';
import { SplitSum } from './SplitSum';
import { openingOf, useYoke } from '../state/useYoke';
import { YokeAbove } from './YokeAbove';
import { YokeStrip } from './YokeStrip';
import { YOKE_PARTS } from './yokeRows';

const NAMES = { back: 'Back', 'sleeve-left': 'Left sleeve', front: 'Front', 'sleeve-right': 'Right sleeve' };

/** The yoke to be shaped by hand: from above, row by row, and the split as a sum. */
export function YokeView() {
  const planned = useSizePlan();
  const style = useYoke();
  const old = useOld();
  const all = useView((view) => view.all);
  const units = useUnits();
  const { size: chosenSize } = useChosenSize();
  const [row, setRow] = useState<number | null>(null);
  const { ref, box } = useBox<HTMLDivElement>();
  const flat = useMemo(() => {
    if (!planned || !style) return null;
    const of = (at: number) => {
      const size = planned.plan.sizes[at]!;
      return flatYoke(size, openingOf(style, size.id));
    };
    const others = planned.plan.sizes
      .map((_, at) => at)
      .filter((at) => at !== planned.index && (all || Math.abs(at - planned.index) === 1))
      .flatMap((at) => of(at) ?? []);
    return { yoke: of(planned.index), others };
  }, [planned, style, all]);
  if (!planned || !style) return <p className="p-8 text-soft">Laying the yoke out …</p>;
  const { size } = planned;
  const piece = size.pieces.find(({ id }) => id === 'yoke');
  if (!piece || !flat?.yoke)
    return (
      <p className="p-8 text-soft">This size has no yoke as it stands; the notes at the right say why.</p>
    );
  const { yoke, others } = flat;
  const chosen = Math.min(row ?? yoke.rows.length - 1, yoke.rows.length - 1);
  const now = yoke.rows[chosen]!;
  const lines = Math.round((now.total - YOKE_PARTS.reduce((sum, id) => sum + now.stitches[id], 0)) / 4);
  const chain = size.quantities.find(({ id }) => id === 'underarm.chain')!;
  const body = completeBody(chosenSize.body, chosenSize.group)!.body;
  return (
    <div className={`flex min-h-0 grow flex-col ${old ? 'opacity-55' : ''}`} data-testid="yoke">
      <div ref={ref} className="flex min-h-0 grow overflow-hidden contain-content">
        {box && (
          <>
            <YokeAbove
              yoke={yoke}
              others={others}
              chosen={chosen}
              style={style}
              size={size.id}
              chain={chain.count}
              perCm={chain.perCm}
              width={box.width * 0.56}
              height={box.height}
            />
            <YokeStrip
              piece={piece}
              rows={yoke.rows}
              chosen={chosen}
              onChoose={setRow}
              style={style}
              size={size.id}
              armholeDepth={body.armholeDepth}
              width={box.width * 0.44}
              height={box.height}
            />
          </>
        )}
      </div>
      <div className="flex items-center gap-4 border-t border-line px-4 py-1.5 text-[13px]">
        <label className="flex items-center gap-2 whitespace-nowrap">
          Row
          <input
            type="range"
            className="w-32 accent-[var(--color-handle)]"
            min={1}
            max={yoke.rows.length}
            value={chosen + 1}
            aria-label="Row of the yoke"
            aria-valuetext={`row ${now.n}: ${now.total} stitches`}
            onChange={({ target }) => setRow(Number(target.value) - 1)}
          />
          <strong className="w-8">{now.n}</strong>
        </label>
        <p aria-live="polite" data-testid="row-counts">
          {YOKE_PARTS.map((id) => `${NAMES[id]} ${Math.round(now.stitches[id] * 10) / 10}`).join(' · ')}
          {lines > 0 && ` · each line ${lines}`} · all <strong>{now.total}</strong> (
          {formatLength(now.total / chain.perCm, units, { unit: true })} round,{' '}
          {formatLength(now.depth, units, { unit: true })} below the neck)
        </p>
      </div>
      <SplitSum size={size} />
    </div>
  );
}
