import { PencilLine, Plus } from 'lucide-react';
import { useState } from 'react';
import type { OwnSentence } from '@upfell/core';
import { edit, useDesign } from '../state/designStore';
import { Button } from '../ui/Button';

const EDITOR = 'h-20 w-full rounded border border-line bg-sheet px-2 py-1 italic';
/** Longest paragraph that a design may hold, in characters. */
const LONGEST = 4000;

/** A sentence of the author where it will be printed. */
export function OwnWords({
  sentence: { text, at, astray },
  heading,
  onEdit,
}: {
  sentence: OwnSentence;
  heading: string;
  onEdit: (at: number) => void;
}) {
  return (
    <p className="mb-0.5 whitespace-pre-line italic">
      {text}{' '}
      {astray && (
        <span className="no-print text-[12.5px] text-eased not-italic">
          (the line that it stood after is gone)
        </span>
      )}{' '}
      {at !== null && (
        <Button
          look="quiet"
          className="no-print text-[12.5px] text-soft not-italic"
          onClick={() => onEdit(at)}
          aria-label={`Change your own words in ${heading}`}
        >
          <PencilLine size={13} aria-hidden />
        </Button>
      )}
    </p>
  );
}

/**
 * Edits a sentence of the author at the end of its section, where it stays while it is given another line.
 */
export function WordsEditor({
  sentence: { text, line },
  at,
  heading,
  lines,
  onDone,
}: {
  sentence: OwnSentence;
  /** Its place in the list of the design's sentences. */
  at: number;
  heading: string;
  /** The lines of the section: how each begins, and what it says without its figures, by which the sentence finds it again. */
  lines: readonly { start: string; meaning: string }[];
  onDone: () => void;
}) {
  const path = `words.sentences[${at}]`;
  const done = () => {
    onDone();
    edit('words.sentences', (document) => {
      const sentences = document.words?.sentences;
      if (sentences?.[at]?.text.trim() === '') sentences.splice(at, 1);
    });
  };
  return (
    <div
      className="no-print my-1"
      onBlur={({ currentTarget }) =>
        // Where the focus goes to is known only after it has left.
        setTimeout(() => !currentTarget.contains(document.activeElement) && done())
      }
      onKeyDown={(event) => event.key === 'Escape' && done()}
    >
      <textarea
        autoFocus
        aria-label={`Your own words in ${heading}`}
        className={EDITOR}
        value={text}
        maxLength={LONGEST}
        onChange={(event) =>
          edit(path, (document) => void (document.words!.sentences![at]!.text = event.target.value))
        }
      />
      <label className="flex items-center gap-2 text-[13px] text-soft">
        They stand
        <select
          className="max-w-96 rounded border border-line bg-sheet px-1.5 py-0.5 text-ink"
          value={line ?? 'end'}
          onChange={(event) =>
            edit(path, (document) => {
              const own = document.words!.sentences![at]!;
              delete own.line;
              delete own.after;
              if (event.target.value === 'end') return;
              own.line = Number(event.target.value);
              if (own.line > 0) own.after = lines[own.line - 1]!.meaning;
            })
          }
        >
          <option value="end">at the end</option>
          <option value={0}>at the beginning</option>
          {lines.slice(0, -1).map(({ start }, i) => (
            <option key={i} value={i + 1}>
              after “{start} …”
            </option>
          ))}
        </select>
      </label>
    </div>
  );
}

/** Adds a sentence of the author to a section. */
export function AddWords({
  section,
  heading,
  onEdit,
}: {
  section: string;
  heading: string;
  onEdit: (at: number) => void;
}) {
  return (
    <Button
      look="quiet"
      className="no-print -ml-2 text-[12.5px] text-soft"
      aria-label={`Add your own words to ${heading}`}
      onClick={() => {
        const at = useDesign.getState().document?.words?.sentences?.length ?? 0;
        edit('words.sentences', (document) => {
          const words = (document.words ??= {});
          words.sentences = [...(words.sentences ?? []), { section, text: '' }];
        });
        onEdit(at);
      }}
    >
      <Plus size={13} aria-hidden /> your own words
    </Button>
  );
}

/** The introduction, or how the garment is cared for: one text of the design each. */
export function WordsField({ field, label }: { field: 'intro' | 'care'; label: string }) {
  const text = useDesign(({ document }) => document?.words?.[field] ?? '');
  const [editing, setEditing] = useState(false);
  if (!editing)
    return (
      <Button
        look="quiet"
        className="no-print -ml-2 text-[12.5px] text-soft"
        onClick={() => setEditing(true)}
        aria-label={`${text === '' ? 'Write' : 'Change'} ${label}`}
      >
        <PencilLine size={13} aria-hidden /> {label}
      </Button>
    );
  return (
    <textarea
      autoFocus
      aria-label={label}
      className={`no-print my-1 ${EDITOR}`}
      value={text}
      maxLength={LONGEST}
      onChange={(event) =>
        edit(`words.${field}`, (document) => {
          const words = (document.words ??= {});
          if (event.target.value === '') delete words[field];
          else words[field] = event.target.value;
        })
      }
      onBlur={() => setEditing(false)}
      onKeyDown={(event) => event.key === 'Escape' && setEditing(false)}
    />
  );
}
