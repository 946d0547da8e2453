import type { InstrumentReading } from '@upfell/core';

export type StreamState = 'opening' | 'open' | 'lost';

type Message =
  | { kind: 'state'; state: StreamState }
  | { kind: 'reading'; reading: InstrumentReading }
  /** A page that has just begun to listen asks how the stream stands. */
  | { kind: 'ask' };

interface Listener {
  state: (state: StreamState) => void;
  reading: (reading: InstrumentReading) => void;
}

const NAME = 'upfell-readings';

/**
 * Listens to the readings of instruments. A browser gives a server six connections for all of its tabs, and a stream holds one for as long
 * as it is open; so one tab opens the stream and passes on to the others what it hears, and when it goes another takes its place.
 * Where the browser has no locks (an address that is not this machine's, without https) only the tab in sight listens.
 *
 * @returns ends listening
 */
export function followReadings(listener: Listener): () => void {
  const channel = new BroadcastChannel(NAME);
  let stream: EventSource | null = null;
  let state: StreamState = 'opening';
  const hear = (message: Message) => {
    if (message.kind === 'state') listener.state(message.state);
    else if (message.kind === 'reading') listener.reading(message.reading);
    else if (stream) channel.postMessage({ kind: 'state', state } satisfies Message);
  };
  const tell = (message: Message) => {
    channel.postMessage(message);
    hear(message);
  };
  const stands = (now: StreamState) => {
    state = now;
    tell({ kind: 'state', state });
  };
  const open = () => {
    stream = new EventSource('/api/instruments/stream');
    stream.onopen = () => stands('open');
    stream.onerror = () => stands('lost');
    stream.addEventListener('reading', ({ data }: MessageEvent<string>) =>
      tell({ kind: 'reading', reading: JSON.parse(data) as InstrumentReading }),
    );
  };
  const close = () => {
    stream?.close();
    stream = null;
  };
  channel.onmessage = ({ data }: MessageEvent<Message>) => hear(data);
  const leave = navigator.locks ? whileFirst(open) : whileInSight(open, close);
  channel.postMessage({ kind: 'ask' } satisfies Message);
  return () => {
    close();
    leave();
    channel.close();
  };
}

/** Opens when no other tab holds the stream any more. */
function whileFirst(open: () => void): () => void {
  const waiting = new AbortController();
  let release = () => {};
  const held = new Promise<void>((resolve) => (release = resolve));
  navigator.locks
    .request(NAME, { signal: waiting.signal }, () => {
      open();
      return held;
    })
    // Ended while another tab still held it.
    .catch(() => undefined);
  return () => {
    release();
    waiting.abort();
  };
}

function whileInSight(open: () => void, close: () => void): () => void {
  const follow = () => {
    close();
    if (document.visibilityState === 'visible') open();
  };
  follow();
  document.addEventListener('visibilitychange', follow);
  return () => document.removeEventListener('visibilitychange', follow);
}
