import type { Design, FieldProblem, RevisionEntry, ShelfEntry, StoredDesign } from '@upfell/core';

/** The server said no: its sentence, the fields it names, and for a conflict the design as it stands. */
export class Refused extends Error {
  constructor(
    readonly status: number,
    message: string,
    readonly fields: readonly FieldProblem[],
    readonly current: StoredDesign | null,
  ) {
    super(message);
  }
}

/** The server could not be reached, or failed; trying again later may help. */
export class Away extends Error {}

async function ask(path: string, init: RequestInit = {}): Promise<Response> {
  let response: Response;
  try {
    response = await fetch(`/api/designs${path}`, {
      ...init,
      headers: {
        Accept: 'application/json',
        ...(init.body ? { 'Content-Type': 'application/json' } : {}),
        ...init.headers,
      },
    });
  } catch {
    throw new Away('The server cannot be reached.');
  }
  if (response.ok) return response;
  if (response.status >= 500 || response.status === 429) throw new Away('The server failed to answer.');
  const problem = (await response.json().catch(() => ({}))) as {
    title?: string;
    fields?: FieldProblem[];
    current?: StoredDesign;
  };
  throw new Refused(
    response.status,
    problem.title ?? `The server refused (${response.status}).`,
    problem.fields ?? [],
    problem.current ?? null,
  );
}

const json = async <T>(path: string, init?: RequestInit): Promise<T> =>
  (await ask(path, init)).json() as Promise<T>;

/** Calls of the server's design API. */
export const designs = {
  shelf: () => json<ShelfEntry[]>(''),
  read: (id: string) => json<StoredDesign>(`/${id}`),
  create: (document: Design) => json<StoredDesign>('', { method: 'POST', body: JSON.stringify(document) }),
  save: (id: string, seen: number, document: Design, keepalive = false) =>
    json<StoredDesign>(`/${id}`, {
      method: 'PUT',
      headers: { 'If-Match': `"${seen}"` },
      body: JSON.stringify(document),
      keepalive,
    }),
  duplicate: (id: string) => json<StoredDesign>(`/${id}/duplicate`, { method: 'POST' }),
  remove: async (id: string) => void (await ask(`/${id}`, { method: 'DELETE' })),
  takeBack: (id: string) => json<StoredDesign>(`/${id}/take-back`, { method: 'POST' }),
  history: (id: string) => json<RevisionEntry[]>(`/${id}/revisions`),
  restore: (id: string, revision: number, seen: number) =>
    json<StoredDesign>(`/${id}/revisions/${revision}/restore`, {
      method: 'POST',
      headers: { 'If-Match': `"${seen}"` },
    }),
};
