import type { ChargeKind, Decision, MoneyEvent } from '../casework';
import { inARow, minutesInWords } from '../wording';

export const chargeWords: Readonly<Record<ChargeKind, string>> = {
  service: 'Service',
  'outside-work': 'Work outside the shop',
  discount: 'Discount',
  deposit: 'Deposit paid',
};

export const decisionWords: Readonly<Record<Decision, string>> = {
  repair: 'Repair it',
  'return-under-warranty': 'Return it under warranty',
  'replace-machine': 'Replace the machine',
  'work-around': 'Work around it',
  'give-up': 'Give it up',
};

/** What belongs to the bill, as done and seen. */
export function moneyEventWords(event: MoneyEvent): { readonly done: string; readonly seen: string } {
  switch (event.kind) {
    case 'charge-noted':
      return { done: chargeWords[event.of], seen: `${event.name}, ${event.amount}` };
    case 'time-corrected':
      return { done: `Work of ${event.person}`, seen: `${minutesInWords(event.minutes)}: ${event.reason}` };
    case 'decision-noted':
      return { done: 'Decided', seen: inARow([decisionWords[event.choice], event.words]) };
    case 'estimate-given':
      return {
        done: 'Estimate given',
        seen: inARow([`${event.low} to ${event.high}`, event.words]),
      };
  }
}
