import type { MeasurementId } from '@upfell/core';

/** A drawing beside a term: a place on the figure, or a garment with the part that is meant. */
export type TermDrawing =
  | { kind: 'measurement'; id: MeasurementId }
  | {
      kind: 'garment';
      construction: string;
      part: 'body' | 'sleeve' | 'rib' | 'seam' | 'line' | 'edge' | 'air';
    };

/** A word of the trade as the program uses it. */
export interface Term {
  word: string;
  meaning: string;
  drawing?: TermDrawing;
}

const garment = (
  construction: string,
  part: Extract<TermDrawing, { kind: 'garment' }>['part'],
): TermDrawing => ({
  kind: 'garment',
  construction,
  part,
});

/** The words that are explained, in their order; measurements are added from how they are taken. */
export const TERMS: readonly Term[] = [
  {
    word: 'armhole',
    meaning: 'The edge of the body that the sleeve, or the band of a vest, goes along.',
    drawing: garment('set-in', 'seam'),
  },
  {
    word: 'band, rib',
    meaning: 'An edging of its own fabric: at the neck, the hem, the cuff, the armhole or the fronts.',
    drawing: garment('raglan', 'rib'),
  },
  {
    word: 'blocking',
    meaning:
      'Washing a piece, pinning it out to its measure and letting it dry. All lengths are of blocked fabric unless they say “on the hook”.',
  },
  {
    word: 'cap',
    meaning: 'The curved top of a set-in sleeve. Its edge is as long as the armhole and a little more.',
    drawing: garment('set-in', 'seam'),
  },
  {
    word: 'drop',
    meaning: 'How much lower the neck lies in front than the shoulder.',
  },
  {
    word: 'drop shoulder',
    meaning:
      'A straight panel whose shoulder reaches beyond the shoulder point; the sleeve begins down the arm and is that much shorter.',
    drawing: garment('drop-shoulder', 'seam'),
  },
  {
    word: 'ease',
    meaning: 'What a garment is wider than the body, all round. Below 0 it stretches.',
    drawing: garment('drop-shoulder', 'air'),
  },
  {
    word: 'ease in',
    meaning:
      'Sewing a slightly longer edge to a shorter one so that the difference is not seen: a row or a stitch, 1 cm, or 3 %.',
  },
  {
    word: 'foundation',
    meaning: 'The chain, or the row of stitches worked with their own chain, that a piece begins with.',
  },
  {
    word: 'gauge',
    meaning:
      'Stitches and rows in so many centimetres of the washed and blocked fabric, counted in the middle of a swatch.',
  },
  {
    word: 'notch, step',
    meaning:
      'What is bound off at the underarm of a notched armhole; as many rows at the top of the sleeve go along it.',
    drawing: garment('notched', 'seam'),
  },
  {
    word: 'overhang',
    meaning: 'How far the shoulder of a garment lies beyond the shoulder point.',
    drawing: garment('drop-shoulder', 'seam'),
  },
  { word: 'piece', meaning: 'What is worked by itself, from its first row to fastening off.' },
  {
    word: 'raglan line',
    meaning: 'The line from the neck to the underarm that a yoke grows beside, on both sides of it.',
    drawing: garment('raglan', 'seam'),
  },
  {
    word: 'repeat',
    meaning:
      'The part of a stitch pattern that comes again; with the edges it makes the rule “a multiple of … plus …”.',
  },
  {
    word: 'right side, wrong side',
    meaning: 'The side that is seen when the garment is worn (RS), and the other (WS).',
  },
  {
    word: 'row, round',
    meaning: 'Rows turn at their ends. Rounds go round: joined, joined and turned, or in a spiral.',
  },
  {
    word: 'short rows',
    meaning:
      'Rows that turn before the end, so that one part of a piece grows higher than the rest: a raised back neck, a cap.',
  },
  { word: 'slit', meaning: 'A side left open from the lower edge up.' },
  {
    word: 'split',
    meaning: 'Where the stitches of a yoke’s last row go on as body and sleeves.',
    drawing: garment('round-yoke', 'line'),
  },
  {
    word: 'turning chain',
    meaning:
      'Chains before a row that bring the hook to its height; they may count as the first stitch, and the pattern says whether.',
  },
  { word: 'underarm', meaning: 'What is chained or bound off below the arm; body and sleeve share it.' },
  {
    word: 'yoke',
    meaning: 'What is worked from the neck to the underarm over shoulders and arms, in one piece.',
    drawing: garment('round-yoke', 'line'),
  },
];
