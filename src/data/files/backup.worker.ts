import { expose } from 'comlink';
import { faultOfEntry } from '../schema/entrySchema';
import { checkBackup } from './checkBackup';

expose(checkBackup(faultOfEntry));
