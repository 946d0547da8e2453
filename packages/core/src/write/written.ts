import type { SizePlan } from '../sizePlan.js';

/** What is written of a size: all but the single counts, which its pieces and joins hold. */
export type WrittenSize = Omit<SizePlan, 'quantities'>;
