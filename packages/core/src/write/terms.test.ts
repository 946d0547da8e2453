import { abbreviations, inTerms, stitchName } from './terms.js';

describe('inTerms', () => {
  it('renames every stitch once, at the same time (US to UK: common practice)', () => {
    expect(inTerms('sc, hdc, dc, tr, dtr; sc2tog, hdc2tog, fpdc, bpdc, esc', 'uk')).toBe(
      'dc, htr, tr, dtr, trtr; dc2tog, htr2tog, fptr, bptr, exdc',
    );
    expect(inTerms('Check the gauge and skip 2 sts.', 'uk')).toBe('Check the tension and miss 2 sts.');
  });

  it('leaves other words and US text alone', () => {
    expect(inTerms('trim the describe scarf, sl st, ch 3', 'uk')).toBe(
      'trim the describe scarf, sl st, ch 3',
    );
    expect(inTerms('sc in each st', 'us')).toBe('sc in each st');
  });
});

it('explains only the abbreviations that occur, in the terms wanted', () => {
  expect(abbreviations('Row 1: hdc in each ch. (20 sts)', 'uk')).toEqual([
    'ch: chain',
    'htr: half treble crochet',
    'st(s): stitch(es)',
  ]);
  expect(abbreviations('hdc2tog', 'us')).toEqual(['hdc2tog: half double crochet 2 stitches together']);
  expect(stitchName('tr', 'uk')).toBe('double treble crochet');
});
