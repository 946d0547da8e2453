/** The door of the core: everything that the applications use. */
export { plan, DesignUnfit, PlanRefused } from './plan.js';
export type { FinishedMeasure, Plan, PlanMemory, PlannedPiece, PlannedQuantity, SizePlan } from './plan.js';
export type { Design, Garment, Pin, Size } from './design.js';
export { reasonInWords, type Reason } from './because/reason.js';
export {
  GROUPS,
  MEASUREMENTS,
  measurement,
  type Body,
  type FullBody,
  type Group,
  type MeasurementId,
} from './body/measurements.js';
export { completeBody, type CompletedBody } from './body/derive.js';
export type { FieldProblem } from './check/fields.js';
export { isLegal, ladder, legalAtLeast, legalAtMost, ruleInWords, type Rung } from './fabric/counts.js';
export {
  STITCHES,
  USUAL_CHAINS,
  USUAL_STRETCH,
  foundationExtra,
  type Axis,
  type CountRule,
  type Fabric,
  type Gauge,
  type Stitch,
} from './fabric/fabric.js';
export { lengthOnTheHook, perCm } from './fabric/gauge.js';
export { CONSTRUCTIONS } from './garment/registry.js';
export { forSize, type PerSize } from './garment/shared/perSize.js';
export type { DropShoulderStyle } from './garment/dropShoulder/style.js';
export { readStyle as readDropShoulderStyle } from './garment/dropShoulder/style.js';
export { leadingMeasurement } from './garment/dropShoulder/draft.js';
export type { Join, WorkedEdge } from './joins/audit.js';
export type { Note, NoteLevel } from './advice/note.js';
export { ORDERS, ratesInWords, type Order, type Schedule } from './shaping/schedule.js';
export type { Passage } from './shaping/passages.js';
export type { Row } from './work/rows.js';
export { inWords, ordinal, type Phrase } from './text/phrase.js';
export { CM_PER_INCH, formatLength, parseLength, tidy, type Units } from './units/length.js';
export { DESIGN_VERSION } from './format/migrate.js';
export { LONGEST_FILE, readDesign, readDesignText, type DesignRead } from './format/readDesign.js';
export { planFile, type PlanFile } from './format/planFile.js';
export { pattern, type Line, type PatternSection, type PatternText } from './write/pattern.js';
export { patternToText, lineToText } from './write/text.js';
export type { Terms } from './write/terms.js';
export { outlines, type Outline } from './work/outline.js';
export { newDesign } from './format/newDesign.js';
export type { RevisionEntry, ShelfEntry, StoredDesign } from './format/stored.js';
