import type { CountReader } from '../fit/counts.js';

/** Bands: their rows lie along the edge, their height across it. */
export type BandId = 'hem' | 'hem-front' | 'cuff' | 'neckband' | 'armband';

/** Bands worked along an edge in rows of its length: the front bands, the centre between two halves. */
export type PickedBandId = 'band' | 'centre';

export type CordId = 'cord' | 'tie';

/** Panels of the body that lie one on the other. */
export type PanelId = 'back' | 'front';

/**
 * Ids of the counts that constructions share: the piece or the place, and what is counted of it. Design files pin counts by
 * these ids, so they are added to and never changed.
 */
type SharedCount =
  | `${BandId}.${'height' | 'rows'}`
  | `${PickedBandId}.${'stitches' | 'rows'}`
  | `${CordId}.chain`
  | `${PanelId}.${'hem' | 'width' | 'upper' | 'longer'}`
  | 'back.waist'
  | `armhole.${'rows' | 'shaped' | 'curve'}`
  | `body.${'hem' | 'waist' | 'round' | 'below' | 'rows'}`
  | `cap.${'base' | 'slope' | 'rows' | 'top'}`
  | `hood.${'stitches' | 'rows' | 'crown' | 'round'}`
  | `neck.${'round' | 'back' | 'front' | 'width' | 'drop'}`
  | `notch.${'rows' | 'width'}`
  | `sleeve.${'top' | 'end' | 'cuff' | 'rows' | 'shapings'}`
  | `back.${'waist' | 'width'}.sides`
  | `body.${'waist' | 'hem'}.shapings`
  | 'fade.rows'
  | 'hip.rows'
  | 'shoulder.width'
  | 'side.rows'
  | 'slit.rows'
  | 'underarm.chain'
  | 'waist.rows'
  | 'yoke.rows';

/** Counts that one construction alone has, which it adds here from its own folder (`declare module`). */
// eslint-disable-next-line @typescript-eslint/no-empty-object-type -- filled by the constructions
export interface OwnCounts {}

/** Ids of a garment's counts. */
export type CountId = SharedCount | keyof OwnCounts;

/** The counts of one size of a garment. */
export type GarmentCounts = CountReader<CountId>;
