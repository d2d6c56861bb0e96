import { expose } from 'comlink';
import { faultOfEntry } from '../schema';
import { checkBackup } from './checkBackup';

expose(checkBackup(faultOfEntry));
