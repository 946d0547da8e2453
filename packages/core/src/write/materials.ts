import type { Design } from '../design.js';
import { swatchMetres, turningOf, type Fabric, type Turning } from '../fabric/fabric.js';
import { USUAL_RESERVE, type Finishing } from '../finishing/finishing.js';
import { isTunisian } from '../stitch/ofFabric.js';
import { figure } from '../text/phrase.js';
import { countOf } from '../text/singular.js';
import { GAUGE_OVER, GAUGE_OVER_IN_WORDS } from '../units/length.js';
import { farCarried } from '../yarn/stripes.js';
import { lengthsOf, unitsOf, type WrittenUnits } from './lengths.js';
import { line, type Line } from './line.js';
import type { WrittenSize } from './written.js';

function lengthsLine(label: string, lengths: readonly number[], units: WrittenUnits): Line {
  return [`${label}: `, ...lengthsOf(lengths, units)];
}

/** The sizes, the body each is for, and what it measures finished. */
export function sizeLines(sizes: readonly WrittenSize[], units: WrittenUnits): Line[] {
  return [
    line`${sizes.map(({ label }) => label)}`,
    lengthsLine(
      'To fit bust or chest',
      sizes.map(({ body }) => body.bust),
      units,
    ),
    ...(sizes[0]?.finished ?? []).map(({ label }, i) =>
      lengthsLine(
        label,
        sizes.map(({ finished }) => finished[i]!.actual),
        units,
      ),
    ),
  ];
}

/** Hooks, and the yarn of every fabric, colour by colour, in metres and balls. */
export function materialLines(
  sizes: readonly WrittenSize[],
  used: readonly Fabric[],
  finishing: Finishing = {},
): Line[] {
  const hooks = used.map(
    (fabric) => line`${figure(fabric.hook)} mm hook for ${fabric.name}, or the hook that gives the gauge`,
  );
  const spare = `seams, tails and ${finishing.reserve ?? USUAL_RESERVE} % to spare included`;
  const yarn = used
    .filter((fabric) => swatchMetres(fabric) !== null)
    .flatMap(({ id, name }): Line[] => {
      const needs = sizes.map((size) => size.yarn.find(({ fabric }) => fabric === id));
      const colours = [...new Set(needs.flatMap((need) => need?.colours.map(({ colour }) => colour) ?? []))];
      return colours.map((colour) => {
        const of = needs.map((need) => need?.colours.find((one) => one.colour === colour));
        const balls = of.map((one) => one?.balls ?? 0);
        return line`Yarn for ${name}${colour === null ? '' : `, ${colour}`}: about ${of.map((one) => one?.metres ?? 0)} m${{ inline: balls.some((many) => many > 0) ? line`, ${balls} balls` : [] }}, ${spare}`;
      });
    });
  const stripes = (finishing.colours ?? [])
    .filter(({ fabric, stripes: of }) => of.length > 0 && used.some(({ id }) => id === fabric))
    .map((colours): Line => {
      const name = used.find(({ id }) => id === colours.fabric)!.name;
      const far = farCarried(colours);
      return [
        `Stripes of ${name}, from the lower edge: ${colours.stripes.map(({ colour, rows }) => `${countOf(rows, 'row')} ${colour}`).join(', ')}; repeat. Rows of the same number meet at the side seams, and so do their colours. ${
          colours.yarn === 'cut'
            ? 'Cut the yarn at each change.'
            : far.length > 0
              ? `Carry the yarn up the edge; cut ${far.join(' and ')}, which would be carried too far.`
              : 'Carry the yarn up the edge.'
        }`,
      ];
    });
  return [...hooks, ...yarn, ...stripes];
}

/** The gauge of a fabric, washed and blocked, and before blocking where it was counted. */
export function gaugeLines({ name, gauge, unblocked }: Fabric, units: WrittenUnits): Line[] {
  return unitsOf(units).flatMap((unit) => {
    const span = GAUGE_OVER[unit];
    const per = (count: number, over: number) => figure((count / over) * span, 1);
    const over = GAUGE_OVER_IN_WORDS[unit];
    return [
      line`${name}: ${per(gauge.stitches, gauge.stitchesOver)} sts and ${per(gauge.rows, gauge.rowsOver)} rows in ${over}, washed and blocked, lying flat`,
      ...(unblocked
        ? [
            line`${name}, on the hook before blocking: ${per(unblocked.stitches, unblocked.stitchesOver)} sts and ${per(unblocked.rows, unblocked.rowsOver)} rows in ${over}`,
          ]
        : []),
    ];
  });
}

/** How the garment is cared for: the author's words, or the swatch's treatment. */
export function careLines({ words }: Design): Line[] {
  return words?.care
    ? words.care.split('\n').map((text) => [text])
    : [
        [
          'Wash as the swatch was washed and as the label of the yarn says; dry flat, drawn to the finished measurements.',
        ],
      ];
}

const TURNING_WORDS: Record<Turning, string> = {
  'does not count': 'the turning chain does not count as a stitch',
  counts: 'the turning chain counts as the first stitch',
  chainless: 'rows begin without a turning chain',
};

/** How the turning chain is taken; by fabric where the fabrics differ. */
function turningLine(all: readonly Fabric[]): string {
  // Tunisian rows are never turned.
  const used = all.filter((fabric) => !isTunisian(fabric));
  if (all.length > 0 && used.length === 0)
    return 'Rows are forward and return passes; the right side always faces you.';
  const schools = [...new Set(used.map(turningOf))];
  const said =
    schools.length <= 1
      ? TURNING_WORDS[schools[0] ?? 'does not count']
      : used.map((fabric) => `${fabric.name}: ${TURNING_WORDS[turningOf(fabric)]}`).join('; ');
  return `${said.charAt(0).toUpperCase()}${said.slice(1)}. Odd rows are right-side rows unless a piece says otherwise.`;
}

/** How to read the pattern. */
export function readingLines(sizes: readonly WrittenSize[], used: readonly Fabric[]): Line[] {
  const lines: Line[] = [[turningLine(used)]];
  if (sizes.length > 1)
    lines.unshift(
      line`Figures are given for size ${sizes.map(({ label }) => label)}; one figure alone is for all sizes. Where 0 stands for a size, pass over it.`,
    );
  return lines;
}
