import { scaleLinear } from 'd3';
import { memo, useLayoutEffect, useRef, useState } from 'react';
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
import { chosenSize, setSize, toggleAll, useView } from '../state/view';
import { useDesign } from '../state/designStore';
import { usePlan } from '../state/planner';
import { useUnits } from '../state/useSizePlan';

const HEIGHT = 58;
const FLAG_GAP = 6;

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

/** Rough width of a flag with its label, px. */
const flagWidth = (label: string) => 18 + label.length * 7.6;

/** Puts flags that would cover each other into a second lane; what still does not fit overlaps least at the end. */
function lanes(positions: readonly { x: number; width: number }[]): number[] {
  const ends = [-Infinity, -Infinity];
  return positions.map(({ x, width }) => {
    const lane = x >= ends[0]! + FLAG_GAP ? 0 : x >= ends[1]! + FLAG_GAP || ends[1]! < ends[0]! ? 1 : 0;
    ends[lane] = x + width;
    return lane;
  });
}

/** Where a length lies on a tape that shows `low` to `high` cm, px. */
function tapeScale(low: number, high: number, width: number) {
  return scaleLinear([low, high], [12, width - 70]);
}

interface RulerProps {
  low: number;
  high: number;
  width: number;
  units: Units;
}

/** The marks of the tape; redrawn only when its ends change. */
const Ruler = memo(function Ruler({ low, high, width, units }: RulerProps) {
  const scale = tapeScale(low, high, width);
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
        <line y1={labelled ? -14 : tick % 5 === 0 ? -8 : -5} stroke="#8a7650" />
        {labelled && (
          <text x={3} y={-5} fontSize={11} fill="#6b5a38">
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
  const box = useRef<HTMLDivElement>(null);
  const [width, setWidth] = useState(900);
  useLayoutEffect(() => {
    const element = box.current!;
    const observer = new ResizeObserver(() => setWidth(element.clientWidth));
    observer.observe(element);
    return () => observer.disconnect();
  }, []);

  const by = leading(ledBy);
  const values = sizes.map((size) => completeBody(size.body, size.group)?.body[by] ?? 0);
  const low = Math.min(...values);
  const high = Math.max(...values);
  const margin = high === low ? 10 : Math.max(2, (high - low) * 0.06);
  const scale = tapeScale(low - margin, high + margin, width);
  const flags = sizes.map(({ label }, i) => ({ x: scale(values[i]!), width: flagWidth(label) }));
  const lane = lanes(flags);

  return (
    <div className="no-print contain-content flex h-[58px] shrink-0 border-b border-line bg-tape">
      <div className="w-[150px] shrink-0 px-4 pt-2">
        <div className="font-semibold">
          {measurement(by).label.split(' ')[0]}, {units}
        </div>
        <div className="text-[12px] text-soft">
          <kbd>[</kbd> and <kbd>]</kbd> to step
        </div>
      </div>
      <div ref={box} className="relative min-w-0 grow overflow-hidden" role="radiogroup" aria-label="Size">
        <svg width={width} height={HEIGHT} className="absolute inset-0" aria-hidden>
          <Ruler low={low - margin} high={high + margin} width={width} units={units} />
          {flags.map(({ x }, i) => (
            <line
              key={sizes[i]!.id}
              x1={x}
              x2={x}
              y1={lane[i] === 0 ? 6 : 24}
              y2={HEIGHT}
              stroke="#20303a"
              strokeWidth={1.2}
            />
          ))}
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
              style={{ left: flags[i]!.x, top: lane[i] === 0 ? 6 : 25 }}
            >
              {size.label}
            </button>
          );
        })}
        {sizes.length > 1 && (
          <Button
            className="absolute top-1.5 right-2 h-6 text-[12.5px]"
            aria-pressed={all}
            look={all ? 'strong' : 'plain'}
            onClick={toggleAll}
            title="Lay all sizes over each other"
          >
            All
          </Button>
        )}
      </div>
    </div>
  );
}
