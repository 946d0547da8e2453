import type { Design, RevisionEntry, ShelfEntry, StoredDesign } from '@upfell/core';
import { ask, json } from './server';

/** After so long without an answer an edit is called unsaved (it stays in the browser and is sent again), ms. */
const SAVING_PATIENCE = 4000;

/** Calls of the server's design API. */
export const designs = {
  shelf: () => json<ShelfEntry[]>('designs'),
  bin: () => json<ShelfEntry[]>('designs/bin'),
  /** Where the picture of a revision is. */
  picture: ({ id, revision }: Pick<ShelfEntry, 'id' | 'revision'>) =>
    `/api/designs/${id}/picture?revision=${revision}`,
  read: (id: string) => json<StoredDesign>(`designs/${id}`),
  create: (document: Design) =>
    json<StoredDesign>('designs', { method: 'POST', body: JSON.stringify(document) }),
  save: (id: string, seen: number, document: Design, keepalive = false) =>
    json<StoredDesign>(
      `designs/${id}`,
      {
        method: 'PUT',
        headers: { 'If-Match': `"${seen}"` },
        body: JSON.stringify(document),
        keepalive,
      },
      SAVING_PATIENCE,
    ),
  duplicate: (id: string) => json<StoredDesign>(`designs/${id}/duplicate`, { method: 'POST' }),
  remove: async (id: string) => void (await ask(`designs/${id}`, { method: 'DELETE' })),
  takeBack: (id: string) => json<StoredDesign>(`designs/${id}/take-back`, { method: 'POST' }),
  history: (id: string) => json<RevisionEntry[]>(`designs/${id}/revisions`),
  revision: (id: string, revision: number) => json<StoredDesign>(`designs/${id}/revisions/${revision}`),
  restore: (id: string, revision: number, seen: number) =>
    json<StoredDesign>(`designs/${id}/revisions/${revision}/restore`, {
      method: 'POST',
      headers: { 'If-Match': `"${seen}"` },
    }),
};
