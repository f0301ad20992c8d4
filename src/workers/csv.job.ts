import { itemsFromCsv } from '../core/formats/csv';
import type { CsvApi } from './csv.protocol';

export const csvJobs: CsvApi = {
  read: async (text, items, prefix, onRow) => itemsFromCsv(text, items, (line) => `${prefix}-${line}`, onRow),
};
