import { configure } from '@testing-library/react';

// Parts of the page that are sent when they are opened are read from disk in tests, which takes its time on a busy machine.
configure({ asyncUtilTimeout: 20_000 });
jest.setTimeout(60_000);
