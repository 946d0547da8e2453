import { perCm, ruleInWords, type Fabric, type LibraryFabric } from '@upfell/core';
import { toast } from 'sonner';
import { fabrics } from '../api/library';
import { LibraryPage } from '../library/LibraryPage';
import { StitchPatterns } from './StitchPatterns';

function inWords(fabric: LibraryFabric): string {
  const per = (axis: 'stitches' | 'rows') => Number((perCm(fabric.gauge, axis) * 10).toFixed(1));
  return [
    ...(fabric.yarn ? [fabric.yarn] : []),
    `${fabric.hook} mm`,
    `${per('stitches')} stitches and ${per('rows')} rows in 10 cm${fabric.estimated ? ' (a usual figure)' : ''}`,
    ruleInWords(fabric.rule.flat),
  ].join(' · ');
}

/** The library of fabrics: one's own, and the common stitch patterns to begin from. */
export function FabricsPage() {
  return (
    <LibraryPage
      kind={fabrics}
      one="fabric"
      many="fabrics"
      empty="No fabrics of your own yet. Keep one from a design’s Fabric step, or begin from a stitch pattern below."
      describe={inWords}
      tools={(load) => <Patterns onKept={load} />}
    />
  );
}

/** Stitch patterns that come with the program, to be kept as fabrics and edited in a design. */
function Patterns({ onKept }: { onKept: () => void }) {
  const keep = (fabric: Fabric) => {
    fabrics.create({ format: 'upfell/fabric', version: 1, ...fabric }).then(
      () => {
        toast(`“${fabric.name}” is in the library.`);
        onKept();
      },
      (error: Error) => toast.error(error.message),
    );
  };
  return (
    <details className="relative">
      <summary className="rounded border border-line bg-sheet px-2.5 py-1 hover:bg-tape">
        Begin from a stitch pattern
      </summary>
      <div className="absolute right-0 z-20 mt-1 max-h-[70vh] w-[34rem] overflow-y-auto rounded border border-line bg-sheet p-3 shadow-lg">
        <StitchPatterns onPick={keep} />
      </div>
    </details>
  );
}
