import { CASE_FILE_FORMAT, CASE_FILE_VERSION, type CaseDetail } from '../../contracts';
import { MODEL_VERSION } from '../../core/diagnosis';

/** A case as a file: its log as it was written, with its hashes. */
export const caseFileOf = ({ number, events }: Pick<CaseDetail, 'number' | 'events'>) => ({
  format: CASE_FILE_FORMAT,
  version: CASE_FILE_VERSION,
  model: MODEL_VERSION,
  number: String(number),
  events: events.map(({ event }) => event),
  chain: events.map(({ hash, seal }) => ({ hash, ...(seal ? { seal } : {}) })),
});
