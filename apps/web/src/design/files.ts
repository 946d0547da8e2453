import { plan, planFile, type Design } from '@upfell/core';
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
export function downloadPlan(design: Design): void {
  const file = planFile(plan(design), design.units);
  download(`${fileName(design.name)}.plan.json`, `${JSON.stringify(file, null, 1)}\n`, 'application/json');
}
