import { eventsOf } from '../../core/casework/testing-log';
import { createDiagnosisClient, type DiagnosisPort } from './diagnosis-client';
import type { DiagnosisAnswer, DiagnosisRequest } from './diagnosis.worker';

/** A worker that only notes what it is asked. */
function somePort() {
  const asked: DiagnosisRequest[] = [];
  const port: DiagnosisPort = {
    onmessage: null,
    onerror: null,
    onmessageerror: null,
    postMessage: (request: DiagnosisRequest) => void asked.push(request),
    terminate: () => void asked.splice(0),
  };
  const answer = (ticket: number) => {
    const data: DiagnosisAnswer = { kind: 'diagnosis', ticket, diagnosis: null, milliseconds: 1 };
    port.onmessage?.call(port as Worker, { data } as MessageEvent);
  };
  return { port, asked, answer };
}

const events = eventsOf({
  trials: [
    ['start', 'dead'],
    ['run-under-load', 'works'],
  ],
});

test('only what is new of a log is sent', () => {
  const { port, asked } = somePort();
  const client = createDiagnosisClient({ start: () => port, onAnswer: () => undefined, onFailure: () => undefined });
  client.ask(events.slice(0, 2), null);
  client.ask(events, 'start');
  client.ask(events.slice(0, 1), null);
  const [opened, first, second] = events;
  const other = first && { ...first };
  client.ask(
    [opened, other, second].filter((event) => event !== undefined),
    null,
  );
  expect(asked.map(({ keep, events: sent, chosen }) => [keep, sent.length, chosen])).toEqual([
    [0, 2, null],
    [2, 1, 'start'],
    [1, 0, null],
    [1, 2, null],
  ]);
});

test('only the answer to the last question counts, and it comes with the log that it is about', () => {
  const { port, answer } = somePort();
  const answered: number[] = [];
  const client = createDiagnosisClient({
    start: () => port,
    onAnswer: ({ ticket }, of) => answered.push(ticket, of.length),
    onFailure: () => undefined,
  });
  client.ask(events.slice(0, 2), null);
  client.ask(events, null);
  answer(1);
  answer(2);
  expect(answered).toEqual([2, 3]);
});
