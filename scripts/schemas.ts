import { writeFileSync } from 'node:fs';
import { dayRequestSchema, kitSchema, programmeSchema, washDaySchema } from '../src/core/formats/schema';

/** Writes the public JSON Schemas into docs/formats. A test fails when they are out of date. */
writeFileSync('docs/formats/kit.schema.json', `${JSON.stringify(kitSchema(), null, 2)}\n`);
writeFileSync('docs/formats/programme.schema.json', `${JSON.stringify(programmeSchema(), null, 2)}\n`);
writeFileSync('docs/formats/day-request.schema.json', `${JSON.stringify(dayRequestSchema(), null, 2)}\n`);
writeFileSync('docs/formats/wash-day.schema.json', `${JSON.stringify(washDaySchema(), null, 2)}\n`);
