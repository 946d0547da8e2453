import { isObject, type FieldReader } from '../check/fields.js';
import { tidy } from '../units/length.js';
import { LONGEST_STITCH_TEXT } from '../stitch/textReader.js';
import {
  COUNTED_IN,
  FOUNDATIONS,
  SHAPED_IN,
  SHAPINGS,
  STITCHES,
  TURNINGS,
  YARN_WEIGHTS,
} from '../fabric/fabric.js';

const MOST_READINGS = 20;
const MOST_ROW_TYPES = 12;
/** Counts for each cm: from tiles a forearm long to what no hook can work. */
const SPARSEST = 0.05;
const DENSEST = 30;

/** Checks one fabric; what is wrong is added to the reader's problems. */
export function readFabric(fabric: FieldReader): void {
  fabric.text('name', 'The fabric’s name', fabric.object['id'] as string);
  if (fabric.object['yarn'] !== undefined && fabric.object['yarn'] !== '') fabric.text('yarn', 'The yarn');
  if (fabric.object['weight'] !== undefined)
    fabric.choice('weight', 'The weight of the yarn', YARN_WEIGHTS, 'worsted');
  if (fabric.object['fibre'] !== undefined && fabric.object['fibre'] !== '')
    fabric.text('fibre', 'The fibre');
  fabric.number('hook', { label: 'The hook', min: 0.5, max: 40, unit: 'mm' });
  const gauge = fabric.inside('gauge', 'The gauge', true);
  if (gauge) readGauge(gauge);
  const unblocked = fabric.inside('unblocked', 'The unblocked gauge', false);
  if (unblocked) readGauge(unblocked);
  for (const key of ['readings', 'unblockedReadings'])
    if (fabric.object[key] !== undefined)
      for (const reading of fabric.list(key, 'The list of readings', MOST_READINGS)) readGauge(reading);
  readRules(fabric);
  fabric.choice('estimated', 'Whether the gauge is a usual figure', [true, false] as const, false);
  if (fabric.object['library'] !== undefined && !isObject(fabric.object['library']))
    fabric.problem(
      'library',
      'Where the fabric comes from is an object with the id of the library’s fabric.',
    );
  if (fabric.object['stitch'] !== undefined) fabric.choice('stitch', 'The stitch', STITCHES, 'hdc');
  fabric.choice('turning', 'The turning chain', TURNINGS, 'does not count');
  fabric.choice('foundation', 'The foundation', FOUNDATIONS, 'chain');
  fabric.choice('shaping', 'How the fabric is shaped', SHAPINGS, 'stitches');
  fabric.choice('shapedIn', 'The rows that shape', SHAPED_IN, 'any row');
  fabric.number('foundationExtra', {
    label: 'The extra foundation chains',
    min: 0,
    max: 20,
    unit: 'chains',
    fallback: 1,
    whole: true,
  });
  if (fabric.object['panel'] !== undefined)
    fabric.number('panel', {
      label: 'The panel in the middle',
      min: 0,
      max: 80,
      unit: 'stitches',
      whole: true,
    });
  if (fabric.object['edgeStitches'] !== undefined)
    fabric.number('edgeStitches', {
      label: 'The plain stitches at each edge',
      min: 0,
      max: 20,
      unit: 'stitches',
      whole: true,
    });
  if (fabric.object['rowTypes'] !== undefined)
    for (const type of fabric.list('rowTypes', 'The list of row types', MOST_ROW_TYPES)) {
      type.text('name', 'The row type’s name');
      type.number('height', { label: 'The row’s height', min: 0.1, max: 20, unit: 'cm' });
    }
  const unit = fabric.inside('unit', 'The unit of counting', false);
  if (unit) {
    unit.choice('name', 'The unit of counting', COUNTED_IN, 'stitches');
    unit.number('stitches', { label: 'The stitches of one unit', min: 1, max: 200, unit: '', whole: true });
    unit.number('plus', { label: 'The stitches beside the units', min: 0, max: 200, unit: '', whole: true });
  }
  const share = (key: string, label: string, max: number) =>
    fabric.number(key, { label, min: 0, max, unit: '(0.15 is 15 %)', fallback: 0 });
  share('stretch', 'The stretch', 1);
  share('growth', 'The growth in wear', 0.5);
  readYarn(fabric);
  readPattern(fabric);
  readRows(fabric);
}

function readGauge(reader: FieldReader): void {
  const count = (label: string) => ({ label, min: 0.5, max: 500, unit: 'counted' });
  const over = (label: string) => ({ label, min: 1, max: 200, unit: 'cm' });
  for (const axis of ['stitches', 'rows'] as const) {
    const before = reader.problems.length;
    const counted = reader.number(axis, count(`The ${axis} of the swatch`));
    const length = reader.number(`${axis}Over`, over(`The length the ${axis} were counted over`));
    const perCm = counted / length;
    if (reader.problems.length === before && (perCm < SPARSEST || perCm > DENSEST))
      reader.problem(
        axis,
        `${tidy(counted)} ${axis} in ${tidy(length)} cm is no fabric; it can be 1 in ${1 / SPARSEST} cm to ${DENSEST} in 1 cm.`,
      );
  }
}

function readRules(fabric: FieldReader): void {
  const rule = fabric.inside('rule', 'The count rule', true);
  if (!rule) return;
  for (const [key, label] of [
    ['flat', 'The flat rule'],
    ['round', 'The rule in the round'],
    ['rows', 'The rule of the rows'],
  ] as const) {
    const one = rule.inside(key, label, true);
    one?.number('multiple', { label: `${label}’s multiple`, min: 1, max: 200, unit: '', whole: true });
    one?.number('plus', { label: `${label}’s plus`, min: 0, max: 200, unit: '', whole: true });
  }
}

function readYarn(fabric: FieldReader): void {
  const swatch = fabric.inside('swatch', 'The swatch', false);
  if (swatch) {
    swatch.number('width', { label: 'The swatch’s width', min: 1, max: 200, unit: 'cm' });
    swatch.number('height', { label: 'The swatch’s height', min: 1, max: 200, unit: 'cm' });
    const amount = (key: string, label: string, unit: string) =>
      swatch.number(key, { label, min: 0.1, max: 5000, unit, fallback: 1 });
    amount('metres', 'The yarn in the swatch', 'm');
    amount('grams', 'The weight of the swatch', 'g');
  }
  const ball = fabric.inside('ball', 'The ball', false);
  if (ball) {
    ball.number('grams', { label: 'The weight of a ball', min: 1, max: 5000, unit: 'g' });
    ball.number('metres', { label: 'The length of a ball', min: 1, max: 50000, unit: 'm' });
  }
}

function readPattern(fabric: FieldReader): void {
  const { pattern } = fabric.object;
  const fits =
    pattern === undefined ||
    (Array.isArray(pattern) &&
      pattern.length <= 60 &&
      pattern.every((line) => typeof line === 'string' && line.length <= 500));
  if (!fits)
    fabric.problem(
      'pattern',
      'The stitch pattern is a list of up to 60 sentences of at most 500 characters.',
    );
}

/** The lines of a stitch pattern; what they say is judged where it can be mended, on the fabric's page. */
function readRows(fabric: FieldReader): void {
  const { rows } = fabric.object;
  if (rows === undefined) return;
  const lines =
    Array.isArray(rows) && rows.every((line): line is string => typeof line === 'string') ? rows : null;
  if (!lines || lines.length > 400 || lines.join('\n').length > LONGEST_STITCH_TEXT)
    fabric.problem(
      'rows',
      `The rows of the stitch pattern are a list of up to 400 lines with ${LONGEST_STITCH_TEXT} characters in all.`,
    );
}
