import { randomBytes, scrypt, timingSafeEqual } from 'node:crypto';

const COST = { N: 2 ** 15, r: 8, p: 1, maxmem: 64 * 1024 * 1024 };

/** Cheaper, since a whole class joins within a minute; tries of a word are limited one by one. */
const WORD_COST = { ...COST, N: 2 ** 12 };

const derive = (passphrase: string, salt: Buffer, cost = COST): Promise<Buffer> =>
  new Promise((resolve, reject) => {
    scrypt(passphrase.normalize('NFC'), salt, 32, cost, (error, key) =>
      error ? reject(error) : resolve(key),
    );
  });

/** A passphrase as it is kept: `scrypt$N$salt$key`. */
export async function hashPassphrase(passphrase: string): Promise<string> {
  const salt = randomBytes(16);
  const key = await derive(passphrase, salt);
  return `scrypt$${COST.N}$${salt.toString('base64url')}$${key.toString('base64url')}`;
}

/** Kept so that a wrong name takes as long as a wrong passphrase. */
const NOBODY = `scrypt$${COST.N}$${Buffer.alloc(16).toString('base64url')}$${Buffer.alloc(32).toString('base64url')}`;

export async function checkPassphrase(passphrase: string, kept: string | null): Promise<boolean> {
  const [, , salt = '', key = ''] = (kept ?? NOBODY).split('$');
  const derived = await derive(passphrase, Buffer.from(salt, 'base64url'));
  return timingSafeEqual(derived, Buffer.from(key, 'base64url')) && kept !== null;
}

const folded = (word: string): string => word.trim().toLowerCase().replace(/\s+/g, ' ');

/** A student's private word as it is kept; capitals and spaces at the ends do not count. */
export async function hashWord(word: string): Promise<string> {
  const salt = randomBytes(16);
  const key = await derive(folded(word), salt, WORD_COST);
  return `scrypt$${WORD_COST.N}$${salt.toString('base64url')}$${key.toString('base64url')}`;
}

export async function checkWord(word: string, kept: string): Promise<boolean> {
  const [, , salt = '', key = ''] = kept.split('$');
  const derived = await derive(folded(word), Buffer.from(salt, 'base64url'), WORD_COST);
  const right = Buffer.from(key, 'base64url');
  return derived.length === right.length && timingSafeEqual(derived, right);
}
