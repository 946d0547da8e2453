import { expose } from 'comlink';
import { MakingPlanner } from './makingPlanner';

expose(new MakingPlanner());
