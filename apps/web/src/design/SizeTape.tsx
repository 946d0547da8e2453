import { scaleLinear } from 'd3';
import { memo, useEffect, useRef } from 'react';
import {
  CM_PER_INCH,
  completeBody,
  formatLength,
  measurement,
  type MeasurementId,
  type Size,
  type Units,
} from '@upfell/core';
import { Button } from '../ui/Button';
import { useBox } from '../ui/useBox';
import { hangFlags, roomForFlags, type HungFlag } from './flags';
import { chosenSize, setSize, toggleAll, useView } from '../state/view';
import { useDesign } from '../state/designStore';
import { usePlan } from '../state/planner';
import { useUnits } from '../state/useSizePlan';

const HEIGHT = 58;
/** Kept free at the left end of the tape, px; at the right one a flag's width is. */
const LEFT = 12;
const END = 4;

/**
 * The sizes that the tape shows: those of the plan on screen, so that flags and pieces move in one frame; those of the
 * document where sizes have come or gone and the plan does not know them yet.
 */
function useTape() {
  const fromDocument = useDesign(({ document }) => sizeNames(document!.sizes));
  const planned = usePlan((state) => state.document);
  const document =
    planned && sizeNames(planned.sizes) === fromDocument ? planned : useDesign.getState().document!;
  const view = useView(({ size }) => size);
  return {
    sizes: document.sizes,
    units: useUnits(),
    ledBy: document.garment['widthLedBy'],
    chosen: chosenSize(document.sizes, view).id,
  };
}

function sizeNames(sizes: readonly Size[]): string {
  return sizes.map(({ id, label }) => `${id} ${label}`).join('|');
}

/** Which measurement the tape is read by. */
function leading(widthLedBy: unknown): MeasurementId {
  return widthLedBy === 'hip' ? 'hip' : 'bust';
}

/** Upper ends of the flags of each lane, px. */
const FLAG_TOPS = [5, 25];
/** Rough width of a flag with its label, px. */
const flagWidth = (label: string) => 18 + label.length * 7.6;

/** Where a length lies on a tape that shows `low` to `high` cm, px. */
function tapeScale(low: number, high: number, right: number) {
  return scaleLinear([low, high], [LEFT, right]);
}

interface RulerProps {
  low: number;
  high: number;
  /** Where the tape ends, px. */
  right: number;
  units: Units;
}

/** The marks of the tape; redrawn only when its ends change. */
const Ruler = memo(function Ruler({ low, high, right, units }: RulerProps) {
  const scale = tapeScale(low, high, right);
  const unitCm = units === 'cm' ? 1 : CM_PER_INCH;
  const step = [1, 2, 5, 10, 20, 50].find((candidate) => scale(candidate * unitCm) - scale(0) >= 46) ?? 100;
  const fine = scale(unitCm) - scale(0) >= 4;
  const ticks: number[] = [];
  for (let tick = Math.ceil(low / unitCm); tick <= high / unitCm; tick += 1)
    if (fine || tick % step === 0) ticks.push(tick);
  return ticks.map((tick) => {
    const labelled = tick % step === 0;
    return (
      <g key={tick} transform={`translate(${scale(tick * unitCm)},${HEIGHT})`}>
        <line y1={labelled ? -14 : tick % 5 === 0 ? -8 : -5} stroke="var(--color-bark)" />
        {labelled && (
          <text x={3} y={-5} fontSize={11} fill="var(--color-soft)">
            {tick}
          </text>
        )}
      </g>
    );
  });
});

/** The range as a measuring tape: each size a flag at its leading measurement. */
export function SizeTape() {
  const { sizes, units, ledBy, chosen } = useTape();
  const all = useView((view) => view.all);
  const { ref, box } = useBox<HTMLDivElement>();
  const element = useRef<HTMLDivElement | null>(null);
  const by = leading(ledBy);
  const values = sizes.map((size) => completeBody(size.body, size.group)?.body[by] ?? 0);
  const low = Math.min(...values);
  const high = Math.max(...values);
  const margin = high === low ? 10 : Math.max(2, (high - low) * 0.06);
  const widths = sizes.map(({ label }) => flagWidth(label));
  // A long range makes a long tape: it is rolled on to the chosen size.
  const width = Math.max(box?.width || 900, roomForFlags(widths) + LEFT + END);
  const right = width - Math.max(...widths) - END;
  const scale = tapeScale(low - margin, high + margin, right);
  const order = sizes.map((_, i) => i).sort((a, b) => values[a]! - values[b]! || a - b);
  const hung = new Map<number, HungFlag>();
  hangFlags(
    order.map((i) => ({ at: scale(values[i]!), width: widths[i]! })),
    width - 2,
  ).forEach((flag, k) => hung.set(order[k]!, flag));
  const chosenAt = hung.get(sizes.findIndex(({ id }) => id === chosen))?.x ?? 0;
  useEffect(() => {
    if (!element.current || !box || width <= box.width) return;
    element.current.scrollLeft = chosenAt - box.width / 2;
  }, [chosenAt, width, box]);

  return (
    <div className="no-print contain-content flex h-[58px] shrink-0 border-b border-line bg-tape">
      <div className="w-[132px] shrink-0 px-4 pt-2 max-md:hidden">
        <div className="font-semibold">
          {measurement(by).label.split(' ')[0]}, {units}
        </div>
        <div className="text-[12px] text-soft">
          <kbd>[</kbd> and <kbd>]</kbd> to step
        </div>
      </div>
      <div
        ref={(div) => {
          ref(div);
          element.current = div;
        }}
        className="relative min-w-0 grow overflow-x-auto overflow-y-hidden"
        role="radiogroup"
        aria-label="Size"
        data-testid="size-tape"
      >
        <svg width={width} height={HEIGHT} className="absolute inset-0" aria-hidden>
          <Ruler low={low - margin} high={high + margin} right={right} units={units} />
          {sizes.map(({ id }, i) => {
            const { x, lane } = hung.get(i)!;
            const at = scale(values[i]!);
            const bottom = FLAG_TOPS[lane]! + 18;
            return (
              <path
                key={id}
                d={
                  Math.abs(x - at) < 1
                    ? `M${at},${FLAG_TOPS[lane]!}V${HEIGHT}`
                    : `M${x + 4},${bottom}L${at},${HEIGHT - 9}V${HEIGHT}`
                }
                fill="none"
                stroke="var(--color-ink)"
                strokeWidth={1.2}
              />
            );
          })}
        </svg>
        {sizes.map((size, i) => {
          const picked = size.id === chosen;
          return (
            <button
              key={size.id}
              type="button"
              role="radio"
              aria-checked={picked}
              aria-label={`Size ${size.label}, ${formatLength(values[i]!, units, { unit: true })}`}
              title={`${size.label}: ${formatLength(values[i]!, units, { unit: true })}`}
              onClick={() => setSize(size.id)}
              className={`absolute h-[18px] border border-ink px-1.5 text-[12px] leading-[16px] font-semibold whitespace-nowrap ${picked ? 'z-10 bg-ink text-sheet' : 'bg-sheet hover:bg-paper'}`}
              style={{ left: hung.get(i)!.x, top: FLAG_TOPS[hung.get(i)!.lane] }}
            >
              {size.label}
            </button>
          );
        })}
      </div>
      {sizes.length > 1 && (
        <Button
          className="mt-1.5 mr-2 h-6 text-[12.5px]"
          aria-pressed={all}
          look={all ? 'strong' : 'plain'}
          onClick={toggleAll}
          title="Lay all sizes over each other"
        >
          All
        </Button>
      )}
    </div>
  );
}
