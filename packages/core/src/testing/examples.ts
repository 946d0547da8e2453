/**
 * Random examples: the same in every run, so that what passed once passes again until something is changed; other ones each time in a deep
 * run, which looks for what no run has met yet. What that finds becomes an example of its own.
 */

import fc from 'fast-check';
import { DEEP } from './deep.js';

const SEED = 4_104;

if (!DEEP) fc.configureGlobal({ ...fc.readConfigureGlobal(), seed: SEED });
