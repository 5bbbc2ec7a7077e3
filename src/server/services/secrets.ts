import { createHash, randomBytes } from 'node:crypto';

/** 256 random bits, base64url: a session's token, an invitation's code. */
export const newSecret = (): string => randomBytes(32).toString('base64url');

/** A code that is typed by hand: 100 bits in letters and digits that are not taken for one another. */
export function newTypedCode(): string {
  const letters = 'ABCDEFGHJKMNPQRSTVWXYZ23456789';
  const picked = Array.from(randomBytes(60))
    .filter((byte) => byte < 240)
    .slice(0, 20)
    .map((byte) => letters.charAt(byte % 30));
  return (picked.join('').match(/.{1,5}/g) ?? []).join('-');
}

/** What is stored of a secret: SHA-256, hexadecimal. Enough, as secrets are random and long. */
export const hashSecret = (secret: string): string => createHash('sha256').update(secret).digest('hex');
