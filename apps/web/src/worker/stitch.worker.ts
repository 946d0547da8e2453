import { expose } from 'comlink';
import { readStitches } from './stitches';

expose({ readStitches });
