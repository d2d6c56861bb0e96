import { guessMapping, readLogger } from '@/core/records/loggerTable';
import { decodeTable } from './csv';
import { LONGEST_LOGGER_FILE, type LoggerReader } from './loggerReader';

const SAMPLE_ROWS = 3;

/** Reads the file of a logger. */
export const LOGGER_READER: LoggerReader = {
  read: (text, zone, given) => {
    const table = decodeTable(text, LONGEST_LOGGER_FILE);
    if (!table) return undefined;
    const mapping = given ?? guessMapping(table, zone);
    const { header, columns, dates } = mapping;
    const names = table[header] ?? [];
    const sample = table.slice(header + 1, header + 1 + SAMPLE_ROWS);
    if (dates === undefined || columns.time === undefined || columns.tempC === undefined)
      return { mapping, names, sample };
    return { mapping, names, sample, file: readLogger(table, { ...mapping, dates }) };
  },
};
