import { useEffect, useState } from 'react';
import { Link } from 'react-router';
import { ORDERS, type Order } from '@upfell/core';
import { ShelfBar } from '../library/ShelfBar';
import { Comes, Example, useNumbers, type Asked } from './Numbers';
import { seamOf, shapingOf, stitchesOf } from './work';

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

const WIDTH: Readonly<Record<'width' | 'count' | 'over' | 'multiple' | 'plus', Asked>> = {
  width: { label: 'Width, cm', first: '53', least: 1, most: 300 },
  count: { label: 'Stitches counted', first: '16', least: 1, most: 200 },
  over: { label: 'Counted over, cm', first: '10', least: 1, most: 100 },
  multiple: { label: 'Multiple', first: '1', least: 1, most: 60, whole: true },
  plus: { label: 'Plus', first: '0', least: 0, most: 60, whole: true },
};

function HowMany() {
  const { value, fit, field } = useNumbers(WIDTH);
  const found = fit
    ? stitchesOf(
        value('width'),
        { count: value('count'), over: value('over') },
        { multiple: value('multiple'), plus: value('plus') },
      )
    : null;
  return (
    <Example title="How many stitches">
      <p>
        I want a piece {field('width')} cm wide. My washed swatch has {field('count')} stitches in{' '}
        {field('over')} cm, and its pattern wants a multiple of {field('multiple')} plus {field('plus')}.
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

const COUNT: Readonly<Record<'wanted', Asked>> = {
  wanted: { label: 'Count before rounding', first: '84.8', least: 1, most: 1000 },
};

function WhenToRound() {
  const { value, fit, field } = useNumbers(COUNT);
  const exact = value('wanted');
  const [down, up] = [Math.floor(exact), Math.ceil(exact)];
  return (
    <Example title="When to round, and which way">
      <p>
        A count comes to {field('wanted')}. Round once, at the end, and to the side where a miss does no harm:
      </p>
      {fit && (
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

const SLEEVE: Readonly<Record<'start' | 'end' | 'rows', Asked>> = {
  start: { label: 'Stitches at the start', first: '60', least: 2, most: 400, whole: true },
  end: { label: 'Stitches at the end', first: '40', least: 2, most: 400, whole: true },
  rows: { label: 'Rows', first: '55', least: 1, most: 400, whole: true },
};

function HowShaped() {
  const { value, fit, field } = useNumbers(SLEEVE);
  const [order, setOrder] = useState<Order>('slow first');
  const found = fit ? shapingOf(value('start'), value('end'), value('rows'), order) : null;
  return (
    <Example title="How a sleeve is shaped">
      <p>
        From {field('start')} to {field('end')} stitches in {field('rows')} rows, one at both edges,{' '}
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

const SEAM: Readonly<Record<'stitches' | 'gauge' | 'rows' | 'rowGauge', Asked>> = {
  stitches: { label: 'Stitches of the sleeve', first: '60', least: 1, most: 1000, whole: true },
  gauge: { label: 'Stitches in 10 cm', first: '16', least: 1, most: 100 },
  rows: { label: 'Row ends of the armhole', first: '45', least: 1, most: 1000, whole: true },
  rowGauge: { label: 'Rows in 10 cm', first: '12', least: 1, most: 200 },
};

function HowSeamsMeet() {
  const { value, fit, field } = useNumbers(SEAM);
  const found = fit ? seamOf(value('stitches'), value('gauge'), value('rows'), value('rowGauge')) : null;
  return (
    <Example title="How seams meet">
      <p>
        The top of a sleeve has {field('stitches')} stitches of {field('gauge')} in 10 cm; the armhole has{' '}
        {field('rows')} row ends of {field('rowGauge')} in 10 cm.
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
