/** Body measurements in cm: names, how to take them, and the limits outside which a figure is surely a slip. */

export type MeasurementId =
  | 'bust'
  | 'waist'
  | 'hip'
  | 'shoulders'
  | 'crossBack'
  | 'neck'
  | 'head'
  | 'upperArm'
  | 'wrist'
  | 'shoulderToWrist'
  | 'underarmToWrist'
  | 'armholeDepth'
  | 'backWaist'
  | 'backLength'
  | 'frontLength'
  | 'height'
  | 'wingspan';

export type Group = 'adult' | 'child' | 'baby';
export const GROUPS: readonly Group[] = ['adult', 'child', 'baby'];

/** A body as entered: any measurement may be missing. Values in cm. */
export type Body = Partial<Record<MeasurementId, number>>;
/** A body with every measurement present, entered or derived. */
export type FullBody = Record<MeasurementId, number>;

export interface Measurement {
  id: MeasurementId;
  label: string;
  howTo: string;
  /** Largest and smallest length in cm that any person has; outside it the entry is refused. */
  limits: readonly [number, number];
}

/** The measurements in the order in which they are taken. Limits are generous: from premature baby to tallest adult. */
export const MEASUREMENTS: readonly Measurement[] = [
  {
    id: 'bust',
    label: 'Bust or chest',
    howTo: 'Around the fullest part, tape level, arms down.',
    limits: [20, 250],
  },
  {
    id: 'waist',
    label: 'Waist',
    howTo: 'Around the narrowest part, where the body bends sideways.',
    limits: [20, 250],
  },
  { id: 'hip', label: 'Hip', howTo: 'Around the widest part of the seat, feet together.', limits: [20, 260] },
  {
    id: 'shoulders',
    label: 'Shoulders all round',
    howTo: 'Around both shoulders and arms at the widest, arms down.',
    limits: [22, 260],
  },
  {
    id: 'crossBack',
    label: 'Cross-back',
    howTo: 'Straight across the back from shoulder point to shoulder point.',
    limits: [10, 80],
  },
  {
    id: 'neck',
    label: 'Neck round',
    howTo: 'Around the base of the neck, tape standing easily.',
    limits: [12, 75],
  },
  {
    id: 'head',
    label: 'Head round',
    howTo: 'Around the forehead and the widest part behind.',
    limits: [25, 75],
  },
  {
    id: 'upperArm',
    label: 'Upper arm round',
    howTo: 'Around the fullest part with the elbow bent and the arm tensed.',
    limits: [7, 85],
  },
  { id: 'wrist', label: 'Wrist round', howTo: 'Around the wrist over the bone.', limits: [5, 40] },
  {
    id: 'shoulderToWrist',
    label: 'Shoulder to wrist',
    howTo: 'From the shoulder point over the bent elbow to the wrist bone.',
    limits: [12, 100],
  },
  {
    id: 'underarmToWrist',
    label: 'Underarm to wrist',
    howTo: 'From the armpit along the inside of the arm to the wrist bone.',
    limits: [8, 85],
  },
  {
    id: 'armholeDepth',
    label: 'Armhole depth',
    howTo: 'From the shoulder point straight down to the level of the underarm.',
    limits: [4, 50],
  },
  {
    id: 'backWaist',
    label: 'Back length, nape to waist',
    howTo: 'From the bone at the nape straight down to the waist.',
    limits: [10, 75],
  },
  {
    id: 'backLength',
    label: 'Back, neck point to waist',
    howTo: 'From where shoulder and neck meet, straight down the back to the waist.',
    limits: [10, 80],
  },
  {
    id: 'frontLength',
    label: 'Front, neck point to waist',
    howTo: 'From where shoulder and neck meet, over the fullest part of the bust to the waist.',
    limits: [10, 95],
  },
  { id: 'height', label: 'Height', howTo: 'Standing against a wall, without shoes.', limits: [30, 260] },
  {
    id: 'wingspan',
    label: 'Wingspan, wrist to wrist',
    howTo: 'Arms held out sideways, across the back from wrist bone to wrist bone.',
    limits: [24, 230],
  },
];

const BY_ID = new Map(MEASUREMENTS.map((measurement) => [measurement.id, measurement]));

/** Looks a measurement up by its id. */
export function measurement(id: MeasurementId): Measurement {
  return BY_ID.get(id)!;
}
