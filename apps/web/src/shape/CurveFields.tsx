import type { ArmholeCurve } from '@upfell/core';
import { part } from './style';
import { StyleEase } from './StyleLength';

/** How far a curved armhole goes in, and how high. */
export function CurveFields({ curve }: { curve: ArmholeCurve }) {
  return (
    <>
      <StyleEase
        path="garment.armhole.across"
        label="Ease across the shoulders"
        value={curve.across}
        put={(document, value) => void (part(document, 'armhole')['across'] = value)}
      />
      <StyleEase
        path="garment.armhole.depth"
        label="Height of the armhole’s curve"
        value={curve.depth}
        put={(document, value) => void (part(document, 'armhole')['depth'] = value)}
      />
    </>
  );
}
