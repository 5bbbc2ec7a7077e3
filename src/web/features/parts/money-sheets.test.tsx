/** @jest-environment jsdom */
import { cleanup, fireEvent, screen } from '@testing-library/react';
import type { EventBody } from '../../../core/casework';
import { renderInShell } from '../../testing-screen';
import { ChargeSheet, EstimateSheet, TimeSheet } from './MoneySheets';

const recorded: EventBody[] = [];
const sheet = { onRecord: (body: EventBody) => void recorded.push(body), onClose: () => undefined };
const fill = (label: string, value: string) => fireEvent.change(screen.getByLabelText(label), { target: { value } });
const valueOf = (label: string) => screen.getByLabelText<HTMLInputElement>(label).value;
const press = (name: string) => fireEvent.click(screen.getByRole('button', { name }));
const isSaid = (words: string | RegExp) => screen.queryByText(words) !== null;

afterEach(() => {
  cleanup();
  recorded.splice(0);
});

const noAmount = /^expected an amount with at most two decimals/;

describe('a charge', () => {
  test('is noted with what it is for and its amount, a comma read as a point', () => {
    renderInShell(<ChargeSheet {...sheet} />);
    fill('For what', ' Loan of a processor ');
    fill('Amount without tax', '12,5');
    press('Note it');
    expect(recorded).toEqual([{ kind: 'charge-noted', of: 'service', name: 'Loan of a processor', amount: '12.5' }]);
  });

  test.each(['', '-3', '1.234', 'twelve', '1e3'])('of "%s" is refused at its field, once it was tried', (amount) => {
    renderInShell(<ChargeSheet {...sheet} />);
    fill('Amount without tax', amount);
    expect(isSaid(noAmount)).toBe(false);
    press('Note it');
    expect([recorded.length, isSaid(noAmount), isSaid('Enter what it is for.')]).toEqual([0, true, true]);
  });
});

describe('an estimate', () => {
  const estimate = { low: '45.50', likely: '80.00', high: '120.00', soFar: '15.00' };

  test('begins with what the odds say, and is noted as it was given', () => {
    renderInShell(<EstimateSheet {...sheet} estimate={estimate} />);
    expect([valueOf('From, with tax'), valueOf('To, with tax')]).toEqual(['45.50', '120']);
    fill('To, with tax', '150');
    fill('What was said with it', '  ');
    press('Note that it was given');
    expect(recorded).toEqual([{ kind: 'estimate-given', low: '45.50', high: '150' }]);
  });

  test('does not end below its beginning', () => {
    renderInShell(<EstimateSheet {...sheet} estimate={estimate} />);
    fill('From, with tax', '90');
    fill('To, with tax', '80');
    press('Note that it was given');
    expect([recorded.length, isSaid('expected no more than the other end')]).toEqual([0, true]);
    fill('To, with tax', '90');
    fill('What was said with it', 'Not more, or she is asked again');
    press('Note that it was given');
    expect(recorded).toMatchObject([{ low: '90', high: '90', words: 'Not more, or she is asked again' }]);
  });
});

describe('the time of somebody', () => {
  const time = { person: 'Runa', minutes: 47.6, logged: 95.2, corrected: null };

  test('is corrected in whole minutes and with a reason; what the log says stays in sight', () => {
    renderInShell(<TimeSheet {...sheet} time={time} />);
    expect([valueOf('Minutes'), isSaid('By the log 95 minutes.')]).toEqual(['48', true]);
    fill('Minutes', ' 40 ');
    fill('Why', ' Lunch ');
    press('Correct it');
    expect(recorded).toEqual([{ kind: 'time-corrected', person: 'Runa', minutes: 40, reason: 'Lunch' }]);
  });

  test.each(['', '4.5', '-1', '123456', 'an hour'])('is not corrected to "%s", nor without a reason', (minutes) => {
    renderInShell(<TimeSheet {...sheet} time={time} />);
    fill('Minutes', minutes);
    press('Correct it');
    expect([recorded.length, isSaid(/^expected whole minutes/)]).toEqual([0, true]);
    expect(isSaid('Enter why the log is not right.')).toBe(true);
  });
});
