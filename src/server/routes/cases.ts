import { caseNumber } from '../../core/wording';
import { Router, type Response } from 'express';
import { pipeline } from 'node:stream/promises';
import * as z from 'zod';
import { appendEventsSchema, listQuerySchema, openCaseSchema } from '../../contracts';
import { paperMarkdown, PAPERS, type PaperName } from '../../core/record';
import { csvLine, paperCsv } from '../papers/paper-csv';
import { paperPdf } from '../papers/paper-pdf';
import type { CaseExports, PaperToSend } from '../services/case-exports';
import { caseFileOf } from '../services/case-file-of';
import { CASE_COLUMNS, caseRow } from '../services/case-row';
import type { CaseService } from '../services/case-service';
import { waitsCalendar } from '../services/waits-calendar';
import { caseZipEntries } from '../services/case-zip';
import { zipOf } from '../services/zip-stream';
import { ignoreLeaving } from './ignore-leaving';
import { sendLines } from './send-lines';
import { parse } from '../middleware/parse';
import { allow } from '../middleware/session';

const caseId = z.uuid();
/** The name of a paper and what it is made as, for instance "owner.pdf". */
const paperFile = z
  .templateLiteral([z.enum(PAPERS), '.', z.enum(['pdf', 'md', 'csv'])])
  .transform((file) => file.split('.') as [PaperName, 'pdf' | 'md' | 'csv']);

const exportQuerySchema = listQuerySchema.pick({ stage: true });

/** /api/cases: the queue, one case, its log, its export. */
export function caseRoutes(
  cases: (response: Response) => CaseService,
  exports: (response: Response) => CaseExports,
): Router {
  const router = Router();
  router.use(allow('read'));
  router.get('/', async (request, response) => {
    response.json(await cases(response).list(parse(listQuerySchema, request.query)));
  });
  router.post('/', allow('write-cases'), async (request, response) => {
    response.status(201).json(await cases(response).open(parse(openCaseSchema, request.body)));
  });
  router.get('/waits.ics', async (request, response) => {
    const { cases: parked } = await cases(response).list({ stage: 'parked' });
    const linkTo = (id: string) => `${request.protocol}://${request.host}/cases/${id}`;
    response.attachment('waits.ics').type('text/calendar').send(waitsCalendar(parked, linkTo));
  });
  router.get('/export.jsonl', allow('export-cases'), async (request, response) => {
    const query = parse(exportQuerySchema, request.query);
    response.attachment('cases.jsonl').type('application/jsonl');
    await sendLines(response, exports(response).exportAll(query, 'jsonl'), (found) =>
      JSON.stringify(caseFileOf(found)),
    );
  });
  router.get('/export.csv', allow('export-cases'), async (request, response) => {
    const query = parse(exportQuerySchema, request.query);
    const rates = await exports(response).rates();
    response.attachment('cases.csv').type('text/csv');
    response.write(`${csvLine(CASE_COLUMNS)}\r\n`);
    await sendLines(response, exports(response).exportAll(query, 'csv'), (found) => csvLine(caseRow(found, rates)));
  });
  router.get('/:id', async (request, response) => {
    response.json(await cases(response).read(parse(caseId, request.params.id)));
  });
  router.post('/:id/events', allow('write-cases'), async (request, response) => {
    const id = parse(caseId, request.params.id);
    response.status(201).json({ events: await cases(response).append(id, parse(appendEventsSchema, request.body)) });
  });
  router.get('/:id/file', allow('export-cases'), async (request, response) => {
    const found = await exports(response).readForFile(parse(caseId, request.params.id));
    response.attachment(`case-${caseNumber(found.number)}.json`).json(caseFileOf(found));
  });
  router.get('/:id/file.zip', allow('export-cases'), async (request, response) => {
    const whole = await exports(response).readWhole(parse(caseId, request.params.id));
    response.attachment(`case-${caseNumber(whole.detail.number)}.zip`).type('application/zip');
    await pipeline(zipOf(caseZipEntries(whole)), response).catch(ignoreLeaving);
  });
  router.get('/:id/papers/:paper', allow('export-cases'), async (request, response) => {
    const [name, kind] = parse(paperFile, request.params.paper);
    const id = parse(caseId, request.params.id);
    const made = await exports(response).paper(id, name, `${request.protocol}://${request.host}/cases/${id}`);
    await sendPaper(response, made, `case-${made.number}-${name}`, kind);
  });
  return router;
}

async function sendPaper(
  response: Response,
  made: PaperToSend,
  name: string,
  kind: 'pdf' | 'md' | 'csv',
): Promise<void> {
  response.attachment(`${name}.${kind}`);
  if (kind === 'md') response.type('text/markdown').send(paperMarkdown(made.paper));
  else if (kind === 'csv') response.type('text/csv').send(paperCsv(made.paper));
  else response.type('application/pdf').send(await paperPdf(made.paper, made.at, made.pictures));
}
