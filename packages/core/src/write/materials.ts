import type { Design } from '../design.js';
import { swatchMetres, turningOf, type Fabric, type Turning } from '../fabric/fabric.js';
import { perCm } from '../fabric/gauge.js';
import { buttonSize } from '../finishing/buttonholes.js';
import { USUAL_RESERVE, type Finishing } from '../finishing/finishing.js';
import { fabricStitches, isTunisian } from '../stitch/ofFabric.js';
import { figure } from '../text/phrase.js';
import { countOf } from '../text/singular.js';
import { GAUGE_OVER, GAUGE_OVER_IN_WORDS } from '../units/length.js';
import { farCarried } from '../yarn/stripes.js';
import { lengthsOf, printedLength, unitsOf, type WrittenUnits } from './lengths.js';
import { sizesInHouse } from './house.js';
import { line, tableOf, type Line } from './line.js';
import type { HouseStyle } from './style.js';
import type { WrittenSize } from './written.js';

/** The sizes, the body each is for, and what it measures finished. */
export function sizeLines(sizes: readonly WrittenSize[], units: WrittenUnits): Line[] {
  if (sizes.length === 0) return [];
  const fit = line`${sizes.map(({ label }) => label)}`;
  const measures = [
    { label: 'To fit bust or chest', lengths: sizes.map(({ body }) => body.bust) },
    ...sizes[0]!.finished.map(({ label }, i) => ({
      label,
      lengths: sizes.map(({ finished }) => finished[i]!.actual),
    })),
  ];
  // One size alone is a list; of several a table is read more easily than brackets.
  if (sizes.length === 1)
    return [
      [`Size: ${sizes[0]!.label}`],
      ...measures.map(({ label, lengths }): Line => [`${label}: `, ...lengthsOf(lengths, units)]),
    ];
  return unitsOf(units).map((unit, i): Line => [
    ...(i === 0 ? fit : []),
    tableOf(
      `finished, ${unit}`,
      measures.map(({ label, lengths }) => ({
        label,
        each: lengths.map((cm) => printedLength(cm, unit)),
      })),
    ),
  ]);
}

/** Yarn by fabric and colour in metres and balls, hooks by what they are for, and what else is needed. */
export function materialLines(
  sizes: readonly WrittenSize[],
  used: readonly Fabric[],
  { finishing = {} }: Pick<Design, 'finishing'>,
): Line[] {
  const yarn = used
    .filter((fabric) => swatchMetres(fabric) !== null)
    .flatMap(({ id, name, yarn: called, weight, fibre, ball }): Line[] => {
      const needs = sizes.map((size) => size.yarn.find(({ fabric }) => fabric === id));
      const colours = [...new Set(needs.flatMap((need) => need?.colours.map(({ colour }) => colour) ?? []))];
      const what = [called, weight, fibre].filter(Boolean).join(', ');
      return colours.map((colour) => {
        const of = needs.map((need) => need?.colours.find((one) => one.colour === colour));
        const balls = of.map((one) => one?.balls ?? 0);
        const many = balls.some((count) => count > 0)
          ? line`, ${balls} balls${ball ? ` of ${figure(ball.grams)} g = ${figure(ball.metres)} m` : ''}`
          : [];
        return line`Yarn for ${name}${colour === null ? '' : `, ${colour}`}${what ? ` (${what})` : ''}: about ${of.map((one) => one?.metres ?? 0)} m${{ inline: many }}`;
      });
    });
  const unmeasured = used
    .filter((fabric) => swatchMetres(fabric) === null && (fabric.yarn ?? fabric.weight))
    .map(({ name, yarn: called, weight, fibre }): Line => [
      `Yarn for ${name}: ${[called, weight, fibre].filter(Boolean).join(', ')}; how much was not measured`,
    ]);
  const spare: Line[] =
    yarn.length > 0
      ? [[`Seams, tails and ${finishing.reserve ?? USUAL_RESERVE} % to spare are included.`]]
      : [];
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
  const hooks: Line[] = used.map(({ hook, name }) => [`${figure(hook)} mm hook for ${name}`]);
  if (hooks.length > 0) hooks.push(['Other hooks where these do not give the gauge']);
  return [...yarn, ...unmeasured, ...spare, ...stripes, ...hooks, ...notionLines(sizes, finishing, used)];
}

/** Buttons with number and size, markers, and what seams are sewn with. */
function notionLines(sizes: readonly WrittenSize[], { buttons }: Finishing, used: readonly Fabric[]): Line[] {
  const [size] = sizes;
  if (!size) return [];
  const band = size.pieces.find(({ role, fronts }) => role === 'front band' || fronts);
  const bandFabric = used.find(({ id }) => id === band?.fabric);
  const lines: Line[] = [];
  if (buttons && bandFabric) {
    lines.push([`${countOf(buttons.count, 'button')} of ${buttonSize(buttons, bandFabric)} mm`]);
  }
  const markers = size.pieces.reduce((sum, { passages, copies }) => {
    const marked = passages.filter(({ kind }) => kind === 'mark').length;
    const parts = passages.flatMap((one) => (one.kind === 'start' && one.over ? [one.over.length] : []));
    // What is worked from live stitches tells its parts as well, but needs no markers.
    const between = passages.some(({ kind }) => kind === 'lines') ? Math.max(0, (parts[0] ?? 0) - 1) : 0;
    const corners = passages.find((one) => one.kind === 'corners');
    // A body that grows has one at each side.
    const sides = passages.some(({ kind }) => kind === 'grow') ? 2 : 0;
    return sum + 2 * marked * copies + between + sides + (corners?.by.length ?? 0);
  }, 0);
  if (markers > 0) lines.push([countOf(markers, 'stitch marker')]);
  const sewn = size.joins.some(({ kind }) => kind !== 'live' && kind !== 'pick-up');
  lines.push([sewn ? 'Yarn needle and pins' : 'Yarn needle']);
  return lines;
}

/** The gauge of a fabric, washed and blocked and before that where it was counted, and what one repeat of its pattern measures. */
export function gaugeLines(fabric: Fabric, units: WrittenUnits): Line[] {
  const { name, gauge, unblocked } = fabric;
  const of = fabricStitches(fabric);
  const stitch = of.is === 'plain' ? ` of ${of.stitch}` : of.is === 'rows' ? ' in pattern' : '';
  const counts = unitsOf(units).flatMap((unit): Line[] => {
    const span = GAUGE_OVER[unit];
    const per = (count: number, over: number) => figure((count / over) * span, 1);
    const over = GAUGE_OVER_IN_WORDS[unit];
    return [
      [
        `${name}: ${per(gauge.stitches, gauge.stitchesOver)} sts and ${per(gauge.rows, gauge.rowsOver)} rows${stitch} in ${over}, washed and blocked${unblocked ? `; on the hook ${per(unblocked.stitches, unblocked.stitchesOver)} and ${per(unblocked.rows, unblocked.rowsOver)}` : ''}`,
      ],
    ];
  });
  if (of.is !== 'rows') return counts;
  const { multiple } = of.proof.base;
  const rows = of.text.repeat.last - of.text.repeat.first + 1;
  if (multiple === 1 && rows === 1) return counts;
  return [
    ...counts,
    [
      `One repeat of ${countOf(multiple, 'st')} is `,
      ...lengthsOf([multiple / perCm(gauge, 'stitches')], units),
      ` wide${rows > 1 ? `, its ${rows} rows are ` : ''}`,
      ...(rows > 1 ? [...lengthsOf([rows / perCm(gauge, 'rows')], units), ' high'] : []),
    ],
  ];
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
export function readingLines(
  sizes: readonly WrittenSize[],
  used: readonly Fabric[],
  { sizes: set }: Pick<HouseStyle, 'sizes'>,
): Line[] {
  const lines: Line[] = [[turningLine(used)]];
  if (sizes.length > 1)
    lines.unshift([
      `Sizes are in the order ${sizesInHouse(
        sizes.map(({ label }) => label),
        { sizes: set },
      )} throughout; one figure alone is for all of them, a dash stands where a size has nothing to do.`,
    ]);
  if (sizes.length > 0) lines.push(['“About” is measured blocked, from where the piece was begun.']);
  return lines;
}
