import { newDesign } from '@upfell/core';
import { server } from '../testing/fakeServer';
import { edit, undo, useDesign } from './designStore';
import { openDesign, settleConflict, useSaving } from './saving';

// There is no worker in jsdom.
jest.mock('./planner', () => ({ requestPlan: jest.fn(), clearPlan: jest.fn() }));
const setEase = (ease: number) => edit(`ease ${ease}`, (document) => void (document.garment['ease'] = ease));
const kept = () => server.stored.document.garment['ease'];
const state = () => useSaving.getState().state.kind;
const pass = (ms: number) => jest.advanceTimersByTimeAsync(ms);

beforeEach(async () => {
  jest.useFakeTimers();
  localStorage.clear();
  server.stored = {
    id: 'one',
    revision: 1,
    updatedAt: '2026-01-01T00:00:00.000Z',
    document: newDesign('Test'),
  };
  server.away = false;
  server.puts = 0;
  server.mute = false;
  await openDesign('one');
});
afterEach(() => jest.useRealTimers());

it('saves within a second without being asked, many key presses as one', async () => {
  setEase(11);
  await pass(200);
  setEase(12);
  expect(state()).toBe('waiting');
  await pass(900);
  expect([state(), kept(), server.puts, useSaving.getState().revision]).toEqual(['saved', 12, 1, 2]);
  expect(localStorage).toHaveLength(0);
});

it('sends nothing that was undone before it was sent', async () => {
  setEase(11);
  undo();
  await pass(2000);
  expect([state(), server.puts]).toEqual(['saved', 0]);
});

it('keeps edits in the browser while the server is away, and sends them when it is back', async () => {
  server.away = true;
  setEase(13);
  await pass(700);
  expect(useSaving.getState().state).toEqual({ kind: 'away', kept: true });
  expect(JSON.parse(localStorage.getItem('upfell:unsent:one:tab-one')!)).toMatchObject({
    base: 1,
    document: { garment: { ease: 13 } },
  });
  setEase(14);
  await pass(3000);
  server.away = false;
  await pass(16_000);
  expect([state(), kept()]).toEqual(['saved', 14]);
});

it('opens a design again with the edit that was never sent', async () => {
  server.away = true;
  setEase(15);
  await pass(700);
  await openDesign('one');
  expect([state(), useDesign.getState().document!.garment['ease']]).toEqual(['away', 15]);
  server.away = false;
  await openDesign('one');
  await pass(1000);
  expect([state(), kept()]).toEqual(['saved', 15]);
});

it('shows both when the design was saved elsewhere, and overwrites only when told to', async () => {
  setEase(16);
  server.stored = { ...server.stored, revision: 2, document: { ...newDesign('Theirs') } };
  await pass(900);
  expect(useSaving.getState().state).toMatchObject({ kind: 'conflict', current: { revision: 2 } });
  setEase(17);
  await pass(5000);
  expect(server.stored.document.name).toBe('Theirs');
  settleConflict('mine');
  await pass(900);
  expect([state(), kept(), server.stored.document.name]).toEqual(['saved', 17, 'Test']);
});

it('takes the other state when that is chosen', async () => {
  setEase(16);
  server.stored = { ...server.stored, revision: 2, document: newDesign('Theirs') };
  await pass(900);
  settleConflict('theirs');
  await pass(2000);
  expect([state(), useDesign.getState().document!.name, server.puts]).toEqual(['saved', 'Theirs', 1]);
});

it('knows its own edit again whose answer was lost, also after a reload', async () => {
  server.mute = true;
  setEase(13);
  await pass(700);
  expect([state(), kept(), server.stored.revision]).toEqual(['away', 13, 2]);
  server.mute = false;
  setEase(14);
  await pass(16_000);
  expect([state(), kept(), server.stored.revision]).toEqual(['saved', 14, 3]);

  server.mute = true;
  setEase(15);
  await pass(700);
  setEase(16);
  await pass(200);
  server.mute = false;
  await openDesign('one');
  await pass(2000);
  expect([state(), kept(), server.stored.revision]).toEqual(['saved', 16, 5]);
});

it('says that a design is missing', async () => {
  await openDesign('two');
  expect(useSaving.getState().state).toMatchObject({ kind: 'failed', missing: true });
});
