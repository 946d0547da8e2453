import { HOUSE_WAYS, SKILLS, type HouseStyle } from '../write/style.js';
import { GROUPS, MEASUREMENTS } from '../body/measurements.js';
import { MOST_SIZES } from '../chart/chart.js';
import { checkNumber, type FieldReader } from '../check/fields.js';
import { readBody } from './readSizes.js';

const MOST_PEOPLE = 200;
const MOST_SENTENCES = 300;
/** Longest paragraph that an author may add, in characters. */
const LONGEST_PARAGRAPH = 4000;

/** Checks where a design's sizes come from: the chart's name and its sizes as they were taken. */
export function readChartOrigin(reader: FieldReader): void {
  const chart = reader.inside('chart', 'The chart', false);
  if (!chart) return;
  chart.text('id', 'The chart’s id');
  chart.text('name', 'The chart’s name');
  if (chart.object['revision'] !== undefined)
    chart.number('revision', { label: 'The chart’s revision', min: 0, max: 1e9, unit: '' });
  for (const size of chart.list('sizes', 'The list of the chart’s sizes', MOST_SIZES)) {
    size.text('id', 'The size’s id');
    const body = size.inside('body', 'The body', true);
    if (body) readBody(body);
  }
}

/** Checks the measured people of a design. */
export function readPeople(reader: FieldReader): void {
  if (reader.object['people'] === undefined) return;
  for (const person of reader.list('people', 'The list of people', MOST_PEOPLE)) {
    person.text('id', 'The person’s id');
    person.text('name', 'The person’s name');
    person.choice('group', 'The group', GROUPS, 'adult');
    person.choice('arm', 'How the arm was held', ['flexed', 'relaxed'], 'flexed');
    const readings = person.inside('readings', 'The readings', true);
    if (!readings) continue;
    for (const { id, label, limits } of MEASUREMENTS) {
      const pair = readings.object[id];
      if (pair === undefined) continue;
      if (!Array.isArray(pair) || pair.length < 1 || pair.length > 2) {
        readings.problem(id, `${label} has one or two readings in a list.`);
        continue;
      }
      for (const value of pair as unknown[]) {
        const sentence = checkNumber(value, { label, min: limits[0], max: limits[1], unit: 'cm' });
        if (sentence) readings.problem(id, sentence);
      }
    }
  }
}

/** What settings of the style are called in sentences. */
const STYLE_LABELS: { readonly [K in keyof HouseStyle]: string } = {
  sizes: 'How figures of several sizes are set',
  shaping: 'How shaping is written',
  rows: 'How rows of one size are written',
  stitches: 'The word for stitches',
  rowNames: 'The names of rows',
  counts: 'How counts are set',
  countAt: 'Where counts stand',
  lengths: 'The units of lengths',
  terms: 'The terms',
};

/** Checks how the house wants patterns written. */
export function readStyle(reader: FieldReader): void {
  const style = reader.inside('style', 'The style of the house', false);
  if (!style) return;
  for (const key of Object.keys(HOUSE_WAYS) as (keyof HouseStyle)[])
    if (style.object[key] !== undefined)
      style.choice(key, STYLE_LABELS[key], HOUSE_WAYS[key] as readonly string[], HOUSE_WAYS[key][0]!);
}

/** Checks what the author adds to the pattern. */
export function readWords(reader: FieldReader): void {
  const words = reader.inside('words', 'The author’s words', false);
  if (!words) return;
  const paragraph = (of: FieldReader, key: string, label: string) => {
    const value = of.object[key];
    if (value === undefined) return;
    if (typeof value !== 'string' || value.length > LONGEST_PARAGRAPH)
      of.problem(key, `${label} is text of at most ${LONGEST_PARAGRAPH} characters.`);
  };
  paragraph(words, 'care', 'The care of the garment');
  paragraph(words, 'intro', 'The introduction');
  if (words.object['skill'] !== undefined) words.choice('skill', 'The skill', SKILLS, 'easy');
  readStyle(words);
  if (words.object['sentences'] === undefined) return;
  for (const sentence of words.list('sentences', 'The list of sentences', MOST_SENTENCES)) {
    sentence.text('section', 'The section of the sentence');
    paragraph(sentence, 'text', 'The sentence');
    paragraph(sentence, 'after', 'The line it stands after');
    if (sentence.object['line'] !== undefined)
      sentence.number('line', {
        label: 'The line it stands after',
        min: 0,
        max: 1000,
        unit: '',
        whole: true,
      });
  }
}
