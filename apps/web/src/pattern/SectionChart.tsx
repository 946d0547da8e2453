import { useEffect, useState } from 'react';
import type { PatternChart, Terms, Units } from '@upfell/core';
import { askSchematic } from '../state/planner';
import type { ScreenPlan } from '../worker/screen';

interface Props {
  /** Id of the section of the pattern: those of stitch patterns, motifs and sheets have charts. */
  section: string;
  size: string | null;
  units: Units;
  terms: Terms;
  plan: ScreenPlan | null;
}

/** The charts of what a section has: a stitch pattern, a motif, the map of each size; nothing in other sections. */
export function SectionChart({ section, ...of }: Props) {
  const passage = of.plan?.sizes.flatMap(({ pieces }) => pieces).find(({ id }) => id === section)
    ?.passages[0];
  const charted =
    section.startsWith('fabric-') || passage?.kind === 'from the centre' || passage?.kind === 'sheet';
  return charted ? <Charts section={section} {...of} /> : null;
}

function Charts({ section, size, units, terms, plan }: Props) {
  const [charts, setCharts] = useState<readonly PatternChart[]>([]);
  useEffect(() => {
    let stale = false;
    void askSchematic({ size, units, terms, width: 740 }).then(({ charts: all }) => {
      if (!stale) setCharts(all.filter((one) => one.section === section));
    });
    return () => {
      stale = true;
    };
  }, [section, size, units, terms, plan]);
  if (charts.length === 0) return null;
  return (
    <div className="flex flex-wrap items-start gap-x-8">
      {charts.map(({ svg, title, reading }) => (
        <figure key={title} className="mt-2 max-w-full overflow-x-auto" data-testid="pattern-chart">
          {/* The core makes the drawing and escapes every name in it. */}
          <div className="on-white" dangerouslySetInnerHTML={{ __html: svg }} />
          <figcaption className="text-[12.5px] text-soft">
            {title}: {reading}
          </figcaption>
        </figure>
      ))}
    </div>
  );
}
