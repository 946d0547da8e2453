import { shapedRows, type Fabric } from '../fabric/fabric.js';

type Shaped = Record<string, unknown>;

const isGroup = (value: unknown): value is Shaped => typeof value === 'object' && value !== null;

/**
 * A style with the rows that its fabrics let shape: the sleeve's in that of the sleeve, the lines of a yoke where its fabric asks for
 * right-side rows. A style that is stricter stays.
 */
export function withShapedRows(style: unknown, fabrics: ReadonlyMap<string, Fabric>): unknown {
  if (!isGroup(style)) return style;
  const everyRow = (id: unknown) => shapedRows(fabrics.get(String(id)) ?? {}).everyRow;
  const { sleeve, rates } = style;
  const own = isGroup(sleeve) && 'everyRow' in sleeve ? everyRow(sleeve['fabric'] ?? style['fabric']) : 1;
  const onRightSide = fabrics.get(String(style['fabric']))?.shapedIn === 'right-side rows';
  return {
    ...style,
    ...(own === 2 ? { sleeve: { ...(sleeve as Shaped), everyRow: 2 } } : {}),
    ...(onRightSide && isGroup(rates) && 'everyRow' in rates ? { rates: { ...rates, everyRow: 2 } } : {}),
  };
}
