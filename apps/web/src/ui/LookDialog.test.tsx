import { fireEvent, render, screen } from '@testing-library/react';
import { useView } from '../state/view';
import { LookDialog } from './LookDialog';
import { useLook } from './useLook';

function Page() {
  useLook();
  return <LookDialog onClose={() => undefined} />;
}
const { dataset } = document.documentElement;

beforeEach(() => {
  useView.setState({ look: { paper: 'as the system', contrast: 'usual', text: 'usual' } });
  window.matchMedia = ((query: string) => ({
    matches: query.includes('dark'),
    addEventListener: () => undefined,
    removeEventListener: () => undefined,
  })) as never;
});

it('follows the system until it is told otherwise', () => {
  render(<Page />);
  expect(dataset['paper']).toBe('dark');
  fireEvent.click(screen.getByText('light'));
  expect(dataset['paper']).toBeUndefined();
  fireEvent.click(screen.getByText('dark, for the evening'));
  expect(dataset['paper']).toBe('dark');
});

it('puts contrast and text on the page, and takes them off again', () => {
  render(<Page />);
  fireEvent.click(screen.getByText('high'));
  fireEvent.click(screen.getByText('larger'));
  expect([dataset['contrast'], dataset['text']]).toEqual(['high', 'larger']);
  fireEvent.click(screen.getAllByText('usual')[0]!);
  fireEvent.click(screen.getAllByText('usual')[1]!);
  expect([dataset['contrast'], dataset['text']]).toEqual([undefined, undefined]);
});
