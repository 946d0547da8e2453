import type { Design } from '@upfell/core';
import { askPlanFile } from '../state/planner';
import { download, fileName } from './download';

/** Gives the person the design file. */
export function downloadDesign(design: Design): void {
  download(
    `${fileName(design.name)}.upfell.json`,
    `${JSON.stringify(design, null, 2)}\n`,
    'application/json',
  );
}

/** Gives the person the plan file, every count, row and join of every size. */
export async function downloadPlan(design: Design): Promise<void> {
  download(`${fileName(design.name)}.plan.json`, await askPlanFile(design), 'application/json');
}
