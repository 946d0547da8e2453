import { isInSpaces, stitchOf, type Axis } from '../../../fabric/fabric.js';
import { perCm } from '../../../fabric/gauge.js';
import type { JoinPlan } from '../../../joins/join.js';
import type { Side } from '../../../joins/roles.js';
import type { PieceProgram, Program, SizeInput } from '../../construction.js';
import type { GarmentCounts } from '../../counts.js';
import { downTo } from '../../shared/arm.js';
import { cuffJoins } from '../../shared/bandJoins.js';
import { bandPiece, pickedBand } from '../../shared/bandPiece.js';
import { acrossOf, alongOf } from '../../shared/bands.js';
import { hoodJoins, hoodPiece, hoodRatio } from '../../shared/hood.js';
import { shoulderSeams } from '../../shared/panels/joins.js';
import { onBothSides, sleeveFrom } from '../../shared/pieces.js';
import { halfCounted, isShaped, takenBy } from './draft.js';
import { hasStrip, neckEdge } from './edgings.js';
import type { HexagonStyle } from './fields.js';
import type { First } from './geometry.js';
import { half } from './half.js';
import { notesOfCounts } from './notes.js';
import { cuffOf, targetsOf } from './targets.js';

type Input = SizeInput<HexagonStyle>;

/** Both halves, what lies between them, the sleeves worked on, cuffs and hood. */
export function program(input: Input, counts: GarmentCounts): Program {
  const { style, fabrics } = input;
  const { body: person } = input.body;
  const fabric = fabrics.get(style.fabric)!;
  const [stitches, rows] = [perCm(fabric.gauge, 'stitches'), perCm(fabric.gauge, 'rows')];
  const targets = targetsOf(input);
  const { first } = targets;
  const pieces: PieceProgram[] = (['right', 'left'] as const).map((wearers) =>
    half(input, counts, { wearers, first }),
  );
  const strip = hasStrip(style);
  if (strip)
    pieces.push(
      pickedBand(
        'centre',
        'centre band',
        'Strip at the centre back',
        1,
        fabric,
        'the centre back of the left half',
        counts,
      ),
    );
  if (style.sleeve) pieces.push(sleeve(input, counts));
  if (style.sleeve && style.cuff)
    pieces.push(bandPiece('cuff', 'Cuff rib', 2, cuffOf(input)!, fabrics, counts));
  if (style.hood) pieces.push(hoodPiece(input, counts));
  const { body, arm, length } = halfCounted(counts, first, 1 / rows);
  const between = (counts.find('centre.rows') ?? 0) / rows;
  const round = 4 * body + between;
  const overhang = body + arm + between / 2 - person.crossBack / 2;
  const worked = (counts.find('sleeve.rows') ?? 0) / rows;
  const cuff = style.sleeve && style.cuff;
  const ofCuff = (id: 'cuff.height' | 'cuff.rows', axis: Axis) =>
    cuff ? counts.of(id) / perCm(fabrics.get(cuff.fabric)!.gauge, axis) : 0;
  const cuffHeight = cuff ? ofCuff('cuff.height', acrossOf(cuff)) : 0;
  const cuffLength = cuff ? ofCuff('cuff.rows', alongOf(cuff)) : 0;
  return {
    pieces,
    joins: joinsOf(input, counts, first),
    notes: notesOfCounts(input, targets, counts),
    girths: {
      body: [
        { at: 0, round },
        { at: length, round },
      ],
      arm: [
        { at: 0, round: 2 * arm },
        { at: overhang, round: 2 * arm },
        ...(style.sleeve ? [{ at: overhang + worked, round: counts.of('sleeve.cuff') / stitches }] : []),
        ...(cuff ? [0, cuffHeight].map((at) => ({ at: overhang + worked + at, round: cuffLength })) : []),
      ],
    },
    facts: {
      closedNeck: null,
      sleeveTop: { round: 2 * arm, quantity: 'hexagon.rounds' },
      reach: style.sleeve
        ? {
            overhang,
            sleeve: worked,
            cuff: cuffHeight,
            wanted: downTo(input, style.sleeve, person.shoulderToWrist).length,
          }
        : null,
    },
  };
}

/** A sleeve, in rounds on from the opening: straight, or a cluster (or some stitches) less or more at a time, by turns under and over the arm. */
function sleeve(input: Input, counts: GarmentCounts): PieceProgram {
  const { style, fabrics } = input;
  const fabric = fabrics.get(style.fabric)!;
  const [top, end, rows] = [counts.of('sleeve.top'), counts.of('sleeve.cuff'), counts.of('sleeve.rows')];
  const by = end <= top ? takenBy(input) : -takenBy(input);
  const times = (top - end) / by;
  const every = times > 0 ? Math.max(1, Math.floor((rows - 1) / times)) : 1;
  return sleeveFrom(
    fabric,
    [
      {
        kind: 'start',
        part: 'main',
        stitches: top,
        extra: 0,
        along: 'the sleeve opening, from the underarm round',
        round: style.rounds,
        ...(isInSpaces(fabric) ? { inSpaces: fabric.unit!.stitches } : {}),
      },
      isShaped(style) && times > 0
        ? { kind: 'by turns', part: 'main', to: rows, by, first: 2, every, times }
        : { kind: 'even', part: 'main', to: rows },
    ],
    { end, rows, cuffed: style.cuff !== null },
  );
}

/** The shoulders first, then the halves to each other, then what is worked on. */
function joinsOf(input: Input, counts: GarmentCounts, first: First): JoinPlan[] {
  const { style, size, fabrics } = input;
  const fabric = fabrics.get(style.fabric)!;
  const [e, f] = [counts.of('hexagon.rows'), counts.of('hexagon.hem')];
  const open = style.top.left === 'open';
  const ofSides = open && e > 0;
  const hemRows = (id: string, side: Side) => (f > 0 ? [`${id}-hem-${side}`] : []);
  const topRows = (id: string, side: Side) => (ofSides && first === 'body' ? [`${id}-top-${side}`] : []);
  const back = (side: Side) => [
    ...hemRows('back.centre', side),
    `back.centre-${side}`,
    ...topRows('back.centre', side),
  ];
  const neckRows = (which: string, side: Side) =>
    ofSides && first === 'sleeve' ? [`${which}.neck-rows-${side}`] : [];
  const strip = hasStrip(style);
  return [
    ...shoulderSeams(),
    ...(strip
      ? [
          {
            id: 'centre-picked',
            role: 'centre band' as const,
            label: 'Strip at the centre back, left half',
            side: 'left' as const,
            kind: 'pick-up' as const,
            a: ['centre.joined'],
            b: back('left'),
          },
          {
            id: 'centre-sewn',
            role: 'centre seam' as const,
            label: 'Strip at the centre back, right half',
            side: 'right' as const,
            kind: 'stitch-to-row' as const,
            a: ['centre.free'],
            b: back('right'),
          },
        ]
      : [
          {
            id: 'centre-back',
            role: 'back seam' as const,
            label: 'Centre back',
            kind: 'stitch-to-stitch' as const,
            a: back('left'),
            b: back('right'),
            says: 'stitch to stitch, and row to row along the rows at its ends',
          },
        ]),
    ...(style.sleeve
      ? onBothSides('Sleeve to its opening', (side, label) => ({
          id: `armhole-${side}`,
          role: 'armhole',
          label,
          kind: 'pick-up',
          a: ['sleeve.top'],
          b: [`half.sleeve-${side}`],
          ratio: { each: 1, plus: 0, hidden: 0, of: stitchOf(fabric) },
        }))
      : []),
    ...(style.sleeve && style.cuff ? cuffJoins(cuffOf(input)!, size.id) : []),
    ...(style.hood
      ? hoodJoins(
          style.hood,
          [
            ...neckRows('front', 'right'),
            'front.neck-right',
            'back.neck-right',
            ...neckRows('back', 'right'),
            ...(strip ? ['centre.end-left'] : []),
            ...neckRows('back', 'left'),
            'back.neck-left',
            'front.neck-left',
            ...neckRows('front', 'left'),
          ],
          hoodRatio(input, neckEdge(input, counts, first).stretches),
        )
      : []),
  ];
}
