import { render, screen } from '@testing-library/react';
import { newDesign, plan, whatIf, type WhatIf } from '@upfell/core';
import { openDocument } from '../state/designStore';
import { forScreen } from '../worker/screen';
import { WhatIfPanel } from './WhatIfPanel';

jest.mock('comlink');

const design = newDesign('Test');
const planned = plan(design);
const screenPlan = { ...planned, sizes: planned.sizes.map((size) => forScreen(size)) };
const size = screenPlan.sizes.find(({ id }) => id === 'M')!;
const countOf = (id: string) => size.quantities.find((quantity) => quantity.id === id)!.count;
const show = (tried: WhatIf) => render(<WhatIfPanel tried={tried} size={size} plan={screenPlan} />);
const text = () => screen.getByTestId('what-if').textContent;

beforeEach(() => {
  openDocument('one', design);
});

it('lists every count and finished measure that would move, with how much', () => {
  const pin = { size: 'M', quantity: 'back.width', count: countOf('back.width') + 4 };
  const tried = whatIf(design, planned, pin);
  show(tried);
  expect(text()).toContain(`If ${pin.count} were held in M`);
  const front = tried.counts.find((change) => change.size === 'M' && change.quantity === 'front.width')!;
  expect(text()).toContain(`${front.label}${countOf('front.width')} → ${pin.count}`);
  const bust = tried.finished.find((change) => change.size === 'M' && change.id === 'bust')!;
  expect(text()).toContain(`${bust.before.toFixed(1)}`);
  expect(text()).toContain(`(+${(bust.after - bust.before).toFixed(1)}`);
});

it('names the other sizes that would move', () => {
  const others = screenPlan.sizes.filter(({ id }) => id !== 'M').slice(0, 2);
  const moved = others.map(({ id }) => ({
    size: id,
    quantity: 'back.width',
    label: 'Back, width',
    before: { count: 80, actual: 50 },
    after: { count: 82, actual: 51 },
  }));
  show({
    pin: { size: 'M', quantity: 'back.width', count: 1 },
    counts: moved as unknown as WhatIf['counts'],
    finished: [],
    stops: [],
  });
  expect(text()).toContain(`Other sizes would move too: ${others.map(({ label }) => label).join(', ')}.`);
});

it('says why a count cannot be held, and where nothing else would move', () => {
  const pin = { size: 'M', quantity: 'back.width', count: 1 };
  const { unmount } = show({ pin, counts: [], finished: [], stops: [['There are no such counts.']] });
  expect(text()).toContain('There are no such counts.');
  expect(text()).not.toContain('Nothing else');
  unmount();
  show({ pin, counts: [], finished: [], stops: [] });
  expect(text()).toContain('Nothing else would move.');
});
