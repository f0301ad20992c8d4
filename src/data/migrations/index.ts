/** Numbered migrations, oldest first. Each is a pure function on plain rows, frozen once released, with fixtures of before and after. */
import * as m0002 from './0002-draft-cards';
import * as m0003 from './0003-run-events';
import * as m0004 from './0004-strong-choices';
import * as m0005 from './0005-sheets';
import * as m0006 from './0006-snapshots';
import * as m0007 from './0007-registers';
import * as m0008 from './0008-undos';
import * as m0009 from './0009-answers';

export { m0002, m0003, m0004, m0005, m0006, m0007, m0008, m0009 };
/** What is stored today is of this version. */
export const SCHEMA_VERSION = m0009.version;
