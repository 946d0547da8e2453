import { Copy, ListChecks, PenLine, Printer } from 'lucide-react';
import { useEffect, useMemo, useRef, useState } from 'react';
import { useShallow } from 'zustand/react/shallow';
import { toast } from 'sonner';
import { flowOf, isOwn, lineToText, meaningOf, pattern, patternToText, type Design } from '@upfell/core';
import { useDesign } from '../state/designStore';
import { useChosenSize, useOld } from '../state/useSizePlan';
import { usePlan } from '../state/planner';
import { loadStudio, useStudio } from '../state/studio';
import { useTerms } from '../state/useTerms';
import { Button } from '../ui/Button';
import { Switch } from '../ui/Switch';
import { PatternLine } from './PatternLine';
import { ExportMenu } from './ExportMenu';
import { garmentFigure } from './picture';
import { AddWords, OwnWords, WordsEditor, WordsField } from './OwnWords';
import { PhotoFigure } from './PhotoFigure';
import { StyleDialog } from './StyleDialog';
import { usePhoto } from './usePhoto';
import { useRowOfPattern } from './useRowOfPattern';
import { PasteDialog } from './PasteDialog';
import { ProofLine } from './ProofLine';
import { SchematicFigure } from './SchematicFigure';
import { SectionChart } from './SectionChart';

/** The pattern as it will be published: all sizes in brackets with the chosen one lit, or the chosen one alone. */
export function PatternView() {
  const { plan, document } = usePlan(useShallow(({ plan, document }) => ({ plan, document })));
  const terms = useTerms();
  const { size } = useChosenSize();
  const old = useOld();
  const [which, setWhich] = useState<'all' | 'one'>('all');
  const [chosenLengths, setLengths] = useState<'one' | 'both' | null>(null);
  const [checking, setChecking] = useState(false);
  const [editing, setEditing] = useState<number | null>(null);
  // The author's words wait for no plan.
  const words = useDesign(({ document: newest }) => newest?.words);
  const style = useStudio((state) => state.style);
  const photo = usePhoto(useDesign(({ id }) => id));
  const usualLengths = (words?.style?.lengths ?? style?.lengths) === 'both units' ? 'both' : 'one';
  const lengths = chosenLengths ?? usualLengths;
  const [styling, setStyling] = useState(false);
  useEffect(() => void loadStudio(), []);
  const article = useRef<HTMLElement>(null);
  const planned = plan?.sizes.some(({ id, pieces }) => id === size.id && pieces.length > 0) ?? false;
  const text = useMemo(
    () =>
      plan && document && style && (which === 'all' || planned)
        ? pattern(plan, withWords(document, words), {
            terms,
            units: lengths === 'both' ? 'both' : document.units,
            style,
            ...(which === 'one' ? { size: size.id } : {}),
          })
        : null,
    [plan, document, words, style, terms, which, lengths, size.id, planned],
  );
  const figure = useMemo(
    () => plan && garmentFigure(plan, which === 'one' ? size.id : null),
    [plan, which, size.id],
  );
  useRowOfPattern(article, text !== null);
  if (!text || !document)
    return (
      <p className="p-8 text-soft">
        {plan ? 'This size has no pieces yet, so there is nothing to write.' : 'Writing the pattern …'}
      </p>
    );
  const lit = text.sizeIds.indexOf(size.id);
  const copy = async () => {
    try {
      await navigator.clipboard.writeText(patternToText(text));
      toast('The pattern is on the clipboard.');
    } catch {
      toast.error('The browser does not let the pattern be copied; download it instead.');
    }
  };
  return (
    <div className="print-flow flex min-h-0 grow flex-col">
      <div className="no-print flex flex-wrap items-center gap-x-3 gap-y-1.5 border-b border-line bg-paper px-6 py-2">
        <Switch
          label="Sizes written"
          value={which}
          options={[
            { value: 'all', label: 'All sizes' },
            { value: 'one', label: `${size.label} alone` },
          ]}
          onChange={setWhich}
        />
        <Switch
          label="Lengths"
          value={lengths}
          options={[
            { value: 'one', label: document.units },
            { value: 'both', label: 'cm and in' },
          ]}
          onChange={setLengths}
        />
        <ProofLine />
        <span className="ml-auto flex flex-wrap gap-2">
          <Button onClick={() => setChecking(true)}>
            <ListChecks size={14} aria-hidden /> Check rows
          </Button>
          <Button onClick={() => void copy()}>
            <Copy size={14} aria-hidden /> Copy
          </Button>
          <Button onClick={() => setStyling(true)}>
            <PenLine size={14} aria-hidden /> Style
          </Button>
          <ExportMenu
            plan={plan!}
            photo={photo.photo}
            text={text}
            document={document}
            terms={terms}
            size={which === 'one' ? size.id : null}
          />
          <Button onClick={() => window.print()}>
            <Printer size={14} aria-hidden /> Print
          </Button>
        </span>
      </div>
      <article
        className={`print-flow min-h-0 grow overflow-y-auto px-10 py-6 max-sm:px-4 ${old ? 'opacity-55' : ''}`}
        ref={article}
        data-testid="pattern"
        tabIndex={0}
        aria-label="Pattern"
      >
        <div className="max-w-[46rem]">
          <PhotoFigure {...photo} figure={figure} />
          <h2 className="mb-4 text-2xl">{text.title}</h2>
          {text.sections.map((section) => (
            <section key={section.id} data-section={section.id} className="mb-5 break-inside-avoid-page">
              {section.id === 'materials' && (
                <SchematicFigure size={which === 'one' ? size.id : null} units={document.units} plan={plan} />
              )}
              <h3 className="mb-1 text-lg">{section.heading}</h3>
              {flowOf(section).map((part, i) =>
                isOwn(part) ? (
                  part.at !== null && part.at === editing ? null : (
                    <OwnWords
                      key={`own${part.at}`}
                      sentence={part}
                      heading={section.heading}
                      onEdit={setEditing}
                    />
                  )
                ) : (
                  <PatternLine
                    key={i}
                    line={part}
                    text={text}
                    lit={lit}
                    drawing={section.drawings?.find(({ line }) => section.lines[line] === part)}
                  />
                ),
              )}
              <SectionChart
                section={section.id}
                size={which === 'one' ? size.id : null}
                units={document.units}
                terms={terms}
                plan={plan}
              />
              {section.own?.map(
                (sentence) =>
                  sentence.at !== null &&
                  sentence.at === editing && (
                    <WordsEditor
                      key={sentence.at}
                      sentence={sentence}
                      at={sentence.at}
                      heading={section.heading}
                      lines={section.lines.map((line) => ({
                        start: lineToText(line, text.sizes, text.style).slice(0, 40),
                        meaning: meaningOf(line),
                      }))}
                      onDone={() => setEditing(null)}
                    />
                  ),
              )}
              {section.id === 'care' ? (
                <WordsField field="care" label="the care of the garment" />
              ) : section.id === 'intro' ? (
                <WordsField field="intro" label="the introduction" />
              ) : (
                <AddWords section={section.id} heading={section.heading} onEdit={setEditing} />
              )}
            </section>
          ))}
        </div>
      </article>
      {styling && <StyleDialog onClose={() => setStyling(false)} />}
      {checking && <PasteDialog onClose={() => setChecking(false)} />}
    </div>
  );
}

/** A design with the author's newest words. */
function withWords({ words: _, ...design }: Design, words: Design['words']): Design {
  return words ? { ...design, words } : design;
}
