/** Two presses this close together with the same content are one press. */
const SAME_PRESS_MS = 1500;

interface Press {
  readonly content: string;
  readonly key: string;
  /** When it was answered; null while it is under way or nobody could be reached. */
  settledAt: number | null;
}

export interface PressKeys {
  /** The idempotency key of a press with this content. */
  readonly keyFor: (content: string) => string;
  /** The press was answered; the same content a while later is meant as another thing. */
  readonly settled: (key: string) => void;
}

/**
 * Gives out idempotency keys: a double press, and a press repeated because nobody could be reached, carry the key of
 * the first; a later press with the same content carries a new one.
 * @param newId makes a key that no other press has.
 * @param now milliseconds.
 */
export function pressKeys(newId: () => string, now: () => number): PressKeys {
  let last: Press | null = null;
  return {
    keyFor: (content) => {
      const isSame =
        last !== null &&
        last.content === content &&
        (last.settledAt === null || now() - last.settledAt < SAME_PRESS_MS);
      if (last === null || !isSame) last = { content, key: newId(), settledAt: null };
      return last.key;
    },
    settled: (key) => {
      if (last?.key === key) last.settledAt = now();
    },
  };
}
