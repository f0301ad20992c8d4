import { db, type KeptAnswers } from './db';

/** What was answered of the kit last, if anything was. */
export const readAnswers = (): Promise<KeptAnswers | undefined> => db.answers.get('kit');
/** In place of what was kept before. */
export const writeAnswers = async (answers: Omit<KeptAnswers, 'id'>): Promise<void> =>
  void (await db.answers.put({ id: 'kit', ...answers }));
