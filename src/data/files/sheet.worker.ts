import { expose } from 'comlink';
import { SHEET_READER } from './readSheetFile';

expose(SHEET_READER);
