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

/** How long an answer is waited for, ms: a request may hang on a busy browser or a stopped server, and then the user must know. */
const PATIENCE = 20_000;

/**
 * Asks the server's API.
 *
 * @param patience how long its answer is waited for, ms
 * @throws Away where it does not answer, Refused where it says no
 */
export async function ask(path: string, init: RequestInit = {}, patience = PATIENCE): Promise<Response> {
  let response: Response;
  const giveUp = new AbortController();
  const timer = setTimeout(() => giveUp.abort(), patience);
  try {
    response = await fetch(`/api/${path}`, {
      ...init,
      signal: giveUp.signal,
      headers: {
        Accept: 'application/json',
        ...(init.body ? { 'Content-Type': 'application/json' } : {}),
        ...init.headers,
      },
    });
  } catch {
    throw new Away(giveUp.signal.aborted ? 'The server does not answer.' : 'The server cannot be reached.');
  } finally {
    clearTimeout(timer);
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

export const json = async <T>(path: string, init?: RequestInit, patience?: number): Promise<T> =>
  (await ask(path, init, patience)).json() as Promise<T>;
