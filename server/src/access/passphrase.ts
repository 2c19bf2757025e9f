import { randomBytes, scrypt, timingSafeEqual } from 'node:crypto';

/** How much work a passphrase costs whoever tries it: the N of scrypt. */
const COST = 2 ** 15;

/** Cheaper, since a whole class joins within a minute; tries of a word are limited one by one. */
const WORD_COST = 2 ** 12;

/** Costs that can be kept: a power of two, below which a try is too cheap and above which it holds up the server. */
const COSTS: readonly number[] = Array.from({ length: 9 }, (_, i) => 2 ** (10 + i));

const [R, P, KEY_BYTES] = [8, 1, 32];

const derive = (secret: string, salt: Buffer, cost: number): Promise<Buffer> =>
  new Promise((resolve, reject) => {
    const options = { N: cost, r: R, p: P, maxmem: 256 * cost * R };
    scrypt(secret, salt, KEY_BYTES, options, (error, key) => (error ? reject(error) : resolve(key)));
  });

/** A secret as it is kept: `scrypt$N$salt$key`. */
async function hash(secret: string, cost: number): Promise<string> {
  const salt = randomBytes(16);
  const key = await derive(secret, salt, cost);
  return `scrypt$${cost}$${salt.toString('base64url')}$${key.toString('base64url')}`;
}

/** Checks a secret at the cost it was kept at, so that the cost can be raised and nobody is locked out. */
async function matches(secret: string, kept: string): Promise<boolean> {
  const [, n = '', salt = '', key = ''] = kept.split('$');
  const cost = COSTS.find((c) => c === Number(n));
  if (cost === undefined) throw new Error('A passphrase is kept in a form that is not known');
  const derived = await derive(secret, Buffer.from(salt, 'base64url'), cost);
  const right = Buffer.from(key, 'base64url');
  return derived.length === right.length && timingSafeEqual(derived, right);
}

const composed = (passphrase: string): string => passphrase.normalize('NFC');

/** @param cost the N of scrypt; less than the usual only where nobody could gain from trying. */
export const hashPassphrase = (passphrase: string, cost = COST): Promise<string> =>
  hash(composed(passphrase), cost);

/** Kept so that a wrong name takes as long as a wrong passphrase. */
const NOBODY = `scrypt$${COST}$${Buffer.alloc(16).toString('base64url')}$${Buffer.alloc(KEY_BYTES).toString('base64url')}`;

export const checkPassphrase = async (passphrase: string, kept: string | null): Promise<boolean> =>
  (await matches(composed(passphrase), kept ?? NOBODY)) && kept !== null;

const folded = (word: string): string => composed(word.trim().toLowerCase().replace(/\s+/g, ' '));

/** A student's private word as it is kept; capitals and spaces at the ends do not count. */
export const hashWord = (word: string): Promise<string> => hash(folded(word), WORD_COST);

export const checkWord = (word: string, kept: string): Promise<boolean> => matches(folded(word), kept);
