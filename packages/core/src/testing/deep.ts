/** Whether tests look at everything (`npm run test:deep`), or at as much of it as every run has time for. */
export const DEEP = process.env['UPFELL_DEEP'] !== undefined;

/** How many examples are looked at: some in every run, all in a deep one. */
export const runs = (some: number, all: number): number => (DEEP ? all : some);
