export {
  alternativesOf,
  capitalized,
  counted,
  decimal,
  listOf,
  minutesInWords,
  numberOf,
  percent,
  plural,
  secondsInWords,
  uncapitalized,
} from './format';
