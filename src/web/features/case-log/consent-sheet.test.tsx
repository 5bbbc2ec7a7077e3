/** @jest-environment jsdom */
import { cleanup, fireEvent, screen } from '@testing-library/react';
import type { ConsentKind } from '../../../core/casework';
import { consentKindWords } from '../../../core/record';
import { renderInShell } from '../../testing-screen';
import { ConsentSheet } from './ConsentSheet';

const noted: Record<string, unknown>[] = [];
const show = (asked: ConsentKind | null) => {
  noted.splice(0);
  renderInShell(<ConsentSheet asked={asked} onNote={(event) => noted.push({ ...event })} onClose={() => undefined} />);
};
const fill = (label: RegExp, value: string) => fireEvent.change(screen.getByLabelText(label), { target: { value } });
const press = (name: string) => fireEvent.click(screen.getByRole('button', { name }));
const words = /^In which words/;

afterEach(cleanup);

test('what was agreed is noted in the words and by the way in which it was said', () => {
  show('data-may-be-lost');
  expect(screen.getByRole('heading').textContent).toBe(consentKindWords['data-may-be-lost']);
  fireEvent.click(screen.getByRole('radio', { name: 'By telephone' }));
  fill(words, ' Nothing on it is needed, says her son. ');
  press('Agreed');
  expect(noted).toEqual([
    {
      id: expect.any(String) as string,
      kind: 'consent-noted',
      to: 'data-may-be-lost',
      isAgreed: true,
      way: 'telephone',
      words: 'Nothing on it is needed, says her son.',
    },
  ]);
});

test('nothing is noted without words, and the field says so until it is typed in', () => {
  show('data-may-be-lost');
  press('Agreed');
  expect(noted).toEqual([]);
  expect(screen.getByText('Enter what was said.')).toBeTruthy();
  fill(words, 'Yes');
  expect(screen.queryByText('Enter what was said.')).toBeNull();
});

test('a password is cleared on proof of ownership: agreed only with what was shown, refused without', () => {
  show('password-clearing');
  fill(words, 'Please do');
  press('Agreed');
  expect([noted.length, screen.queryByText('Enter what was shown.') !== null]).toEqual([0, true]);
  fill(/^What was shown/, 'Bill of the second-hand dealer');
  press('Agreed');
  expect(noted).toMatchObject([{ isAgreed: true, shown: 'Bill of the second-hand dealer' }]);
  cleanup();
  show('password-clearing');
  fill(words, 'Had nothing to show');
  press('Refused');
  expect(noted).toMatchObject([{ isAgreed: false, words: 'Had nothing to show' }]);
  expect(noted[0]).not.toHaveProperty('shown');
});

test.each([
  ['180', 180],
  ['180,50', 180.5],
  [' 99.9 ', 99.9],
])('more money is agreed up to an amount: %s', (typed, upTo) => {
  show('over-limit');
  fill(words, 'Go on');
  fill(/^It may cost/, typed);
  press('Agreed');
  expect(noted).toMatchObject([{ to: 'over-limit', isAgreed: true, upTo }]);
});

test.each(['', 'a lot', '-5', '1e3', '12.345'])('"%s" is no amount, and not asked of somebody who refuses', (typed) => {
  show('over-limit');
  fill(words, 'Too much');
  fill(/^It may cost/, typed);
  press('Agreed');
  expect([noted.length, screen.queryByText(/^Enter an amount/) !== null]).toEqual([0, true]);
  press('Refused');
  expect(noted).toMatchObject([{ to: 'over-limit', isAgreed: false }]);
  expect(noted[0]).not.toHaveProperty('upTo');
});

test('where nothing was asked for, one says to what it is', () => {
  show(null);
  expect(screen.getByRole('heading').textContent).toBe('What was agreed');
  fill(words, 'Yes');
  press('Agreed');
  expect(noted).toMatchObject([{ to: 'data-may-be-lost' }]);
});
