/** The door of the core: everything that the applications use. */
export { compareCounts, compareFinished, type CountChange, type FinishedChange } from './compare.js';
export { whatIf, type WhatIf } from './whatIf.js';
export { begunDesign, easeOf, type EaseClass } from './garment/begin.js';
export { toSwatchLater, USUAL_YARNS } from './fabric/usualYarns.js';
export { anotherYarn } from './yarn/another.js';
export { openBodies } from './body/openBodies.js';
export {
  cloudBody,
  oneMore,
  PLACES,
  rangeFit,
  rangeSize,
  toleranceAt,
  USUAL_TOLERANCE,
  type CloudBody,
  type FitPlace,
  type RangeFit,
  type RangeSize,
  type Tolerance,
  type Worn as WornBy,
} from './whom/whom.js';
export { garmentPicture, sizePicture } from './garmentPicture.js';
export { plan, wholePlan, type Plan } from './plan.js';
export { fitDesign, DesignUnfit, type FittedDesign, type FittedSize, type PlanMemory } from './fitDesign.js';
export { type PlannedPiece } from './plannedPiece.js';
export type { FinishedMeasure, PlannedQuantity, SizePlan } from './sizePlan.js';
export type { Design, Garment, Pin, Size } from './design.js';
export { reasonInWords, reasonPart, type Reason } from './because/reason.js';
export { explainHeight } from './because/height.js';
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
export { armLevels, bodyLevels, yokeLevels, type BodyLevel } from './body/levels.js';
export {
  bodyOfPerson,
  doubtfulReadings,
  longerLength,
  nearestSizes,
  FLEXED_MORE,
  type NearestSize,
  type Person,
  type Readings,
} from './body/person.js';
export {
  chartDifferences,
  originOf,
  MOST_SIZES,
  type ChartDifference,
  type ChartOrigin,
  type ChartSize,
  type SizeChart,
} from './chart/chart.js';
export { chartAt, gradingOf, type Grading, type GradeStep } from './chart/grading.js';
export { fill, type FillWay } from './chart/fill.js';
export { STANDARD_CHARTS } from './chart/standard.js';
export {
  matchColumns,
  readTable,
  sizesDown,
  tableOf,
  type ColumnMeaning,
  type TableProblem,
} from './chart/table.js';
export type { FieldProblem } from './check/fields.js';
export { isLegal, ladder, ruleInWords, testCount, type Rung } from './fabric/counts.js';
export { meanGauge, spreadOf, spreadOver, type Spread } from './fabric/readings.js';
export { heightOfRows, rowTypeAt } from './fabric/rowTypes.js';
export { countedIn, countedInShort, unitsInWords, unitsOf, type OwnUnit } from './fabric/units.js';
export {
  DRAPES,
  gaugeEffects,
  hooksToTry,
  nearestHook,
  RIB_HOOK_LESS,
  SWATCH_SIDE,
  swatchStart,
  withMeasuredGauge,
  type Drape,
  type GaugeEffect,
} from './fabric/swatch.js';
export { STITCH_PATTERNS, type StartingPattern } from './fabric/startingSet.js';
export { stitchFile, stitchPattern, type StitchFile, type StitchPattern } from './stitch/pattern.js';
export { stitchChart, symbolWords, type ChartSymbol, type StitchChart } from './stitch/chart.js';
export { KEY_BOX, keySymbol } from './stitch/symbols.js';
export { chartSvg } from './stitch/chartSvg.js';
export { factsOf, ruleFits, withFacts, type FabricFacts } from './stitch/facts.js';
export { rowsText, fabricStitches } from './stitch/ofFabric.js';
export { stitchKey, type KeyEntry } from './stitch/key.js';
export { LONGEST_STITCH_TEXT } from './stitch/textReader.js';
export type { StitchFault } from './stitch/tree.js';
export {
  ANY_COUNT,
  COUNTED_IN,
  SHAPED_IN,
  SHAPINGS,
  FOUNDATIONS,
  STITCHES,
  TURNINGS,
  YARN_WEIGHTS,
  USUAL_STRETCH,
  foundationExtra,
  swatchMetres,
  turningOf,
  type Axis,
  type CountingUnit,
  type Foundation,
  type RowType,
  type Turning,
  type CountRule,
  type Fabric,
  type Gauge,
  type Stitch,
} from './fabric/fabric.js';
export { lengthOnTheHook, perCm } from './fabric/gauge.js';
export { CONSTRUCTIONS } from './garment/registry.js';
export { easeOver, forSize, partsOf, type Ease, type PerSize } from './fields/perSize.js';
export type { Field, FieldWords, Fields, Grip, LengthField, When } from './fields/kinds.js';
export { fieldsWithin } from './fields/table.js';
export { fieldAt, holds, labelIn, unusedIn, valueAt } from './fields/words.js';
export type { PieceSection } from './garment/sections.js';
export { changedGarment, type ChangedGarment } from './garment/change.js';
export {
  fieldValues,
  type Construction,
  type Girth,
  type ShownCount,
  type TableLayout,
} from './garment/construction.js';
export type { PanelStyle } from './garment/shared/panels/style.js';
export { leadingMeasurement } from './garment/shared/targets.js';
export type { Join, WorkedEdge } from './joins/audit.js';
export type { Side } from './joins/roles.js';
export type { Note, NoteLevel } from './advice/note.js';
export { NECK_SHAPES, neckLine, type NeckShape } from './shaping/curve.js';
export {
  amountOf,
  countsAfter,
  ORDERS,
  ratesInWords,
  schedule,
  type Order,
  type Schedule,
} from './shaping/schedule.js';
export { easeAllowed } from './joins/join.js';
export { meetInWords } from './joins/meet.js';
export { beginsAslant, type Passage, type PassageOf } from './passages/passage.js';
export { explainPassage, passageInShort } from './passages/registry.js';
export { endOf } from './passages/shapePassage.js';
export {
  countsAfterRow,
  shapedRowsOf,
  stitchesOf,
  LINE_SCHOOLS,
  type LineSection,
  type LineWay,
} from './shaping/lines.js';
export { fastRows } from './shaping/rates.js';
export type { RaglanStyle } from './garment/constructions/raglan/fields.js';
export type { RoundYokeStyle } from './garment/constructions/roundYoke/fields.js';
export type { YokeStyle } from './garment/shared/yoke/fields.js';
export { constructionOf } from './garment/registry.js';
export type { Fix } from './advice/note.js';
export type { Row } from './work/rows.js';
export { inWords, ordinal, type Phrase } from './text/phrase.js';
export { countOf } from './text/singular.js';
export { shareBase } from './garment/shareBase.js';
export {
  CM_PER_INCH,
  formatLength,
  GAUGE_OVER,
  GAUGE_OVER_IN_WORDS,
  parseLength,
  tidy,
  type Units,
} from './units/length.js';
export { DESIGN_VERSION } from './format/migrate.js';
export { LONGEST_FILE, readDesign, readDesignText, type DesignRead } from './format/readDesign.js';
export { planFile, type PlanFile } from './format/planFile.js';
export {
  pattern,
  type Line,
  type PatternSection,
  type PatternText,
  type PatternWish,
} from './write/pattern.js';
export { lineToText, patternToText } from './write/text.js';
export type { Terms } from './write/terms.js';
export { alongAfter } from './passages/alongSides.js';
export { sideAfter } from './shaping/motif.js';
export { outlinesOf, piecesLaid } from './pieceDrawing.js';
export { BREADTH, figureOf, type Figure, type Place } from './worn/figure.js';
export { smoothPath, straightPath, mirrored, type Point } from './worn/points.js';
export { movedBy } from './worn/moved.js';
export { wornOf } from './worn/worn.js';
export type { Worn } from './worn/shapes.js';
export { ELBOW, landmarksOf, sitsOf } from './worn/sits.js';
export { figurePaths, wornBox, wornPath, wornSvg } from './worn/svg.js';
export { edgeLines, type EdgeLine } from './work/edgeLines.js';
export { outlines, rowSpans, type Outline, type RowSpan } from './work/outline.js';
export { rowsOf, type RowRun } from './work/runs.js';
export { readChart, readLibraryFabric, type LibraryFabric, type LibraryRead } from './format/library.js';
export { GRAMS_PER_OUNCE, type InstrumentReading } from './format/instruments.js';
export { newDesign } from './format/newDesign.js';
export type {
  Arrived,
  LibraryEntry,
  MakingEntry,
  MakingProgress,
  NewMaking,
  RevisionEntry,
  ShelfEntry,
  Stored,
  StoredDesign,
  StoredMaking,
} from './format/stored.js';
export { seamsOf, tailsOfSize } from './write/joining.js';
export {
  countRows,
  finishedRows,
  lengthsRow,
  patternToHtml,
  patternToPlainText,
  toCsv,
} from './write/tables.js';
export {
  letterTable,
  schematicOf,
  schematicSvg,
  type LetterRow,
  type SchematicPiece,
} from './write/schematic.js';
export {
  flowOf,
  isOwn,
  isTable,
  whole,
  meaningOf,
  type LinePart,
  type OwnSentence,
  type SectionDrawing,
  type Table,
} from './write/line.js';
export { errata, errataToText } from './write/errata.js';
export { sizesInHouse } from './write/house.js';
export { HOUSE_WAYS, SKILLS, USUAL_STYLE, styleOf, type HouseStyle, type Skill } from './write/style.js';
export { provenText } from './provenText.js';
export { provePattern, type Proof } from './read/pattern.js';
export { checkPasted, type PastedCheck } from './read/pasted.js';
export {
  SEAM_METHODS,
  USUAL_RESERVE,
  type Buttons,
  type Colours,
  type Finishing,
  type SeamMethod,
  type Stripe,
} from './finishing/finishing.js';
export { assemblyOf, type Assembly, type AssemblyStep } from './finishing/assembly.js';
export { lengthOfRows } from './write/lengths.js';
export { touchesInWords } from './write/touches.js';
export { shareInWords, type Share } from './finishing/along.js';
export { pointInWords, sharesMarked, type Seam } from './finishing/seam.js';
export { buttonholesOf } from './finishing/buttonholes.js';
export { checkEdging, type EdgingCheck } from './finishing/edging.js';
export type { Tail } from './finishing/tails.js';
export type { YarnNeed } from './yarn/metres.js';
export { UNSEEN_EASE } from './joins/join.js';
export { patternRows } from './write/stitchSections.js';
export { patternCharts, type PatternChart } from './write/charts.js';
export { stepSvg } from './write/stepDrawing.js';
export { stripsSvg } from './write/strips.js';
export {
  colourOfRound,
  MAP_RULES,
  MOST_KINDS,
  MOST_YARNS,
  nextKind,
  USUAL_COLOURS,
  type MapRule,
  type SquareColours,
  type SquareKind,
  type SquareYarn,
} from './colours/squareColours.js';
export { mapOf, placeOf, type KindCount, type MappedSquare, type SheetMap } from './colours/sheetMap.js';
export { cornersSpread, ringsOf, sheetMapSvg, spread, type SpreadSquare } from './colours/mapSvg.js';
export { laidOn, mapFromTable, sizeOfSheet, type ImportedMap } from './colours/importMap.js';
export {
  TRY_ONS,
  type Change,
  type CountWish,
  type Done,
  type Entry,
  type EntryKind,
  type EntryOf,
  type GaugeReading,
  type GaugeState,
  type GaugeWay,
  type Making,
  type RowPlace,
  type StepState,
  type TryOn,
  type UnknownEntry,
} from './making/entries.js';
export {
  copyName,
  keyInPiece,
  progressOf,
  standing as standingEntries,
  standingOf,
  tickedIn,
  timeAfter,
  type Progress,
} from './making/log.js';
export {
  LONGEST_MAKING,
  LONGEST_NOTE,
  readEntries,
  readMaking,
  readMakingText,
  type MakingRead,
} from './making/readMaking.js';
export {
  begin,
  changed,
  NothingToMake,
  replay,
  workedPlan,
  workIn,
  type ChangeWords,
  type Replayed,
  type ReplayMemory,
} from './making/standing.js';
export { settledIn } from './making/refit.js';
export type { Standing, WorkDone } from './making/wish.js';
export { preview, type Preview, type PullBack } from './making/preview.js';
export { clashInWords } from './making/clashWords.js';
export { doubtsOf, notOf } from './making/fits.js';
export { rowsToWork, type RowToWork } from './making/rowsToWork.js';
export { judgeGauge, type AxisJudgement, type GaugeJudgement } from './making/judge.js';
export { LOOKS, promptsAt, type Prompt } from './making/prompts.js';
export { yarnInHand, type YarnInHand } from './making/yarn.js';
export { cameBack, type CameBack } from './making/cameBack.js';
export { changeWishes, type ChangeWish } from './making/wishes.js';
export { summaryOf } from './making/summary.js';
