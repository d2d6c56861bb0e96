import { expose } from 'comlink';
import { TABLE_FILES } from './makeTables';

expose(TABLE_FILES);
