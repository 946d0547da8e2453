import type { CountRule, Fabric } from '../../../fabric/fabric.js';
import type { SizeInput } from '../../construction.js';
import type { CountId, GarmentCounts } from '../../counts.js';
import { isOpen } from '../front.js';
import type { YokeStyle } from './fields.js';

type Input = Pick<SizeInput<YokeStyle>, 'style' | 'fabrics'>;

/** The fabric of the body below a yoke: the yoke's, or one of its own. */
export function bodyFabricOf({ style, fabrics }: Input): Fabric {
  return fabrics.get(style.body.fabric ?? style.fabric)!;
}

/** Whether the body changes to another fabric in its second row. */
export function changesFabric({ style }: Pick<Input, 'style'>): boolean {
  return style.body.fabric !== null && style.body.fabric !== style.fabric;
}

/** The counting rule of what goes round the body in its fabric. */
export function bodyRule(input: Input): CountRule {
  const { rule } = bodyFabricOf(input);
  return isOpen(input.style) ? rule.flat : rule.round;
}

/** The count of the body where its fabric begins, and that of its last row. */
export const bodyStart = (input: Pick<Input, 'style'>): CountId =>
  changesFabric(input) ? 'body.below' : 'body.round';
export const bodyEnd = (input: Pick<Input, 'style'>, counts: GarmentCounts): CountId =>
  counts.find('body.hem') === undefined ? bodyStart(input) : 'body.hem';
