/** What a board is made of, as the address says it. */
export interface Choice {
  /** The first is the class at hand. */
  readonly sections: readonly string[];
  /** ISO days of sittings, both included; null is open. */
  readonly from: string | null;
  readonly to: string | null;
  readonly material: string | null;
  readonly form: string | null;
}

const PARTS = ['from', 'to', 'material', 'form'] as const;

/** Reads the choice of an address. @param fallback the class where the address names none. */
export function choiceOf(search: URLSearchParams, known: readonly string[], fallback: string | null): Choice {
  const named = (search.get('section') ?? '').split(',').filter((s) => known.includes(s));
  const sections = named.length > 0 ? named : fallback === null ? [] : [fallback];
  const part = (name: (typeof PARTS)[number]): string | null => search.get(name);
  return { sections, from: part('from'), to: part('to'), material: part('material'), form: part('form') };
}

/** An address with a choice in place of the one it has; what it says else stays. */
export function withChoice(search: URLSearchParams, choice: Choice): URLSearchParams {
  const next = new URLSearchParams(search);
  next.set('section', choice.sections.join(','));
  for (const p of PARTS) {
    const value = choice[p];
    if (value === null) next.delete(p);
    else next.set(p, value);
  }
  return next;
}

/** What is asked of the server beside the first class. */
export function queryOf({ sections, ...rest }: Choice): Readonly<Record<string, string>> {
  const others = sections.slice(1);
  return {
    ...(others.length > 0 ? { with: others.join(',') } : {}),
    ...Object.fromEntries(PARTS.flatMap((p) => (rest[p] === null ? [] : [[p, rest[p]] as const]))),
  };
}
