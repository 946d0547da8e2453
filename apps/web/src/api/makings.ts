import type { Arrived, Making, MakingEntry, MakingProgress, NewMaking, StoredMaking } from '@upfell/core';
import { ask, json } from './server';

/** After so long without an answer the log is sent again later: it is kept in the browser, ms. */
const LOG_PATIENCE = 6000;

/** Calls of the server's API of makings. */
export const makings = {
  list: (design?: string) => json<MakingEntry[]>(design ? `makings?design=${design}` : 'makings'),
  begin: (making: NewMaking) =>
    json<StoredMaking>('makings', { method: 'POST', body: JSON.stringify(making) }),
  takeIn: (design: string, making: Making) =>
    json<StoredMaking>(`makings/of/${design}`, { method: 'POST', body: JSON.stringify(making) }),
  read: (id: string) => json<StoredMaking>(`makings/${id}`, {}, LOG_PATIENCE),
  add: (id: string, sent: { entries: Making['entries']; after: number; progress?: MakingProgress }) =>
    json<Arrived>(`makings/${id}/entries`, { method: 'POST', body: JSON.stringify(sent) }, LOG_PATIENCE),
  rename: (id: string, name: string) =>
    json<MakingEntry>(`makings/${id}/name`, { method: 'PUT', body: JSON.stringify({ name }) }),
  remove: async (id: string) => void (await ask(`makings/${id}`, { method: 'DELETE' })),
  takeBack: (id: string) => json<MakingEntry>(`makings/${id}/take-back`, { method: 'POST' }),
};
