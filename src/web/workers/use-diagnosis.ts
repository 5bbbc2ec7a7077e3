import { useCallback, useEffect, useEffectEvent, useRef, useState } from 'react';
import type { Diagnosis, StrategyPrice } from '../../core/diagnosis';
import type { PartKind } from '../../core/machine';
import type { CaseEvent } from '../../core/casework';
import { createDiagnosisClient, type DiagnosisClient } from './diagnosis-client';
import type { DiagnosisAnswer } from './diagnosis.worker';
import { startDiagnosisWorker } from './start-diagnosis-worker';

/** Whatever has a log: a view of a case. */
interface Logged {
  readonly events: readonly CaseEvent[];
}

export interface Diagnosed<View extends Logged> {
  /** Null until the first answer. */
  readonly diagnosis: Diagnosis | null;
  /** The view that the diagnosis speaks of: while a newer one is being diagnosed, the one before it. */
  readonly view: View;
  /** What each strategy would take; null while that is being computed. */
  readonly prices: readonly StrategyPrice[] | null;
  /** False while an answer for a newer log is on its way. */
  readonly isCurrent: boolean;
  /** Set while the worker fails again and again: starts it again. */
  readonly retry: (() => void) | null;
}

interface Answered<View> {
  readonly view: View;
  readonly diagnosis: Diagnosis | null;
  readonly prices: readonly StrategyPrice[] | null;
}

interface DiagnosisOptions {
  readonly chosen?: string | null;
  /** Kinds of part of which the shop has no spare; the same array as long as it says the same. */
  readonly shelfLacks?: readonly PartKind[];
}

const nothing: readonly PartKind[] = [];

/** The diagnosis of a case, computed off the main thread. Null where there is no view yet. */
export function useDiagnosis<View extends Logged>(
  view: View | null,
  { chosen = null, shelfLacks = nothing }: DiagnosisOptions = {},
): Diagnosed<View> | null {
  const client = useRef<DiagnosisClient | null>(null);
  const [answered, setAnswered] = useState<Answered<View> | null>(null);
  const [hasFailed, setFailed] = useState(false);
  const events = view?.events ?? null;

  const onAnswer = useEffectEvent((answer: DiagnosisAnswer, of: readonly CaseEvent[]) => {
    if (view?.events === of) setAnswered((before) => taken(before, view, answer));
  });
  const ask = useEffectEvent((log: readonly CaseEvent[]) => client.current?.ask(log, chosen, shelfLacks));

  useEffect(() => {
    client.current = createDiagnosisClient({
      start: startDiagnosisWorker,
      onAnswer: (answer, of) => onAnswer(answer, of),
      onFailure: () => setFailed(true),
    });
    return () => client.current?.close();
  }, []);

  useEffect(() => {
    if (events) ask(events);
  }, [events, shelfLacks]);

  const retry = useCallback(() => {
    setFailed(false);
    client.current?.retry();
  }, []);

  if (!view) return null;
  const isCurrent = answered?.view.events === view.events;
  return {
    diagnosis: answered?.diagnosis ?? null,
    view: isCurrent || !answered ? view : answered.view,
    prices: isCurrent ? answered.prices : null,
    isCurrent,
    retry: hasFailed ? retry : null,
  };
}

function taken<View extends Logged>(
  before: Answered<View> | null,
  view: View,
  answer: DiagnosisAnswer,
): Answered<View> | null {
  switch (answer.kind) {
    case 'diagnosis':
      return { view, diagnosis: answer.diagnosis, prices: null };
    case 'rest': {
      if (!before?.diagnosis) return before;
      const { alternatives, suspects, prices } = answer;
      return { view, diagnosis: { ...before.diagnosis, alternatives, suspects }, prices };
    }
  }
}
