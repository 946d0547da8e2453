import { newDesign, type Design, type StoredDesign } from '@upfell/core';

/** Stands in for what jsdom lacks (locks, channels) and for the server; imported before what uses them. */

class Channel {
  onmessage: ((event: { data: unknown }) => void) | null = null;
  postMessage() {}
}
Object.assign(globalThis, { BroadcastChannel: Channel });
Object.defineProperty(navigator, 'locks', {
  value: {
    request: (_name: string, _options: unknown, work: (lock: object) => unknown) => Promise.resolve(work({})),
    query: () => Promise.resolve({ held: [] }),
  },
});
Object.defineProperty(crypto, 'randomUUID', { value: () => 'tab-one', configurable: true });

/** A server of one design, "one": keeps what is put, refuses old revisions, and can be away. */
export const server = {
  stored: { id: 'one', revision: 1, updatedAt: '', document: newDesign('Test') } as StoredDesign,
  away: false,
  /** Takes what is put, but the answer is lost on the way. */
  mute: false,
  puts: 0,
};
const answer = (status: number, body: unknown) =>
  Promise.resolve({ ok: status < 300, status, json: () => Promise.resolve(body) });
Object.assign(globalThis, {
  fetch: (path: string, init: { method?: string; headers?: Record<string, string>; body?: string } = {}) => {
    if (server.away) return Promise.reject(new TypeError('away'));
    if (!path.endsWith('/one')) return answer(404, { title: 'There is no such design.' });
    if (init.method !== 'PUT') return answer(200, server.stored);
    server.puts += 1;
    if (init.headers!['If-Match'] !== `"${server.stored.revision}"`)
      return answer(412, { title: 'changed', current: server.stored });
    server.stored = {
      ...server.stored,
      revision: server.stored.revision + 1,
      document: JSON.parse(init.body!) as Design,
    };
    if (server.mute) return Promise.reject(new TypeError('the answer was lost'));
    return answer(200, server.stored);
  },
});
