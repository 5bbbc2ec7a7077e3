import type { ChargeKind, MoneyEvent } from '../casework';
import { minutesInWords } from '../wording';

export const chargeWords: Readonly<Record<ChargeKind, string>> = {
  service: 'Service',
  'outside-work': 'Work outside the shop',
  discount: 'Discount',
  deposit: 'Deposit paid',
};

/** What belongs to the bill, as done and seen. */
export function moneyEventWords(event: MoneyEvent): { readonly done: string; readonly seen: string } {
  switch (event.kind) {
    case 'charge-noted':
      return { done: chargeWords[event.of], seen: `${event.name}, ${event.amount}` };
    case 'time-corrected':
      return { done: `Work of ${event.person}`, seen: `${minutesInWords(event.minutes)}: ${event.reason}` };
    case 'estimate-given':
      return {
        done: 'Estimate given',
        seen: [`${event.low} to ${event.high}`, event.words].filter(Boolean).join('. '),
      };
  }
}
