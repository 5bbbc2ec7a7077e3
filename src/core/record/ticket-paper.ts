import { dataConsentWords } from './data-consent-words';
import type { Paper } from './paper';
import { day, footOf, moment, type PaperOf } from './paper-parts';

/** What stays with the machine while it is here: what it is, whose, what is wrong, what was agreed. */
export function jobTicket(of: PaperOf): Paper {
  const { state, number, shop, link } = of;
  const { machine, owner, complaint, handedIn, spendingLimit, dataConsent, at } = state.opened;
  return {
    title: `${number} ${machine.name}`,
    subtitle: `Job ticket. ${shop}, brought in on ${day(at)}.`,
    foot: footOf(of),
    blocks: [
      { kind: 'code', text: link },
      {
        kind: 'facts',
        rows: [
          ['Owner', owner],
          ['Complaint', `“${complaint}”`],
          ['Handed in', handedIn ?? 'the machine alone'],
          ['May cost up to', spendingLimit === undefined ? 'ask first' : spendingLimit.toFixed(2)],
          ['Data on it', dataConsent ? dataConsentWords[dataConsent] : 'not said'],
          ['Waits for', state.waitingFor ?? 'nothing'],
          ['As of', moment(state.entries.at(-1)?.event.at ?? at)],
        ],
      },
      { kind: 'signature', label: 'Handed in by' },
      { kind: 'signature', label: 'Taken back by' },
    ],
  };
}
