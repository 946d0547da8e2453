import { HyperFormula } from 'hyperformula';
import { perCm, plan, type Design } from '@upfell/core';

/**
 * The chain of formulas that a designer would put into a spreadsheet for the same garment: a column for each size, from the
 * measurements to every count and its seam checks, each count rounded by itself. Nothing is solved: where counts do not
 * meet at a seam the sheet only shows it.
 */
export function sheetOf(design: Design): { cells: (string | number)[][]; targets: Record<string, number> } {
  const planned = plan(design);
  const cells: (string | number)[][] = [];
  const row = (values: (string | number)[]): number => cells.push(values);
  const columns = design.sizes.map((_, i) => String.fromCharCode(66 + i));
  const fabrics = new Map(design.fabrics.map((fabric) => [fabric.id, fabric]));
  const inputs = new Map<string, number>();
  for (const id of ['bust', 'crossBack', 'backWaist', 'armholeDepth', 'wrist', 'shoulderToWrist'] as const)
    inputs.set(id, row([id, ...planned.sizes.map(({ body }) => body[id])]));
  /** Adds a named row of one formula for each size; `R` stands for a reference to another row. */
  const names = new Map<string, number>();
  const formula = (name: string, of: (ref: (other: string) => string) => string) => {
    names.set(
      name,
      row([
        name,
        ...columns.map((column) => `=${of((other) => `${column}${names.get(other) ?? inputs.get(other)!}`)}`),
      ]),
    );
  };
  const constant = (name: string, value: number) => names.set(name, row([name, ...columns.map(() => value)]));
  const { garment } = design;
  const part = (key: string) => (garment[key] ?? {}) as Record<string, number>;
  constant('ease', Number(garment['ease'] ?? 10));
  constant('belowWaist', Number(garment['belowWaist'] ?? 18));
  constant('armholeEase', Number(garment['armholeEase'] ?? 3));
  constant('drop', Number(part('neck')['drop'] ?? 7));
  constant('wristEase', Number(part('sleeve')['wristEase'] ?? 4));
  constant('hemHeight', Number(part('hem')['height'] ?? 0));
  constant('cuffHeight', Number(part('cuff')['height'] ?? 0));
  formula('width', (ref) => `(${ref('bust')}+${ref('ease')})/2`);
  formula('panel', (ref) => `${ref('backWaist')}+${ref('belowWaist')}-${ref('hemHeight')}`);
  formula('armhole', (ref) => `${ref('armholeDepth')}+${ref('armholeEase')}`);
  formula('side', (ref) => `${ref('panel')}-${ref('armhole')}`);
  formula('cuff', (ref) => `${ref('wrist')}+${ref('wristEase')}`);
  formula('top', (ref) => `2*${ref('armhole')}`);
  formula('overhang', (ref) => `(${ref('width')}-${ref('crossBack')})/2`);
  formula('sleeve', (ref) => `${ref('shoulderToWrist')}-${ref('overhang')}-${ref('cuffHeight')}`);
  const first = planned.sizes[0]!;
  const LENGTHS: Record<string, string> = {
    'back.width': 'width',
    'front.width': 'width',
    'body.rows': 'panel',
    'armhole.rows': 'armhole',
    'side.rows': 'side',
    'sleeve.cuff': 'cuff',
    'sleeve.top': 'top',
    'sleeve.rows': 'sleeve',
  };
  const targets: Record<string, number> = {};
  for (const quantity of first.quantities) {
    const { id, rule, axis, fabric } = quantity;
    // Lengths that the sheet does not derive (neck, bands) are typed in, as a designer would.
    const length = LENGTHS[id] ?? `${id} wanted`;
    if (!LENGTHS[id])
      names.set(
        length,
        row([length, ...planned.sizes.map((size) => size.quantities.find((one) => one.id === id)!.target)]),
      );
    targets[id] = names.get(length)!;
    const gauge = perCm(fabrics.get(fabric)!.gauge, axis);
    const round = { nearest: 'ROUND', 'not over': 'ROUNDDOWN', 'not under': 'ROUNDUP' }[quantity.rounding];
    formula(`${id} alone`, (ref) => `${ref(length)}*${gauge}`);
    formula(
      `${id} count`,
      (ref) =>
        `${round}((${ref(`${id} alone`)}-${rule.plus})/${rule.multiple},0)*${rule.multiple}+${rule.plus}`,
    );
    formula(`${id} measures`, (ref) => `${ref(`${id} count`)}/${gauge}`);
    formula(`${id} over`, (ref) => `${ref(`${id} measures`)}-${ref(length)}`);
  }
  formula(
    'side seams',
    (ref) => `IF(${ref('front.width count')}=${ref('back.width count')},"agreed","broken")`,
  );
  formula(
    'shoulders',
    (ref) =>
      `IF(2*${ref('shoulder.width count')}+${ref('neck.width count')}=${ref('back.width count')},"agreed","broken")`,
  );
  formula(
    'armhole seam',
    (ref) =>
      `IF(ABS(${ref('sleeve.top measures')}-2*${ref('armhole.rows measures')})<=MIN(1.5,0.03*${ref('sleeve.top measures')}),"eased","broken")`,
  );
  formula('shaping rows', (ref) => `(${ref('sleeve.top count')}-${ref('sleeve.cuff count')})/2`);
  formula('every', (ref) => `INT((${ref('sleeve.rows count')}-2)/MAX(1,${ref('shaping rows')}))`);
  return { cells, targets };
}

/** A sheet in the engine, to be built anew and to have its ease changed. */
export function spreadsheet(design: Design) {
  const { cells, targets } = sheetOf(design);
  const easeRow = cells.findIndex(([name]) => name === 'ease');
  const build = () => HyperFormula.buildFromArray(cells, { licenseKey: 'gpl-v3' });
  const engine = build();
  return {
    formulas: cells.flat().filter((cell) => typeof cell === 'string' && cell.startsWith('=')).length,
    build: () => build().destroy(),
    /** Sets the ease of all sizes and evaluates what hangs on it. */
    change: (ease: number) =>
      void engine.setCellContents({ sheet: 0, row: easeRow, col: 1 }, [design.sizes.map(() => ease)]),
    /** The length that the sheet wants for a count in a size. */
    target: (quantity: string, size: number) =>
      Number(engine.getCellValue({ sheet: 0, row: targets[quantity]! - 1, col: size + 1 })),
    /** Seams that the rounded counts leave broken, over all sizes. */
    broken: () =>
      engine
        .getSheetValues(0)
        .flat()
        .filter((value) => value === 'broken').length,
  };
}
