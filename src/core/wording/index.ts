export {
  alternativesOf,
  capitalized,
  counted,
  decimal,
  listOf,
  minutesInWords,
  percent,
  plural,
  secondsInWords,
  uncapitalized,
} from './format';
