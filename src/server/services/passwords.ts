import { hash, verify } from '@node-rs/argon2';
import { dictionary } from '@zxcvbn-ts/language-common';
import { Refusal } from './refusal';

/** argon2id with 19 MiB, two passes, one lane: the usual least for servers; about 60 ms here. */
const settings = { memoryCost: 19_456, timeCost: 2, parallelism: 1 } as const;

export const hashPassword = (password: string): Promise<string> => hash(password.normalize('NFKC'), settings);

let decoy: Promise<string> | undefined;

/** Takes as long for an unknown login as for a known one. */
export async function isPassword(stored: string | null, password: string): Promise<boolean> {
  decoy ??= hashPassword('nobody has this one');
  const isRight = await verify(stored ?? (await decoy), password.normalize('NFKC'));
  return isRight && stored !== null;
}

const common = new Set(dictionary['passwords-common']);

/**
 * Refuses a password that is among the fifty thousand most used or is made of what everybody knows of the account.
 * @param known login, name and shop
 */
export function refuseWeak(password: string, known: readonly string[], path: string): void {
  const bare = password.toLowerCase();
  const isCommon = common.has(bare) || new Set(bare).size < 4;
  const rest = known
    .flatMap((words) => words.toLowerCase().split(/[^\p{L}\p{N}]+/u))
    .filter((word) => word.length >= 3)
    .reduce((left, word) => left.replaceAll(word, ''), bare);
  if (!isCommon && rest.length >= 6) return;
  const message = isCommon
    ? 'expected a password that is not among the most used'
    : 'expected more than your name or shop';
  throw new Refusal(422, 'weak-password', 'The password is too easy to guess', {
    fields: [{ path: [path], code: 'weak-password', message }],
  });
}
