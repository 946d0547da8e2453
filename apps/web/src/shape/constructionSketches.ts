/** Each construction as it lies joined on a table, in a field of 120 by 96; and what it asks for and gives, in a line each. */
export interface ConstructionSketch {
  /** Closed outlines of the pieces. */
  outlines: readonly string[];
  /** Lines inside them: raglan lines, increase rounds, steps. */
  inner: readonly string[];
  needs: string;
  gives: string;
}

const SLEEVES = ['M32 12 L4 30 L10 44 L32 34 Z', 'M88 12 L116 30 L110 44 L88 34 Z'];
const YOKED = 'M44 10 Q60 18 76 10 L86 14 L114 52 L104 60 L84 40 L84 92 L36 92 L36 40 L16 60 L6 52 L34 14 Z';

export const SKETCHES: Readonly<Record<string, ConstructionSketch>> = {
  'drop-shoulder': {
    outlines: ['M32 12 L48 12 Q60 24 72 12 L88 12 L88 92 L32 92 Z', ...SLEEVES],
    inner: [],
    needs: 'width and length, armhole depth, arm length',
    gives:
      'two panels (or back and fronts) and two sleeves, all rectangles or nearly; wide shoulders that cover the arm',
  },
  notched: {
    outlines: [
      'M40 12 L50 12 Q60 22 70 12 L80 12 L80 34 L88 34 L88 92 L32 92 L32 34 L40 34 Z',
      'M40 12 L12 24 L18 42 L40 34 Z',
      'M80 12 L108 24 L102 42 L80 34 Z',
    ],
    inner: ['M32 34 L40 34', 'M80 34 L88 34'],
    needs: 'the same, and how far the panels step in at the underarm',
    gives: 'shoulders nearer to the body, less cloth under the arm; sleeves sewn along the step',
  },
  'set-in': {
    outlines: [
      'M43 12 L51 12 Q60 22 69 12 L77 12 C77 28 78 36 88 38 L88 92 L32 92 L32 38 C42 36 43 28 43 12 Z',
      'M42 18 C36 20 32 16 26 20 L4 32 L9 46 L30 40 C34 38 38 34 42 30 Z',
      'M78 18 C84 20 88 16 94 20 L116 32 L111 46 L90 40 C86 38 82 34 78 30 Z',
    ],
    inner: ['M43 14 C43 28 42 36 32 38', 'M77 14 C77 28 78 36 88 38'],
    needs: 'the same, the cross-back, and the upper arm with its ease',
    gives: 'shoulders that end where the body’s do; a cap, worked or by short rows, as long as its armhole',
  },
  'over-shoulders': {
    outlines: ['M36 4 L84 4 L84 48 L84 92 L62 92 L62 58 L70 48 L50 48 L58 58 L58 92 L36 92 Z'],
    inner: ['M36 48 L50 48', 'M70 48 L84 48'],
    needs: 'width and length, armhole depth, how the front opens',
    gives: 'back and fronts in one piece, worked up the back and down the fronts, without shoulder seams',
  },
  'two-halves': {
    outlines: [
      'M6 20 L28 20 L30 44 L34 20 L54 20 L54 90 L6 90 Z',
      'M66 20 L86 20 L90 44 L92 20 L114 20 L114 90 L66 90 Z',
      'M57 20 L63 20 L63 90 L57 90 Z',
    ],
    inner: ['M30 44 L30 90', 'M90 44 L90 90'],
    needs: 'width and length, armhole depth, about how wide the band at the back is',
    gives: 'no side seams; a band of rows at the centre back, last of all, that sets the final width',
  },
  'side-to-side': {
    outlines: ['M40 12 L50 12 Q60 26 70 12 L80 12 L80 38 L88 38 L88 92 L32 92 L32 38 L40 38 Z'],
    inner: ['M46 14 L46 90', 'M53 18 L53 90', 'M60 22 L60 90', 'M67 18 L67 90', 'M74 14 L74 90'],
    needs: 'width and length, armhole depth; with sleeves or without',
    gives:
      'panels whose rows run up the body, so that the stitches are the length: upright stripes, a long drape',
  },
  rectangles: {
    outlines: [
      'M26 14 L56 14 L56 88 L26 88 Z',
      'M64 14 L94 14 L94 88 L64 88 Z',
      'M26 14 L6 14 L6 74 L26 74 Z',
      'M94 14 L114 14 L114 74 L94 74 Z',
    ],
    inner: ['M26 74 L26 88', 'M94 74 L94 88'],
    needs: 'the width from elbow to elbow, the length, what is left open below the sleeves',
    gives: 'a back, two fronts of half its width and two sleeves, every one a plain rectangle',
  },
  vest: {
    outlines: ['M40 12 L50 12 Q60 30 70 12 L80 12 L80 40 L88 40 L88 92 L32 92 L32 40 L40 40 Z'],
    inner: ['M37 12 L37 37 L32 37', 'M83 12 L83 37 L88 37'],
    needs: 'width and length, armhole depth, the step at the underarm',
    gives: 'two panels (or back and fronts) with edged armholes, no sleeves',
  },
  tube: {
    outlines: [
      'M34 34 Q60 40 86 34 L86 90 Q60 94 34 90 Z',
      'M45 36 L45 10 L50 10 L50 37 Z',
      'M70 37 L70 10 L75 10 L75 36 Z',
    ],
    inner: ['M34 40 Q60 46 86 40'],
    needs: 'the bust and an ease below 0, how high and how low it goes',
    gives: 'a band that holds by itself, two snug straps, a draw cord where it is wanted',
  },
  raglan: {
    outlines: [YOKED],
    inner: ['M44 10 L36 40', 'M76 10 L84 40'],
    needs: 'neck, upper arm, bust and a depth that has rows enough for the increases',
    gives: 'one piece from the neck down, no seams at the shoulder; to be tried on while it grows',
  },
  'round-yoke': {
    outlines: [YOKED],
    inner: ['M40 14 Q60 24 80 14', 'M35 24 Q60 36 85 24', 'M34 34 Q60 48 86 34'],
    needs: 'neck, bust, upper arm, the number of increase rounds, a motif if there is one',
    gives: 'one piece from the neck down with an even yoke all round, made for rings of pattern or colour',
  },
};
