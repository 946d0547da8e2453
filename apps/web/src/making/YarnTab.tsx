import { useState } from 'react';
import type { RowToWork, YarnInHand } from '@upfell/core';
import { Bar } from '../ui/Bar';
import { Button } from '../ui/Button';
import { done, useMaking } from './making';
import type { PieceProgress } from './progress';
import { placeInWords } from './words';

/** The yarn of the making: what is worked and left, balls begun, where this ball ends, and whether it will do. */
export function YarnTab({ at }: { at: PieceProgress }) {
  const view = useMaking((state) => state.view)!;
  return (
    <div className="min-h-0 grow overflow-y-auto px-4 py-4">
      <h2 className="text-xl">Yarn</h2>
      {view.yarn.length === 0 && (
        <p className="text-soft">
          No swatch of this design was measured for its yarn, so nothing can be reckoned. Type width, height
          and metres (or grams) of the swatch at the fabric of the design.
        </p>
      )}
      <ul className="divide-y divide-line">
        {view.yarn.map((of) => (
          <OneYarn key={`${of.fabric} ${of.colour ?? ''}`} of={of} at={at} />
        ))}
      </ul>
    </div>
  );
}

function OneYarn({ of, at }: { of: YarnInHand; at: PieceProgress }) {
  const view = useMaking((state) => state.view)!;
  const rows = useMaking((state) => state.rows[at.piece]);
  const [balls, setBalls] = useState(of.inAll === null ? '' : String(of.inAll));
  const [grams, setGrams] = useState('');
  const factor = of.ratio ?? 1;
  const fabric = view.fabrics.find(({ id }) => id === of.fabric)!;
  const name = of.colour ? `${of.colour}, ${fabric.name}` : fabric.name;
  const row: RowToWork | undefined = rows?.[Math.max(0, at.worked - 1)];
  const base = {
    kind: 'ball' as const,
    fabric: of.fabric,
    ...(of.colour ? { colour: of.colour } : {}),
    ...(row ? { piece: at.piece, copy: at.copy, part: row.part, n: row.n } : {}),
  };
  const metres = (cm: number) => `${Math.round(cm)} m`;
  const ballsWrong = balls.trim() !== '' && !/^\d{1,3}$/.test(balls.trim());
  const gramsWrong = grams.trim() !== '' && !(Number(grams.replace(',', '.')) >= 0);
  return (
    <li className="py-3" data-testid="yarn">
      <h3 className="text-[16px]">{name}</h3>
      <p>
        {metres(of.worked * factor)} worked, {metres(of.left * factor)} left
        {of.wanted !== null && `: ${of.wanted} ${of.wanted === 1 ? 'ball' : 'balls'} in all`}
        {of.begun > 0 && `, ${of.begun} begun`}.
      </p>
      <Bar
        className="mt-1"
        done={Math.round(of.worked)}
        of={Math.round(of.worked + of.left)}
        label={`${name}: metres worked`}
      />
      {of.ratio !== null && (
        <p className="text-[13.5px] text-soft">
          It takes {Math.round(100 * of.ratio)} % of what the swatch said; reckoned so from here on.
        </p>
      )}
      {of.ends && <p className="text-eased">The ball in hand ends about at {placeInWords(view, of.ends)}.</p>}
      {of.enough !== null && (
        <p className={of.enough ? 'text-agreed' : 'text-broken'}>
          {of.enough
            ? `It will ${of.inAll === of.wanted ? 'just do' : `do: ${of.inAll! - of.wanted!} to spare`}.`
            : `It will not do: ${of.wanted! - of.inAll!} more ${of.wanted! - of.inAll! === 1 ? 'ball is' : 'balls are'} needed.`}
        </p>
      )}
      <div className="mt-2 flex flex-wrap items-end gap-2">
        <Button className="min-h-[40px]" onClick={() => void done({ ...base, event: 'begun' })}>
          Begin a ball
        </Button>
        <Button
          className="min-h-[40px]"
          disabled={of.begun === 0}
          onClick={() => void done({ ...base, event: 'ended' })}
        >
          A ball ends here
        </Button>
        <form
          className="flex items-end gap-1"
          onSubmit={(event) => {
            event.preventDefault();
            if (/^\d{1,3}$/.test(balls.trim())) void done({ ...base, event: 'in all', balls: Number(balls) });
          }}
        >
          <label className="grid text-[12.5px] text-soft">
            Balls in all
            <input
              inputMode="numeric"
              className="h-[40px] w-[70px] rounded border border-line bg-sheet px-2 text-right text-[15px] text-ink"
              value={balls}
              aria-invalid={ballsWrong}
              onChange={(event) => setBalls(event.target.value)}
            />
          </label>
          <Button type="submit" className="h-[40px]" disabled={balls.trim() === '' || ballsWrong}>
            Note
          </Button>
        </form>
        <form
          className="flex items-end gap-1"
          onSubmit={(event) => {
            event.preventDefault();
            const value = Number(grams.replace(',', '.'));
            if (grams.trim() !== '' && value >= 0)
              void done({ ...base, event: 'weighed', grams: value }).then((made) => made && setGrams(''));
          }}
        >
          <label className="grid text-[12.5px] text-soft">
            Left, g (all of it)
            <input
              inputMode="decimal"
              data-instrument="scale"
              className="h-[40px] w-[80px] rounded border border-line bg-sheet px-2 text-right text-[15px] text-ink"
              value={grams}
              aria-invalid={gramsWrong}
              onChange={(event) => setGrams(event.target.value)}
            />
          </label>
          <Button
            type="submit"
            className="h-[40px]"
            disabled={grams.trim() === '' || gramsWrong || of.inAll === null || of.ball === null}
          >
            Weigh
          </Button>
        </form>
      </div>
      {(ballsWrong || gramsWrong) && (
        <p role="alert" className="text-[13px] text-broken">
          {ballsWrong ? 'Type a whole number of balls, 0 to 999.' : 'Type a weight in grams, like 42.'}
        </p>
      )}
      {of.ball === null && (
        <p className="mt-1 text-[12.5px] text-soft">
          What a ball of it holds is not known: type its label at the fabric of the design, and balls are
          reckoned.
        </p>
      )}
      {of.ball !== null && of.inAll === null && (
        <p className="mt-1 text-[12.5px] text-soft">
          Say first how many balls there are in all; then a weight tells what was used.
        </p>
      )}
    </li>
  );
}
