import type { ConsentKind, ConsentWay } from '../casework';

/** What is agreed to, as it is asked and as it stands on the sheet. */
export const consentKindWords: Readonly<Record<ConsentKind, string>> = {
  'data-may-be-lost': 'Data may be lost',
  'over-limit': 'More than was agreed',
  workaround: 'A workaround stays',
  'password-clearing': 'Password cleared',
  'beyond-warranty': 'Beyond the warranty',
};

export const consentWayWords: Readonly<Record<ConsentWay, string>> = {
  'in-person': 'in person',
  telephone: 'by telephone',
  'in-writing': 'in writing',
};
