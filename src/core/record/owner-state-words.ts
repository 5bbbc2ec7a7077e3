import type { CaseState, Ending } from '../casework';
import { sentence } from './paper-parts';

const endingWords: Readonly<Record<Ending, string>> = {
  repaired: 'It is repaired and ready.',
  'work-around': 'It is ready, with a workaround that you agreed to.',
  'nothing-wrong': 'Nothing was wrong with it. It is ready.',
  'parts-tested': 'The parts are tested and ready.',
  returned: 'It goes back as it came.',
  'given-up': 'It could not be repaired.',
};

/** Where a case stands, as a sentence for its owner. */
export function ownerStateWords({ stage, closed, waitingFor }: CaseState): string {
  switch (stage) {
    case 'waiting':
      return 'We have it. Its turn has not come yet.';
    case 'on-bench':
      return 'It is on the bench and being tested.';
    case 'parked':
      return waitingFor === null ? 'It waits.' : sentence(`It waits for ${waitingFor}`);
    case 'closed':
      return closed ? endingWords[closed.ending] : 'It is ready.';
  }
}
