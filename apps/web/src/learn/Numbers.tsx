import { useState, type ReactNode } from 'react';
import { typedNumber } from '../ui/numbers';

/** A number that a reader puts in: what it is, what stands there at first, and what it may be. */
export interface Asked {
  label: string;
  first: string;
  least: number;
  most: number;
  whole?: true;
}

/** Numbers of the reader's own, as they are typed. */
export function useNumbers<K extends string>(asked: Readonly<Record<K, Asked>>) {
  const keys = Object.keys(asked) as K[];
  const [texts, setTexts] = useState(
    () => Object.fromEntries(keys.map((key) => [key, asked[key].first])) as Record<K, string>,
  );
  return {
    value: (key: K) => typedNumber(texts[key]) ?? NaN,
    /** Whether all of them can be worked with. */
    fit: keys.every((key) => troubleOf(texts[key], asked[key]) === null),
    field: (key: K) => (
      <NumberInText
        asked={asked[key]}
        text={texts[key]}
        onChange={(text) => setTexts((now) => ({ ...now, [key]: text }))}
      />
    ),
  };
}

/** A number in the middle of a sentence, with what is wrong with it below. */
function NumberInText({
  asked,
  text,
  onChange,
}: {
  asked: Asked;
  text: string;
  onChange: (text: string) => void;
}) {
  const wrong = troubleOf(text, asked);
  return (
    <span className="inline-flex flex-col align-top">
      <input
        aria-label={asked.label}
        aria-invalid={wrong !== null}
        title={wrong ?? asked.label}
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
function troubleOf(text: string, { least, most, whole }: Asked): string | null {
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
