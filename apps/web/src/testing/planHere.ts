import { wrap } from 'comlink';
import { Planner } from '../worker/planner';

/**
 * Puts a planner in the place of the page's worker, which jsdom has not; its answers come in a later turn, as a worker's do. The test
 * mocks comlink: `jest.mock('comlink')`.
 *
 * @param onAsk hears of every question before it is answered
 */
export function planHere(
  onAsk: (question: string, args: readonly unknown[]) => void = () => undefined,
): void {
  let planner = new Planner();
  Object.assign(globalThis, {
    Worker: class {
      constructor() {
        planner = new Planner();
      }
    },
  });
  const remote = new Proxy(
    {},
    {
      get:
        (_, question: string) =>
        async (...args: unknown[]) => {
          onAsk(question, args);
          await Promise.resolve();
          return (planner as unknown as Record<string, (...all: unknown[]) => unknown>)[question]!(...args);
        },
    },
  );
  jest.mocked(wrap).mockReturnValue(remote as never);
}
