import { useEffect, useRef, useState } from 'react';
import { done } from './making';

const MINUTE = 60_000;
/** Work without a tick for so long is a pause, ms. */
const PAUSE = 15 * MINUTE;

/** Time is noted in parts of so much, ms. */
const AT_ONCE = 5 * MINUTE;

/**
 * Notes the time that a piece takes, where that is wanted: from tick to tick, pauses left out.
 *
 * @param worked rows worked of it
 */
export function useTime(wanted: boolean, piece: string | null, worked: number): void {
  const since = useRef<{ piece: string | null; at: number; spent: number }>({ piece: null, at: 0, spent: 0 });
  useEffect(() => {
    const now = Date.now();
    const before = since.current;
    const gone = now - before.at;
    const spent = before.spent + (before.piece === piece && gone < PAUSE ? gone : 0);
    const isOver = before.piece !== piece || spent >= AT_ONCE;
    if (wanted && before.piece !== null && isOver && spent >= MINUTE / 2)
      void done({ kind: 'time', piece: before.piece, minutes: Math.round((10 * spent) / MINUTE) / 10 });
    since.current = { piece: wanted ? piece : null, at: now, spent: isOver ? 0 : spent };
  }, [wanted, piece, worked]);
}

/** Whether it is time to rest the hands: after so many minutes, until it is put away. */
export function useRest(minutes: number): [due: boolean, rested: () => void] {
  const [from, setFrom] = useState(() => Date.now());
  const [due, setDue] = useState(false);
  useEffect(() => {
    if (minutes === 0) return undefined;
    const timer = setTimeout(() => setDue(true), Math.max(0, from + minutes * MINUTE - Date.now()));
    return () => clearTimeout(timer);
  }, [minutes, from]);
  return [
    due && minutes > 0,
    () => {
      setDue(false);
      setFrom(Date.now());
    },
  ];
}
