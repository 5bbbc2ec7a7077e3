import { useEffect, useRef, useState } from 'react';
import type { CaseEvent } from '../../core/casework';
import type { Diagnosis, SchoolPrice } from '../../core/diagnosis';
import type { DiagnosisAnswer, DiagnosisRequest } from './diagnosis.worker';

interface Reckoned {
  readonly diagnosis: Diagnosis | null;
  /** What each way of ordering would take; null while that is being reckoned. */
  readonly prices: readonly SchoolPrice[] | null;
  readonly isCurrent: boolean;
}

interface Answer {
  readonly of: readonly CaseEvent[];
  readonly diagnosis: Diagnosis | null;
}

interface Priced {
  readonly of: readonly CaseEvent[];
  readonly prices: readonly SchoolPrice[];
}

const withRest = (answer: Answer | null, rest: Pick<Diagnosis, 'alternatives' | 'suspects'>): Answer | null =>
  answer?.diagnosis ? { ...answer, diagnosis: { ...answer.diagnosis, ...rest } } : answer;

/**
 * The diagnosis of a log, reckoned off the main thread. Null until the first answer; then the newest answer, with
 * `isCurrent` false while one for newer events is on its way.
 */
export function useDiagnosis(events: readonly CaseEvent[] | null, chosen: string | null = null): Reckoned {
  const latestChosen = useRef(chosen);
  latestChosen.current = chosen;
  const worker = useRef<Worker | null>(null);
  const asked = useRef(new Map<number, readonly CaseEvent[]>());
  const ticket = useRef(0);
  const [answer, setAnswer] = useState<Answer | null>(null);
  const [priced, setPriced] = useState<Priced | null>(null);

  useEffect(() => {
    const started = new Worker(new URL('./diagnosis.worker.ts', import.meta.url), { type: 'module' });
    started.onmessage = ({ data }: MessageEvent<DiagnosisAnswer>) => {
      const of = asked.current.get(data.ticket);
      if (!of || data.ticket !== ticket.current) return;
      switch (data.kind) {
        case 'diagnosis':
          return setAnswer({ of, diagnosis: data.diagnosis });
        case 'rest':
          setAnswer((before) => withRest(before, { alternatives: data.alternatives, suspects: data.suspects }));
          return setPriced({ of, prices: data.prices });
      }
    };
    worker.current = started;
    return () => started.terminate();
  }, []);

  useEffect(() => {
    if (!events || !worker.current) return;
    ticket.current += 1;
    asked.current = new Map([[ticket.current, events]]);
    const request: DiagnosisRequest = { ticket: ticket.current, events, chosen: latestChosen.current };
    worker.current.postMessage(request);
  }, [events]);

  return {
    diagnosis: answer?.diagnosis ?? null,
    prices: priced !== null && priced.of === events ? priced.prices : null,
    isCurrent: answer !== null && answer.of === events,
  };
}
