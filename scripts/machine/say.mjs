/** Messages for the person at the terminal: to stderr, so that stdout stays for results. */
export const say = (line) => process.stderr.write(`${line}\n`);

/** Stops with one line that says what to do. */
export function giveUp(line) {
  say(line);
  process.exit(1);
}
