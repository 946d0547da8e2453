import { Lock, LockOpen } from 'lucide-react';
import type { Pin } from '@upfell/core';
import { useDocument } from '../state/useSizePlan';
import { holdAll, letGoAll } from '../state/pins';
import { Button } from '../ui/Button';

/** Holds all counts of a piece or of a size at what they are, or lets them go again. */
export function HoldButton({ what, counts }: { what: string; counts: readonly Pin[] }) {
  const { pins } = useDocument();
  const held = counts.filter(({ size, quantity }) =>
    pins.some((pin) => pin.size === size && pin.quantity === quantity),
  );
  const all = counts.length > 0 && held.length === counts.length;
  return (
    <Button
      className="text-[12.5px]"
      aria-pressed={all}
      title={
        all
          ? 'Its counts follow body, gauge and style again'
          : 'Its counts stay as they are, whatever else is changed'
      }
      onClick={() => (all ? letGoAll(counts) : holdAll(counts))}
    >
      {all ? <LockOpen size={13} aria-hidden /> : <Lock size={13} aria-hidden />}
      {all ? `Let ${what} go` : `Hold ${what}`}
    </Button>
  );
}
