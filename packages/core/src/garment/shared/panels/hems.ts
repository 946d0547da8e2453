import { perCm } from '../../../fabric/gauge.js';
import { draftBand } from '../bands.js';
import type { SizeInput } from '../../construction.js';
import type { BodyLengths } from './bodyLengths.js';
import { hemOf, hemTargets } from './sides.js';
import type { PanelStyle } from './style.js';

type DraftedHem = ReturnType<typeof draftBand>;

/** The hem ribs: of the back, or of back and front; and of each front where they open. */
export function draftHems(
  input: SizeInput<PanelStyle>,
  { fabric, open, width, front }: BodyLengths,
): { hem: DraftedHem | null; frontHem: DraftedHem | null } {
  const { style, size, fabrics } = input;
  if (!style.hem) return { hem: null, frontHem: null };
  const own = { style: style.hem, size: size.id, fabric: fabrics.get(style.hem.fabric)! };
  const stitches = perCm(fabric.gauge, 'stitches');
  const widths = hemTargets(input, front.length);
  return {
    hem: draftBand({
      ...own,
      id: 'hem',
      label: 'Hem rib',
      edge: {
        of: hemOf(style, 'back'),
        label: 'Panel at its lower edge',
        perCm: stitches,
        target: widths?.back ?? width.length,
      },
    }),
    frontHem: open
      ? draftBand({
          ...own,
          id: 'hem-front',
          label: 'Hem rib of a front',
          field: 'hem',
          edge: {
            of: hemOf(style, 'front'),
            label: 'Front, each at its lower edge',
            perCm: stitches,
            target: widths?.front ?? front.length,
          },
        })
      : null,
  };
}
