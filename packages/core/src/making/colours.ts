import { sectionAt } from '../garment/sections.js';
import { heightOf } from '../work/runs.js';
import { colourOfRow, stripeOffset } from '../yarn/stripes.js';
import type { Standing } from './wish.js';

/** The colour of a row of a piece; null where its fabric has one colour. */
export type ColourOfRow = (piece: string, n: number) => string | null;

/** The colours of the stripes of a garment, row by row. */
export function stripeColours({ design, plan }: Pick<Standing, 'design' | 'plan'>): ColourOfRow {
  const { colours = [] } = design.finishing ?? {};
  const pieces = new Map(plan.pieces.map((piece) => [piece.id, piece]));
  const edges = new Map(plan.pieces.flatMap(({ edges: of }) => of.map((edge) => [edge.id, edge])));
  const offsets = new Map<string, number>();
  const offset = (id: string) => {
    const known =
      offsets.get(id) ?? stripeOffset(id, plan.joins, edges, (of) => heightOf(pieces.get(of)?.runs ?? []));
    offsets.set(id, known);
    return known;
  };
  return (id, n) => {
    const { sections } = pieces.get(id)!;
    const section = sectionAt(sections, n);
    const own = colours.find(({ fabric, stripes }) => fabric === section.fabric && stripes.length > 0);
    return own ? colourOfRow(own.stripes, n + offset(id)) : null;
  };
}
