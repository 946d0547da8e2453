import { Check, X } from 'lucide-react';
import { useEffect, useState } from 'react';
import { useLocation, useNavigate } from 'react-router';
import { useShallow } from 'zustand/react/shallow';
import { useDesign } from '../state/designStore';
import { setGuide, useView } from '../state/view';
import { Button } from '../ui/Button';
import { GUIDE, type Seen } from './steps';

/** Walks along with a first design: says what to do next, sees that it was done, and goes when it is told to. */
export function Guide({ at }: { at: number }) {
  const { pathname: path } = useLocation();
  const navigate = useNavigate();
  const document = useDesign((state) => state.document);
  const id = useDesign((state) => state.id);
  const { size, selection } = useView(useShallow(({ size, selection }) => ({ size, selection })));
  const now: Seen = { path, document, size, selection };
  const step = GUIDE[at];
  const [before, setBefore] = useState<{ at: number; seen: Seen }>({ at, seen: now });
  // A step begins with what is there when it does; a design that is opened later is looked at from then on.
  if (before.at !== at || (before.seen.document === null && document !== null && at > 0))
    setBefore({ at, seen: now });
  const done = step !== undefined && before.at === at && step.done(now, before.seen);
  useEffect(() => {
    if (!done) return;
    const wait = setTimeout(() => setGuide(at + 1), 900);
    return () => clearTimeout(wait);
  }, [done, at]);
  const screen = path.split('/').at(-1);
  return (
    <section
      aria-label="Guide"
      data-testid="guide"
      className="no-print fixed bottom-4 left-4 z-30 w-[330px] max-w-[calc(100vw-2rem)] rounded border-2 border-ink bg-sheet p-4 shadow-xl"
    >
      <button
        type="button"
        className="absolute top-2 right-2 rounded p-1.5 hover:bg-tape"
        aria-label="Leave the guide"
        title="Leave the guide"
        onClick={() => setGuide(null)}
      >
        <X size={15} aria-hidden />
      </button>
      {step ? (
        <>
          <p className="text-[12.5px] text-soft">
            {at + 1} of {GUIDE.length}
          </p>
          <div aria-live="polite">
            <h2 className="flex items-center gap-2 text-[17px]">
              {step.title}
              {done && <Check size={16} className="text-agreed" aria-label="done" />}
            </h2>
            <p className="mt-1 text-[13.5px] leading-snug">{step.says}</p>
          </div>
          <div className="mt-3 flex gap-2">
            {id !== null && step.at !== 'new' && screen !== step.at && (
              <Button look="strong" onClick={() => void navigate(`/designs/${id}/${step.at}`)}>
                Take me there
              </Button>
            )}
            <Button onClick={() => setGuide(at + 1)}>
              {at === GUIDE.length - 1 ? 'Finish' : 'Pass over'}
            </Button>
          </div>
        </>
      ) : (
        <div aria-live="polite">
          <h2 className="text-[17px]">That is the whole way</h2>
          <p className="mt-1 text-[13.5px] leading-snug">
            From here everything can be changed, in any order. Ctrl+K finds anything by its name; ? lists the
            keys; the glossary and the page of arithmetic stand beside the shelf.
          </p>
          <Button look="strong" className="mt-3" onClick={() => setGuide(null)}>
            Good
          </Button>
        </div>
      )}
    </section>
  );
}
