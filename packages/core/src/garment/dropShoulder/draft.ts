import type { Note } from '../../advice/note.js';
import { ANY_COUNT } from '../../fabric/fabric.js';
import { perCm } from '../../fabric/gauge.js';
import type { Relation } from '../../fit/problem.js';
import { cm, say } from '../../text/phrase.js';
import type { Draft, DraftQuantity, SizeInput } from '../construction.js';
import { draftBand } from '../shared/bands.js';
import { becomes, given, plus, quantity } from '../shared/quantity.js';
import { sameLength } from '../shared/seams.js';
import { evenRowsWished, taper } from '../shared/taper.js';
import { finishedOf } from './finished.js';
import { changeOfFabric, dropAboveUnderarm, heightOf, sameWidth, shouldersOf } from './relations.js';

import { upperFabric, type DropShoulderStyle } from './style.js';
import { bodyLength, cuffRound, panelWidth } from '../shared/targets.js';
import { armholeDepth, neckWidth, sleeveLength } from './targets.js';

type Input = SizeInput<DropShoulderStyle>;

/** Shortest piece that is still a piece, cm: what a length that came out at nothing is set to, with a note. */
const SHORTEST = 2;

/**
 * Drafts a closed drop-shoulder pullover for one body: every piece a rectangle, the sleeve tapered. The body covers
 * the arm by the overhang, which is taken off the sleeve; the sleeve's top goes twice along the armhole.
 */
export function draft(input: Input): Draft {
  const { size, style, fabrics } = input;
  const body = input.body.body;
  const fabric = fabrics.get(style.fabric)!;
  const sleeveFabric = fabrics.get(style.sleeve.fabric ?? style.fabric)!;
  const upper = fabrics.get(upperFabric(style))!;
  /** Whether back and front change to another fabric at the underarm. */
  const changes = style.upper !== null;
  const upperWidth = changes ? 'back.upper' : 'back.width';
  const stitches = perCm(fabric.gauge, 'stitches');
  const upperRows = perCm(upper.gauge, 'rows');
  const sleeveStitches = perCm(sleeveFabric.gauge, 'stitches');
  const notes: Note[] = [];

  const { length: width, round, reasons: widthReasons } = panelWidth(input);
  const { length: neck, drop, reasons: neckReasons } = neckWidth(input);
  const shoulder = (width - neck) / 2;

  const { length, reasons: lengthReasons } = bodyLength(input);
  const hem = style.hem
    ? draftBand({
        id: 'hem',
        label: 'Hem rib',
        style: style.hem,
        size: size.id,
        fabric: fabrics.get(style.hem.fabric)!,
        edge: { of: 'back.width', label: 'Panel width', perCm: stitches, target: width },
      })
    : null;
  const panel = length - (hem?.height ?? 0);
  const panelReasons = [
    ...lengthReasons,
    ...(hem ? [plus('Hem rib', -hem.height, panel, { kind: 'style', id: 'garment.hem.height' })] : []),
  ];
  const { length: armhole, reasons: armholeReasons } = armholeDepth(input);
  const side = panel - armhole;
  if (side < SHORTEST)
    notes.push({
      level: 'stop',
      code: 'armhole-deeper-than-body',
      where: 'side.rows',
      message: say`The armhole (${cm(armhole)}) leaves ${cm(Math.max(0, side))} of side seam on a panel of ${cm(panel)}; make the body longer or the armhole shallower.`,
    });

  const { length: wrist, reasons: cuffReasons } = cuffRound(input);
  const cuff = style.cuff
    ? draftBand({
        id: 'cuff',
        label: 'Cuff rib',
        style: style.cuff,
        size: size.id,
        fabric: fabrics.get(style.cuff.fabric)!,
        edge: { of: 'sleeve.cuff', label: 'Sleeve at the cuff', perCm: sleeveStitches, target: wrist },
      })
    : null;
  const {
    length: covered,
    overhang,
    reasons: armReasons,
  } = sleeveLength(input, width, sleeveFabric.growth ?? 0);
  const sleeve = covered - (cuff?.height ?? 0);
  if (sleeve < SHORTEST)
    notes.push({
      level: 'stop',
      code: 'overhang-longer-than-arm',
      where: 'sleeve.rows',
      message: say`The body already covers ${cm(overhang)} of the arm's ${cm(body.shoulderToWrist)}; less the cuff nothing is left for a sleeve. Less ease, a shorter cuff or no sleeve would work.`,
    });
  const sleeveReasons = [
    ...armReasons,
    ...(cuff ? [plus('Cuff rib', -cuff.height, sleeve, { kind: 'style', id: 'garment.cuff.height' })] : []),
  ];
  const top = 2 * armhole;

  const up = style.sleeve.worked === 'up';
  const inPattern = fabric.rule.flat;
  const quantities: DraftQuantity[] = [
    quantity({
      id: 'back.width',
      label: 'Back, width',
      fabric,
      axis: 'stitches',
      target: width,
      weight: 1,
      rule: inPattern,
      because: widthReasons,
      min: 4,
    }),
    quantity({
      id: 'front.width',
      label: 'Front, width',
      fabric,
      axis: 'stitches',
      target: width,
      weight: 1,
      rule: inPattern,
      because: widthReasons,
      min: 4,
    }),
    quantity({
      id: 'neck.width',
      label: 'Neck, width',
      fabric: upper,
      axis: 'stitches',
      target: neck,
      weight: 1,
      rounding: 'not under',
      because: neckReasons,
    }),
    quantity({
      id: 'shoulder.width',
      label: 'Shoulder, each',
      fabric: upper,
      axis: 'stitches',
      target: Math.max(0.5, shoulder),
      weight: 0.2,
      because: [
        given('Panel, width', width, { kind: 'quantity', id: upperWidth }),
        plus('Neck', -neck, width - neck, { kind: 'quantity', id: 'neck.width' }),
        becomes('Two shoulders', '÷ 2', shoulder),
      ],
    }),
    ...(changes
      ? (['back', 'front'] as const).map((panelId) =>
          quantity({
            id: `${panelId}.upper`,
            label: `${panelId === 'back' ? 'Back' : 'Front'}, width from the underarm up`,
            fabric: upper,
            axis: 'stitches',
            target: width,
            weight: 1,
            rule: upper.rule.flat,
            because: widthReasons,
            min: 4,
          }),
        )
      : [
          quantity({
            id: 'body.rows',
            label: 'Back and front, height',
            fabric,
            axis: 'rows',
            target: Math.max(SHORTEST, panel),
            weight: 1,
            rule: fabric.rule.rows,
            because: panelReasons,
            min: 4,
          }),
        ]),
    quantity({
      id: 'armhole.rows',
      label: 'Armhole, depth',
      fabric: upper,
      axis: 'rows',
      target: armhole,
      weight: 1,
      ...(changes ? { rule: upper.rule.rows } : {}),
      because: armholeReasons,
      min: 2,
    }),
    quantity({
      id: 'side.rows',
      label: 'Side seam',
      fabric,
      axis: 'rows',
      target: Math.max(SHORTEST, side),
      weight: changes ? 1 : 0.2,
      ...(changes ? { rule: fabric.rule.rows } : {}),
      because: [...panelReasons, plus('Armhole', -armhole, side, { kind: 'quantity', id: 'armhole.rows' })],
    }),
    quantity({
      id: 'neck.drop',
      label: 'Front neck drop',
      fabric: upper,
      axis: 'rows',
      target: drop,
      weight: 0.5,
      rounding: drop === 0 ? 'not over' : 'not under',
      min: 0,
      because: [given('Front neck drop wanted', drop, { kind: 'style', id: 'garment.neck.drop' })],
    }),
    quantity({
      id: 'sleeve.top',
      label: 'Sleeve, top',
      fabric: sleeveFabric,
      axis: 'stitches',
      target: top,
      weight: 1,
      rule: up ? ANY_COUNT : sleeveFabric.rule.flat,
      min: 4,
      because: [...armholeReasons, becomes('Front and back armhole', '× 2', top)],
    }),
    quantity({
      id: 'sleeve.cuff',
      label: 'Sleeve, at the cuff',
      fabric: sleeveFabric,
      axis: 'stitches',
      target: wrist,
      weight: 0.5,
      rule: up ? sleeveFabric.rule.flat : ANY_COUNT,
      min: 4,
      because: cuffReasons,
    }),
    quantity({
      id: 'sleeve.rows',
      label: 'Sleeve, length',
      fabric: sleeveFabric,
      axis: 'rows',
      target: Math.max(SHORTEST, sleeve),
      weight: 1,
      rounding: 'not over',
      min: 4,
      because: sleeveReasons,
    }),
    ...(hem?.quantities ?? []),
    ...(cuff?.quantities ?? []),
  ];

  const tapered = taper(
    style.sleeve.everyRow,
    evenRowsWished(style.sleeve, size.id, perCm(sleeveFabric.gauge, 'rows')),
  );
  const relations: Relation[] = [
    sameWidth(),
    shouldersOf(upperWidth),
    ...(changes ? changeOfFabric() : [heightOf()]),
    dropAboveUnderarm(),
    ...sameLength(
      {
        id: 'armhole.seam',
        rule: 'the sleeve’s top goes along the armhole',
        says: (counts) =>
          say`Sleeve to armhole: ${counts['sleeve.top']!} stitches (${cm(counts['sleeve.top']! / sleeveStitches)}) along 2 × ${counts['armhole.rows']!} rows (${cm((2 * counts['armhole.rows']!) / upperRows)})`,
      },
      { of: 'sleeve.top', perCm: sleeveStitches, times: 1 },
      { of: 'armhole.rows', perCm: upperRows, times: 2 },
    ),
    ...tapered.relations,
    ...(hem?.relations ?? []),
    ...(cuff?.relations ?? []),
  ];

  const finished = finishedOf(input, { round, length, neck, drop, armhole, top, wrist, covered });
  return {
    quantities,
    helpers: tapered.helpers,
    relations,
    finished,
    notes,
  };
}
