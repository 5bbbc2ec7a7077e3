import * as z from 'zod';
import { boardBookFileSchema } from './board-book';
import { caseFileSchema } from './case-file';
import { powerFileSchema } from './power-file';

/** The case file's JSON Schema (draft 2020-12), made from the schema that the program reads by. */
export function caseFileJsonSchema(): unknown {
  return { title: 'Jovial Probe case file', ...z.toJSONSchema(caseFileSchema, { io: 'input' }) };
}

/** The board file's JSON Schema. */
export function boardBookJsonSchema(): unknown {
  return { title: 'Jovial Probe board', ...z.toJSONSchema(boardBookFileSchema, { io: 'input' }) };
}

/** The power file's JSON Schema. */
export function powerFileJsonSchema(): unknown {
  return { title: 'Jovial Probe power', ...z.toJSONSchema(powerFileSchema, { io: 'input' }) };
}
