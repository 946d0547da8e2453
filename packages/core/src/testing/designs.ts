import { runs } from './deep.js';
import { readFileSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import type { Body } from '../body/measurements.js';
import { openBodies, type OpenBody } from '../body/openBodies.js';
import type { Design, Size } from '../design.js';
import type { Fabric } from '../fabric/fabric.js';
import { newDesign } from '../format/newDesign.js';
import { readDesignText } from '../format/readDesign.js';

/** The demo designs by file name. */
export function demoDesigns(): Record<string, Design> {
  const folder = join(__dirname, '../../../../demo');
  return Object.fromEntries(
    readdirSync(folder)
      .filter((name) => name.endsWith('.upfell.json'))
      .map((name) => {
        const read = readDesignText(readFileSync(join(folder, name), 'utf8'));
        if (!read.ok) throw new Error(`${name}: ${JSON.stringify(read.problems)}`);
        return [name.replace('.upfell.json', ''), read.design];
      }),
  );
}

/** A design with other fields than the starting one: another garment, or the starting one with some of its style changed. */
export function designWith(change: Partial<Design> & { style?: Record<string, unknown> }): Design {
  const { style, garment, ...fields } = change;
  const base = newDesign('Test');
  return { ...base, ...fields, garment: garment ?? { ...base.garment, ...style } };
}

export function sizeOf(id: string, body: Body, group: Size['group'] = 'adult'): Size {
  return { id, label: id, group, body };
}

/** A fabric by stitches and rows in 10 cm. */
export function fabricOf(
  id: string,
  stitches: number,
  rows: number,
  rule: Partial<Fabric['rule']> = {},
): Fabric {
  const any = { multiple: 1, plus: 0 };
  return {
    id,
    name: id,
    hook: 5,
    gauge: { stitches, stitchesOver: 10, rows, rowsOver: 10 },
    rule: { flat: any, round: any, rows: any, ...rule },
  };
}

/** So many of the open bodies, spread over them; all in a deep run. */
export function someBodies(many: number): OpenBody[] {
  const all = openBodies();
  const step = Math.floor(all.length / runs(many, all.length));
  return all.filter((_, i) => i % step === 0);
}
