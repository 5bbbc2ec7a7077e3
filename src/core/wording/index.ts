export {
  alternativesOf,
  capitalized,
  caseNumber,
  counted,
  decimal,
  listOf,
  minutesInWords,
  percent,
  plural,
  secondsInWords,
  spareNumber,
  uncapitalized,
} from './format';
