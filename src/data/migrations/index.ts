/** Numbered migrations, oldest first. Each is a pure function on plain rows, frozen once released, with fixtures of before and after. */
import * as m0002 from './0002-draft-cards';

export { m0002 };
/** What is stored today is of this version. */
export const SCHEMA_VERSION = m0002.version;
