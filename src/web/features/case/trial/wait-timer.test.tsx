/** @jest-environment jsdom */
import { act, cleanup, fireEvent, screen } from '@testing-library/react';
import { diagnosisOf } from '../../../../core/casework/testing-log';
import type { TrialView } from '../../../../core/diagnosis';
import { useDeskStore } from '../../../stores/desk-store';
import { renderInShell } from '../../../testing-screen';
import { WaitTimer, WaitWords } from './WaitTimer';

const caseId = 'one';
const { advice, alternatives } = diagnosisOf({ reported: 'at-memory', trials: [['start', 'at-memory']] });
const offered = [...(advice.trial ? [advice.trial] : []), ...alternatives];
const waited = offered.find(({ id }) => id === 'start-and-wait') as TrialView;
const unwaited = offered.find(({ wait }) => !wait) as TrialView;
const seconds = waited.wait?.seconds ?? 0;

const rings = jest.fn();
jest.mock('../../../components/chime', () => ({ chime: () => rings() as unknown }));

const show = (trial: TrialView) => {
  const start = () =>
    useDeskStore.getState().change(caseId, { wait: { trial: trial.id, endsAt: Date.now() + seconds * 1000 } });
  renderInShell(
    <>
      <WaitTimer caseId={caseId} trial={trial} start={start} />
      <WaitWords caseId={caseId} trial={trial} />
    </>,
  );
};
const left = () => screen.getByRole('status', { name: 'Wait left' }).textContent;
const words = () => screen.getAllByRole('status').at(-1)?.textContent;
const press = (name: string) => fireEvent.click(screen.getByRole('button', { name }));
const pass = (ms: number) => act(() => jest.advanceTimersByTime(ms));

beforeEach(() => {
  jest.useFakeTimers();
  rings.mockClear();
  document.title = 'Case 0500';
  useDeskStore.getState().change(caseId, { wait: null });
});
afterEach(() => {
  cleanup();
  jest.useRealTimers();
});

test('the dial shows what this machine needs, counts down, and says in title, words and sound that it is over', () => {
  show(waited);
  expect([left(), words()]).toEqual(['3:00', waited.wait?.reason]);
  press('Start the wait');
  pass(65_300);
  expect([left(), document.title]).toEqual(['1:55', 'Case 0500']);
  pass((seconds - 65) * 1000);
  expect([left(), words()]).toEqual(['0:00', 'The wait is over. What do you see?']);
  expect(document.title).toBe('Wait over · Case 0500');
  expect(rings).toHaveBeenCalledTimes(1);
  cleanup();
  expect(document.title).toBe('Case 0500');
});

test('a wait goes on while another screen is shown; one that ended meanwhile makes no sound', () => {
  show(waited);
  press('Start the wait');
  pass(10_300);
  cleanup();
  pass(30_000);
  show(waited);
  expect(left()).toBe('2:20');
  cleanup();
  pass(seconds * 1000);
  show(waited);
  expect([left(), rings.mock.calls.length]).toEqual(['0:00', 0]);
});

test('it is stopped by the same press, and the wait of another trial does not count here', () => {
  show(waited);
  press('Start the wait');
  pass(30_000);
  press('Stop the wait');
  pass(seconds * 1000);
  expect([left(), rings.mock.calls.length]).toEqual(['3:00', 0]);
  act(() => useDeskStore.getState().change(caseId, { wait: { trial: 'start', endsAt: Date.now() + 5000 } }));
  expect([left(), screen.queryByRole('button', { name: 'Stop the wait' })]).toEqual(['3:00', null]);
});

test('what needs no wait has no dial', () => {
  show(unwaited);
  expect(screen.queryByRole('button')).toBeNull();
  expect(screen.queryByRole('status')).toBeNull();
});
