import { FRONTS, type FrontStyle } from '@upfell/core';
import { FabricChoice } from '../fabric/FabricChoice';
import { ChoiceField, NumberField } from '../ui/fields';
import { options } from './options';
import { part } from './style';
import { StyleLength } from './StyleLength';

const FRONT_WORDS = {
  closed: 'closed',
  gap: 'open, with a gap',
  overlap: 'open, overlapping',
  band: 'open, with bands',
};
const WIDTH_WORDS = { gap: 'Width of the gap', overlap: 'Overlap', band: 'Width of the band' };

/** How the front opens, and by how much. */
export function FrontFields({ front, ties = false }: { front: FrontStyle; ties?: boolean }) {
  return (
    <>
      <ChoiceField
        path="garment.front.style"
        label="Front"
        value={front.style}
        options={options(FRONTS, FRONT_WORDS)}
        put={(document, value) => void (part(document, 'front')['style'] = value)}
      />
      {front.style !== 'closed' && (
        <StyleLength
          path="garment.front.width"
          label={WIDTH_WORDS[front.style]}
          value={front.width}
          put={(document, value) => void (part(document, 'front')['width'] = value)}
        />
      )}
      {front.style !== 'closed' && ties && (
        <NumberField
          path="garment.front.ties"
          label="Pairs of ties, 0 for none"
          value={front.ties}
          put={(document, value) => void (part(document, 'front')['ties'] = value)}
        />
      )}
      {front.style !== 'closed' && ties && front.ties > 0 && (
        <StyleLength
          path="garment.front.tieLength"
          label="Length of a tie"
          value={front.tieLength}
          put={(document, value) => void (part(document, 'front')['tieLength'] = value)}
        />
      )}
      {front.style === 'band' && (
        <FabricChoice
          label="Fabric of the bands"
          value={front.fabric}
          put={(document, fabric) => void (part(document, 'front')['fabric'] = fabric)}
        />
      )}
    </>
  );
}
