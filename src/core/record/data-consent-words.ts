import type { DataConsent } from '../casework';

/** What the owner says of the data, as it is asked at intake and shown on the case. */
export const dataConsentWords: Readonly<Record<DataConsent, string>> = {
  'may-be-lost': 'May be lost',
  'ask-first': 'Ask before anything is lost',
  'must-be-kept': 'Must be kept',
};
