import type { ReactNode } from 'react';
import { typedNumber } from '../ui/numbers';

/** A number of the reader's own in the middle of a sentence. */
export function Number_({
  label,
  text,
  onChange,
  least = 0.1,
  most = 1000,
  whole = false,
}: {
  label: string;
  text: string;
  onChange: (text: string) => void;
  least?: number;
  most?: number;
  whole?: boolean;
}) {
  const wrong = troubleOf(text, least, most, whole);
  return (
    <span className="inline-flex flex-col align-top">
      <input
        aria-label={label}
        aria-invalid={wrong !== null}
        title={wrong ?? label}
        inputMode="decimal"
        className="mx-0.5 w-16 rounded border border-line bg-sheet px-1.5 py-px text-right font-semibold aria-invalid:border-broken"
        value={text}
        onChange={({ target }) => onChange(target.value)}
      />
      {wrong && (
        <span role="alert" className="max-w-40 text-[12px] leading-tight text-broken">
          {wrong}
        </span>
      )}
    </span>
  );
}

/** What is wrong with a number that was typed; null where nothing is. */
export function troubleOf(text: string, least: number, most: number, whole: boolean): string | null {
  const value = typedNumber(text);
  if (value === null) return 'A number belongs here.';
  if (whole && !Number.isInteger(value)) return 'A whole number belongs here.';
  return value < least || value > most ? `From ${least} to ${most}.` : null;
}

/** An example that is worked on the reader's numbers: what it asks, and what it comes to. */
export function Example({ title, children }: { title: string; children: ReactNode }) {
  return (
    <section className="border-t border-line py-4" aria-label={title}>
      <h2 className="mb-1 text-lg">{title}</h2>
      {children}
    </section>
  );
}

/** What numbers come to, said aloud when it changes. */
export function Comes({ children, testid }: { children: ReactNode; testid: string }) {
  return (
    <div
      aria-live="polite"
      data-testid={testid}
      className="mt-2 rounded border-l-4 border-agreed bg-sheet px-4 py-2"
    >
      {children}
    </div>
  );
}
