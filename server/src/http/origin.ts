import { hostname, networkInterfaces } from 'node:os';
import type { Request } from 'express';
import { forbidden } from './problem.ts';

const WRITES = new Set(['POST', 'PUT', 'DELETE', 'PATCH']);

/**
 * Makes the test of which host names are this application's own: those of this machine, and those that were set.
 * A page of another name that merely points here (DNS rebinding) is thereby none of ours.
 * @param set names from the settings, such as that of a proxy in front.
 */
export function ownHosts(set: readonly string[]): (name: string) => boolean {
  const named = new Set(set.map((h) => h.trim().toLowerCase()).filter((h) => h !== ''));
  return (name) => {
    const host = name.toLowerCase().replace(/^\[|\]$/g, '');
    if (host === 'localhost' || host === '127.0.0.1' || host === '::1' || named.has(host)) return true;
    const own = hostname().toLowerCase();
    if (host === own || host === `${own}.local`) return true;
    return Object.values(networkInterfaces()).some((all) =>
      all?.some((a) => a.address.split('%')[0]?.toLowerCase() === host),
    );
  };
}

/** @throws unless a write comes from a page of this very origin: scheme, host and port. */
export function checkOrigin(req: Request, isOwnHost: (name: string) => boolean): void {
  if (!WRITES.has(req.method)) return;
  let origin: URL | null = null;
  try {
    origin = new URL(req.headers.origin ?? '');
  } catch {
    origin = null;
  }
  if (origin === null || origin.host !== req.headers.host || origin.protocol !== `${req.protocol}:`) {
    throw forbidden('The request does not come from one of this application’s own pages.', {
      remedy:
        'Work from the address the application shows when it starts. Behind a proxy, set HURROW_PROXIES.',
    });
  }
  if (!isOwnHost(origin.hostname)) {
    throw forbidden(`“${origin.hostname.slice(0, 80)}” is not a name this application is known by.`, {
      remedy: 'Add the name to HURROW_HOSTS, or use the address the application shows when it starts.',
    });
  }
}
