import type { FullBody } from './measurements.js';

/** A body's round at a level, and how far the level lies from the shoulder point, cm. */
export interface BodyLevel {
  id: 'bust' | 'waist' | 'hip' | 'upperArm' | 'wrist' | 'neck' | 'shoulders';
  at: number;
  round: number;
}

/** Share of the height from the waist to the widest part of the hip (common practice: about 20 cm on an adult). */
const WAIST_TO_HIP = 0.12;
/** The nape lies above the shoulder point by so much of the height. */
const NAPE_ABOVE = 0.015;
/** The fullest part of the upper arm, as a share of the arm's length. */
const FULLEST_ARM = 0.3;

/** The body's rounds from the shoulder down; the bust is taken at the level of the underarm, where tapes lie. */
export function bodyLevels(body: FullBody): BodyLevel[] {
  const waist = Math.max(body.armholeDepth + 2, body.backWaist - NAPE_ABOVE * body.height);
  return [
    { id: 'bust', at: body.armholeDepth, round: body.bust },
    { id: 'waist', at: waist, round: body.waist },
    { id: 'hip', at: waist + WAIST_TO_HIP * body.height, round: body.hip },
  ];
}

/** The arm's rounds from the shoulder point along the arm. */
export function armLevels(body: FullBody): BodyLevel[] {
  return [
    { id: 'upperArm', at: body.shoulderToWrist * FULLEST_ARM, round: body.upperArm },
    { id: 'wrist', at: body.shoulderToWrist, round: body.wrist },
  ];
}

/** The shoulders with the arms are widest so far below the neck, as a share of the armhole's depth (common practice: the fullest of the upper arm). */
const WIDEST_SHOULDERS = 0.65;

/** The body under a yoke, from the neck down: the neck, and the shoulders with the arms at their widest. */
export function yokeLevels(body: FullBody): BodyLevel[] {
  return [
    { id: 'neck', at: 0, round: body.neck },
    { id: 'shoulders', at: body.armholeDepth * WIDEST_SHOULDERS, round: body.shoulders },
  ];
}
