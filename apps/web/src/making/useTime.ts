import { useEffect, useState } from 'react';
import { done } from './making';

const MINUTE = 60_000;
/** Work without a tick for so long is a pause, ms. */
const PAUSE = 15 * MINUTE;

/**
 * Notes the time that a piece takes, where that is wanted: while the page is looked at and rows are ticked.
 *
 * @param worked rows worked of it
 */
export function useTime(wanted: boolean, piece: string | null, worked: number): void {
  const [begun, setBegun] = useState<{ piece: string; at: number; worked: number } | null>(null);
  if (wanted && piece !== null && begun?.piece !== piece) setBegun({ piece, at: Date.now(), worked });
  useEffect(() => {
    if (!wanted || !begun || begun.piece !== piece || worked <= begun.worked) return;
    const now = Date.now();
    const spent = now - begun.at;
    setBegun({ piece, at: now, worked });
    if (spent < PAUSE) void done({ kind: 'time', piece, minutes: Math.round((10 * spent) / MINUTE) / 10 });
  }, [wanted, piece, worked, begun]);
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
