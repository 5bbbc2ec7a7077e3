import { writeFileSync } from 'node:fs';
import { boardBookJsonSchema, caseFileJsonSchema, powerFileJsonSchema } from '../src/contracts/json-schema';

/** npm run schema: writes the JSON Schemas of the file formats from the Zod schemas. */
writeFileSync('docs/formats/case.schema.json', `${JSON.stringify(caseFileJsonSchema(), null, 2)}\n`);
writeFileSync('docs/formats/board.schema.json', `${JSON.stringify(boardBookJsonSchema(), null, 2)}\n`);
writeFileSync('docs/formats/power.schema.json', `${JSON.stringify(powerFileJsonSchema(), null, 2)}\n`);
