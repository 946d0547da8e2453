import { Link } from 'react-router';
import { formatLength, type Fabric, type Units } from '@upfell/core';
import type { Told } from './useTold';
import { momentInWords } from './words';

/** What makings tell, side by side: gauge against planned, yarn against reckoned, what came out otherwise, what was said where. */
export function CameBackTable({
  design,
  told,
  units,
  fabrics,
}: {
  design: string;
  told: readonly Told[];
  units: Units;
  fabrics: readonly Fabric[];
}) {
  const name = (id: string) => fabrics.find((one) => one.id === id)?.name ?? id;
  return (
    <section className="mt-8" aria-labelledby="came-back">
      <h3 id="came-back" className="text-xl">
        What came back
      </h3>
      <div className="overflow-x-auto">
        <table className="mt-2 w-full min-w-[760px] text-left text-[13.5px]" data-testid="came-back">
          <thead className="text-soft">
            <tr>
              {[
                'Size, making',
                'Rows',
                'Gauge in 10 cm, planned and found',
                'Yarn, reckoned and corrected',
                'Came out otherwise',
              ].map((head) => (
                <th key={head} className="border-b border-line py-1 pr-4 font-normal">
                  {head}
                </th>
              ))}
            </tr>
          </thead>
          <tbody className="align-top">
            {told.map(({ making, back }) => (
              <tr key={making.id} className="border-b border-line">
                <td className="py-1.5 pr-4">
                  <strong>{back.label}</strong>
                  <br />
                  <Link className="text-agreed underline" to={`/makings/${making.id}`}>
                    {making.name}
                  </Link>
                </td>
                <td className="py-1.5 pr-4 whitespace-nowrap">
                  {back.rows.worked} of {back.rows.all}
                  {back.minutes > 0 && (
                    <>
                      <br />
                      {(back.minutes / 60).toFixed(1)} h
                    </>
                  )}
                </td>
                <td className="py-1.5 pr-4">
                  {back.gauges.length === 0 && <span className="text-soft">not counted</span>}
                  {back.gauges.map(({ fabric, hook, planned, found }, i) => (
                    <p key={i}>
                      {name(fabric)}, {hook} mm: {planned.stitches.toFixed(1)} × {planned.rows.toFixed(1)},{' '}
                      <strong>
                        {found.stitches.toFixed(1)} × {found.rows.toFixed(1)}
                      </strong>
                    </p>
                  ))}
                </td>
                <td className="py-1.5 pr-4">
                  {back.yarn.length === 0 && <span className="text-soft">not weighed</span>}
                  {back.yarn.map(({ fabric, colour, reckoned, corrected, ratio }) => (
                    <p key={`${fabric} ${colour ?? ''}`}>
                      {colour ?? name(fabric)}: {Math.round(reckoned)} m,{' '}
                      <strong>{Math.round(corrected)} m</strong> ({Math.round(100 * ratio)} %)
                    </p>
                  ))}
                </td>
                <td className="py-1.5">
                  {back.counts.length === 0 && <span className="text-soft">as planned</span>}
                  {back.counts.slice(0, 8).map(({ quantity, label, before, after }) => (
                    <p key={quantity}>
                      {label}: {before?.count ?? '–'} → <strong>{after?.count ?? '–'}</strong>
                    </p>
                  ))}
                  {back.finished.slice(0, 6).map(({ id, label, before, after }) => (
                    <p key={id} className="text-soft">
                      {label}: {formatLength(before, units)} → {formatLength(after, units, { unit: true })}
                    </p>
                  ))}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      {told.some(({ back }) => back.said.length > 0) && (
        <>
          <h4 className="mt-4 text-[16px]">Said while making</h4>
          <ul className="divide-y divide-line border-y border-line text-[13.5px]" data-testid="said">
            {told.flatMap(({ back }) =>
              back.said.map((entry) => {
                const place = 'piece' in entry && entry.piece !== undefined ? entry : null;
                const text = entry.kind === 'note' || entry.kind === 'tried' ? entry.text : entry.why;
                return (
                  <li key={entry.id} className="flex gap-3 py-1.5">
                    <span className="w-16 shrink-0 text-soft">{back.label}</span>
                    <span className="w-24 shrink-0 text-soft">{momentInWords(entry.at)}</span>
                    <span className="grow">
                      {entry.kind === 'tried' && `Tried on (${entry.where}): `}
                      {entry.kind === 'change' &&
                        `Changed ${back.names[entry.quantity ?? ''] ?? entry.field ?? ''}: `}
                      {text}
                    </span>
                    {place && (
                      <Link
                        className="shrink-0 text-agreed underline"
                        to={`/designs/${design}/pattern?piece=${place.piece}${place.n === undefined ? '' : `&row=${place.n}`}`}
                      >
                        {back.names[place.piece ?? '']}
                        {place.n === undefined ? '' : `, row ${place.n}`}
                      </Link>
                    )}
                  </li>
                );
              }),
            )}
          </ul>
        </>
      )}
    </section>
  );
}
