/** Who may use a connection when: what may go beside others, and what must have it alone. */
export interface Turns {
  /** Starts work at once, unless something that must be alone is at work or waits. */
  beside<T>(work: () => Promise<T>): Promise<T>;
  /** Starts work when all that came before has ended; what comes after waits for it. */
  alone<T>(work: () => Promise<T>): Promise<T>;
}

const ended = (work: Promise<unknown>): Promise<void> =>
  work.then(
    () => undefined,
    () => undefined,
  );

/** Gives turns in the order in which they are asked for; work that fails ends its turn like any other. */
export function turns(): Turns {
  /** Ends with the last work that was alone. */
  let free: Promise<void> = Promise.resolve();
  /** Ends with all that was asked for so far. */
  let all: Promise<void> = free;
  return {
    beside: (work) => {
      const own = free.then(work);
      all = ended(Promise.all([all, ended(own)]));
      return own;
    },
    alone: (work) => {
      const own = all.then(work);
      free = ended(own);
      all = free;
      return own;
    },
  };
}
