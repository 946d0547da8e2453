import { formatLength, type Axis, type Units } from '@upfell/core';
import type { PreviewShown } from '../worker/makingPlanner';

const UNITS: Readonly<Record<Axis, string>> = { stitches: 'st', rows: 'rows' };

/** What a change would move: counts with what they measure, finished lengths; or why it cannot be made. */
export function PreviewTable({ of, units }: { of: PreviewShown; units: Units }) {
  const length = (cm: number) => formatLength(cm, units);
  return (
    <>
      {of.clash.map((line) => (
        <p
          key={line}
          role="alert"
          className="mb-2 rounded border border-broken bg-broken-wash px-3 py-1.5 text-broken"
        >
          {line}
        </p>
      ))}
      {of.can && of.counts.length === 0 && of.finished.length === 0 && (
        <p className="text-soft">Nothing else changes.</p>
      )}
      {of.can && of.counts.length > 0 && (
        <table className="w-full text-[13.5px]" data-testid="changes">
          <thead className="text-left text-soft">
            <tr>
              <th className="font-normal">Count</th>
              <th className="text-right font-normal">now</th>
              <th className="text-right font-normal">then</th>
            </tr>
          </thead>
          <tbody>
            {of.counts.map(({ quantity, label, axis, before, after }) => (
              <tr key={quantity} className="border-t border-line">
                <td className="py-0.5 pr-2">{label}</td>
                <td className="text-right whitespace-nowrap text-soft">
                  {before ? `${before.count} ${UNITS[axis]} = ${length(before.actual)}` : '–'}
                </td>
                <td className="pl-2 text-right whitespace-nowrap">
                  {after ? `${after.count} ${UNITS[axis]} = ${length(after.actual)}` : '–'}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {of.can && of.finished.length > 0 && (
        <table className="mt-2 w-full text-[13.5px]">
          <thead className="text-left text-soft">
            <tr>
              <th className="font-normal">Finished, {units}</th>
              <th className="text-right font-normal">now</th>
              <th className="text-right font-normal">then</th>
            </tr>
          </thead>
          <tbody>
            {of.finished.map(({ id, label, before, after }) => (
              <tr key={id} className="border-t border-line">
                <td className="py-0.5">{label}</td>
                <td className="text-right text-soft">{length(before)}</td>
                <td className="text-right">
                  {length(after)} ({formatLength(after - before, units, { sign: true })})
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </>
  );
}
