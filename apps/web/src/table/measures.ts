import type { ScreenSize } from '../worker/screen';

/** Room for threads between pieces, px. */
const SHOULDER_GAP = 30;
export const ARMHOLE_GAP = 34;
export const BAND_GAP = 8;
/** Drawings narrower than this carry fewer words, px. */
export const COMPACT = 680;

/** Lengths of the pieces of a garment of panels, cm. */
export interface Measures {
  /** Between back and front at the shoulders, px: none where they are one piece. */
  gap: number;
  width: number;
  height: number;
  /** How far the lower edge reaches beyond the underarm on each side; below 0 where it is narrower. */
  flare: number;
  neck: number;
  drop: number;
  armhole: number;
  side: number;
  /** Rows of back and front run up the body. */
  sideways: boolean;
  /** What the back is longer than the front, and how much of the sides stays open. */
  longer: number;
  slit: number;
  sleeve: number;
  /** Whether the sleeve is flat, with a seam. */
  seamed: boolean;
  top: number;
  cuff: number;
  hem: { length: number; height: number } | null;
  /** The step of a notched armhole, and how deep the sleeve is set into it; 0 for a plain drop. */
  notch: number;
  inset: number;
  /** The curve of an armhole above its base, and the cap that goes into it; null without them. */
  curve: { width: number; height: number } | null;
  cap: { height: number; base: number; top: number } | null;
  /** Each of two open fronts; null where the front is one piece. */
  front: { width: number; hem: number } | null;
  band: { length: number; height: number } | null;
}

/** Looks up what a count measures, cm; 0 for one that the size has not. */
export function lengthsIn({ quantities }: Pick<ScreenSize, 'quantities'>): (id: string) => number {
  const found = new Map(quantities.map(({ id, actual }) => [id, actual]));
  return (id) => found.get(id) ?? 0;
}

/** Lengths of the pieces in cm, from the plan's quantities. */
export function measures(size: ScreenSize): Measures {
  const { pieces } = size;
  const of = lengthsIn(size);
  const band = (id: string) =>
    of(`${id}.rows`) > 0 ? { length: of(`${id}.rows`), height: of(`${id}.height`) } : null;
  return {
    gap: pieces.some(({ id }) => id === 'over') ? 0 : SHOULDER_GAP,
    width: of('back.width'),
    height: of('side.rows') + of('armhole.rows') + of('body.length'),
    flare: of('back.hem') > 0 ? (of('back.hem') - of('back.width')) / 2 : 0,
    neck: of('neck.width'),
    drop: of('neck.drop'),
    armhole: of('armhole.rows') || of('armhole.depth'),
    side: of('side.rows') || of('side.length'),
    sideways: of('body.length') > 0,
    longer: of('back.longer'),
    slit: of('slit.rows'),
    sleeve: of('sleeve.rows') + of('notch.rows') + of('cap.rows'),
    seamed: pieces.some(({ id, work }) => id === 'sleeve' && work === 'rows'),
    top: of('sleeve.top'),
    cuff: of('sleeve.cuff'),
    hem: band('hem'),
    notch: of('notch.width'),
    inset: of('notch.rows'),
    curve: of('armhole.curve') > 0 ? { width: of('armhole.curve'), height: of('armhole.shaped') } : null,
    cap: of('cap.rows') > 0 ? { height: of('cap.rows'), base: of('cap.base'), top: of('cap.top') } : null,
    front:
      of('hem-front.rows') > 0 || pieces.some(({ id }) => id === 'front-left') || isOpenOver(pieces)
        ? { width: of('front.width'), hem: of('hem-front.rows') }
        : null,
    band: band('cuff'),
  };
}

/** Whether a body worked over the shoulders opens in front: its fronts are never united. */
function isOpenOver(pieces: ScreenSize['pieces']): boolean {
  const over = pieces.find(({ id }) => id === 'over');
  return over !== undefined && !over.passages.some(({ kind }) => kind === 'unite');
}

/** Whether a band is worked up from its edge: its rows then lie along it, and the piece lies the other way round. */
export function isWorkedUp({ id, passages: [start] }: ScreenSize['pieces'][number]): boolean {
  return ['hem', 'hem-front', 'cuff'].includes(id) && start?.kind === 'start' && start.along !== null;
}
