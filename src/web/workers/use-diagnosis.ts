import { useEffect, useRef, useState } from 'react';
import type { CaseEvent } from '../../core/casework';
import type { Diagnosis } from '../../core/diagnosis';
import type { DiagnosisAnswer, DiagnosisRequest } from './diagnosis.worker';

/**
 * The diagnosis of a log, reckoned off the main thread. Null until the first answer; then the newest answer, with
 * `isCurrent` false while one for newer events is on its way.
 */
export function useDiagnosis(events: readonly CaseEvent[] | null): { diagnosis: Diagnosis | null; isCurrent: boolean } {
  const worker = useRef<Worker | null>(null);
  const ticket = useRef(0);
  const [answer, setAnswer] = useState<DiagnosisAnswer | null>(null);
  const [asked, setAsked] = useState(0);

  useEffect(() => {
    const started = new Worker(new URL('./diagnosis.worker.ts', import.meta.url), { type: 'module' });
    started.onmessage = ({ data }: MessageEvent<DiagnosisAnswer>) => {
      if (data.ticket === ticket.current) setAnswer(data);
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

  return { diagnosis: answer?.diagnosis ?? null, isCurrent: answer?.ticket === asked };
}
