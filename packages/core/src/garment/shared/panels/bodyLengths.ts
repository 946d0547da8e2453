import type { Note } from '../../../advice/note.js';
import type { Fabric } from '../../../fabric/fabric.js';
import { perCm } from '../../../fabric/gauge.js';
import { cm, say } from '../../../text/phrase.js';
import type { SizeInput } from '../../construction.js';
import type { CountId } from '../../counts.js';
import { frontWidth, isOpen, openingWidth } from '../front.js';
import { insetOf, type Inset } from './armholeCurve.js';
import { neckTooWide } from './lengths.js';
import { notchWidth } from './notch.js';
import { upperFabric, type PanelStyle } from './style.js';
import { bodyWidth, neckWidth } from './targets.js';
import type { Target } from '../targets.js';

type Input = SizeInput<PanelStyle>;

/** The lengths of back and front that all of their counts come from, cm. */
export interface BodyLengths {
  fabric: Fabric;
  /** The fabric of the body from the underarm up, and whether it is another. */
  upper: Fabric;
  changes: boolean;
  open: boolean;
  width: Target & { round: number };
  front: Target;
  neck: Target;
  /** What the neck goes down at the front, and what its slanted side takes off. */
  drop: number;
  slanted: number;
  shoulder: number;
  /** The base that a curved armhole is taken off from, or a step at the underarm. */
  inset: Inset | null;
  notch: Target | null;
  /** What the armhole takes off on each side, and the counts that do. */
  off: number;
  armholeCounts: CountId[];
}

/** The lengths across back and front, and what is to be said of them. */
export function bodyLengths(input: Input): BodyLengths & { notes: Note[] } {
  const { style, fabrics } = input;
  const upper = fabrics.get(upperFabric(style))!;
  const changes = style.upper !== null;
  const width = bodyWidth(input);
  const neck = neckWidth(input);
  const inset = insetOf(input, width.length);
  const notch = inset?.base ?? notchWidth(input, width.length);
  const off = (notch?.length ?? 0) + (inset?.curve.length ?? 0);
  const armholeCounts: CountId[] = [];
  if (notch) armholeCounts.push('notch.width');
  if (inset) armholeCounts.push('armhole.curve');
  const shoulder = (width.length - neck.length) / 2 - off;
  const open = isOpen(style);
  const front = open ? frontWidth(input, width.length, 'Back, width') : width;
  const { slant } = style.neck;
  const slanted = open ? front.length - shoulder - off : neck.length / 2;
  const drop = slant
    ? (slanted * perCm(upper.gauge, 'stitches') * slant.every) / slant.stitches / perCm(upper.gauge, 'rows')
    : neck.drop;
  const notes: Note[] = [];
  if (front.length < shoulder + off)
    notes.push({
      level: 'warn',
      code: 'gap-wider-than-neck',
      where: changes ? 'front.upper' : 'front.width',
      message: say`What lies between the fronts (${cm(openingWidth(input))}) is wider than the neck (${cm(neck.length)}), so each front would be narrower than its shoulder; a wider neck or a smaller gap would do.`,
    });
  notes.push(...neckTooWide(neck.length, width.length - 2 * off));
  return {
    fabric: fabrics.get(style.fabric)!,
    upper,
    changes,
    open,
    width,
    front,
    neck,
    drop,
    slanted,
    shoulder,
    inset,
    notch,
    off,
    armholeCounts,
    notes,
  };
}
