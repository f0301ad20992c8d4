import { writeFileSync } from 'node:fs';
import { kitSchema, programmeSchema } from '../src/core/formats/schema';

/** Writes the public JSON Schemas into docs/formats. A test fails when they are out of date. */
writeFileSync('docs/formats/kit.schema.json', `${JSON.stringify(kitSchema(), null, 2)}\n`);
writeFileSync('docs/formats/programme.schema.json', `${JSON.stringify(programmeSchema(), null, 2)}\n`);
