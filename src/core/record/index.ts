export { boardFactWords } from './board-fact-words';
export type { BoardFact } from './board-fact-words';
export { circumstanceWords } from './circumstance-words';
export { dataConsentWords } from './data-consent-words';
export { entryWords } from './entry-words';
export { identityWords } from './part-words';
export { railLoadWords } from './rail-load-words';
export { signsInWords, stageWords } from './signs-in-words';
export { consentKindWords, consentWayWords } from './consent-words';
