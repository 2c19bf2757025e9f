import { useState } from 'react';

/** A form that is kept on this device while it is written, so that a closed window loses nothing. */
export function useKept<T>(
  key: string,
  start: () => T,
): {
  readonly value: T;
  /** It was taken up again from an earlier time. */
  readonly restored: boolean;
  readonly set: (next: T) => void;
  readonly forget: () => void;
} {
  const [state, setState] = useState((): { value: T; restored: boolean } => {
    const kept = localStorage.getItem(key);
    if (kept === null) return { value: start(), restored: false };
    try {
      return { value: JSON.parse(kept) as T, restored: true };
    } catch {
      return { value: start(), restored: false };
    }
  });
  return {
    ...state,
    set: (value) => {
      setState({ value, restored: state.restored });
      localStorage.setItem(key, JSON.stringify(value));
    },
    forget: () => {
      localStorage.removeItem(key);
      setState({ value: start(), restored: false });
    },
  };
}
