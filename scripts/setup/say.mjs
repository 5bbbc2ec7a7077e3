/** One line of progress on standard error, so that standard output keeps to the result. */
export const say = (line) => process.stderr.write(`${line}\n`);

/** Ends the program with a message that says what to do. */
export function giveUp(message) {
  say(message);
  process.exit(1);
}
