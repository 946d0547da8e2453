import type { LibraryEntry, LibraryFabric, SizeChart, Stored } from '@upfell/core';
import { ask, json } from './server';

/** Calls of one kind of library document. */
function library<T>(kind: 'charts' | 'fabrics') {
  return {
    list: () => json<LibraryEntry<T>[]>(kind),
    read: (id: string) => json<Stored<T>>(`${kind}/${id}`),
    create: (document: T) => json<Stored<T>>(kind, { method: 'POST', body: JSON.stringify(document) }),
    save: (id: string, seen: number, document: T) =>
      json<Stored<T>>(`${kind}/${id}`, {
        method: 'PUT',
        headers: { 'If-Match': `"${seen}"` },
        body: JSON.stringify(document),
      }),
    remove: async (id: string) => void (await ask(`${kind}/${id}`, { method: 'DELETE' })),
    takeBack: (id: string) => json<Stored<T>>(`${kind}/${id}/take-back`, { method: 'POST' }),
  };
}

export const charts = library<SizeChart>('charts');
export const fabrics = library<LibraryFabric>('fabrics');
