import type { Note } from '../../../advice/note.js';
import { shapingUnit } from '../../../fabric/fabric.js';
import { perCm } from '../../../fabric/gauge.js';
import type { Relation } from '../../../fit/problem.js';
import { cm, say } from '../../../text/phrase.js';
import type { Draft, DraftQuantity, SizeInput } from '../../construction.js';
import type { CountId } from '../../counts.js';
import { draftBand } from '../bands.js';
import { frontWidth, isOpen, isTied, openingWidth, tieQuantity } from '../front.js';
import { becomes, given, plus, quantity } from '../quantity.js';
import { draftCurve, insetOf } from './armholeCurve.js';
import { capTargets } from './cap/targets.js';
import { draftSleeve } from './draftSleeve.js';
import { followers } from './edgings.js';
import { finishedOf } from './finished.js';
import { neckTooWide, panelLengths, SHORTEST } from './lengths.js';
import { draftLowerEdge } from './lowerEdge.js';
import { notchWidth } from './notch.js';
import {
  changeOfFabric,
  dropAboveHem,
  dropAboveUnderarm,
  frontsBesideNeck,
  frontsOverShoulders,
  heightOf,
  sameHemHeight,
  sameWidth,
  shouldersOf,
  slantedNeck,
  slantedTo,
} from './relations.js';
import { centredPanel } from './centredPanel.js';
import { draftSides, hemOf, hemTargets } from './sides.js';
import { upperFabric, type PanelStyle } from './style.js';
import { bodyWidth, neckDrop, neckWidth } from './targets.js';

type Input = SizeInput<PanelStyle>;

/**
 * Drafts panels for one body: every piece a rectangle or nearly, the sleeve tapered. The body covers
 * the arm by the overhang, which is taken off the sleeve; the sleeve's top goes twice along the armhole.
 */
export function draft(input: Input): Draft {
  const { size, style, fabrics } = input;
  const fabric = fabrics.get(style.fabric)!;
  const upper = fabrics.get(upperFabric(style))!;
  /** Whether back and front change to another fabric at the underarm. */
  const changes = style.upper !== null;
  const upperWidth = changes ? 'back.upper' : 'back.width';
  const stitches = perCm(fabric.gauge, 'stitches');
  const notes: Note[] = [];

  const { length: width, round, reasons: widthReasons } = bodyWidth(input);
  const { length: neck, drop: wantedDrop, reasons: neckReasons } = neckWidth(input);
  const inset = insetOf(input, width);
  const notch = inset?.base ?? notchWidth(input, width);
  /** What the armhole takes off on each side, cm, and the counts that do. */
  const off = (notch?.length ?? 0) + (inset?.curve.length ?? 0);
  const armholeCounts: CountId[] = [];
  if (notch) armholeCounts.push('notch.width');
  if (inset) armholeCounts.push('armhole.curve');
  const shoulder = (width - neck) / 2 - off;
  const open = isOpen(style);
  const front = open ? frontWidth(input, width, 'Back, width') : { length: width, reasons: widthReasons };
  const { slant } = style.neck;
  /** What a side of the neck takes off, cm. */
  const slanted = open ? front.length - shoulder - off : neck / 2;
  const drop = slant
    ? (slanted * perCm(upper.gauge, 'stitches') * slant.every) / slant.stitches / perCm(upper.gauge, 'rows')
    : wantedDrop;
  const frontTop = changes ? 'front.upper' : 'front.width';
  if (front.length < shoulder + off)
    notes.push({
      level: 'warn',
      code: 'gap-wider-than-neck',
      where: frontTop,
      message: say`What lies between the fronts (${cm(openingWidth(input))}) is wider than the neck (${cm(neck)}), so each front would be narrower than its shoulder; a wider neck or a smaller gap would do.`,
    });

  notes.push(...neckTooWide(neck, width - 2 * off));

  const hemWidths = hemTargets(input, front.length);
  const hem = style.hem
    ? draftBand({
        id: 'hem',
        label: 'Hem rib',
        style: style.hem,
        size: size.id,
        fabric: fabrics.get(style.hem.fabric)!,
        edge: {
          of: hemOf(style, 'back'),
          label: 'Panel at its lower edge',
          perCm: stitches,
          target: hemWidths?.back ?? width,
        },
      })
    : null;
  const frontHem =
    style.hem && open
      ? draftBand({
          id: 'hem-front',
          label: 'Hem rib of a front',
          style: style.hem,
          size: size.id,
          fabric: fabrics.get(style.hem.fabric)!,
          field: 'hem',
          edge: {
            of: hemOf(style, 'front'),
            label: 'Front, each at its lower edge',
            perCm: stitches,
            target: hemWidths?.front ?? front.length,
          },
        })
      : null;
  const lengths = panelLengths(input, hem?.height ?? null, { armhole: 'armhole.rows', side: 'side.rows' });
  const { length, armhole, armholeReasons, side } = lengths;
  notes.push(...lengths.notes);

  const across = width - 2 * off;
  if (inset && inset.across > width)
    notes.push({
      level: 'warn',
      code: 'shoulders-wider-than-panel',
      where: 'notch.width',
      message: say`The shoulders (${cm(inset.across)} with their ease) are wider than the panel (${cm(width)}), so there is nothing to curve an armhole from; more ease all round or less across the shoulders would do.`,
    });
  const curve = inset
    ? draftCurve(input, inset, { length: armhole, reasons: armholeReasons })
    : { quantities: [], relations: [] };
  const cap = style.sleeve && inset ? capTargets(input, style.sleeve, { armhole, inset }) : null;
  const sleeve = style.sleeve
    ? draftSleeve(input, style.sleeve, {
        across,
        armhole,
        armholeReasons,
        notch: inset ? null : notch,
        cap,
      })
    : null;
  notes.push(...(sleeve?.notes ?? []), ...(cap?.notes ?? []));
  const centred = centredPanel(fabric);
  const sides = draftSides(input, fabric, front.length, {
    side: Math.max(SHORTEST, side),
    toWaist: Math.min(side - SHORTEST, Math.max(SHORTEST, input.body.body.backWaist - armhole)),
  });
  const lowerEdge = draftLowerEdge(input, fabric);
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
      label: open ? 'Front, width of each' : 'Front, width',
      fabric,
      axis: 'stitches',
      target: front.length,
      weight: 1,
      rule: inPattern,
      because: front.reasons,
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
      // By whole units every row is in pattern, that of a shoulder as well.
      ...(shapingUnit(upper) === 1 ? {} : { rule: upper.rule.flat }),
      weight: inset ? 1 : 0.2,
      because: [
        given('Panel, width', width, { kind: 'quantity', id: upperWidth }),
        plus('Neck', -neck, width - neck, { kind: 'quantity', id: 'neck.width' }),
        ...(notch
          ? [
              plus(
                inset ? 'What both armholes take off' : 'Two steps of the armholes',
                -2 * off,
                2 * shoulder,
                { kind: 'quantity', id: 'notch.width' },
              ),
            ]
          : []),
        becomes('Two shoulders', '÷ 2', shoulder),
      ],
    }),
    ...(notch
      ? [
          quantity({
            id: 'notch.width',
            label: inset ? 'Armhole, base of each' : 'Step at the underarm, each',
            fabric,
            axis: 'stitches',
            target: notch.length,
            rule: { multiple: shapingUnit(fabric), plus: 0 },
            weight: 0.4,
            because: notch.reasons,
            min: 1,
          }),
        ]
      : []),
    ...(changes
      ? (['back', 'front'] as const).map((panelId) =>
          quantity({
            id: `${panelId}.upper`,
            label: `${panelId === 'back' ? 'Back' : 'Front'}, width from the underarm up`,
            fabric: upper,
            axis: 'stitches',
            target: panelId === 'back' ? width : front.length,
            weight: 1,
            rule: upper.rule.flat,
            because: panelId === 'back' ? widthReasons : front.reasons,
            min: 4,
          }),
        )
      : [
          quantity({
            id: 'body.rows',
            label: 'Back and front, height',
            fabric,
            axis: 'rows',
            target: lengths.panel,
            weight: 1,
            rule: fabric.rule.rows,
            because: lengths.panelReasons,
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
      because: lengths.sideReasons,
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
      because: slant
        ? [
            given('Slanted off', slanted, { kind: 'quantity', id: open ? 'front.width' : 'neck.width' }),
            {
              label: say`Rows for ${slant.stitches} off in every ${slant.every === 1 ? 'row' : '2nd row'}`,
              figure: say`${cm(drop)}`,
            },
          ]
        : neckDrop(input).reasons,
    }),
    ...curve.quantities,
    ...sides.quantities,
    ...(isTied(style) ? [tieQuantity(input)] : []),
    ...lowerEdge.quantities,
    ...(sleeve?.quantities ?? []),
    ...(hem?.quantities ?? []),
    ...(frontHem?.quantities ?? []),
  ];

  const relations: Relation[] = [
    ...(open ? [frontsOverShoulders(frontTop, armholeCounts)] : [sameWidth()]),
    shouldersOf(upperWidth, inset ? 'curved' : notch ? 'notched' : 'plain'),
    ...curve.relations,
    ...(changes ? changeOfFabric(open) : [heightOf()]),
    open && !changes ? dropAboveHem() : dropAboveUnderarm(),
    ...(open && drop > armhole && style.body.shape === 'waist' ? [frontsBesideNeck(armholeCounts)] : []),
    ...(slant ? (open ? slantedTo(slant, frontTop, armholeCounts) : slantedNeck(slant)) : []),
    ...sides.relations,
    ...centred.relations,
    ...lowerEdge.relations,
    ...(sleeve?.relations ?? []),
    ...(hem?.relations ?? []),
    ...(frontHem ? [...frontHem.relations, sameHemHeight()] : []),
  ];

  const finished = finishedOf(input, {
    round,
    length,
    neck,
    drop,
    armhole,
    across: notch ? across : null,
    sleeve: sleeve?.wanted ?? null,
  });
  const edgings = followers(input);
  return {
    quantities,
    helpers: [...(sleeve?.helpers ?? []), ...sides.helpers, ...centred.helpers],
    relations,
    finished: [...finished, ...sides.finished],
    notes,
    ...(edgings ? { edgings } : {}),
  };
}
