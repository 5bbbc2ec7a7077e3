/** @jest-environment jsdom */
import { act, renderHook } from '@testing-library/react';
import type { CaseEvent } from '../../core/casework';
import { diagnosisOf, eventsOf } from '../../core/casework/testing-log';
import type { DiagnosisAnswer, DiagnosisRequest } from './diagnosis.worker';
import { useDiagnosis } from './use-diagnosis';

jest.mock('./start-diagnosis-worker', () => ({ startDiagnosisWorker: () => new FakeWorker() as unknown as Worker }));

/** A worker that answers when it is told to. */
class FakeWorker {
  static readonly started: FakeWorker[] = [];
  onmessage: ((message: MessageEvent<DiagnosisAnswer>) => void) | null = null;
  onerror: (() => void) | null = null;
  onmessageerror: (() => void) | null = null;
  readonly asked: DiagnosisRequest[] = [];
  isOver = false;
  constructor() {
    FakeWorker.started.push(this);
  }
  postMessage(request: DiagnosisRequest) {
    this.asked.push(request);
  }
  terminate() {
    this.isOver = true;
  }
  break() {
    act(() => this.onerror?.());
  }
  answer(answer: Partial<DiagnosisAnswer>) {
    const ticket = this.asked.at(-1)?.ticket ?? 0;
    act(() => this.onmessage?.({ data: { ticket, ...answer } } as MessageEvent<DiagnosisAnswer>));
  }
}

const diagnosis = diagnosisOf({ reported: 'dead' });
const view = (events: readonly CaseEvent[]) => ({ events });
const worker = () => FakeWorker.started.at(-1) as FakeWorker;

test('the view in force is the one that the diagnosis speaks of, until the newer one is diagnosed', () => {
  const log = eventsOf({ trials: [['start', 'dead']] });
  const [before, after] = [view(log.slice(0, 1)), view(log)];
  const { result, rerender } = renderHook(({ now }) => useDiagnosis(now), { initialProps: { now: before } });
  expect(result.current).toMatchObject({ diagnosis: null, isCurrent: false });
  worker().answer({ kind: 'diagnosis', diagnosis, milliseconds: 1 });
  expect(result.current).toMatchObject({ diagnosis, isCurrent: true, prices: null });
  expect(result.current?.view).toBe(before);
  rerender({ now: after });
  expect(result.current?.isCurrent).toBe(false);
  expect(result.current?.view).toBe(before);
  worker().answer({ kind: 'diagnosis', diagnosis, milliseconds: 1 });
  expect(result.current?.view).toBe(after);
});

test('the rest comes behind the diagnosis and completes it', () => {
  const { result } = renderHook(() => useDiagnosis(useStable()));
  worker().answer({ kind: 'diagnosis', diagnosis: { ...diagnosis, alternatives: [] }, milliseconds: 1 });
  worker().answer({ kind: 'rest', alternatives: diagnosis.alternatives, suspects: diagnosis.suspects, prices: [] });
  expect(result.current?.diagnosis?.alternatives).toBe(diagnosis.alternatives);
  expect(result.current?.prices).toEqual([]);
});

test('a worker that breaks is replaced and gets the whole log; one that breaks each time is said', () => {
  const before = FakeWorker.started.length;
  const { result } = renderHook(() => useDiagnosis(useStable()));
  worker().break();
  worker().answer({ kind: 'diagnosis', diagnosis, milliseconds: 1 });
  expect(result.current).toMatchObject({ isCurrent: true, retry: null });
  for (let n = 0; n < 3; n++) worker().break();
  expect(FakeWorker.started.length - before).toBe(4);
  expect(FakeWorker.started.slice(before).every(({ asked }) => asked.at(-1)?.keep === 0)).toBe(true);
  expect(result.current?.retry).not.toBeNull();
  act(() => result.current?.retry?.());
  worker().answer({ kind: 'diagnosis', diagnosis, milliseconds: 1 });
  expect(result.current?.retry).toBeNull();
});

test('a worker that does not answer is replaced too', () => {
  jest.useFakeTimers();
  const before = FakeWorker.started.length;
  renderHook(() => useDiagnosis(useStable()));
  act(() => {
    jest.advanceTimersByTime(31_000);
  });
  expect(FakeWorker.started.length - before).toBe(2);
  expect(FakeWorker.started.at(-2)?.isOver).toBe(true);
  jest.useRealTimers();
});

test('the worker ends with the screen', () => {
  const { unmount } = renderHook(() => useDiagnosis(useStable()));
  unmount();
  expect(worker().isOver).toBe(true);
});

const stable = view(eventsOf({}));
const useStable = () => stable;
