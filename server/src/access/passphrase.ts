import { randomBytes, scrypt, timingSafeEqual } from 'node:crypto';

const COST = { N: 2 ** 15, r: 8, p: 1, maxmem: 64 * 1024 * 1024 };

const derive = (passphrase: string, salt: Buffer): Promise<Buffer> =>
  new Promise((resolve, reject) => {
    scrypt(passphrase.normalize('NFC'), salt, 32, COST, (error, key) =>
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
