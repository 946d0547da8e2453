import type { Design } from '@upfell/core';
import type { Selection } from '../state/view';

/** What a step of the guide looks at to see that it is done. */
export interface Seen {
  path: string;
  document: Design | null;
  size: string | null;
  selection: Selection;
}

/** One step of the guided first design: something that is really done, where it is done, and how it is seen to be. */
export interface GuideStep {
  title: string;
  says: string;
  /** Which screen it is done on: the last part of its address. */
  at: string;
  /** Whether it was done, from what is seen now and what was when the step began. */
  done: (now: Seen, before: Seen) => boolean;
}

const screenOf = ({ path }: Seen) => path.split('/').at(-1)!;

/** The steps in their order; each can be passed over, and the guide left at any time. */
export const GUIDE: readonly GuideStep[] = [
  {
    title: 'Choose what to make',
    says: 'The raglan is chosen already. Try a V neck or short sleeves and see the drawing follow; then press Begin.',
    at: 'new',
    done: (now) => now.path.startsWith('/designs/'),
  },
  {
    title: 'Move the hem',
    says: 'This is the garment on the middle size. Under “On the body”, drag the dot at the hem, or go to it with Tab and press the arrow keys. Every stitch count follows.',
    at: 'shape',
    done: (now, before) =>
      before.document !== null &&
      now.document?.garment['belowWaist'] !== before.document.garment['belowWaist'],
  },
  {
    title: 'Look at another size',
    says: 'Choose another flag on the tape above, or press ] once. Each size is counted for its own body, and sizes never fall where bodies rise.',
    at: 'shape',
    done: (now, before) => now.size !== null && now.size !== before.size,
  },
  {
    title: 'See the pieces meet',
    says: 'Open the step Table. Pieces lie as they are joined; each seam carries both counts. Click one of the labels on a seam.',
    at: 'table',
    done: (now) => now.selection !== null,
  },
  {
    title: 'Ask why',
    says: 'At the right stands what was chosen, with its reasons. In the list of counts choose any: its reasons lead back to the body, the gauge and the rule, and the ladder shows what its neighbours would measure.',
    at: 'table',
    done: (now) => now.selection?.kind === 'quantity',
  },
  {
    title: 'Put your swatch in',
    says: 'Open the step Fabric and change the stitches that were counted. All sizes are counted anew at once; Undo brings the old ones back.',
    at: 'fabric',
    done: (now, before) =>
      before.document !== null &&
      JSON.stringify(now.document?.fabrics[0]?.gauge) !== JSON.stringify(before.document.fabrics[0]?.gauge),
  },
  {
    title: 'Read the pattern',
    says: 'Open the step Pattern. It is written from the same rows that were worked, for all sizes, and the line above it says that it was read back and worked through.',
    at: 'pattern',
    done: (now) => screenOf(now) === 'pattern',
  },
];
