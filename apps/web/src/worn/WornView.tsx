import { useEffect, useMemo, useState } from 'react';
import {
  formatLength,
  measurement,
  tidy,
  wornBox,
  wornOf,
  type Grip,
  type Units,
  type Worn,
} from '@upfell/core';
import { editStyle, withFigure } from '../state/style';
import { askShareBase } from '../state/planner';
import { useChosenSize, useDocument, useOld, useSizePlan, useUnits } from '../state/useSizePlan';
import { DragHandle } from '../ui/DragHandle';
import { useBox } from '../ui/useBox';
import { useHeld } from '../ui/useHeld';
import { gripFields, type GripField } from './grips';
import { SitsTable } from './SitsTable';
import { useBeside, useBesideOptions, type Beside } from './useBeside';
import { OtherOutline, WornFigure } from './WornFigure';

/** Kept free around the two figures, px. */
const MARGIN = 14;

/** The garment of the chosen size on a figure drawn from its body, front and back, to be dragged where it ends. */
export function WornView() {
  const planned = useSizePlan();
  const old = useOld();
  const units = useUnits();
  const { ref, box } = useBox<HTMLDivElement>();
  const [beside, setBeside] = useState<Beside>('');
  const other = useBeside(beside);
  const size = planned?.size;
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
    Math.min((width - 2 * MARGIN) / (2 * box.width), (height - 2 * MARGIN) / box.height),
  );
  const span = box.width * scale;
  const left = Math.max(MARGIN, (width - 2 * span) / 2);
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
        <Handles worn={worn} scale={scale} units={units} onHold={hold} />
      </g>
    </svg>
  );
}

/** A half centimetre is a step: finer is not seen. */
const STEP = 0.5;
/** What one cm of a length moves its grip by, and which way. */
const MOVES: Record<Grip, { along: 'x' | 'y'; by: number }> = {
  hem: { along: 'y', by: 1 },
  sleeve: { along: 'y', by: -1 },
  neck: { along: 'y', by: 1 },
  // All round: seen from the front each side moves by its part of the round.
  side: { along: 'x', by: 0.163 },
};

/** The places that can be dragged. */
function Handles({
  worn,
  scale,
  units,
  onHold,
}: {
  worn: Worn;
  scale: number;
  units: Units;
  onHold: (down: boolean) => void;
}) {
  const document = useDocument();
  const { size } = useChosenSize();
  const fields = useMemo(() => gripFields(document, size.id), [document, size.id]);
  return fields.map((one) => {
    const at = worn.grips[one.grip];
    return at ? (
      <GripHandle
        key={one.path}
        one={one}
        size={size.id}
        at={[at[0] * scale, at[1] * scale]}
        scale={scale}
        units={units}
        onHold={onHold}
      />
    ) : null;
  });
}

function GripHandle({
  one: { grip, path, field, value, own },
  size,
  at,
  scale,
  units,
  onHold,
}: {
  one: GripField;
  size: string;
  at: readonly [x: number, y: number];
  scale: number;
  units: Units;
  onHold: (down: boolean) => void;
}) {
  const document = useDocument();
  const [base, setBase] = useState<number | null>(null);
  const isShare = typeof own !== 'number';
  useEffect(() => {
    if (!isShare) return;
    let current = true;
    void askShareBase(document, size, path).then((found) => current && setBase(found));
    return () => {
      current = false;
    };
  }, [isShare, document, size, path]);
  const cm = typeof own === 'number' ? own : base === null ? null : (base * own.percent) / 100;
  if (cm === null) return null;
  const { along, by } = MOVES[grip];
  const [x, y] = at;
  const reach = grip === 'hem' ? 26 : 9;
  return (
    <DragHandle
      label={field.label}
      text={formatLength(cm, units, { unit: true, sign: field.range[0] < 0 })}
      value={Math.round(cm / STEP)}
      least={Math.ceil(field.range[0] / STEP)}
      most={Math.floor(field.range[1] / STEP)}
      along={along}
      step={by * STEP * scale}
      from={along === 'y' ? [x - reach, y] : [x, y - 14]}
      to={along === 'y' ? [x + (grip === 'hem' ? 0 : reach), y] : [x, y + 14]}
      testId={`grip-${grip}`}
      onHold={onHold}
      onMove={(next, dragging) => editStyle(path, withFigure(value, size, tidy(next * STEP)), dragging)}
    />
  );
}
