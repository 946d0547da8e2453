import { useEffect, useState } from 'react';
import type { PatternChart, Terms, Units } from '@upfell/core';
import { askSchematic } from '../state/planner';
import type { ScreenPlan } from '../worker/screen';

interface Props {
  /** Id of the section of the pattern: those of stitch patterns have charts. */
  section: string;
  size: string | null;
  units: Units;
  terms: Terms;
  plan: ScreenPlan | null;
}

/** The chart of the stitch pattern whose rows a section has; nothing in other sections. */
export function SectionChart({ section, ...of }: Props) {
  return section.startsWith('fabric-') ? <Chart section={section} {...of} /> : null;
}

function Chart({ section, size, units, terms, plan }: Props) {
  const [chart, setChart] = useState<PatternChart | null>(null);
  useEffect(() => {
    let stale = false;
    void askSchematic({ size, units, terms, width: 740 }).then(({ charts }) => {
      if (!stale) setChart(charts.find((one) => one.section === section) ?? null);
    });
    return () => {
      stale = true;
    };
  }, [section, size, units, terms, plan]);
  if (!chart) return null;
  return (
    <figure className="mt-2 max-w-full overflow-x-auto" data-testid="pattern-chart">
      {/* The core makes the drawing and escapes every name in it. */}
      <div dangerouslySetInnerHTML={{ __html: chart.svg }} />
      <figcaption className="text-[12.5px] text-soft">
        {chart.title}: read from the bottom, right-side rows from right to left
      </figcaption>
    </figure>
  );
}
