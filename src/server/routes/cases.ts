import { Router, type Response } from 'express';
import * as z from 'zod';
import {
  appendEventsSchema,
  CASE_FILE_FORMAT,
  CASE_FILE_VERSION,
  listQuerySchema,
  openCaseSchema,
} from '../../contracts';
import { MODEL_VERSION } from '../../core/diagnosis';
import { paperMarkdown, PAPERS, type PaperName } from '../../core/record';
import { paperCsv } from '../papers/paper-csv';
import { paperPdf } from '../papers/paper-pdf';
import type { CaseService } from '../services/case-service';
import { parse } from '../middleware/parse';
import { allow } from '../middleware/session';

const caseId = z.uuid();
/** The name of a paper and what it is made as, for instance "owner.pdf". */
const paperFile = z
  .templateLiteral([z.enum(PAPERS), '.', z.enum(['pdf', 'md', 'csv'])])
  .transform((file) => file.split('.') as [PaperName, 'pdf' | 'md' | 'csv']);

/** /api/cases: the queue, one case, its log, its export. */
export function caseRoutes(cases: (response: Response) => CaseService): Router {
  const router = Router();
  router.use(allow('read'));
  router.get('/', async (request, response) => {
    response.json(await cases(response).list(parse(listQuerySchema, request.query)));
  });
  router.post('/', allow('write-cases'), async (request, response) => {
    response.status(201).json(await cases(response).open(parse(openCaseSchema, request.body)));
  });
  router.get('/:id', async (request, response) => {
    response.json(await cases(response).read(parse(caseId, request.params.id)));
  });
  router.post('/:id/events', allow('write-cases'), async (request, response) => {
    const id = parse(caseId, request.params.id);
    response.status(201).json({ events: await cases(response).append(id, parse(appendEventsSchema, request.body)) });
  });
  router.get('/:id/file', allow('export-cases'), async (request, response) => {
    const found = await cases(response).readForFile(parse(caseId, request.params.id));
    const file = {
      format: CASE_FILE_FORMAT,
      version: CASE_FILE_VERSION,
      model: MODEL_VERSION,
      number: String(found.number),
      events: found.events.map(({ event }) => event),
      chain: found.events.map(({ hash, seal }) => ({ hash, ...(seal ? { seal } : {}) })),
    };
    response.attachment(`case-${String(found.number).padStart(4, '0')}.json`).json(file);
  });
  router.get('/:id/papers/:paper', allow('export-cases'), async (request, response) => {
    const [name, kind] = parse(paperFile, request.params.paper);
    const id = parse(caseId, request.params.id);
    const made = await cases(response).paper(id, name, `${request.protocol}://${request.host}/cases/${id}`);
    const file = `case-${made.number}-${name}.${kind}`;
    if (kind === 'md') response.attachment(file).type('text/markdown').send(paperMarkdown(made.paper));
    else if (kind === 'csv') response.attachment(file).type('text/csv').send(paperCsv(made.paper));
    else
      response
        .attachment(file)
        .type('application/pdf')
        .send(await paperPdf(made.paper, made.at));
  });
  return router;
}
