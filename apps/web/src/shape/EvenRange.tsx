import { useDocument } from '../state/useSizePlan';
import { edit } from '../state/designStore';

const WORDS = [
  [0, 'each size is as near to its length as it can be'],
  [40, 'steps are gently evened'],
  [80, 'steps are clearly evened'],
  [101, 'steps are as even as the lengths allow'],
] as const;

/** How strongly the steps from size to size are made even. */
export function EvenRange() {
  const { range, graded, sizes } = useDocument();
  if (!graded || sizes.length < 2) return null;
  const even = range?.even ?? 0;
  const word = WORDS.find(([most]) => even <= most)![1];
  return (
    <>
      <h3 className="mt-3 font-sans font-semibold">Over the range</h3>
      <label className="grid grid-cols-[1fr_auto] items-center gap-x-3 py-0.5">
        Even steps
        <input
          type="range"
          data-path="range.even"
          className="w-32 accent-ink"
          min={0}
          max={100}
          step={10}
          value={even}
          aria-valuetext={word}
          onChange={(event) => {
            const wanted = Number(event.target.value);
            edit('range', (document) => void (document.range = { even: wanted }));
          }}
        />
      </label>
      <p className="text-[12.5px] text-soft">Counts never fall where lengths rise; {word}.</p>
    </>
  );
}
