import { PencilLine } from 'lucide-react';
import { useState } from 'react';
import type { Draft } from 'immer';
import type { Design } from '@upfell/core';
import { edit, useDesign } from '../state/designStore';
import { Button } from '../ui/Button';

/** The author's words for one section, in one text: they are kept apart from what is written anew with every edit. */
function put(document: Draft<Design>, section: string, text: string): void {
  const words = (document.words ??= {});
  if (section === 'care' || section === 'intro') {
    if (text.trim() === '') delete words[section];
    else words[section] = text;
    return;
  }
  const others = (words.sentences ?? []).filter((one) => one.section !== section);
  if (text.trim() === '') words.sentences = others;
  else words.sentences = [...others, { section, text }];
}

/** What the author has put in for a section. */
function wordsOf(document: Design | null, section: string): string {
  const words = document?.words;
  if (section === 'care' || section === 'intro') return words?.[section] ?? '';
  return words?.sentences?.find((one) => one.section === section)?.text ?? '';
}

/** Sentences of the author at the end of a section: shown as they will be printed, edited in place. */
export function OwnWords({ section, heading }: { section: string; heading: string }) {
  const text = useDesign(({ document }) => wordsOf(document, section));
  const [editing, setEditing] = useState(false);
  if (editing)
    return (
      <textarea
        autoFocus
        aria-label={`Your own sentences for ${heading}`}
        className="no-print mt-1 h-20 w-full rounded border border-line bg-sheet px-2 py-1 italic"
        value={text}
        maxLength={4000}
        onChange={(event) =>
          edit(`words.sentences.${section}`, (document) => put(document, section, event.target.value))
        }
        onBlur={() => setEditing(false)}
        onKeyDown={(event) => event.key === 'Escape' && setEditing(false)}
      />
    );
  return (
    <>
      {/* The care of the garment is a line of the pattern itself. */}
      {text !== '' && section !== 'care' && <p className="mb-0.5 whitespace-pre-line italic">{text}</p>}
      <Button
        look="quiet"
        className="no-print -ml-2 text-[12.5px] text-soft"
        onClick={() => setEditing(true)}
        aria-label={text === '' ? `Add your own words to ${heading}` : `Change your own words in ${heading}`}
      >
        <PencilLine size={13} aria-hidden /> {text === '' ? 'your own words' : 'change'}
      </Button>
    </>
  );
}
