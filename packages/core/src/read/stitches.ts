import { stitchPattern, type StitchPattern } from '../stitch/pattern.js';
import { ringCourse, stitchesIn } from '../stitch/course.js';
import { workRow } from '../stitch/hook.js';
import { printRow } from '../stitch/print.js';
import { readRow } from '../stitch/rowReader.js';
import type { SpecialStitch } from '../stitch/tokenStream.js';
import { roundsOfFabric, type FabricStitches } from '../stitch/ofFabric.js';
import { overStitchesInWords, rowOverStitches, withSkippedSaid } from '../stitch/overStitches.js';
import { StitchError } from '../stitch/tree.js';
import type { Beginning } from '../stitch/pieceWorker.js';
import { fromTheRight, placesInWords, repeatsIn, type StitchedRow } from '../stitch/stitchedRow.js';
import { workPieceStitches, type StitchSection } from '../stitch/workPiece.js';
import { widthOf } from '../stitch/zones.js';
import { isTake, type RoundWay, type Row } from '../work/rows.js';
import { runsIn } from '../work/runs.js';
import type { SaidInFull, SaidInPattern, SaidOfStitches } from './said.js';

const HEADING = /^Stitch pattern: (.+)$/;
const IN_THE_ROUND = / in the round$/;
/** Lines of a pattern's section that are no rows of it. */
const NO_ROW = /^(?:Any number of stitches|Worked over a multiple of|Tunisian:|Keep )/;
const EDGES = /^Keep (\d+) sts? at each edge/;

/** Patterns of texts that were read before: a pattern is proven anew with every edit, mostly with the same rows. */
const READ = new Map<string, StitchPattern>();
const MOST_READ = 60;

function patternOf(rows: string): StitchPattern {
  const known = READ.get(rows);
  if (known) return known;
  if (READ.size >= MOST_READ) READ.clear();
  const pattern = stitchPattern(rows);
  READ.set(rows, pattern);
  return pattern;
}

/** What working a piece stitch by stitch has come to. */
interface ProvenStitches {
  stitches: number;
  unfollowed: number;
  differences: string[];
}

/** Works the pieces of a text stitch by stitch, in the stitch patterns that the text itself gives. */
export class StitchProver {
  readonly faults: string[] = [];
  readonly specials = new Map<string, SpecialStitch>();
  /** Plain stitches kept at each edge, by the pattern's name. */
  private readonly edges = new Map<string, number>();
  private readonly patterns = new Map<string, Extract<FabricStitches, { is: 'rows' }>>();

  /** @param sections of the text, with their lines */
  constructor(sections: readonly { heading: string; lines: readonly string[] }[]) {
    for (const { heading, lines } of sections) {
      const name = HEADING.exec(heading)?.[1];
      // Rounds are made from the rows: they are read from the same section.
      if (name === undefined || IN_THE_ROUND.test(name)) continue;
      const edge = lines.flatMap((line) => EDGES.exec(line)?.[1] ?? [])[0];
      if (edge !== undefined) this.edges.set(name, Number(edge));
      const tunisian = lines.some((line) => line.startsWith('Tunisian:')) ? 'work: tunisian\n' : '';
      const rows = tunisian + lines.filter((line) => !NO_ROW.test(line)).join('\n');
      if (!/^(?:Row|Rnd) \d/m.test(rows)) continue;
      const pattern = patternOf(rows);
      for (const { words, message } of pattern.faults) this.faults.push(`${name}, “${words}”: ${message}`);
      for (const [called, special] of pattern.text.specials) this.specials.set(called, special);
      if (pattern.flat) this.patterns.set(name, { is: 'rows', pattern, ...pattern.flat });
    }
  }

  prove(rows: readonly Row[], said: SaidOfStitches, begun: Beginning): ProvenStitches {
    const counted = rows.reduce((sum, { count }) => sum + count, 0);
    const named = [...said.inPattern, ...said.names];
    const motif = this.motifDiffers(said.motif, rows);
    if (named.length === 0) return { stitches: counted, unfollowed: said.loose, differences: motif };
    const sections = this.sectionsOf(said);
    const missing = named.find(({ of }) => !this.patterns.has(of.replace(IN_THE_ROUND, '')));
    if (missing) return { stitches: 0, unfollowed: 0, differences: [`there are no rows of ${missing.of}`] };
    const worked = workPieceStitches(runsIn(rows), sections, begun);
    const at = new Map(
      rows.map((row, i) => [`${row.part}:${row.n}`, { row, stitched: worked.rows[i] ?? null }]),
    );
    const differences: string[] = [...motif];
    const { fault } = worked;
    for (const mark of said.inPattern) {
      for (const [n, wanted] of rowsSaid(mark)) {
        const found = at.get(`${mark.part}:${n}`);
        if (!found?.stitched)
          differences.push(fault ? `row ${fault.row.n}: ${fault.message}` : `row ${n} is not worked`);
        else {
          const is = this.rowInWords(found.stitched, found.row, mark.of);
          const said_ = `${IN_THE_ROUND.test(mark.of) ? 'rnd' : 'row'} ${wanted}`;
          if (is !== said_) differences.push(`row ${n} is said to be ${said_} of ${mark.of}; it is ${is}`);
        }
      }
      const last = at.get(`${mark.part}:${mark.to}`);
      if (mark.edges && last?.stitched)
        differences.push(...edgesDiffer(mark.to, mark.edges, last.row, last.stitched));
    }
    const told = new Set(said.places.map(({ part, n }) => `${part}:${n}`));
    for (const { part, n, said: places, changes } of said.places) {
      const { row, stitched } = at.get(`${part}:${n}`) ?? {};
      const before = at.get(`${part}:${n - 1}`)?.row;
      // A row that is told by itself where the one before it shapes and is not told: its number is wrong.
      if (changes && row && before && !shapes(row) && shapes(before) && !told.has(`${part}:${n - 1}`))
        differences.push(`row ${n} is told by itself; row ${n - 1} shapes`);
      if (!row || !stitched)
        differences.push(fault ? `row ${fault.row.n}: ${fault.message}` : `row ${n} is not worked`);
      else if (typeof places === 'string') {
        const is = placesInWords(stitched, row);
        if (is !== places) differences.push(`row ${n} has ${is}, not ${places}`);
      } else if (repeatsIn(stitched) !== places.repeats)
        differences.push(`after row ${n} there are ${repeatsIn(stitched)} repeats, not ${places.repeats}`);
      else differences.push(...edgesDiffer(n, places.edges, row, stitched));
    }
    for (const one of said.overStitches) differences.push(...this.overStitchesDiffers(one));
    for (const row of said.inFull) {
      const found = at.get(`${row.part}:${row.n}`);
      if (!found?.stitched)
        differences.push(fault ? `row ${fault.row.n}: ${fault.message}` : `row ${row.n} is not worked`);
      else if (this.fullDiffers(row, found.row, found.stitched, at.get(`${row.part}:${row.n - 1}`)?.row))
        differences.push(
          `row ${row.n} in full comes to something else: it has ${placesInWords(found.stitched, found.row)}`,
        );
    }
    for (const { part, n, words } of said.written)
      differences.push(
        ...this.wordsDiffer(
          n,
          words,
          at.get(`${part}:${n}`)?.stitched ?? null,
          at.get(`${part}:${n}`)?.row.round,
          said,
          begun,
        ),
      );
    return {
      stitches: worked.rows.reduce((sum, one, i) => sum + (one?.stitches ?? rows[i]!.count), 0),
      unfollowed: Math.max(said.loose, worked.rows.filter((one) => one === null).length),
      differences: [...new Set(differences)],
    };
  }

  /** Works the rounds of a motif as they are written, from its ring on: each must have the stitches that are said, and a corner for each side. */
  private motifDiffers(said: SaidOfStitches['motif'], rows: readonly Row[]): string[] {
    let course = ringCourse();
    let corners: number | null = null;
    for (const { part, n, words } of said) {
      const row = rows.find((one) => one.part === part && one.n === n)!;
      try {
        course = workRow({ nodes: readRow(words, this.specials) }, course, {
          turned: n > 1 && (row.round === 'turned' || row.round === undefined),
          round: row.round !== undefined,
        });
      } catch (error) {
        if (error instanceof StitchError) return [`rnd ${n}, stitch by stitch: ${error.message}`];
        throw error;
      }
      const made = stitchesIn(course);
      if (made !== row.count) return [`rnd ${n} worked stitch by stitch has ${made} sts, not ${row.count}`];
      const runs = new Set(course.units.flatMap(({ t, run }) => (t === 'ch' ? run : []))).size;
      // A circle has none as yet.
      if (corners !== null && corners > 0 && runs !== corners)
        return [`rnd ${n} has ${runs} corners, not ${corners}`];
      corners = runs;
    }
    return [];
  }

  /** The fabrics of a piece as far as its sentences name them. */
  private sectionsOf(said: SaidOfStitches): StitchSection[] {
    const { inPattern, names, changes, panel } = said;
    const begins = [1, ...changes];
    return begins.map((from, i): StitchSection => {
      const until = begins[i + 1] ?? Infinity;
      const name = [...inPattern, ...names]
        .find((mark) => mark.from >= from && mark.from < until)
        ?.of.replace(IN_THE_ROUND, '');
      const stitches = name === undefined ? undefined : this.patterns.get(name);
      return {
        from,
        stitches: stitches ?? { is: 'plain', stitch: 'dc' },
        plain: 'dc',
        panel,
        units: said.units,
        edges: (name !== undefined && this.edges.get(name)) || 0,
      };
    });
  }

  /** Which row (or round) of a pattern a worked row is. */
  private rowInWords({ pattern, ring }: StitchedRow, { round }: Row, of: string): string {
    if (pattern === null) return 'a plain row';
    const found = this.patterns.get(of.replace(IN_THE_ROUND, ''))!;
    const text = ring && round ? roundsOfFabric(found, round)!.text : found.text;
    return `${ring ? 'rnd' : 'row'} ${text.rows[pattern]!.n ?? pattern + 1}`;
  }

  /** A row told as it is worked over stitches must be that of the pattern, begun by a chain or behind plain stitches. */
  private overStitchesDiffers({ row, of, words }: SaidOfStitches['overStitches'][number]): string[] {
    const { text } = this.patterns.get(of)!;
    const specials = text.specials as ReadonlyMap<string, SpecialStitch>;
    const index = text.rows.findIndex(({ n }, i) => (n ?? i + 1) === row);
    const said = (line: string) => printRow(readRow(line, specials));
    try {
      const own = said(words);
      if (
        index >= 0 &&
        [true, false].some((beside) => said(overStitchesInWords(text, index, beside)) === own)
      )
        return [];
      return [`row ${row} of ${of} goes over stitches in other words than “${words}”`];
    } catch (error) {
      if (error instanceof StitchError) return [`row ${row} of ${of}: ${error.message}`];
      throw error;
    }
  }

  /** Whether a row told in full is not the one that is worked. */
  private fullDiffers(
    { taken, made, left, plain, zones }: SaidInFull,
    row: Row,
    stitched: StitchedRow,
    below: Row | undefined,
  ): boolean {
    const under = row.from.reduce((sum, source) => sum + (isTake(source) ? source.take : 0), 0);
    return (
      taken !== under ||
      left !== (below ? below.count - under : 0) ||
      made !== row.count ||
      String(plain) !== String(stitched.plain) ||
      String(zones.map(({ repeats }) => repeats)) !== String(stitched.repeats) ||
      zones.some(({ row: number, of, repeats, width }) => {
        const found = this.patterns.get(of);
        return (
          !found ||
          this.rowInWords(stitched, row, of) !== `row ${number}` ||
          width !== widthOf({ repeats }, found.proof.base)
        );
      })
    );
  }

  /** A row that is written out must be the row of the pattern that stands there. */
  private wordsDiffer(
    n: number,
    words: string,
    stitched: StitchedRow | null,
    way: RoundWay | undefined,
    { inPattern, names }: SaidOfStitches,
    begun: Beginning,
  ): string[] {
    const mark = inPattern.find(({ to }) => to >= n) ?? names.find((one) => one.from >= n);
    const found = mark && this.patterns.get(mark.of.replace(IN_THE_ROUND, ''));
    if (!mark || !found || (stitched?.pattern ?? null) === null) return [];
    const rounds = IN_THE_ROUND.test(mark.of);
    if (rounds && (!way || !stitched!.ring)) return [];
    const text = rounds ? roundsOfFabric(found, way!)!.text : found.text;
    const pattern = stitched!.pattern!;
    const nodes =
      pattern > 0
        ? text.rows[pattern]!.nodes
        : n === 1 && begun === 'chain'
          ? withSkippedSaid(text)
          : rowOverStitches(text);
    try {
      const said = printRow(readRow(words, text.specials as ReadonlyMap<string, SpecialStitch>));
      const wanted = printRow(nodes.filter(({ op }) => op !== 'turn' && op !== 'join'));
      return said === wanted ? [] : [`row ${n} is written “${said}”; the pattern has “${wanted}”`];
    } catch (error) {
      if (error instanceof StitchError) return [`row ${n}: ${error.message}`];
      throw error;
    }
  }
}

function shapes({ by, add, from }: Row): boolean {
  return from.length > 0 && (by !== 0 || add !== 0);
}

/** Which row of a pattern each row of a range is said to be; its first and its last where it is not said how they go by turns. */
function rowsSaid({ from, to, first, last, turn }: SaidInPattern): [n: number, wanted: number][] {
  const ends: [number, number][] = [
    [from, first],
    [to, last],
  ];
  if (!turn) return ends;
  const [lowest, highest] = turn;
  const many = highest - lowest + 1;
  const between = Array.from({ length: to - from + 1 }, (_, i): [number, number] => [
    from + i,
    lowest + ((first - lowest + i) % many),
  ]);
  return [...between, ...ends];
}

function edgesDiffer(
  n: number,
  [right, left]: readonly [number, number],
  row: Row,
  stitched: StitchedRow,
): string[] {
  const { plain } = fromTheRight(stitched, row);
  const whole = right === 0 && left === 0 && plain.every((many) => many === 0);
  if (whole || (plain.length === 2 && plain[0] === right && plain[1] === left)) return [];
  return [`row ${n} has ${placesInWords(stitched, row)}`];
}
