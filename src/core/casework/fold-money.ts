import type { CaseState } from './case-state';
import type { MoneyEvent } from './money-events';
import { advance, refuse, type Stepped } from './stepped';

/** What stands on the bill besides work and parts, corrected minutes, and what was estimated. */
export function foldMoneyEvent(state: CaseState, event: MoneyEvent): Stepped {
  const { money } = state;
  switch (event.kind) {
    case 'charge-noted':
      return advance({ ...state, money: { ...money, charges: [...money.charges, event] } });
    case 'time-corrected': {
      const others = money.corrected.filter(({ person }) => person !== event.person);
      return advance({ ...state, money: { ...money, corrected: [...others, event] } });
    }
    case 'decision-noted':
      return advance({ ...state, money: { ...money, decision: event } });
    case 'estimate-given':
      return Number(event.low) <= Number(event.high)
        ? advance({ ...state, money: { ...money, estimate: event } })
        : refuse(['low'], 'estimate-order', `expected no more than ${event.high}, found ${event.low}`);
  }
}
