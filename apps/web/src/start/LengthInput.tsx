import { useState } from 'react';
import { parseLength } from '@upfell/core';

/** A length that may be left out, cm or as it is typed. */
export function LengthInput({
  label,
  cm,
  onChange,
}: {
  label: string;
  cm: number | undefined;
  onChange: (cm: number | undefined) => void;
}) {
  const [text, setText] = useState(cm === undefined ? '' : String(cm));
  const parsed = text.trim() === '' ? null : parseLength(text, 'cm');
  const wrong = parsed !== null && !parsed.ok ? parsed.message : null;
  return (
    <label className="flex items-center gap-1.5 text-[13px]">
      {label}
      <input
        className="w-20 rounded border border-line bg-sheet px-2 py-1 text-right aria-invalid:border-broken"
        value={text}
        inputMode="decimal"
        placeholder="cm"
        aria-invalid={wrong !== null}
        title={wrong ?? undefined}
        onChange={({ target }) => {
          setText(target.value);
          const next = target.value.trim() === '' ? null : parseLength(target.value, 'cm');
          onChange(next?.ok ? next.cm : undefined);
        }}
      />
      {wrong && (
        <span role="alert" className="text-broken">
          {wrong}
        </span>
      )}
    </label>
  );
}
