import { useMemo, useState } from 'react';
import {
  ELBOW,
  measurement,
  wornBox,
  wornOf,
  type Figure,
  type Point,
  type Units,
  type Worn,
} from '@upfell/core';
import { useOld, useUnits } from '../state/useSizePlan';
import { useBox } from '../ui/useBox';
import { useHeld } from '../ui/useHeld';
import { GripHandles } from './GripHandles';
import { SitsTable } from './SitsTable';
import { useDrawnSize } from './useDrawnSize';
import { useBeside, useBesideOptions, type Beside } from './useBeside';
import { OtherOutline, WornFigure } from './WornFigure';

/** Kept free above and below the two figures, and at their sides for the names of levels, px. */
const MARGIN = 14;
const SIDE = 34;

/** The garment of the chosen size on a figure drawn from its body, front and back, to be dragged where it ends. */
export function WornView() {
  const size = useDrawnSize();
  const old = useOld();
  const units = useUnits();
  const { ref, box } = useBox<HTMLDivElement>();
  const [beside, setBeside] = useState<Beside>('');
  const other = useBeside(beside);
  const worn = useMemo(() => (size ? wornOf(size) : null), [size]);
  if (!size) return <p className="p-8 text-soft">Dressing the figure …</p>;
  if (!worn)
    return (
      <p className="p-8 text-soft">Nothing of this size can be worked as it stands; the notes say why.</p>
    );
  return (
    <div className="flex min-h-0 grow flex-col" data-testid="worn">
      <div className="no-print flex flex-wrap items-center gap-x-3 gap-y-1 px-4 pt-2 text-[13px]">
        <BesideChoice beside={beside} onChoose={setBeside} />
        {other === undefined && <span className="text-soft">Planning it …</span>}
        {other === null && beside !== '' && (
          <span className="text-soft">That cannot be worked as it stands.</span>
        )}
        {other && <span className="text-eased">dashed: {besideInWords(beside, other.size.label)}</span>}
        <span className="text-soft">Cloth hangs straight here; heavy fabric hangs closer.</span>
      </div>
      <div ref={ref} className={`min-h-0 grow overflow-hidden ${old ? 'opacity-55' : ''}`}>
        {box && (
          <Figures
            worn={worn}
            other={other?.worn ?? null}
            width={box.width}
            height={box.height}
            label={`${size.label} on the body, front and back`}
            units={units}
          />
        )}
      </div>
      <div className="hidden p-4 print:block">
        <SitsTable printed />
      </div>
    </div>
  );
}

function besideInWords(beside: Beside, label: string): string {
  if (beside === 'before') return 'before the last change';
  return beside.startsWith('size:') ? `size ${label}` : 'in the other construction';
}

/** What the garment is seen beside of. */
function BesideChoice({ beside, onChoose }: { beside: Beside; onChoose: (beside: Beside) => void }) {
  const { sizes, before, constructions } = useBesideOptions();
  return (
    <label className="flex items-center gap-2">
      Beside
      <select
        className="max-w-56 rounded border border-line bg-sheet px-1.5 py-0.5"
        value={beside}
        data-testid="worn-beside"
        onChange={({ target }) => onChoose(target.value)}
      >
        <option value="">nothing</option>
        {before && <option value="before">before the last change</option>}
        {sizes.length > 0 && (
          <optgroup label="Another size">
            {sizes.map(({ value, label }) => (
              <option key={value} value={value}>
                {label}
              </option>
            ))}
          </optgroup>
        )}
        <optgroup label="Another construction">
          {constructions.map(({ value, label }) => (
            <option key={value} value={value}>
              {label}
            </option>
          ))}
        </optgroup>
      </select>
    </label>
  );
}

interface FiguresProps {
  worn: Worn;
  other: Worn | null;
  width: number;
  height: number;
  label: string;
  units: Units;
}

/** Front and back beside each other, to one scale, with the levels of the body between them. */
function Figures({ worn, other, width, height, label, units }: FiguresProps) {
  const box = wornBox(worn);
  const [scale, hold] = useHeld(
    Math.min((width - 2 * SIDE) / (2 * box.width), (height - 2 * MARGIN) / box.height),
  );
  const span = box.width * scale;
  const left = Math.max(SIDE, (width - 2 * span) / 2);
  const middles = { front: left + span / 2, back: left + span * 1.5 };
  const y = (cm: number) => MARGIN + (cm - box.top) * scale;
  const { levels } = worn.figure.frame;
  return (
    <svg width={width} height={height} role="group" aria-label={label} className="block">
      {(['bust', 'waist', 'hip'] as const).map((id) => (
        <g key={id} className="worn-level">
          <line x1={left + 4} x2={left + 2 * span - 4} y1={y(levels[id])} y2={y(levels[id])} />
          <text x={left + span} y={y(levels[id]) - 4} textAnchor="middle">
            {measurement(id).label.split(' ')[0]!.toLowerCase()}
          </text>
        </g>
      ))}
      {(['elbow', 'wrist'] as const).map((id) => (
        <ArmLevel key={id} id={id} frame={worn.figure.frame} middle={middles.front} scale={scale} y={y} />
      ))}
      {(['front', 'back'] as const).map((view) => (
        <g key={view} data-testid={`worn-${view}`}>
          <svg
            x={middles[view] - span / 2}
            y={MARGIN}
            width={span}
            height={box.height * scale}
            viewBox={`${box.left} ${box.top} ${box.width} ${box.height}`}
          >
            <WornFigure worn={worn} view={view} />
            {other && <OtherOutline worn={worn} other={other} view={view} />}
          </svg>
          <text
            y={MARGIN + 12}
            x={middles[view] - span / 2 + 6}
            className="fill-ink font-display text-[15px] font-semibold"
          >
            {view === 'front' ? 'Front' : 'Back'}
          </text>
        </g>
      ))}
      <g transform={`translate(${middles.front} ${MARGIN - box.top * scale})`}>
        <GripHandles worn={worn} scale={scale} units={units} onHold={hold} />
      </g>
    </svg>
  );
}

/** Where the elbow or the wrist lies on the arm at the left of the front, with its name beside it. */
function ArmLevel({
  id,
  frame,
  middle,
  scale,
  y,
}: {
  id: 'elbow' | 'wrist';
  frame: Figure['frame'];
  middle: number;
  scale: number;
  y: (cm: number) => number;
}) {
  const down = id === 'elbow' ? ELBOW * frame.reach : frame.reach;
  const outside = frame.outerAt(down);
  const [from, to] = [outside + 5, outside - 2 * frame.thickAt(down) - 1].map((aside) =>
    frame.along(down, aside),
  );
  const at = ([x]: Point) => middle - x * scale;
  return (
    <g className="worn-level">
      <line x1={at(from!)} y1={y(from![1])} x2={at(to!)} y2={y(to![1])} />
      <text x={at(from!) - 3} y={y(from![1]) + 4} textAnchor="end">
        {id}
      </text>
    </g>
  );
}
