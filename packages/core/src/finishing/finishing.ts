import type { FieldReader } from '../check/fields.js';
import { readSquareColours, type SquareColours } from '../colours/squareColours.js';

/** How a seam is made. The last one is worked, not sewn: the piece grows out of the edge. */
export const SEAM_METHODS = [
  'whip stitch',
  'mattress stitch',
  'slip stitch',
  'sc ridge',
  'crocheted as the border passes',
  'crocheted while working',
] as const;
export type SeamMethod = (typeof SEAM_METHODS)[number];

/** Buttons of a front band: how many, how wide their holes, and how far the first and last lie from the band's ends, cm. */
export interface Buttons {
  count: number;
  /** Stitches that a hole takes. */
  width: number;
  fromLower: number;
  fromUpper: number;
  side: 'right' | 'left';
}

/** A stripe: so many rows of a colour. */
export interface Stripe {
  colour: string;
  rows: number;
}

/** The colours of one fabric: plain, or stripes that repeat from the lower edge up, their yarn carried along the edge or cut. */
export interface Colours {
  fabric: string;
  stripes: readonly Stripe[];
  yarn: 'carried' | 'cut';
}

/** How a design is put together, as far as the designer says so. */
export interface Finishing {
  /** Methods of seams by the id of the join. */
  methods?: Readonly<Record<string, SeamMethod>>;
  /** Steps of the assembly in the order wanted. */
  order?: readonly string[];
  buttons?: Buttons;
  colours?: readonly Colours[];
  /** The colours of a garment of squares. */
  squares?: SquareColours;
  /** Yarn to spare, per cent. */
  reserve?: number;
}

/** Yarn to spare, per cent: 10, for beginners 15 (common practice). */
export const USUAL_RESERVE = 10;

const MOST_STRIPES = 60;
const MOST_STEPS = 60;

/** Checks the finishing of a design. */
export function readFinishing(design: FieldReader): void {
  const reader = design.inside('finishing', 'The finishing', false);
  if (!reader) return;
  const methods = reader.inside('methods', 'The list of seam methods', false);
  for (const join of Object.keys(methods?.object ?? {}))
    methods!.choice(join, `The method of ${join}`, SEAM_METHODS, 'whip stitch');
  if (reader.object['order'] !== undefined) readOrder(reader);
  const buttons = reader.inside('buttons', 'The buttons', false);
  if (buttons) {
    buttons.number('count', { label: 'The number of buttons', min: 1, max: 40, unit: '', whole: true });
    buttons.number('width', {
      label: 'The width of a buttonhole',
      min: 1,
      max: 12,
      unit: 'stitches',
      whole: true,
    });
    buttons.number('fromLower', { label: 'The first buttonhole’s distance', min: 0, max: 60, unit: 'cm' });
    buttons.number('fromUpper', { label: 'The last buttonhole’s distance', min: 0, max: 60, unit: 'cm' });
    buttons.choice('side', 'The side of the buttonholes', ['right', 'left'], 'right');
  }
  if (reader.object['colours'] !== undefined)
    for (const colours of reader.list('colours', 'The list of colours', MOST_STRIPES)) {
      colours.text('fabric', 'The fabric of the colours');
      colours.choice('yarn', 'The yarn between stripes', ['carried', 'cut'], 'carried');
      for (const stripe of colours.list('stripes', 'The list of stripes', MOST_STRIPES)) {
        stripe.text('colour', 'The colour');
        stripe.number('rows', {
          label: 'The rows of the stripe',
          min: 1,
          max: 400,
          unit: 'rows',
          whole: true,
        });
      }
    }
  readSquareColours(reader);
  reader.number('reserve', {
    label: 'The yarn to spare',
    min: 0,
    max: 50,
    unit: '%',
    fallback: USUAL_RESERVE,
  });
}

function readOrder(reader: FieldReader): void {
  const order = reader.object['order'];
  if (!Array.isArray(order) || order.length > MOST_STEPS || order.some((step) => typeof step !== 'string'))
    reader.problem('order', `The order of the assembly is a list of at most ${MOST_STEPS} step names.`);
}
