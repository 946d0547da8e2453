import { STITCH_PATTERNS, type Fabric } from '@upfell/core';
import { Button } from '../ui/Button';
import { StitchSample } from './StitchSample';

/** The common stitch patterns with their drawn samples, to pick one. */
export function StitchPatterns({ onPick }: { onPick: (fabric: Fabric) => void }) {
  return (
    <ul className="grid grid-cols-2 gap-2" data-testid="stitch-patterns">
      {STITCH_PATTERNS.map(({ fabric, sample }) => (
        <li key={fabric.id}>
          <Button
            className="h-full w-full justify-start gap-3 whitespace-normal"
            onClick={() => onPick(fabric)}
          >
            <StitchSample sample={sample} label={fabric.name} />
            <span className="text-left leading-tight">{fabric.name}</span>
          </Button>
        </li>
      ))}
    </ul>
  );
}
