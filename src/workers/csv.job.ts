import { itemsFromCsv } from '../core/formats/csv';
import { wrongText } from '../core/explaining';
import type { CsvApi } from './csv.protocol';

export const csvJobs: CsvApi = {
  read: async (text, items, prefix, onRow) => itemsFromCsv(text, items, (line) => `${prefix}-${line}`, onRow, wrongText),
};
