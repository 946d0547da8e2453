import { useEffect, useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';

interface Props {
  label: string;
  /** The value in words: "12 rows of 40". */
  text: string;
  value: number;
  least: number;
  most: number;
  /** Whether it is drawn up and down or to the sides; and px for one step, below 0 where the value falls upwards (to the left). */
  along: 'y' | 'x';
  step: number;
  /** The line that is dragged. */
  from: readonly [x: number, y: number];
  to: readonly [x: number, y: number];
  testId: string;
  onMove: (value: number, dragging: boolean) => void;
  /** Told when a drag begins (true) and ends (false). */
  onHold?: (down: boolean) => void;
}

/** How long after a drag the line waits for the plan before it goes back to the value that holds, ms. */
const PATIENCE = 400;

/**
 * A line in a drawing that is dragged, or moved by the arrow keys, a step at a time: one drag is one step of undo. It goes with the
 * hand at once; the value that it then has follows from the plan.
 */
export function DragHandle({
  label,
  text,
  value,
  least,
  most,
  along,
  step,
  from,
  to,
  testId,
  onMove,
  onHold,
}: Props) {
  const drag = useRef<{ at: number; value: number; step: number; moved: boolean } | null>(null);
  /** Where hand and keys have moved it to: they are quicker than the plan that follows them. */
  const wanted = useRef(value);
  /** Where it is drawn until the plan has followed; null where it is drawn at its value. */
  const [shown, setShown] = useState<number | null>(null);
  const patience = useRef<ReturnType<typeof setTimeout>>(undefined);
  useEffect(() => {
    if (drag.current) return;
    wanted.current = value;
    setShown(null);
  }, [value]);
  useEffect(() => () => clearTimeout(patience.current), []);
  const wait = () => {
    clearTimeout(patience.current);
    patience.current = setTimeout(() => setShown(null), PATIENCE);
  };
  const want = (next: number, dragging: boolean) => {
    wanted.current = next;
    setShown(next);
    onMove(next, dragging);
  };
  const clamp = (next: number) => Math.max(least, Math.min(most, next));
  const place = (event: PointerEvent) => (along === 'y' ? event.clientY : event.clientX);
  const move = (event: PointerEvent) => {
    const begun = drag.current;
    if (!begun) return;
    const next = clamp(begun.value + Math.round((place(event) - begun.at) / begun.step));
    if (next === wanted.current) return;
    want(next, begun.moved);
    begun.moved = true;
  };
  const end = () => {
    if (!drag.current) return;
    drag.current = null;
    onHold?.(false);
    wait();
  };
  const key = (event: KeyboardEvent) => {
    const [less, more] = along === 'y' ? ['ArrowUp', 'ArrowDown'] : ['ArrowLeft', 'ArrowRight'];
    const onwards = Math.sign(step);
    const by = {
      [less!]: -onwards,
      [more!]: onwards,
      PageUp: -5 * onwards,
      PageDown: 5 * onwards,
      Home: -Infinity,
      End: Infinity,
    }[event.key];
    if (by === undefined) return;
    event.preventDefault();
    const next = clamp(wanted.current + by);
    if (next === wanted.current) return;
    want(next, false);
    wait();
  };
  const [x, y] = to;
  const away = shown === null ? 0 : (shown - value) * step;
  return (
    <g
      role="slider"
      tabIndex={0}
      aria-label={label}
      aria-orientation={along === 'y' ? 'vertical' : 'horizontal'}
      aria-valuemin={least}
      aria-valuemax={Math.max(least, most)}
      aria-valuenow={value}
      aria-valuetext={text}
      className={`even-handle ${along === 'y' ? 'cursor-ns-resize' : 'cursor-ew-resize'}`}
      data-testid={testId}
      onKeyDown={key}
      onPointerDown={(event) => {
        event.currentTarget.setPointerCapture(event.pointerId);
        clearTimeout(patience.current);
        wanted.current = value;
        drag.current = { at: place(event), value, step, moved: false };
        onHold?.(true);
      }}
      onPointerMove={move}
      onPointerUp={end}
      onPointerCancel={end}
      transform={away === 0 ? undefined : `translate(${along === 'y' ? `0 ${away}` : `${away} 0`})`}
    >
      <title>{`${label}: ${text}. Drag, or use the arrow keys.`}</title>
      <line x1={from[0]} x2={x} y1={from[1]} y2={y} stroke="transparent" strokeWidth={14} />
      <line x1={from[0]} x2={x} y1={from[1]} y2={y} stroke="var(--color-handle)" strokeWidth={1.6} />
      <circle
        cx={x}
        cy={y}
        r={4.5}
        fill="var(--color-sheet)"
        stroke="var(--color-handle)"
        strokeWidth={1.8}
      />
    </g>
  );
}
