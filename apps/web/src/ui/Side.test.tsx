import { fireEvent, render, screen } from '@testing-library/react';
import { useView } from '../state/view';
import { Side } from './Side';

/** A window so wide. */
const wide = (px: number) => {
  window.matchMedia = ((query: string) => ({
    matches: px >= Number(/\d+/.exec(query)![0]),
    addEventListener: () => undefined,
    removeEventListener: () => undefined,
  })) as never;
};
const show = (props: { beside?: boolean; needed?: boolean } = {}) =>
  render(
    <Side side="drawer" label="Details" {...props}>
      <p>the counts</p>
    </Side>,
  );
const isOpen = () => screen.queryByText('the counts') !== null;

beforeEach(() => useView.setState({ sides: { panel: null, drawer: null } }));

it.each([
  [1280, true, true],
  [1024, true, false],
  [1024, false, true],
  [390, false, false],
])('in a window of %d px, beside a panel: %s, it stands open: %s', (px, beside, open) => {
  wide(px);
  show({ beside });
  expect(isOpen()).toBe(open);
});

it('folds and unfolds as it is told, and stays so', () => {
  wide(1280);
  const { unmount } = show();
  fireEvent.click(screen.getByRole('button', { name: 'Fold: Details' }));
  expect(isOpen()).toBe(false);
  unmount();
  show();
  expect(isOpen()).toBe(false);
  fireEvent.click(screen.getByRole('button', { name: 'Show: Details' }));
  expect(isOpen()).toBe(true);
});

it('stands open as long as something in it is asked for', () => {
  wide(1024);
  show({ beside: true, needed: true });
  expect(isOpen()).toBe(true);
});
