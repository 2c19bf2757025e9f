import { useEffect, useRef } from 'react';

export interface Shortcut {
  /** One key, or two pressed one after the other: `g s`. */
  readonly keys: string;
  readonly does: string;
  readonly run: () => void;
}

const registered = new Set<readonly Shortcut[]>();

/** All shortcuts that work on the present screen, for the help that `?` opens. */
export const presentShortcuts = (): readonly Shortcut[] => [...registered].flat();

const isTyping = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement &&
  (target.isContentEditable ||
    ['INPUT', 'TEXTAREA', 'SELECT'].includes(target.tagName) ||
    target.role === 'combobox');

let before = '';

function onKey(event: KeyboardEvent): void {
  if (event.ctrlKey || event.metaKey || event.altKey || isTyping(event.target)) return;
  if (document.querySelector('.ant-modal-wrap:not([style*="display: none"]), .ant-drawer-open')) return;
  const all = presentShortcuts();
  const found = all.find((s) => s.keys === `${before} ${event.key}`) ?? all.find((s) => s.keys === event.key);
  before = all.some((s) => s.keys.startsWith(`${event.key} `)) ? event.key : '';
  if (!found) return;
  before = '';
  event.preventDefault();
  found.run();
}

/** Registers shortcuts for as long as a screen is shown. */
export function useShortcuts(shortcuts: readonly Shortcut[]): void {
  const latest = useRef(shortcuts);
  useEffect(() => {
    latest.current = shortcuts;
  });
  const keys = shortcuts.map((s) => `${s.keys}\u0000${s.does}`).join('\u0001');
  useEffect(() => {
    const own = keys
      .split('\u0001')
      .filter((k) => k !== '')
      .map((k, i): Shortcut => {
        const [key = '', does = ''] = k.split('\u0000');
        return { keys: key, does, run: () => latest.current[i]?.run() };
      });
    if (registered.size === 0) window.addEventListener('keydown', onKey);
    registered.add(own);
    return () => {
      registered.delete(own);
      if (registered.size === 0) window.removeEventListener('keydown', onKey);
    };
  }, [keys]);
}
