import { writeFileSync } from 'node:fs';
import { caseFileJsonSchema } from '../src/contracts/json-schema';

/** npm run schema: writes the JSON Schemas of the file formats from the Zod schemas. */
writeFileSync('docs/formats/case.schema.json', `${JSON.stringify(caseFileJsonSchema(), null, 2)}\n`);
