/** How sentences of rows in a stitch pattern are read back. */

import { ReadFault } from '../read/maker.js';
import { tablesOf } from '../read/ofSize.js';
import { COUNT, END, ROWS, STITCH, WAYS, type Sentence } from '../read/words.js';
import { countOf } from '../text/singular.js';

const LEFT_OUT = '(?:–|\\d+)';
const BESIDE = `, with (?:(\\d+) plain ${STITCH} at the (?:right edge|beginning of the rnd) and (\\d+) at (?:the left|its end)|(plain) ${STITCH} beside and between the repeats)`;

/** The sentences of rows in a stitch pattern. */
export const PATTERN_SENTENCES: readonly Sentence[] = [
  {
    form: new RegExp(
      `^${ROWS}: (?:(?:repeat|work) (?:row|rnd) (\\d+) of (.+?)(?: over the sts between, “(.+?)”)?|work (?:rows|rnds) (\\d+) (?:and|to) (\\d+) of (.+?) in turn)(?:, always from the right side)?(?:, beginning with (?:row|rnd) (${LEFT_OUT}) and ending with (?:row|rnd) (${LEFT_OUT}))?(?:${BESIDE})?; ${END}\\. ${COUNT}$`,
    ),
    read: (
      [, from, to, , only, name, over, lowest, highest, names, first, last, right, left, between, , stitches],
      reader,
    ) => {
      if (from === '–') return;
      if (over) reader.overStitches(Number(only), name!, over);
      reader.evenRows(from!, to, Number(stitches));
      reader.inPattern({
        of: (name ?? names)!,
        from: Number(from),
        to: Number(to ?? from),
        first: Number(only ?? first),
        last: Number(only ?? last),
        turn: [Number(only ?? lowest), Number(only ?? highest)],
        // Where repeats lie in several stretches, a sentence of its own says where.
        edges: between ? null : [Number(right ?? 0), Number(left ?? 0)],
      });
    },
  },
  {
    form: new RegExp(
      `^(?:Keep the repeats of (.+?) above each other.*?; .+?|Shape by whole repeats of (.+?): .+?|Work each (?:row|rnd) that shapes in plain ${STITCH}, and begin (.+?) anew above it|Work these rows in plain ${STITCH}, and begin (.+?) anew above them|Work rows (\\d+)(?:–(\\d+))? of the piece in (.+?), beginning with row (\\d+) and ending with row (\\d+) of it, .+?)\\.(?: The last of these (?:rows|rnds) (?:is (plain) throughout|has (\\d+) repeats?(?:, (\\d+) plain sts? at the (?:right edge|beginning of the rnd) and (\\d+) at (?:the left|its end))?)\\.)?$`,
    ),
    read: (
      [, kept, whole, anew, above, from, to, short, first, last, plain, repeats, right, left],
      reader,
    ) => {
      const of = (kept ?? whole ?? anew ?? above ?? short)!;
      reader.said.names.push({ of, from: reader.maker.now().n });
      if (short !== undefined)
        reader.inPattern({
          of,
          from: Number(from),
          to: Number(to ?? from),
          first: Number(first),
          last: Number(last),
          edges: null,
        });
      if (plain !== undefined) reader.placesAfter(`${reader.maker.now().count} plain`);
      else if (repeats !== undefined)
        reader.placesAfter({ repeats: Number(repeats), edges: [Number(right ?? 0), Number(left ?? 0)] });
    },
  },
  {
    form: /^The last of these (?:rows|rnds) has, from (?:the right edge|the beginning of the rnd): (.+)$/,
    read: ([, list], reader) => reader.placesAfter(list!),
  },
  {
    form: /^The last of these (?:rows|rnds) has:(.*)$/,
    read: ([, tables], reader) => {
      const places = tablesOf(tables!).flatMap(({ rows }) => rows);
      if (places.length === 0) return;
      let before = -1;
      const said = places.map(([label, figure]) => {
        const [, nth, what] = /^(\d+)\w\w (plain sts|repeats)$/.exec(label) ?? [];
        // Plain stitches come before the repeats of the same number.
        const place = 2 * Number(nth) + (what === 'repeats' ? 1 : 0);
        if (!(place > before)) throw new ReadFault(`“${label}” is out of order`);
        before = place;
        return what === 'repeats' ? countOf(Number(figure), 'repeat') : `${figure} plain`;
      });
      reader.placesAfter(said.join(', '));
    },
  },
  {
    form: new RegExp(
      `^(?:Row|Rnd) 1 \\(RS\\): work row 1 of your stitch pattern over (\\d+) sts?; ${END}\\. ${COUNT}$`,
    ),
    read: ([, over, end, stitches], reader) => reader.start(Number(stitches), Number(over), WAYS[end!]),
  },
  {
    form: new RegExp(`^Row 1 \\(RS\\): (.+); (turn|return)\\. ${COUNT}$`),
    read: ([, words, end, stitches], reader) =>
      reader.start(Number(stitches), reader.workFirstRow(words!, end === 'return')),
  },
  {
    form: new RegExp(`^(Row|Rnd) (\\d+)(?: \\(RS\\))?: (.+); ${END}\\. ${COUNT}$`),
    read: ([, , row, words, end, stitches], reader) => {
      if (row === '1') {
        reader.start(Number(stitches), reader.chain, WAYS[end!]);
        reader.begunInPattern = true;
        return;
      }
      reader.evenRows(row!, row, Number(stitches));
      reader.writtenRow(Number(row), words!);
    },
  },
  { form: new RegExp(`^(?:Row|Rnd) –: .+; ${END}\\. ${COUNT}$`), read: () => undefined },
];
