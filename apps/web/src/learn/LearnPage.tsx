import { useEffect, useState } from 'react';
import { Link } from 'react-router';
import { ORDERS, type Order } from '@upfell/core';
import { ShelfBar } from '../library/ShelfBar';
import { typedNumber } from '../ui/numbers';
import { Comes, Example, Number_, troubleOf } from './Numbers';
import { seamOf, shapingOf, stitchesOf } from './work';

/** Numbers that a reader types, as text until they are read. */
function useNumbers<K extends string>(first: Record<K, string>) {
  const [texts, setTexts] = useState(first);
  return {
    text: (key: K) => texts[key],
    put: (key: K) => (text: string) => setTexts((now) => ({ ...now, [key]: text })),
    value: (key: K) => typedNumber(texts[key]) ?? NaN,
  };
}

const cm = (value: number) => `${Math.round(value * 10) / 10} cm`;
const over = (value: number) =>
  Math.abs(value) < 0.05 ? 'just as long' : `${cm(Math.abs(value))} ${value > 0 ? 'more' : 'less'}`;

/** The arithmetic of the trade for those who learn to design: every example is worked on the reader's own numbers. */
export function LearnPage() {
  useEffect(() => {
    document.title = 'The trade’s arithmetic · Upfell';
  }, []);
  return (
    <div className="flex min-h-full flex-col">
      <ShelfBar />
      <main className="mx-auto w-full max-w-3xl grow px-6 py-6 text-[15px] leading-relaxed">
        <h1 className="text-2xl">The trade’s arithmetic</h1>
        <p className="mb-4 text-soft">
          What the program does for every count of every size, one step at a time. Put your own numbers in.{' '}
          <Link className="text-agreed underline" to="/new?guided">
            Begin a first design with a guide
          </Link>{' '}
          to see it on a garment.
        </p>
        <HowMany />
        <WhenToRound />
        <HowShaped />
        <HowSeamsMeet />
      </main>
    </div>
  );
}

function HowMany() {
  const { text, put, value } = useNumbers({ width: '53', count: '16', over: '10', multiple: '1', plus: '0' });
  const fits =
    !troubleOf(text('width'), 1, 300, false) &&
    !troubleOf(text('count'), 1, 200, false) &&
    !troubleOf(text('over'), 1, 100, false) &&
    !troubleOf(text('multiple'), 1, 60, true) &&
    !troubleOf(text('plus'), 0, 60, true);
  const found = fits
    ? stitchesOf(
        value('width'),
        { count: value('count'), over: value('over') },
        { multiple: value('multiple'), plus: value('plus') },
      )
    : null;
  return (
    <Example title="How many stitches">
      <p>
        I want a piece{' '}
        <Number_ label="Width, cm" text={text('width')} onChange={put('width')} least={1} most={300} /> cm
        wide. My washed swatch has{' '}
        <Number_ label="Stitches counted" text={text('count')} onChange={put('count')} least={1} most={200} />{' '}
        stitches in{' '}
        <Number_ label="Counted over, cm" text={text('over')} onChange={put('over')} least={1} most={100} />{' '}
        cm, and its pattern wants a multiple of{' '}
        <Number_
          label="Multiple"
          text={text('multiple')}
          onChange={put('multiple')}
          least={1}
          most={60}
          whole
        />{' '}
        plus <Number_ label="Plus" text={text('plus')} onChange={put('plus')} least={0} most={60} whole />.
      </p>
      {found && (
        <Comes testid="learn-count">
          <p>
            {value('width')} × {value('count')} ÷ {value('over')} = {Math.round(found.exact * 100) / 100}{' '}
            stitches; the pattern allows {found.rule}.
          </p>
          <ul className="list-disc pl-5">
            {[found.below, found.above].map(
              (rung) =>
                rung && (
                  <li key={rung.count} className={rung === found.nearest ? 'font-semibold' : ''}>
                    {rung.count} stitches measure {cm(rung.cm)}: {over(rung.over)}
                    {rung === found.nearest && '. The nearest'}
                  </li>
                ),
            )}
          </ul>
        </Comes>
      )}
      <p className="mt-2 text-soft">
        Multiply before you round, never after: a gauge rounded to whole stitches is wrong by up to a stitch
        in every ten centimetres, and on a back that is five of them.
      </p>
    </Example>
  );
}

function WhenToRound() {
  const { text, put, value } = useNumbers({ wanted: '84.8', sizes: '9' });
  const exact = value('wanted');
  const fits = !troubleOf(text('wanted'), 1, 1000, false);
  const [down, up] = [Math.floor(exact), Math.ceil(exact)];
  return (
    <Example title="When to round, and which way">
      <p>
        A count comes to{' '}
        <Number_
          label="Count before rounding"
          text={text('wanted')}
          onChange={put('wanted')}
          least={1}
          most={1000}
        />
        . Round once, at the end, and to the side where a miss does no harm:
      </p>
      {fits && (
        <Comes testid="learn-round">
          <ul className="list-disc pl-5">
            <li>
              What a head, hand or hip must pass (neck, cuff, hem of a pullover): up, to <strong>{up}</strong>
              .
            </li>
            <li>
              What must not stand open (the width of a neck, the length of a band that holds an edge): down,
              to <strong>{down}</strong>.
            </li>
            <li>
              Two panels of one garment: the same way, so that they match. Half of an odd number leaves one
              stitch: give it to the front or make both even, {2 * Math.round(exact / 2)}.
            </li>
            <li>Everything else: to the nearest, {Math.round(exact)}.</li>
          </ul>
        </Comes>
      )}
      <p className="mt-2 text-soft">
        Rounded by itself each count may be right and the garment wrong: shoulder + neck + shoulder must be
        the back. The program chooses all counts of a size at once, so that every sum holds, at the smallest
        sum of misses.
      </p>
    </Example>
  );
}

function HowShaped() {
  const { text, put, value } = useNumbers({ start: '60', end: '40', rows: '55' });
  const [order, setOrder] = useState<Order>('slow first');
  const fits =
    !troubleOf(text('start'), 2, 400, true) &&
    !troubleOf(text('end'), 2, 400, true) &&
    !troubleOf(text('rows'), 1, 400, true);
  const found = fits ? shapingOf(value('start'), value('end'), value('rows'), order) : null;
  return (
    <Example title="How a sleeve is shaped">
      <p>
        From{' '}
        <Number_
          label="Stitches at the start"
          text={text('start')}
          onChange={put('start')}
          least={2}
          most={400}
          whole
        />{' '}
        to{' '}
        <Number_
          label="Stitches at the end"
          text={text('end')}
          onChange={put('end')}
          least={2}
          most={400}
          whole
        />{' '}
        stitches in{' '}
        <Number_ label="Rows" text={text('rows')} onChange={put('rows')} least={1} most={400} whole /> rows,
        one at both edges,{' '}
        <select
          aria-label="Which gaps come first"
          className="rounded border border-line bg-sheet px-1.5 py-px"
          value={order}
          onChange={({ target }) => setOrder(target.value as Order)}
        >
          {ORDERS.map((one) => (
            <option key={one} value={one}>
              {one}
            </option>
          ))}
        </select>
        .
      </p>
      {found && (
        <Comes testid="learn-shape">
          {found.ok ? (
            found.rows.length === 0 ? (
              <p>Nothing to shape: work even.</p>
            ) : (
              <>
                <p>
                  {Math.abs(value('start') - value('end'))} stitches are {found.rows.length} shaping rows of
                  two; {value('rows')} ÷ {found.rows.length} = {Math.floor(value('rows') / found.rows.length)}
                  , rest {value('rows') % found.rows.length}: so many gaps are one row wider.
                </p>
                <p className="font-semibold">Shape {found.words}.</p>
                <p className="text-[13px] text-soft">
                  In rows {found.rows.slice(0, 24).join(', ')}
                  {found.rows.length > 24 && ' …'}: {found.counts.slice(0, 24).join(', ')}
                  {found.counts.length > 24 && ' …'} stitches.
                </p>
              </>
            )
          ) : (
            <p>
              That does not go: {found.message}. {oddWay(value('start'), value('end'))}
            </p>
          )}
        </Comes>
      )}
    </Example>
  );
}

/** What would go where the difference is odd. */
const oddWay = (start: number, end: number) =>
  (start - end) % 2 === 0
    ? 'More rows, or fewer stitches to change, would do.'
    : `Take ${end - 1} or ${end + 1} at the end: two stitches go in every shaping row.`;

function HowSeamsMeet() {
  const { text, put, value } = useNumbers({ stitches: '60', gauge: '16', rows: '45', rowGauge: '12' });
  const fits =
    !troubleOf(text('stitches'), 1, 1000, true) &&
    !troubleOf(text('gauge'), 1, 100, false) &&
    !troubleOf(text('rows'), 1, 1000, true) &&
    !troubleOf(text('rowGauge'), 1, 200, false);
  const found = fits ? seamOf(value('stitches'), value('gauge'), value('rows'), value('rowGauge')) : null;
  return (
    <Example title="How seams meet">
      <p>
        The top of a sleeve has{' '}
        <Number_
          label="Stitches of the sleeve"
          text={text('stitches')}
          onChange={put('stitches')}
          least={1}
          whole
        />{' '}
        stitches of{' '}
        <Number_
          label="Stitches in 10 cm"
          text={text('gauge')}
          onChange={put('gauge')}
          least={1}
          most={100}
        />{' '}
        in 10 cm; the armhole has{' '}
        <Number_ label="Row ends of the armhole" text={text('rows')} onChange={put('rows')} least={1} whole />{' '}
        row ends of{' '}
        <Number_
          label="Rows in 10 cm"
          text={text('rowGauge')}
          onChange={put('rowGauge')}
          least={1}
          most={200}
        />{' '}
        in 10 cm.
      </p>
      {found && (
        <Comes testid="learn-seam">
          <p>
            {cm(found.a)} meet {cm(found.b)}: {over(found.difference)} on the sleeve.{' '}
            <strong className={found.agrees ? 'text-agreed' : 'text-broken'}>
              {found.agrees
                ? Math.abs(found.difference) < 0.05
                  ? 'They agree.'
                  : `Up to ${cm(found.allowed)} are eased in unseen, so they agree.`
                : `Only ${cm(found.allowed)} can be eased in: the seam would pucker. ${found.wanted} stitches would lie flat.`}
            </strong>
          </p>
          <p>Sewn: {found.ratio}.</p>
        </Comes>
      )}
      <p className="mt-2 text-soft">
        A seam joins lengths, not numbers. Where both sides have the same count in the same fabric, stitch
        meets stitch; where rows meet stitches, the ratio of the two gauges says how many of one go to one of
        the other.
      </p>
    </Example>
  );
}
