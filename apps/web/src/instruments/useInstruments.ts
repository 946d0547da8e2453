import { useEffect } from 'react';
import { create } from 'zustand';
import { toast } from 'sonner';
import { GRAMS_PER_OUNCE, tidy, type InstrumentReading } from '@upfell/core';
import { useView } from '../state/view';
import { followReadings, type StreamState } from './sharedStream';

/** Whether the stream of readings is open, and what came last. */
export const useStream = create<{
  state: 'off' | StreamState;
  last: InstrumentReading | null;
}>(() => ({ state: 'off', last: null }));

/** The text that a reading is typed as: lengths with their unit, weights in grams. */
export function typedReading({ instrument, value, unit }: InstrumentReading): string {
  if (instrument === 'tape') return `${tidy(value)} ${unit}`;
  return String(Math.round((unit === 'oz' ? value * GRAMS_PER_OUNCE : value) * 10) / 10);
}

/** Whether a field takes what an instrument says: a tape where lengths are typed, a scale where grams are. */
function takes(field: HTMLInputElement, { instrument }: InstrumentReading): boolean {
  if (field.dataset['instrument']) return field.dataset['instrument'] === instrument;
  const weight = (field.dataset['path'] ?? '').endsWith('.grams');
  return instrument === 'scale'
    ? weight
    : field.dataset['cellInput'] !== undefined || (!weight && isLength(field));
}

function isLength(field: HTMLInputElement): boolean {
  return field.dataset['kind'] === 'length';
}

/** Puts a reading into the field that has the focus, as if it had been typed. */
export function dropReading(reading: InstrumentReading): boolean {
  const cell = document.activeElement?.getAttribute('role') === 'grid';
  if (cell && reading.instrument === 'tape') {
    document.activeElement!.dispatchEvent(
      new CustomEvent('reading', { detail: typedReading(reading), bubbles: false }),
    );
    return true;
  }
  const field = document.activeElement;
  if (!(field instanceof HTMLInputElement) || !takes(field, reading)) return false;
  const setter = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value')!.set!;
  setter.call(field, typedReading(reading));
  field.dispatchEvent(new Event('input', { bubbles: true }));
  return true;
}

/** Listens to the port for instruments while that is switched on. */
export function useInstruments(): void {
  const listening = useView((view) => view.listening);
  useEffect(() => {
    if (!listening) return useStream.setState({ state: 'off' });
    useStream.setState({ state: 'opening' });
    return followReadings({
      state: (state) => useStream.setState({ state }),
      reading: (reading) => {
        useStream.setState({ last: reading });
        // Of several tabs the one in sight says that it had no field for it.
        if (!dropReading(reading) && document.visibilityState === 'visible')
          toast(
            `${reading.instrument === 'tape' ? 'Tape' : 'Scale'}: ${reading.value} ${reading.unit}. Choose a field for ${reading.instrument === 'tape' ? 'a length' : 'a weight'} first.`,
          );
      },
    });
  }, [listening]);
}
