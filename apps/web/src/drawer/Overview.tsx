import { memo, type ReactNode } from 'react';
import { CircleAlert, Lightbulb, OctagonAlert } from 'lucide-react';
import { countedInShort, formatLength, inWords, type Note } from '@upfell/core';
import { useDocument, useUnits } from '../state/useSizePlan';
import { takeFix } from '../state/fixes';
import { select } from '../state/view';
import { Button } from '../ui/Button';
import { metresInWords } from '../ui/numbers';
import { HoldButton } from './HoldButton';
import type { ScreenQuantity, ScreenSize } from '../worker/screen';

const LEVELS = {
  stop: { icon: OctagonAlert, look: 'text-broken', word: 'Stop' },
  warn: { icon: CircleAlert, look: 'text-eased', word: 'Look' },
  tip: { icon: Lightbulb, look: 'text-soft', word: 'Tip' },
} as const;

/** The size as a whole: what needs a look, finished measurements, and every count. */
export const Overview = memo(function Overview({ size, above }: { size: ScreenSize; above?: ReactNode }) {
  const units = useUnits();
  const serious = size.notes.filter(({ level }) => level !== 'tip');
  const tips = size.notes.filter(({ level }) => level === 'tip');
  return (
    <>
      <h2 className="text-[17px]">Size {size.label}</h2>
      {serious.length === 0 && size.pieces.length > 0 && (
        <p className="text-agreed">Every seam agrees; nothing needs a second look.</p>
      )}
      <Notes notes={serious} />
      {above}
      <h3 className="mt-4 mb-1 font-sans text-[13px] font-semibold">Finished, {units}</h3>
      <table className="w-full table-fixed text-[13px]" data-testid="finished">
        <thead className="text-soft">
          <tr>
            <th className="text-left font-normal">
              <span className="sr-only">Measurement</span>
            </th>
            <th className="w-14 text-right font-normal">wanted</th>
            <th className="w-14 text-right font-normal">is</th>
          </tr>
        </thead>
        <tbody>
          {size.finished.map(({ id, label, target, actual }) => (
            <FinishedRow
              key={id}
              label={label}
              target={formatLength(target, units)}
              actual={formatLength(actual, units)}
            />
          ))}
        </tbody>
      </table>
      <h3 className="mt-4 mb-1 flex items-center justify-between font-sans text-[13px] font-semibold">
        Counts
        {size.quantities.length > 0 && (
          <HoldButton
            what={`size ${size.label}`}
            counts={size.quantities.map(({ id, count }) => ({ size: size.id, quantity: id, count }))}
          />
        )}
      </h3>
      <ul className="text-[13px]">
        {size.quantities.map(({ id, label, count, axis, unit, pinned, inUnits }) => (
          <CountRow
            key={id}
            id={id}
            label={label}
            count={count}
            axis={axis}
            {...(unit ? { unit } : {})}
            pinned={pinned}
            {...(inUnits ? { inUnits } : {})}
          />
        ))}
      </ul>
      {size.yarn.length > 0 && (
        <>
          <h3 className="mt-4 mb-1 font-sans text-[13px] font-semibold">Yarn, about</h3>
          <ul className="text-[13px]">
            {size.yarn.map(({ fabric, metres }) => (
              <li key={fabric} className="flex justify-between px-1">
                <FabricName id={fabric} />{' '}
                <strong className="whitespace-nowrap">{metresInWords(metres)}</strong>
              </li>
            ))}
          </ul>
        </>
      )}
      {tips.length > 0 && (
        <details className="mt-4">
          <summary className="text-[13px] font-semibold">
            {tips.length} {tips.length === 1 ? 'tip' : 'tips'}
          </summary>
          <Notes notes={tips} />
        </details>
      )}
    </>
  );
});

/** One finished measurement; memoised, so that an edit repaints only what it changes. */
const FinishedRow = memo(function FinishedRow({
  label,
  target,
  actual,
}: Record<'label' | 'target' | 'actual', string>) {
  return (
    <tr>
      <td>{label}</td>
      <td className="text-right text-soft">{target}</td>
      <td className="text-right font-semibold">{actual}</td>
    </tr>
  );
});

/** One count, which leads to its reasons. */
const CountRow = memo(function CountRow({
  id,
  label,
  count,
  axis,
  unit,
  pinned,
  inUnits,
}: Pick<ScreenQuantity, 'id' | 'label' | 'count' | 'axis' | 'unit' | 'pinned' | 'inUnits'>) {
  return (
    <li>
      <button
        type="button"
        data-count-row={id}
        className="flex w-full justify-between rounded px-1 py-px text-left contain-content hover:bg-tape"
        onClick={() => select({ kind: 'quantity', id })}
      >
        <span>
          {label}
          {pinned && ' (held)'}
          {inUnits && <span className="block text-[12px] text-soft">{inUnits}</span>}
        </span>
        <span className="shrink-0">
          <strong>{count}</strong> {countedInShort({ axis, ...(unit ? { unit } : {}) }, count)}
        </span>
      </button>
    </li>
  );
});

function FabricName({ id }: { id: string }) {
  const { fabrics } = useDocument();
  return <span>{fabrics.find((fabric) => fabric.id === id)?.name ?? id}</span>;
}

function Notes({ notes }: { notes: readonly Note[] }) {
  const units = useUnits();
  return (
    <ul className="mt-1 space-y-1.5" data-testid="notes">
      {notes.map(({ level, code, where, message, details, fixes }) => {
        const { icon: Icon, look, word } = LEVELS[level];
        return (
          <li key={`${code} ${where}`} className="flex gap-2 text-[13px]">
            <Icon size={15} className={`mt-0.5 shrink-0 ${look}`} aria-label={word} />
            <span>
              {details ? (
                <details>
                  <summary className="cursor-pointer">{inWords(message, units)}</summary>
                  <ul className="mt-0.5 space-y-0.5 text-soft">
                    {details.map((detail, i) => (
                      <li key={i}>{inWords(detail, units)}</li>
                    ))}
                  </ul>
                </details>
              ) : (
                inWords(message, units)
              )}
              {fixes && (
                <span className="mt-1 flex flex-wrap gap-1">
                  {fixes.map((fix, i) => (
                    <Button key={i} className="text-[12px]" onClick={() => takeFix(fix)}>
                      {inWords(fix.label, units)}
                    </Button>
                  ))}
                </span>
              )}
            </span>
          </li>
        );
      })}
    </ul>
  );
}
