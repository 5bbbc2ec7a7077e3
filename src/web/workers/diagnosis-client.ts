import type { CaseEvent } from '../../core/casework';
import type { PartKind } from '../../core/machine';
import type { DiagnosisAnswer, DiagnosisRequest } from './diagnosis.worker';

/** What a worker is to this client. */
export type DiagnosisPort = Pick<Worker, 'postMessage' | 'terminate' | 'onmessage' | 'onerror' | 'onmessageerror'>;

export interface DiagnosisClient {
  /** Asks for a diagnosis of a log. Answers to what was asked before are dropped from now on. */
  readonly ask: (events: readonly CaseEvent[], chosen: string | null, shelfLacks?: readonly PartKind[]) => void;
  /** After a failure: starts again with what was asked last. */
  readonly retry: () => void;
  readonly close: () => void;
}

export interface DiagnosisClientParts {
  readonly start: () => DiagnosisPort;
  /** The answer to the last question, with the log that it is about. */
  readonly onAnswer: (answer: DiagnosisAnswer, events: readonly CaseEvent[]) => void;
  /** It failed again and again: nothing more is attempted before `retry`. */
  readonly onFailure: () => void;
}

const maxRestarts = 2;
/** The longest diagnosis takes a second or two on a slow tablet. */
const longestMs = 30_000;

/**
 * Talks to a diagnosis worker: sends only what is new of a log, and hands on answers to the last question alone. A worker
 * that breaks or does not answer is replaced, and gets the whole log.
 */
export function createDiagnosisClient({ start, onAnswer, onFailure }: DiagnosisClientParts): DiagnosisClient {
  let port = begin();
  let ticket = 0;
  let sent: readonly CaseEvent[] = [];
  let asked: Pick<DiagnosisRequest, 'events' | 'chosen' | 'shelfLacks'> | null = null;
  let failures = 0;
  let watchdog: ReturnType<typeof setTimeout> | undefined;

  function begin(): DiagnosisPort {
    const made = start();
    made.onmessage = ({ data }: MessageEvent<DiagnosisAnswer>) => {
      if (data.ticket !== ticket) return;
      clearTimeout(watchdog);
      failures = 0;
      onAnswer(data, sent);
    };
    made.onerror = made.onmessageerror = () => made === port && fail();
    return made;
  }

  function fail(): void {
    clearTimeout(watchdog);
    port.terminate();
    failures += 1;
    if (failures <= maxRestarts) restart();
    else onFailure();
  }

  function restart(): void {
    port = begin();
    sent = [];
    if (asked) ask(asked.events, asked.chosen, asked.shelfLacks);
  }

  function ask(events: readonly CaseEvent[], chosen: string | null, shelfLacks: readonly PartKind[] = []): void {
    asked = { events, chosen, shelfLacks };
    ticket += 1;
    const keep = commonLength(sent, events);
    sent = events;
    const request: DiagnosisRequest = { ticket, keep, events: events.slice(keep), chosen, shelfLacks };
    clearTimeout(watchdog);
    watchdog = setTimeout(fail, longestMs);
    port.postMessage(request);
  }

  return {
    ask,
    retry: () => {
      failures = 0;
      restart();
    },
    close: () => {
      clearTimeout(watchdog);
      port.terminate();
    },
  };
}

function commonLength(a: readonly CaseEvent[], b: readonly CaseEvent[]): number {
  const differs = a.findIndex((event, i) => event !== b[i]);
  return differs < 0 ? a.length : differs;
}
