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

/**
 * The diagnosis of a log, reckoned off the main thread. Null until the first answer; then the newest answer, with
 * `isCurrent` false while one for newer events is on its way.
 */
export function useDiagnosis(events: readonly CaseEvent[] | null): Reckoned {
  const worker = useRef<Worker | null>(null);
  const ticket = useRef(0);
  const [answer, setAnswer] = useState<{ ticket: number; diagnosis: Diagnosis | null } | null>(null);
  const [priced, setPriced] = useState<{ ticket: number; prices: readonly SchoolPrice[] } | null>(null);
  const [asked, setAsked] = useState(0);

  useEffect(() => {
    const started = new Worker(new URL('./diagnosis.worker.ts', import.meta.url), { type: 'module' });
    started.onmessage = ({ data }: MessageEvent<DiagnosisAnswer>) => {
      if (data.ticket !== ticket.current) return;
      if (data.kind === 'diagnosis') setAnswer(data);
      else setPriced(data);
    };
    worker.current = started;
    return () => started.terminate();
  }, []);

  useEffect(() => {
    if (!events || !worker.current) return;
    ticket.current += 1;
    setAsked(ticket.current);
    const request: DiagnosisRequest = { ticket: ticket.current, events };
    worker.current.postMessage(request);
  }, [events]);

  return {
    diagnosis: answer?.diagnosis ?? null,
    prices: priced?.ticket === asked ? priced.prices : null,
    isCurrent: answer?.ticket === asked,
  };
}
