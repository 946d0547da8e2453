import { useEffect } from 'react';

/** Keeps the screen on while the page is looked at, where the browser can. */
export function useAwake(wanted: boolean): void {
  useEffect(() => {
    if (!wanted || !('wakeLock' in navigator)) return undefined;
    let lock: WakeLockSentinel | null = null;
    let over = false;
    const hold = async () => {
      if (document.visibilityState !== 'visible') return;
      try {
        const held = await navigator.wakeLock.request('screen');
        if (over) void held.release();
        else lock = held;
      } catch {
        // A low battery refuses it; the screen then goes off as usual.
      }
    };
    const again = () => void hold();
    void hold();
    document.addEventListener('visibilitychange', again);
    return () => {
      over = true;
      document.removeEventListener('visibilitychange', again);
      void lock?.release();
    };
  }, [wanted]);
}
