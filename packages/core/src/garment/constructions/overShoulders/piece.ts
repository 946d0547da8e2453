import type { PieceProgram, SizeInput } from '../../construction.js';
import type { GarmentCounts } from '../../counts.js';
import { longerRows, openRows } from '../../shared/panels/lowerEdge.js';
import type { PanelStyle } from '../../shared/panels/style.js';
import { SIDES } from '../../shared/pieces.js';
import { courseOf } from './course.js';
import { edgesOf } from './edges.js';
import { passagesOf } from './passages.js';

/** The whole body: up the back, over the shoulders and down the fronts. */
export function wholeBody({ style, fabrics }: SizeInput<PanelStyle>, counts: GarmentCounts): PieceProgram {
  const fabric = fabrics.get(style.fabric)!;
  const course = courseOf(style, fabric, counts);
  const longerFront = counts.find('front.longer') ?? 0;
  return {
    id: 'over',
    role: 'back and front',
    shows: [['back.width'], ['front.width'], ['body.rows'], [['back.longer', 'longer by']]],
    label: 'Body',
    copies: 1,
    fabric,
    work: 'rows',
    rows: [
      ...(longerRows(counts) > 0 ? (['back.longer'] as const) : []),
      'side.rows',
      'armhole.rows',
      'armhole.rows',
      'side.rows',
      ...(longerFront > 0 ? (['front.longer'] as const) : []),
    ],
    passages: passagesOf(course, fabric, counts, style.hem),
    edges: edgesOf(course, style, counts),
    expects: [
      { quantity: 'back.width', edges: ['back.hem'] },
      { quantity: 'neck.width', edges: ['back.neck'] },
      { quantity: 'armhole.rows', edges: ['back.armhole-left'] },
      ...(longerFront > 0 ? [] : [{ quantity: 'armhole.rows' as const, edges: ['front.armhole-right'] }]),
      ...(openRows(counts, 'front') > 0
        ? []
        : [{ quantity: 'side.rows' as const, edges: ['front.side-left'] }]),
      ...SIDES.map((at) => ({
        quantity: 'front.width' as const,
        edges: [course.open ? `front.hem-${at}` : 'front.hem'],
      })),
    ],
  };
}
