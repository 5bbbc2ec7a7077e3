/** @jest-environment jsdom */
import { useDeskStore } from './desk-store';
import { leaveDrafts, takeOverDrafts } from './device-owner';
import { useIntakeDraftStore } from './intake-draft-store';

const typed = () => [useIntakeDraftStore.getState().draft, useDeskStore.getState().desks['one']?.note ?? null];
const stored = () =>
  Array.from({ length: localStorage.length }, (_, n) => localStorage.getItem(localStorage.key(n) ?? '')).join();
beforeEach(() => {
  localStorage.clear();
  takeOverDrafts('runa');
  useIntakeDraftStore.getState().keep({ complaint: 'in confidence' });
  useDeskStore.getState().change('one', { note: 'half a note' });
});

test('the same person finds what was half done', () => {
  takeOverDrafts('runa');
  expect(typed()).toEqual([{ complaint: 'in confidence' }, 'half a note']);
});

test('another person does not, and it is gone for the first one too', () => {
  takeOverDrafts('ebbe');
  expect(typed()).toEqual([null, null]);
  takeOverDrafts('runa');
  expect(typed()).toEqual([null, null]);
  expect(stored()).not.toMatch(/confidence|half a note/);
});

test('signing out takes it along', () => {
  leaveDrafts();
  expect(typed()).toEqual([null, null]);
  expect(stored()).not.toMatch(/confidence|half a note|runa/);
});

test('a device keeps fifty desks: the one left alone longest goes', () => {
  for (let n = 0; n < 60; n++) useDeskStore.getState().change(`case-${n}`, { note: `note ${n}` });
  useDeskStore.getState().change('case-12', { note: 'again' });
  useDeskStore.getState().change('last', { note: 'x' });
  const kept = Object.keys(useDeskStore.getState().desks);
  expect(kept).toHaveLength(50);
  expect([kept.includes('one'), kept.includes('case-10'), kept.includes('case-12')]).toEqual([false, false, true]);
});
