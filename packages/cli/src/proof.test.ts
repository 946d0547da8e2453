import { join } from 'node:path';
import type * as Core from '@upfell/core';
import { run } from './main.js';

/** The writer with one count of the text changed: what no writer should do, and what the proof is there for. */
jest.mock('@upfell/core', () => {
  const core = jest.requireActual<typeof Core>('@upfell/core');
  return {
    ...core,
    provenText: (planned: Parameters<typeof core.provenText>[0], ...rest: [never, never]) => {
      const { text } = core.provenText(planned, ...rest);
      const wrong = text.replace('(86 sts)', '(84 sts)');
      return {
        text: wrong,
        proof: core.provePattern(
          wrong,
          planned.sizes.filter(({ id }) => id === 'M'),
        ),
      };
    },
  };
});

const demo = join(__dirname, '../../../demo/brackenlow-pullover.upfell.json');

describe('a text that differs from its plan', () => {
  it('ends write with 1 and is named on standard error: piece, size, row and both counts', () => {
    const { status, out, err } = run(['write', demo, '--size', 'M']);
    expect(status).toBe(1);
    expect(out).toContain('(84 sts)');
    expect(err).toMatch(/^the text differs from the plan: Back, size M: .*84 is said, 86 is there\n/);
    expect(err).toMatch(/row/);
  });

  it('ends check with 1 as well', () => {
    const { status, err } = run(['check', demo]);
    expect(status).toBe(1);
    expect(err).toMatch(/: Back, size M: /);
  });
});
