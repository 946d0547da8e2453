import type { HalvesStyle } from '@upfell/core';
import { FabricChoice } from '../fabric/FabricChoice';
import { part } from './style';
import { StyleLength } from './StyleLength';

/** The band between two halves at the centre back. */
export function CentreFields({ centre }: { centre: HalvesStyle['centre'] }) {
  return (
    <>
      <StyleLength
        path="garment.centre.width"
        label="Band at the back, about"
        value={centre.width}
        put={(document, value) => void (part(document, 'centre')['width'] = value)}
      />
      <FabricChoice
        label="Fabric of that band"
        value={centre.fabric}
        put={(document, fabric) => void (part(document, 'centre')['fabric'] = fabric)}
      />
    </>
  );
}
