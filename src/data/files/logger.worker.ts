import { expose } from 'comlink';
import { LOGGER_READER } from './readLoggerFile';

expose(LOGGER_READER);
