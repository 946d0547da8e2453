import { STITCH_PATTERNS, type Fabric } from '@upfell/core';
import { useStitches } from '../state/useStitches';
import { Button } from '../ui/Button';
import { ChartFigure } from './stitches/ChartFigure';

/** The common stitch patterns with charts of their rows, to pick one. */
export function StitchPatterns({ onPick }: { onPick: (fabric: Fabric) => void }) {
  return (
    <ul className="grid grid-cols-2 gap-2" data-testid="stitch-patterns">
      {STITCH_PATTERNS.map(({ fabric }) => (
        <li key={fabric.id}>
          <Button
            className="h-full w-full justify-start gap-3 whitespace-normal"
            onClick={() => onPick(fabric)}
          >
            <Sample fabric={fabric} />
            <span className="text-left leading-tight">{fabric.name}</span>
          </Button>
        </li>
      ))}
    </ul>
  );
}

/** A small chart of a fabric's own rows. */
function Sample({ fabric }: { fabric: Fabric }) {
  const { multiple } = fabric.rule.flat;
  const repeats = multiple === 1 ? 6 : multiple <= 3 ? 3 : multiple <= 6 ? 2 : 1;
  const { shown } = useStitches(fabric.rows!.join('\n'), { repeats, way: 'flat' });
  if (!shown?.found) return <span className="h-16 w-28 shrink-0" />;
  return <ChartFigure chart={shown.found.chart} label={`${fabric.name}, drawn`} small />;
}
