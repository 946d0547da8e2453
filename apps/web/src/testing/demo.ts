import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { readDesignText, type Design } from '@upfell/core';

/** One of the demo designs, by the name of its file: "brackenlow-pullover". */
export function demoDesign(name: string): Design {
  const read = readDesignText(
    readFileSync(join(__dirname, '../../../../demo', `${name}.upfell.json`), 'utf8'),
  );
  if (!read.ok) throw new Error(`${name}: ${read.problems[0]!.message}`);
  return read.design;
}
