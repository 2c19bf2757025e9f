import { useSyncExternalStore } from 'react';

/** The most species that are laid side by side. */
export const MOST_ON_BENCH = 6;
const KEPT_AS = 'hurrow.bench';

const listeners = new Set<() => void>();

function read(): readonly string[] {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(KEPT_AS) ?? '[]');
    return Array.isArray(kept) ? kept.filter((k) => typeof k === 'string').slice(0, MOST_ON_BENCH) : [];
  } catch {
    return [];
  }
}

let tray: readonly string[] | null = null;
const present = (): readonly string[] => (tray ??= read());

function set(next: readonly string[]): void {
  tray = next;
  try {
    localStorage.setItem(KEPT_AS, JSON.stringify(next));
  } catch {
    // A browser that keeps nothing holds the tray until it is closed.
  }
  for (const l of listeners) l();
}

/** Lays species on the bench; what lies there longest gives way where there is no room. */
export function lay(...ids: readonly string[]): void {
  const fresh = ids.filter((id) => !present().includes(id));
  if (fresh.length > 0) set([...present(), ...fresh].slice(-MOST_ON_BENCH));
}

export const take = (id: string): void => set(present().filter((t) => t !== id));
export const layOnly = (...ids: readonly string[]): void => set(ids.slice(0, MOST_ON_BENCH));
export const clearBench = (): void => set([]);

/** Ids of the species on the bench, in the order they were laid there. */
export const useTray = (): readonly string[] =>
  useSyncExternalStore((l) => {
    listeners.add(l);
    return () => listeners.delete(l);
  }, present);

const SPECIES = /^\/species\/([0-9a-f-]{36})/;

/** The species at hand: of the link that has the focus, else of the page. */
export function speciesAtHand(): string | null {
  const focused = document.activeElement?.closest('a')?.getAttribute('href') ?? '';
  return SPECIES.exec(focused)?.[1] ?? SPECIES.exec(window.location.pathname)?.[1] ?? null;
}
