import { useId, useRef, type ReactNode } from 'react';
import { keepDraft, useDesign } from '../state/designStore';

interface Props {
  /** Path of the field in the document, as problems name it. */
  path: string;
  label: string;
  /** The text that the document's value reads as. */
  shown: string;
  /** Takes what was typed: null when it was taken, else a sentence. */
  take: (text: string) => string | null;
  unit?: ReactNode;
  hint?: ReactNode;
  placeholder?: string;
  /** The label stands over the field instead of beside it. */
  stacked?: boolean;
  wide?: boolean;
  /** A length, which a tape may fill in. */
  length?: boolean;
  /** The label is said to screen readers only, where a table's heading shows it. */
  hiddenLabel?: boolean;
}

/**
 * A text field of the design. Every key press is taken at once; what is no good stays in the field with its sentence,
 * even when the person looks at another step meanwhile.
 */
export function Field({
  path,
  label,
  shown,
  take,
  unit,
  hint,
  placeholder,
  stacked,
  wide,
  length,
  hiddenLabel,
}: Props) {
  const id = useId();
  const draft = useDesign(({ drafts }) => drafts[path]);
  const before = useRef(shown);
  const typed = (text: string) => {
    const message = take(text);
    // What was good on the way to an unfit text ("9" of "99999") is not what was meant.
    if (message !== null && before.current !== shown) take(before.current);
    // A space at the end stays: "16 " is on its way to "16 1/2".
    keepDraft(path, message === null ? (text === shown ? null : { text, message: '' }) : { text, message });
  };
  const trouble = draft && draft.message !== '' ? draft.message : null;
  return (
    <div className={stacked ? '' : 'py-0.5'}>
      <div
        className={
          hiddenLabel ? '' : stacked ? 'grid gap-0.5' : 'grid grid-cols-[1fr_auto] items-center gap-x-3'
        }
      >
        <label htmlFor={id} className={hiddenLabel ? 'sr-only' : stacked ? 'text-[13px] text-soft' : ''}>
          {label}
        </label>
        <span className="inline-flex items-center gap-1">
          <input
            id={id}
            data-path={path}
            data-kind={length ? 'length' : undefined}
            className={`${wide ? 'w-full' : 'w-[5.2rem] text-right'} rounded border bg-sheet px-2 py-0.5 placeholder:text-soft ${trouble ? 'border-broken' : 'border-line'}`}
            value={draft?.text ?? shown}
            placeholder={placeholder}
            autoComplete="off"
            spellCheck={false}
            aria-invalid={trouble !== null}
            aria-describedby={trouble || hint ? `${id}-more` : undefined}
            onChange={(event) => typed(event.target.value)}
            onFocus={() => (before.current = shown)}
            onBlur={() => draft?.message === '' && keepDraft(path, null)}
            onKeyDown={(event) => event.key === 'Escape' && keepDraft(path, null)}
          />
          {unit !== undefined && <span className="w-7 text-[13px] text-soft">{unit}</span>}
        </span>
      </div>
      {(trouble || hint) && (
        <p
          id={`${id}-more`}
          className={`text-[12.5px] leading-snug ${trouble ? 'text-broken' : 'text-soft'}`}
          role={trouble ? 'alert' : undefined}
        >
          {trouble ?? hint}
        </p>
      )}
    </div>
  );
}
