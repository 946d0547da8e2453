/** What a raglan asks of its rows and stitches, held against what there is; with the nearest settings that work. */

import type { Fix, Note } from '../../../advice/note.js';
import { perCm } from '../../../fabric/gauge.js';
import { cm, figure, say } from '../../../text/phrase.js';
import type { SizeInput } from '../../construction.js';
import { easeOver, forSize } from '../../../fields/perSize.js';
import type { YokeTargets } from '../../shared/yoke/below.js';
import { endsAboveUnderarm } from '../../shared/yoke/shallow.js';
import type { NeckTargets } from '../../shared/yoke/targets.js';
import { firstShapingRow, lineShares } from './lines.js';
import type { RaglanStyle } from './fields.js';

type Input = SizeInput<RaglanStyle>;

/** A garment that comes out so much narrower than wanted is another garment, cm. */
const TOO_FAR = 6;
/** A raglan has at least so much depth beyond the armhole's, cm (common practice). */
const DEEPER = 3;

/** Everything that the targets of a yoke cannot have together. */
export function feasibility(input: Input, wanted: YokeTargets, neck: NeckTargets): Note[] {
  return [
    ...tooShallow(input, wanted, neck),
    ...sleeveShrinks(input, wanted, neck),
    ...neckTooWide(input, neck),
    ...endsAboveUnderarm(input, wanted.depth, DEEPER),
  ];
}

/** Stitches that a line must gain on the body's or the sleeve's side, and the rows that may. */
function needs(input: Input, wanted: YokeTargets, neck: NeckTargets) {
  const { style, fabrics } = input;
  const { gauge } = fabrics.get(style.fabric)!;
  const [stitches, rows] = [perCm(gauge, 'stitches'), perCm(gauge, 'rows')];
  const shares = lineShares(style);
  const first = firstShapingRow(style);
  const { everyRow, most } = style.rates;
  return {
    stitches,
    rows,
    first,
    body: ((wanted.back - neck.back) * stitches) / 2 - shares.body,
    sleeve: ((wanted.upperArm - wanted.chain - neck.sleeve) * stitches) / 2 - shares.sleeve,
    slots: Math.floor((Math.round(wanted.depth * rows) - first) / everyRow) + 1,
    most,
    everyRow,
  };
}

function tooShallow(input: Input, wanted: YokeTargets, neck: NeckTargets): Note[] {
  const { size, style } = input;
  const { stitches, rows, first, body, sleeve, slots, most, everyRow } = needs(input, wanted, neck);
  const need = Math.max(body, sleeve);
  const room = slots * most;
  if (need <= room + 0.5) return [];
  const lacking = (2 * (need - room)) / stitches;
  const rowsNeeded = Math.ceil(need / most - 1e-9);
  const depth = ((rowsNeeded - 1) * everyRow + first) / rows;
  const armhole = input.body.body.armholeDepth;
  const deeper = Math.ceil((depth - armhole) * 10) / 10;
  const fixes: Fix[] = [
    {
      label: say`Yoke ${cm(armhole + deeper)} deep`,
      set: [{ path: 'garment.depthEase', value: deeper, size: size.id }],
    },
  ];
  if (most === 1)
    fixes.push({
      label: say`Two stitches at a line where one is too few`,
      set: [{ path: 'garment.rates.most', value: 2 }],
    });
  if (everyRow === 2)
    fixes.push({ label: say`Increases in every row`, set: [{ path: 'garment.rates.everyRow', value: 1 }] });
  if (body >= sleeve) {
    const chain = Math.ceil((wanted.chain + lacking) * 10) / 10;
    if (chain < wanted.back / 2)
      fixes.push({
        label: say`Underarm chain of ${cm(chain)}`,
        set: [{ path: 'garment.underarm', value: chain, size: size.id }],
      });
  }
  const share = style.neck.sleeveShare;
  const wider = (lacking / (1 - (2 * share) / 100)) * 2;
  fixes.push({
    label: say`Neck ${cm(Math.ceil(wider))} wider all round`,
    set: [
      {
        path: 'garment.neck.ease',
        value: Math.ceil(neck.round.length + wider - input.body.body.neck),
        size: size.id,
      },
    ],
  });
  return [
    {
      level: lacking > TOO_FAR ? 'stop' : 'warn',
      code: 'yoke-too-shallow',
      where: 'yoke.rows',
      message: say`The yoke is too shallow: ${body >= sleeve ? 'back and fronts' : 'the sleeves'} want ${figure(need, 0)} stitches along each raglan line, ${slots} rows that may increase give ${room} at most, so ${cm(lacking)} would be lacking; depth, underarm and neck have been moved to meet in between.`,
      fixes,
    },
  ];
}

function sleeveShrinks(input: Input, wanted: YokeTargets, neck: NeckTargets): Note[] {
  const { size, style } = input;
  const over = neck.sleeve - (wanted.upperArm - wanted.chain);
  if (over <= 0) return [];
  const fitting = ((wanted.upperArm - wanted.chain) / neck.round.length) * 100;
  return [
    {
      level: over > TOO_FAR ? 'stop' : 'warn',
      code: 'sleeve-would-shrink',
      where: 'sleeve.top',
      message: say`The sleeve has ${cm(neck.sleeve)} at the neck already, more than the ${cm(wanted.upperArm - wanted.chain)} it should have above the underarm chain; a yoke only grows.`,
      fixes: [
        ...(fitting >= 2 && Math.floor(fitting) < style.neck.sleeveShare
          ? [
              {
                label: say`Sleeves with ${figure(Math.floor(fitting), 0)} % of the neck each`,
                set: [{ path: 'garment.neck.sleeveShare', value: Math.floor(fitting) }],
              },
            ]
          : []),
        ...(wanted.chain > over
          ? [
              {
                label: say`Underarm chain of ${cm(wanted.chain - over)}`,
                set: [
                  {
                    path: 'garment.underarm',
                    value: Math.floor((wanted.chain - over) * 10) / 10,
                    size: size.id,
                  },
                ],
              },
            ]
          : []),
        {
          label: say`Sleeve ${cm(wanted.upperArm + over)} round`,
          set: [
            {
              path: 'garment.sleeve.upperArmEase',
              value: Math.ceil((wanted.upperArm + over - input.body.body.upperArm) * 10) / 10,
              size: size.id,
            },
          ],
        },
      ],
    },
  ];
}

function neckTooWide(input: Input, neck: NeckTargets): Note[] {
  const { crossBack } = input.body.body;
  // Half of each sleeve's share lies behind the shoulder.
  const across = neck.back + neck.sleeve;
  if (across <= crossBack) return [];
  const round = (neck.round.length * crossBack) / across;
  const own =
    input.body.body.neck + easeOver(forSize(input.style.neck.ease, input.size.id), input.body.body.neck);
  // Where the head has made the neck wider than wished, less ease would not make it narrower.
  const forHead = neck.round.length > own + 0.05;
  return [
    {
      level: across > crossBack * 1.2 ? 'stop' : 'warn',
      code: 'neck-wider-than-shoulders',
      where: 'neck.round',
      message: say`The neck reaches ${cm(across)} across, wider than the shoulders carry (cross-back ${cm(crossBack)}); it will slide off.`,
      fixes: forHead
        ? [
            {
              label: say`A round neck that falls in front, so that the head passes`,
              set: [{ path: 'garment.neck.shape', value: 'round' }],
            },
            {
              label: say`Fronts that open, with a band`,
              set: [{ path: 'garment.front.style', value: 'band' }],
            },
          ]
        : [
            {
              label: say`Neck ${cm(Math.floor(round))} all round`,
              set: [
                {
                  path: 'garment.neck.ease',
                  value: Math.floor(round - input.body.body.neck),
                  size: input.size.id,
                },
              ],
            },
          ],
    },
  ];
}
