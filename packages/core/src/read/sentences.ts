import { PASSAGE_SENTENCES } from '../passages/registry.js';
import { plainCourse } from '../stitch/course.js';
import { workWords } from './workWords.js';
import { ReadFault } from './maker.js';
import type { Sentence } from './words.js';

/** The sentences that pieces are written in: those of their passages, and what is said of tails, buttonholes and the end. */
export const SENTENCES: readonly Sentence[] = [
  ...PASSAGE_SENTENCES,
  {
    form: /^Tail(?:, .+ piece)?: leave (.+) (?:cm|in) at the (?:beginning|end) for the seam “(.+)”\.$/,
    read: ([, length, seam], reader) => {
      // Figures of a tail are for a size; it has none where its seam takes another's.
      if (!/[1-9]/.test(length!)) return;
      if (reader.seams && !reader.seams.has(seam!)) throw new ReadFault(`no seam “${seam}” is joined`);
    },
  },
  {
    form: /^Buttonholes, on the (?:right|left) front band only, in place of its row (–|\d+): (.+)$/,
    read: ([, row, list], reader) => {
      // They do not fit in this size.
      if (row === '–') return;
      const below = reader.countAfter(Number(row) - 1);
      const worked = workWords(list!, plainCourse(below, 'sc'));
      if (!worked.ok) throw new ReadFault(`the row of buttonholes: ${worked.message}`);
      reader.agree(worked.course.units.length, reader.countAfter(Number(row)), 'the row of buttonholes');
    },
  },
  { form: /^Close the last row: sl st in each st\.$/, read: (_, reader) => reader.finishSteps() },
  { form: /^Fasten off/, read: (_, reader) => reader.finishSteps() },
];
