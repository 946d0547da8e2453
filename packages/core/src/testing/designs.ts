import { runs } from './deep.js';
import { readFileSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import type { Body } from '../body/measurements.js';
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

/** The 254 open bodies of Heinz et al. (2003); the biacromial breadth stands for the cross-back, of which it is a lower bound. */
export function openBodies(): (Body & { sex: string; id: string })[] {
  const [header, ...lines] = readFileSync(join(__dirname, 'data/body-girths.csv'), 'utf8').trim().split('\n');
  const columns = header!.split(',');
  return lines.map((line) => {
    const cells = line.split(',');
    const of = (name: string) => Number(cells[columns.indexOf(name)]);
    return {
      id: cells[columns.indexOf('id')]!,
      sex: cells[columns.indexOf('sex')]!,
      bust: of('chest_girth_cm'),
      waist: of('waist_girth_cm'),
      hip: of('hip_girth_cm'),
      shoulders: of('shoulder_girth_cm'),
      upperArm: of('biceps_flexed_girth_cm'),
      wrist: of('wrist_girth_cm'),
      crossBack: of('biacromial_breadth_cm'),
      height: of('height_cm'),
    };
  });
}

/** So many of the open bodies, spread over them; all in a deep run. */
export function someBodies(many: number): ReturnType<typeof openBodies> {
  const all = openBodies();
  const step = Math.floor(all.length / runs(many, all.length));
  return all.filter((_, i) => i % step === 0);
}
