/** @jest-environment jsdom */
import { cleanup, fireEvent, screen, within } from '@testing-library/react';
import { shopSettingsSchema } from '../../../contracts';
import { diagnoseCase, foldOn, type CaseState, type EventBody } from '../../../core/casework';
import { eventId, stateOf } from '../../../core/casework/testing-log';
import { answerWith, renderInShell } from '../../testing-screen';
import { DecidePanel } from './DecidePanel';
import { MoneyPanel } from './MoneyPanel';

const rates = { currency: 'EUR', hour: '60', taxPercent: '20', stepMinutes: 15, onPartsPercent: '0' };
let recorded: EventBody[] = [];

function caseWith(...bodies: EventBody[]): CaseState {
  const opened = stateOf({ reported: 'dead', trials: [['start', 'dead']] });
  const folded = foldOn(
    opened,
    bodies.map((body, i) => ({ ...body, id: eventId(60 + i), at: '2026-01-05T09:05:00Z', by: 'Runa' })),
  );
  if (!folded.ok) throw new Error(folded.problem.message);
  return folded.state;
}
const show = (Panel: typeof MoneyPanel, state = caseWith()) =>
  renderInShell(<Panel state={state} diagnosis={diagnoseCase(state)} onRecord={(body) => recorded.push(body)} />);
const words = (name: string) => screen.getByRole('region', { name }).textContent;
const type = (label: string, text: string) =>
  fireEvent.change(screen.getByLabelText(label), { target: { value: text } });
const press = (name: string) => fireEvent.click(screen.getByRole('button', { name }));

beforeEach(() => {
  recorded = [];
  answerWith('shop-settings', shopSettingsSchema.parse({ rates }));
});
afterEach(cleanup);

describe('money', () => {
  const charge = (of: 'service' | 'deposit', amount: string): EventBody => ({
    kind: 'charge-noted',
    of,
    name: of,
    amount,
  });

  test('shows work, charges, tax, and what is left after the deposit', () => {
    show(MoneyPanel, caseWith(charge('service', '10'), charge('deposit', '4')));
    // A begun quarter of an hour for each of two people at 60, and 10.
    expect(words('Money')).toMatch(
      /Without tax40\.00.*Tax, 20 %8\.00.*Together48\.00.*Deposit paid−4\.00.*To be paid44\.00 EUR/,
    );
  });

  test('a deposit that is more than the bill is given back', () => {
    show(MoneyPanel, caseWith(charge('deposit', '100')));
    expect(words('Money')).toMatch(/To be given back64\.00 EUR/);
  });

  test('a shop without rates is told where to set them', () => {
    answerWith('shop-settings', shopSettingsSchema.parse({}));
    show(MoneyPanel);
    expect(words('Money')).toContain('a lead sets what an hour costs, under Shop, Rules');
  });

  test('a charge is refused without its name and a sound amount, and then noted', () => {
    show(MoneyPanel);
    press('Charge or deposit');
    type('Amount without tax', '9.999');
    press('Note it');
    expect(recorded).toEqual([]);
    expect(screen.getByText('Enter what it is for.')).toBeTruthy();
    expect(screen.getByText(/expected an amount with at most two decimals/)).toBeTruthy();
    type('For what', ' Cleaning ');
    type('Amount without tax', '9,90');
    press('Note it');
    expect(recorded).toEqual([{ kind: 'charge-noted', of: 'service', name: 'Cleaning', amount: '9.90' }]);
  });

  test('an estimate begins with the odds, and its ends have an order', () => {
    show(MoneyPanel);
    press('Estimate');
    expect(Number(screen.getByLabelText<HTMLInputElement>('To, with tax').value)).toBeGreaterThan(0);
    type('From, with tax', '90');
    type('To, with tax', '80');
    press('Note that it was given');
    expect(screen.getByText('expected no more than the other end')).toBeTruthy();
    type('To, with tax', '120');
    press('Note that it was given');
    expect(recorded).toEqual([{ kind: 'estimate-given', low: '90', high: '120' }]);
  });
});

describe('deciding', () => {
  const open = () =>
    screen
      .getAllByRole('row')
      .filter((row) => /EUR/.test(row.textContent))
      .map((row) => within(row).getByRole('rowheader').textContent);

  test('what nobody noted has no price; what is typed has one at once', () => {
    show(DecidePanel);
    expect(open()).toEqual(['Repair it', 'Work around it']);
    type('A like machine', '400');
    fireEvent.click(screen.getByLabelText('It is under warranty'));
    expect(open()).toContain('Replace the machine');
    expect(open()).toContain('Return it under warranty');
    expect(words('Deciding')).toContain('cost the same where the part costs');
  });

  test('what cannot be read is refused at its field and the rest still counts', () => {
    show(DecidePanel);
    type('A day without it', 'much');
    type('A like machine', '400');
    expect(words('Deciding')).toContain('expected an amount with at most two decimals');
    expect(open()).toContain('Replace the machine');
  });

  test('the choice is noted with what it rests on', () => {
    show(DecidePanel);
    type('Worth when it runs', '250,50');
    press('Note what was chosen');
    type('In which words', 'Keeps it');
    press('Note it');
    expect(recorded).toEqual([
      { kind: 'decision-noted', choice: 'repair', worth: { value: '250.50' }, words: 'Keeps it' },
    ]);
  });

  test('what was chosen stands there, with its figures', () => {
    show(
      DecidePanel,
      caseWith({ kind: 'decision-noted', choice: 'give-up', worth: { value: '90' }, words: 'Too old' }),
    );
    expect(words('Deciding')).toContain('Chosen: give it up. Too old');
    expect(screen.getByLabelText<HTMLInputElement>('Worth when it runs').value).toBe('90');
  });
});
