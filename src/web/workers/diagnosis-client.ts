import type { CaseEvent } from '../../core/casework';
import type { DiagnosisAnswer, DiagnosisRequest } from './diagnosis.worker';

/** What a worker is to this client. */
export type DiagnosisPort = Pick<Worker, 'postMessage' | 'terminate' | 'onmessage'>;

export interface DiagnosisClient {
  /** Asks for a diagnosis of a log. Answers to what was asked before are dropped from now on. */
  readonly ask: (events: readonly CaseEvent[], chosen: string | null) => void;
  readonly close: () => void;
}

/**
 * Talks to a diagnosis worker: sends only what is new of a log, and hands on answers to the last question alone,
 * with the log that they are about.
 */
export function createDiagnosisClient(
  port: DiagnosisPort,
  onAnswer: (answer: DiagnosisAnswer, events: readonly CaseEvent[]) => void,
): DiagnosisClient {
  let ticket = 0;
  let sent: readonly CaseEvent[] = [];
  port.onmessage = ({ data }: MessageEvent<DiagnosisAnswer>) => {
    if (data.ticket === ticket) onAnswer(data, sent);
  };
  return {
    ask: (events, chosen) => {
      ticket += 1;
      const keep = commonLength(sent, events);
      sent = events;
      const request: DiagnosisRequest = { ticket, keep, events: events.slice(keep), chosen };
      port.postMessage(request);
    },
    close: () => port.terminate(),
  };
}

function commonLength(a: readonly CaseEvent[], b: readonly CaseEvent[]): number {
  const differs = a.findIndex((event, i) => event !== b[i]);
  return differs < 0 ? a.length : differs;
}
