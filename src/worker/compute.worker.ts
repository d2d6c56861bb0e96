import { expose } from 'comlink';
import { COMPUTE } from './compute';

expose(COMPUTE);
