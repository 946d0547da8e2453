import { TextDecoder, TextEncoder } from 'node:util';
import { configure } from '@testing-library/react';

// The router wants these, which every browser has and jsdom has not.
Object.assign(globalThis, { TextDecoder, TextEncoder });

// Parts of the page that are sent when they are opened are read from disk in tests, which takes its time on a busy machine.
configure({ asyncUtilTimeout: 20_000 });
jest.setTimeout(60_000);
