import type { FieldProblem, Stored } from '@upfell/core';

/** The server said no: its sentence, the fields it names, and for a conflict the design as it stands. */
export class Refused extends Error {
  constructor(
    readonly status: number,
    message: string,
    readonly fields: readonly FieldProblem[],
    readonly current: Stored<unknown> | null,
  ) {
    super(message);
  }
}

/** The server could not be reached, or failed; trying again later may help. */
export class Away extends Error {}

/** Asks the server's API. */
export async function ask(path: string, init: RequestInit = {}): Promise<Response> {
  let response: Response;
  try {
    response = await fetch(`/api/${path}`, {
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
    current?: Stored<unknown>;
  };
  throw new Refused(
    response.status,
    problem.title ?? `The server refused (${response.status}).`,
    problem.fields ?? [],
    problem.current ?? null,
  );
}

export const json = async <T>(path: string, init?: RequestInit): Promise<T> =>
  (await ask(path, init)).json() as Promise<T>;
