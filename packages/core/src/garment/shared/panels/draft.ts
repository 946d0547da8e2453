import type { Note } from '../../../advice/note.js';
import { cm, say } from '../../../text/phrase.js';
import type { Relation } from '../../../fit/problem.js';
import type { Draft, SizeInput } from '../../construction.js';
import { isTied, tieQuantity } from '../front.js';
import { draftCurve } from './armholeCurve.js';
import { bodyLengths } from './bodyLengths.js';
import { bodyQuantities } from './bodyQuantities.js';
import { capTargets } from './cap/targets.js';
import { centredPanel } from './centredPanel.js';
import { draftSleeve } from './draftSleeve.js';
import { followers } from './edgings.js';
import { finishedOf } from './finished.js';
import { draftHems } from './hems.js';
import { panelLengths, SHORTEST } from './lengths.js';
import { draftLowerEdge } from './lowerEdge.js';
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
import { draftSides } from './sides.js';
import type { PanelStyle } from './style.js';

/**
 * Drafts panels for one body: every piece a rectangle or nearly, the sleeve tapered. The body covers
 * the arm by the overhang, which is taken off the sleeve; the sleeve's top goes twice along the armhole.
 */
export function draft(input: SizeInput<PanelStyle>): Draft {
  const { style } = input;
  const body = bodyLengths(input);
  const { fabric, changes, open, width, front, neck, drop, inset, notch, off, armholeCounts } = body;
  const { hem, frontHem } = draftHems(input, body);
  const lengths = panelLengths(input, hem?.height ?? null, { armhole: 'armhole.rows', side: 'side.rows' });
  const { armhole, armholeReasons, side } = lengths;
  const across = width.length - 2 * off;
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
  const centred = centredPanel(fabric);
  const sides = draftSides(input, fabric, front.length, {
    side: Math.max(SHORTEST, side),
    toWaist: Math.min(side - SHORTEST, Math.max(SHORTEST, input.body.body.backWaist - armhole)),
  });
  const lowerEdge = draftLowerEdge(input, fabric);
  const frontTop = changes ? 'front.upper' : 'front.width';
  const { slant } = style.neck;
  const relations: Relation[] = [
    ...(open ? [frontsOverShoulders(frontTop, armholeCounts)] : [sameWidth()]),
    shouldersOf(changes ? 'back.upper' : 'back.width', inset ? 'curved' : notch ? 'notched' : 'plain'),
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
    round: width.round,
    length: lengths.length,
    neck: neck.length,
    drop,
    armhole,
    across: notch ? across : null,
    sleeve: sleeve?.wanted ?? null,
  });
  const edgings = followers(input);
  return {
    quantities: [
      ...bodyQuantities(input, body, lengths),
      ...curve.quantities,
      ...sides.quantities,
      ...(isTied(style) ? [tieQuantity(input)] : []),
      ...lowerEdge.quantities,
      ...(sleeve?.quantities ?? []),
      ...(hem?.quantities ?? []),
      ...(frontHem?.quantities ?? []),
    ],
    helpers: [...(sleeve?.helpers ?? []), ...sides.helpers, ...centred.helpers],
    relations,
    finished: [...finished, ...sides.finished],
    notes: [
      ...body.notes,
      ...lengths.notes,
      ...(inset && inset.across > width.length ? [shouldersTooWide(inset.across, width.length)] : []),
      ...(sleeve?.notes ?? []),
      ...(cap?.notes ?? []),
    ],
    ...(edgings ? { edgings } : {}),
  };
}

function shouldersTooWide(shoulders: number, panel: number): Note {
  return {
    level: 'warn',
    code: 'shoulders-wider-than-panel',
    where: 'notch.width',
    message: say`The shoulders (${cm(shoulders)} with their ease) are wider than the panel (${cm(panel)}), so there is nothing to curve an armhole from; more ease all round or less across the shoulders would do.`,
  };
}
