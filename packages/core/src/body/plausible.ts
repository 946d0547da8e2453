import { cm, say, type Phrase } from '../text/phrase.js';
import type { Body, Group, MeasurementId } from './measurements.js';

/** A figure that looks like a slip of the tape. It is pointed out, never changed. */
export interface Doubt {
  id: MeasurementId;
  message: Phrase;
}

/**
 * Doubts about one body's entered measurements (common practice; adults' armhole between 15 and 30 % of the bust). Real
 * bodies do break tidy rules, so these are doubts only.
 */
export function doubts(body: Body, group: Group): Doubt[] {
  const found: Doubt[] = [];
  const doubt = (id: MeasurementId, message: Phrase) => found.push({ id, message });
  const {
    waist,
    hip,
    wrist,
    upperArm,
    neck,
    head,
    armholeDepth,
    bust,
    crossBack,
    shoulderToWrist,
    underarmToWrist,
  } = body;
  if (waist !== undefined && hip !== undefined && waist >= hip + 15)
    doubt(
      'waist',
      say`the waist (${cm(waist)}) is much larger than the hip (${cm(hip)}); measure both again`,
    );
  if (wrist !== undefined && upperArm !== undefined && wrist >= upperArm)
    doubt('wrist', say`the wrist (${cm(wrist)}) is not smaller than the upper arm (${cm(upperArm)})`);
  if (neck !== undefined && head !== undefined && neck >= head)
    doubt('neck', say`the neck (${cm(neck)}) is not smaller than the head (${cm(head)})`);
  if (armholeDepth !== undefined && bust !== undefined && group === 'adult') {
    const share = armholeDepth / bust;
    if (share < 0.15 || share > 0.3)
      doubt(
        'armholeDepth',
        say`an armhole depth of ${cm(armholeDepth)} is ${Math.round(share * 100)} % of the bust; 15 to 30 % is usual`,
      );
  }
  if (crossBack !== undefined && bust !== undefined && crossBack > bust * 0.62)
    doubt('crossBack', say`a cross-back of ${cm(crossBack)} is wide for a bust of ${cm(bust)}`);
  if (shoulderToWrist !== undefined && underarmToWrist !== undefined && underarmToWrist >= shoulderToWrist)
    doubt(
      'underarmToWrist',
      say`underarm to wrist (${cm(underarmToWrist)}) is not shorter than shoulder to wrist (${cm(shoulderToWrist)})`,
    );
  return found;
}

/** Measurements that fall from one size to the next although the sizes of a range should rise. */
export function fallingMeasurements(smaller: Body, larger: Body): MeasurementId[] {
  return (Object.keys(larger) as MeasurementId[]).filter(
    (id) => smaller[id] !== undefined && larger[id] !== undefined && larger[id] < smaller[id],
  );
}
