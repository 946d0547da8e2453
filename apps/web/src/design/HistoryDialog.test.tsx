import '../testing/fakeServer';
import { fireEvent, render, screen, within } from '@testing-library/react';
import { newDesign, type Design, type RevisionEntry, type StoredDesign } from '@upfell/core';
import { openDocument, useDesign } from '../state/designStore';
import { usePlan, type PlanState } from '../state/planner';
import { useSaving } from '../state/saving';
import { Planner } from '../worker/planner';
import { HistoryDialog } from './HistoryDialog';

const mockPlanner = new Planner();
jest.mock('../state/planner', () => ({
  ...jest.requireActual<object>('../state/planner'),
  // In place of the worker, which jsdom has none of.
  askCompare: (document: Design) => Promise.resolve(mockPlanner.compare(document)),
  requestPlan: () => Promise.resolve(),
}));

const old = newDesign('Old');
const wider: Design = { ...newDesign('Wider'), garment: { ...old.garment, ease: 22 } };
const mockStates = new Map<number, Design>([
  [1, old],
  [2, wider],
]);
const mockServer = { restored: [] as number[], trouble: null as Error | null };
jest.mock('../api/designs', () => ({
  designs: {
    history: () =>
      mockServer.trouble
        ? Promise.reject(mockServer.trouble)
        : Promise.resolve(
            [2, 1].map((revision): RevisionEntry => ({
              revision,
              savedAt: `2026-03-0${revision}T09:00:00.000Z`,
              reason: revision === 1 ? 'created' : 'saved',
            })),
          ),
    revision: (id: string, revision: number) =>
      Promise.resolve({ id, revision, updatedAt: '', document: mockStates.get(revision)! }),
    save: (id: string, seen: number, document: Design): Promise<StoredDesign> =>
      Promise.resolve({ id, revision: seen, updatedAt: '', document }),
    restore: (id: string, revision: number, seen: number): Promise<StoredDesign> => {
      mockServer.restored.push(revision);
      return Promise.resolve({ id, revision: seen + 1, updatedAt: '', document: mockStates.get(revision)! });
    },
  },
}));
const onClose = jest.fn();
const states = () => screen.getAllByRole('listitem').filter((item) => /^\d/.test(item.textContent));

beforeEach(() => {
  onClose.mockClear();
  Object.assign(mockServer, { restored: [], trouble: null });
  openDocument('one', wider);
  mockPlanner.planDocument(wider);
  usePlan.setState({
    plan: { sizes: wider.sizes.map(({ id, label }) => ({ id, label })) } as unknown as PlanState['plan'],
  });
  useSaving.setState({ revision: 2, state: { kind: 'saved' } as never });
});

it('lists every saved state, the newest first, and says which is the present one', async () => {
  render(<HistoryDialog id="one" onClose={onClose} />);
  expect(screen.getByText('Reading the history …')).toBeTruthy();
  await screen.findByText('now');
  expect(states().map(({ textContent }) => textContent[0])).toEqual(['2', '1']);
  expect(states()[0]!.textContent).toMatch(/now$/);
  expect(within(states()[0]!).queryByRole('button')).toBeNull();
  expect(states()[1]!.textContent).toContain('created');
});

it('tells which counts have changed since a state, the old one first', async () => {
  render(<HistoryDialog id="one" onClose={onClose} />);
  fireEvent.click(await screen.findByRole('button', { name: 'What changed' }));
  const list = await screen.findByTestId('change-list');
  expect(list.textContent).toMatch(/^Since state 1: \d+ counts have changed/);
  const width = within(list)
    .getAllByRole('listitem')
    .find((item) => item.textContent.startsWith('S, Back, width'))!;
  const [before, after] = /: (\d+) → (\d+)$/.exec(width.textContent)!.slice(1).map(Number);
  // More ease, more stitches.
  expect(after!).toBeGreaterThan(before!);
});

it('brings a state back as a new one and closes', async () => {
  render(<HistoryDialog id="one" onClose={onClose} />);
  fireEvent.click(await screen.findByRole('button', { name: 'Restore' }));
  await screen.findByText('now');
  expect(mockServer.restored).toEqual([1]);
  expect(onClose).toHaveBeenCalledTimes(1);
  expect(useDesign.getState().document!.garment['ease']).toBe(old.garment['ease']);
});

it('restores nothing while there are edits that are not saved', async () => {
  useSaving.setState({ state: { kind: 'saving' } as never });
  render(<HistoryDialog id="one" onClose={onClose} />);
  const button = await screen.findByRole<HTMLButtonElement>('button', { name: 'Restore' });
  expect(button.disabled).toBe(true);
});

it('says that the history cannot be read', async () => {
  mockServer.trouble = new Error('The server cannot be reached.');
  render(<HistoryDialog id="one" onClose={onClose} />);
  expect(await screen.findByText('The server cannot be reached.')).toBeTruthy();
  expect(screen.queryByText('Reading the history …')).toBeNull();
});
