import { select } from '../state/view';
import type { ScreenSize } from '../worker/screen';
import { splitOf } from './yokeRows';

/** The split as a drawing and as a sum: the parts of the yoke's last row, and what body and sleeves are made of. */
export function SplitSum({ size }: { size: ScreenSize }) {
  const yoke = size.pieces.find(({ role }) => role === 'yoke');
  const parts = (yoke ? splitOf(yoke) : []).map(({ id, of, side, count }) => ({
    id,
    of,
    // A yoke in the round begins in the middle of the back.
    name: of === 'back' && side ? '½ back' : of,
    count,
  }));
  const countOf = (id: string) => size.quantities.find((quantity) => quantity.id === id)?.count ?? 0;
  const total = parts.reduce((sum, { count }) => sum + count, 0);
  const chain = countOf('underarm.chain');
  const sleeve = parts.find(({ of }) => of === 'sleeve')?.count ?? 0;
  const body = parts.filter(({ of }) => of !== 'sleeve');
  if (total === 0) return null;
  return (
    <section aria-label="The split" className="border-t border-line px-4 py-2" data-testid="split">
      <div className="flex h-7 overflow-hidden rounded border border-ink text-[12px]" aria-hidden>
        {parts.map(({ id, of, name, count }) => (
          <span
            key={id}
            className={`flex items-center justify-center border-r border-ink/40 last:border-r-0 ${of === 'sleeve' ? 'bg-tape' : 'bg-[var(--color-cloth)]'}`}
            style={{ width: `${(count / total) * 100}%` }}
          >
            {name} {count}
          </span>
        ))}
      </div>
      <p className="mt-1 text-[13px]">
        {parts.map(({ name, count }) => `${name} ${count}`).join(' + ')} = <strong>{total}</strong>, all
        stitches of the yoke’s last row.
      </p>
      <p className="text-[13px]">
        Body {body.map(({ count }) => count).join(' + ')} + underarm {chain} + {chain} ={' '}
        <Count id="body.round" count={countOf('body.round')} />; each sleeve {sleeve} + underarm {chain} ={' '}
        <Count id="sleeve.top" count={countOf('sleeve.top')} />.
      </p>
    </section>
  );
}

function Count({ id, count }: { id: string; count: number }) {
  return (
    <button
      type="button"
      className="font-semibold underline decoration-line underline-offset-4 hover:decoration-ink"
      onClick={() => select({ kind: 'quantity', id })}
    >
      {count}
    </button>
  );
}
