import type { PieceProgram, SizeInput } from '../../construction.js';
import type { GarmentCounts, PanelId } from '../../counts.js';
import { isPlain, neckIsOpen, type PanelStyle } from '../../shared/panels/style.js';
import { OTHER, type Side } from '../../../joins/roles.js';
import { halfBelow, openRows, wholeBelow } from './neck.js';
import { sidewaysPanel, type PanelPlan, type StepEdge, type Stretch } from './panel.js';

type Input = SizeInput<PanelStyle>;

/** Edges of one armhole and of the side below it, on one of the wearer's sides. */
function sideOf({ style }: Input, counts: GarmentCounts, piece: PanelId, label: string, side: Side) {
  const plain = isPlain(style);
  const [height, armhole] = [counts.of('side.length'), counts.of('armhole.depth')];
  const notch = counts.find('notch.width') ?? 0;
  const seam: StepEdge = {
    id: `${piece}.side-${side}`,
    role: 'side',
    side,
    label: `${label}, ${side} side`,
    called: 'side',
  };
  const edge: StepEdge = {
    id: `${piece}.armhole-${side}`,
    role: 'armhole',
    side,
    label: `${label}, ${side} armhole`,
    called: 'armhole',
    open: plain,
  };
  return {
    /** Along the first or last row, from the hem up. */
    ends: [{ edge: seam, count: height }, ...(notch === 0 ? [{ edge, count: armhole }] : [])],
    stretch: {
      edge: {
        id: `${piece}.notch-${side}`,
        role: 'underarm' as const,
        side,
        label: `${label}, ${side} step of the armhole`,
        open: plain,
      },
      below: new Array<number>(notch).fill(armhole),
    },
    step: edge,
    notch,
  };
}

/** The back, or a closed front; rows run from the wearer's `from` side to the other. */
export function wholePanel(input: Input, counts: GarmentCounts, piece: PanelId): PieceProgram {
  const { style, fabrics } = input;
  const label = piece === 'back' ? 'Back' : 'Front';
  const unit = fabrics.get(style.fabric)!.rule.flat.multiple;
  // Seen from outside rows go on to the left: the back begins at the wearer's right, the front at the left.
  const from: Side = piece === 'back' ? 'right' : 'left';
  const [first, last] = [from, OTHER[from]].map((side) => sideOf(input, counts, piece, label, side));
  const below =
    piece === 'back' ? new Array<number>(counts.of('neck.width')).fill(0) : wholeBelow(style, counts, unit);
  const neckStep = (which: 'first' | 'last'): StepEdge | null =>
    below[0]! > 0
      ? {
          id: `${piece}.neck-${which}`,
          role: 'neck' as const,
          label: `${label} neck, ${which} step`,
          called: 'neck edge',
          open: neckIsOpen(style),
        }
      : null;
  const shoulder = (side: Side): Stretch => ({
    edge: {
      id: `${piece}.shoulder-${side}`,
      role: 'shoulder' as const,
      side,
      label: `${label}, ${side} shoulder`,
    },
    below: new Array<number>(counts.of('shoulder.width')).fill(0),
  });
  const notched = first!.notch > 0;
  return sidewaysPanel({
    role: piece,
    shows: [[`${piece}.width`], ['body.length']],
    ...common(counts, piece, label, `${piece}.hem`, !style.hem),
    fabric: fabrics.get(style.fabric)!,
    stretches: [
      ...(notched ? [first!.stretch] : []),
      shoulder(from),
      {
        edge: { id: `${piece}.neck`, role: 'neck' as const, label: `${label} neck`, open: neckIsOpen(style) },
        below,
        called: 'neck edge',
      },
      shoulder(OTHER[from]),
      ...(notched ? [last!.stretch] : []),
    ],
    steps: [
      ...(notched ? [first!.step] : []),
      neckStep('first'),
      neckStep('last'),
      ...(notched ? [last!.step] : []),
    ],
    first: first!.ends,
    last: last!.ends,
    rows: [`${piece}.width`],
    expects: [
      { quantity: `${piece}.width`, edges: [`${piece}.hem`] },
      { quantity: 'neck.width', edges: [`${piece}.neck`] },
      ...expectsOf(piece, 'left', notched),
      ...expectsOf(piece, 'right', notched),
    ],
  });
}

/** One of two open fronts: the left from the side to the centre, the right from the centre to the side. */
export function openFront(input: Input, counts: GarmentCounts, side: Side): PieceProgram {
  const { style, fabrics } = input;
  const label = side === 'left' ? 'Left front' : 'Right front';
  const at = sideOf(input, counts, 'front', label, side);
  const drop = counts.of('neck.drop');
  const unit = fabrics.get(style.fabric)!.rule.flat.multiple;
  const below = halfBelow(style, { rows: openRows(counts), drop, unit });
  const notched = at.notch > 0;
  const step: StepEdge | null =
    below[0]! > 0
      ? {
          id: `front.neck-step-${side}`,
          role: 'neck' as const,
          side,
          label: `${label}, step of the neck`,
          called: 'neck edge',
          open: neckIsOpen(style),
        }
      : null;
  const stretches: Stretch[] = [
    ...(notched ? [at.stretch] : []),
    {
      edge: { id: `front.shoulder-${side}`, role: 'shoulder' as const, side, label: `${label}, shoulder` },
      below: new Array<number>(counts.of('shoulder.width')).fill(0),
    },
    {
      edge: {
        id: `front.neck-${side}`,
        role: 'neck' as const,
        side,
        label: `${label}, neck`,
        open: neckIsOpen(style),
      },
      below,
      called: 'neck edge',
    },
  ];
  const steps = [...(notched ? [at.step] : []), step];
  const centre = [
    {
      edge: {
        id: `front.edge-${side}`,
        role: 'front edge' as const,
        side,
        label: `${label}, front edge`,
        called: 'front edge',
        open: style.front.style !== 'band',
      },
      count: counts.of('body.length') - drop,
    },
  ];
  const outwards = side === 'right';
  return sidewaysPanel({
    role: 'open front',
    shows: [['front.width'], ['body.length']],
    side,
    ...common(counts, `front-${side}`, label, `front.hem-${side}`, !style.hem),
    fabric: fabrics.get(style.fabric)!,
    stretches: outwards
      ? [...stretches].reverse().map((one) => ({ ...one, below: [...one.below].reverse() }))
      : stretches,
    steps: outwards ? [...steps].reverse() : steps,
    first: outwards ? centre : at.ends,
    last: outwards ? at.ends : centre,
    rows: ['front.width'],
    expects: [
      { quantity: 'front.width', edges: [`front.hem-${side}`] },
      ...expectsOf('front', side, notched),
    ],
  });
}

function expectsOf(piece: string, side: Side, notched: boolean): PieceProgram['expects'] {
  return [
    { quantity: 'side.length', edges: [`${piece}.side-${side}`] },
    { quantity: 'armhole.depth', edges: [`${piece}.armhole-${side}`] },
    { quantity: 'shoulder.width', edges: [`${piece}.shoulder-${side}`] },
    ...(notched ? [{ quantity: 'notch.width' as const, edges: [`${piece}.notch-${side}`] }] : []),
  ];
}

function common(
  counts: GarmentCounts,
  id: string,
  label: string,
  hem: string,
  open: boolean,
): Pick<PanelPlan, 'id' | 'label' | 'height' | 'hem'> {
  return {
    id,
    label,
    height: counts.of('body.length'),
    hem: { id: hem, role: 'lower edge' as const, label: `${label}, lower edge`, open },
  };
}
