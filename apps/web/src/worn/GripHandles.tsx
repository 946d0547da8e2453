import { useEffect, useMemo, useState } from 'react';
import { BREADTH, formatLength, tidy, type Grip, type Units, type Worn } from '@upfell/core';
import { askShareBase } from '../state/planner';
import { editStyle, withFigure } from '../state/style';
import { useChosenSize, useDocument } from '../state/useSizePlan';
import { DragHandle } from '../ui/DragHandle';
import { gripFields, type GripField } from './grips';

/** A half centimetre is a step: finer is not seen. */
const STEP = 0.5;
/** What one cm of a length moves its grip by, and which way. */
const MOVES: Record<Grip, { along: 'x' | 'y'; by: number }> = {
  hem: { along: 'y', by: 1 },
  sleeve: { along: 'y', by: -1 },
  neck: { along: 'y', by: 1 },
  // All round: seen from the front each side moves by its part of the round.
  side: { along: 'x', by: BREADTH },
};

/** The places that can be dragged. */
export function GripHandles({
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
