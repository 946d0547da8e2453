/** What a pattern says is needed and to what gauge, compared with the design: yarn, balls, stripes, hooks, buttons and gauges. */

import type { Design } from '../design.js';
import type { Fabric } from '../fabric/fabric.js';
import { perCm } from '../fabric/gauge.js';
import { buttonSize } from '../finishing/buttonholes.js';
import { USUAL_RESERVE } from '../finishing/finishing.js';
import { fabricStitches } from '../stitch/ofFabric.js';
import { GAUGE_OVER, GAUGE_OVER_IN_WORDS, type Units } from '../units/length.js';
import { saysLength } from '../write/lengths.js';
import type { YarnNeed } from '../yarn/metres.js';

/** What the sections with materials and gauge are compared with. */
export interface ProvenNeeds {
  yarn: readonly Pick<YarnNeed, 'colours'>[];
  /** The fabrics that the pieces have. */
  fabrics: readonly Fabric[];
  /** The fabric of the front bands, where there are any. */
  band: Fabric | null;
  finishing: Design['finishing'];
}

/** A figure of a gauge or a hook is printed to a tenth or a hundredth. */
const near = (said: string | number, wanted: number, off = 0.051) => Math.abs(Number(said) - wanted) <= off;

/**
 * What differs in the list of what is needed.
 *
 * @param lines of the section, as the maker of one size reads them
 */
export function needsDiffer(lines: readonly string[], needs: ProvenNeeds): string[] {
  return [
    ...yarnDiffers(lines, needs),
    ...lines.flatMap((text) => stripesDiffer(text, needs)),
    ...hooksDiffer(lines, needs.fabrics),
    ...buttonsDiffer(lines, needs),
  ];
}

function yarnDiffers(lines: readonly string[], { yarn, fabrics, finishing }: ProvenNeeds): string[] {
  const differences: string[] = [];
  const amounts = lines.flatMap((text) => {
    const [, name, many, balls, grams, metres] =
      /^Yarn for (.+?)(?: \([^()]*\))?: about (\d+) m(?:, (\d+) balls?(?: of ([\d.]+) g = ([\d.]+) m)?)?$/.exec(
        text,
      ) ?? [];
    if (many === undefined) return [];
    // A colour may follow the name.
    const ball = fabrics.find((fabric) => name!.startsWith(fabric.name))?.ball;
    if (grams !== undefined && !(ball && near(grams, ball.grams) && near(metres!, ball.metres)))
      differences.push(`balls of ${grams} g = ${metres} m are said`);
    return [`${many}/${balls ?? 0}`];
  });
  const planned = yarn
    .flatMap(({ colours }) => colours)
    .filter(({ metres }) => metres > 0)
    .map(({ metres, balls }) => `${metres}/${balls ?? 0}`);
  if ([...amounts].sort().join() !== [...planned].sort().join())
    differences.push(`the yarn is said to be ${amounts.join(', ')} m/balls, it is ${planned.join(', ')}`);
  const reserve = finishing?.reserve ?? USUAL_RESERVE;
  for (const text of lines) {
    const [, spare] = /tails and ([\d.]+) % to spare/.exec(text) ?? [];
    if (spare !== undefined && !near(spare, reserve))
      differences.push(`${spare} % to spare are said, they are ${reserve} %`);
  }
  return differences;
}

function stripesDiffer(text: string, { fabrics, finishing }: ProvenNeeds): string[] {
  const [, name, list] = /^Stripes of (.+), from the lower edge: (.+?); repeat\./.exec(text) ?? [];
  if (name === undefined) return [];
  const fabric = fabrics.find((one) => one.name === name);
  const stripes = finishing?.colours?.find((one) => one.fabric === fabric?.id)?.stripes ?? [];
  const planned = stripes
    .map(({ rows, colour }) => `${rows} row${rows === 1 ? '' : 's'} ${colour}`)
    .join(', ');
  return planned === list ? [] : [`the stripes of ${name} are said to be ${list}, they are ${planned}`];
}

function hooksDiffer(lines: readonly string[], fabrics: readonly Fabric[]): string[] {
  const said = new Map(
    lines.flatMap((text) => {
      const [, hook, name] = /^([\d.]+) mm hook for (.+)$/.exec(text) ?? [];
      return hook === undefined ? [] : [[name!, hook] as const];
    }),
  );
  const unknown = [...said.keys()].filter((name) => !fabrics.some((fabric) => fabric.name === name));
  return [
    ...unknown.map((name) => `a hook is named for ${name}, which no piece is worked in`),
    ...fabrics.flatMap(({ name, hook }) => {
      const told = said.get(name);
      if (told === undefined) return [`no hook is named for ${name}`];
      return near(told, hook, 0.006) ? [] : [`a hook of ${told} mm is named for ${name}, it is ${hook} mm`];
    }),
  ];
}

function buttonsDiffer(lines: readonly string[], { band, finishing }: ProvenNeeds): string[] {
  const buttons = band ? finishing?.buttons : undefined;
  const said = lines.flatMap(
    (text) => /^(\d+) buttons? of (\d+) mm$/.exec(text)?.slice(1).join(' of ') ?? [],
  );
  const wanted = buttons ? [`${buttons.count} of ${buttonSize(buttons, band!)}`] : [];
  return String(said) === String(wanted)
    ? []
    : [`buttons are said to be ${said.join() || 'none'}, they are ${wanted.join() || 'none'}`];
}

const SPANS = (Object.keys(GAUGE_OVER) as Units[]).map((unit) => ({
  words: GAUGE_OVER_IN_WORDS[unit],
  cm: GAUGE_OVER[unit],
}));
const GAUGE =
  /^(.+): ([\d.]+) sts? and ([\d.]+) rows?(?: of (?:sl st|reverse sc|\S+)(?: [bf]lo)?| in pattern)? in (10 cm|4 in), washed and blocked(?:; on the hook ([\d.]+) and ([\d.]+))?$/;
const REPEAT = /^One repeat of (\d+) sts? is (.+?) wide(?:, its (\d+) rows are (.+?) high)?$/;

/**
 * What differs in the gauges.
 *
 * @param lines of the section
 */
export function gaugeDiffers(lines: readonly string[], fabrics: readonly Fabric[]): string[] {
  const differences: string[] = [];
  const told = new Set<string>();
  let last: Fabric | undefined;
  for (const text of lines) {
    const differs = (what: string) => differences.push(`“${text}”: ${what}`);
    const gauge = GAUGE.exec(text);
    const repeat = REPEAT.exec(text);
    if (gauge) {
      const [, name, sts, rows, span, hookSts, hookRows] = gauge;
      last = fabrics.find((fabric) => fabric.name === name);
      if (!last) {
        differs('no piece is worked in it');
        continue;
      }
      told.add(last.id);
      const { cm } = SPANS.find(({ words }) => words === span)!;
      const per = (of: Fabric['gauge'], axis: 'stitches' | 'rows') => perCm(of, axis) * cm;
      const { gauge: own, unblocked } = last;
      if (!near(sts!, per(own, 'stitches')) || !near(rows!, per(own, 'rows')))
        differs(`it is ${per(own, 'stitches').toFixed(1)} sts and ${per(own, 'rows').toFixed(1)} rows`);
      if ((hookSts === undefined) !== (unblocked === undefined))
        differs('on the hook it was counted otherwise');
      else if (
        unblocked &&
        !(near(hookSts!, per(unblocked, 'stitches')) && near(hookRows!, per(unblocked, 'rows')))
      )
        differs(
          `on the hook it is ${per(unblocked, 'stitches').toFixed(1)} and ${per(unblocked, 'rows').toFixed(1)}`,
        );
    } else if (repeat && last) {
      const [, sts, width, rows, height] = repeat;
      const of = fabricStitches(last);
      if (of.is !== 'rows') {
        differs('it is plain');
        continue;
      }
      const { first, last: end } = of.text.repeat;
      const { gauge: own } = last;
      const { multiple } = of.proof.base;
      if (Number(sts) !== multiple || Number(rows ?? 1) !== end - first + 1)
        differs(`a repeat is ${multiple} sts and ${end - first + 1} rows`);
      if (!saysLength(width!, multiple / perCm(own, 'stitches'))) differs('its width is another');
      if (height !== undefined && !saysLength(height, (end - first + 1) / perCm(own, 'rows')))
        differs('its height is another');
    } else differs('this sentence is not one that gauges are written in');
  }
  for (const { id, name } of fabrics) if (!told.has(id)) differences.push(`the gauge of ${name} is not told`);
  return differences;
}
