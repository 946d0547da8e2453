import { fireEvent, render, screen, waitFor } from '@testing-library/react';
import { ErrorBoundary } from './ErrorBoundary';
import { NameDialog } from './NameDialog';

const open = (onName: (name: string) => Promise<unknown>, onClose = jest.fn()) => {
  render(<NameDialog title="Rename" name="Old name" action="Go" onClose={onClose} onName={onName} />);
  return onClose;
};
const type = (value: string) => fireEvent.change(screen.getByLabelText('Name'), { target: { value } });

it('takes a name without the spaces around it, and closes', async () => {
  const named = jest.fn().mockResolvedValue(null);
  const closed = open(named);
  type('  Thrift field  ');
  fireEvent.click(screen.getByText('Go'));
  await waitFor(() => expect(closed).toHaveBeenCalled());
  expect(named).toHaveBeenCalledWith('Thrift field');
});

it.each(['', '   ', 'x'.repeat(201)])('refuses “%s” at the field', (name) => {
  const named = jest.fn();
  const closed = open(named);
  type(name);
  fireEvent.click(screen.getByText('Go'));
  expect(screen.getByRole('alert').textContent).toMatch(/1 to 200 characters/);
  expect([named.mock.calls.length, closed.mock.calls.length]).toEqual([0, 0]);
});

it('stays open with what went wrong', async () => {
  const closed = open(() => Promise.reject(new Error('The server cannot be reached.')));
  fireEvent.click(screen.getByText('Go'));
  await waitFor(() => expect(screen.getByRole('alert').textContent).toMatch(/cannot be reached/));
  expect(closed).not.toHaveBeenCalled();
});

it('a view that fails says so in its place, and can be tried again', () => {
  const quiet = jest.spyOn(console, 'error').mockImplementation(() => undefined);
  let broken = true;
  const View = () => {
    if (broken) throw new Error('no such piece');
    return <p>the pieces</p>;
  };
  render(
    <ErrorBoundary>
      <View />
    </ErrorBoundary>,
  );
  expect(screen.getByRole('alert').textContent).toMatch(/nothing that you entered is lost.*no such piece/);
  broken = false;
  fireEvent.click(screen.getByText('Try again'));
  expect(screen.getByText('the pieces')).toBeTruthy();
  quiet.mockRestore();
});
