import { useCallback, useMemo } from 'react';
import { useNavigate, useSearchParams } from 'react-router';
import { EVERYTHING_AT_THE_TREE, conditionsFromQuery, conditionsToQuery } from '@hurrow/core/conditions';
import type { Conditions } from '@hurrow/core/conditions';
import type { Wording } from '@hurrow/core/characters';
import { VIEW_KEYS, withView } from './carry.ts';
import { useToday } from './session.ts';

/** What the bar holds: conditions, and how characters and lengths are worded. */
export interface View {
  readonly conditions: Conditions;
  readonly wording: Wording;
  /** The site the seasons are shifted to, where one was chosen. */
  readonly at: string | null;
}

function toQuery(view: View, fallback: Conditions): [string, string][] {
  return [
    ...conditionsToQuery(view.conditions, fallback),
    ...(view.wording.words === 'technical' ? [['words', 'technical'] as [string, string]] : []),
    ...(view.wording.units === 'metric' ? [['units', 'metric'] as [string, string]] : []),
    ...(view.at === null ? [] : [['at', view.at] as [string, string]]),
  ];
}

/** The view in the address, and a way to change it that leaves the rest of the address alone. */
export function useView(): View & { readonly change: (part: Partial<View>) => void } {
  const [search, setSearch] = useSearchParams();
  const today = useToday();
  const fallback = useMemo((): Conditions => ({ ...EVERYTHING_AT_THE_TREE, date: today }), [today]);
  const view = useMemo(
    (): View => ({
      conditions: conditionsFromQuery((k) => search.get(k), fallback),
      wording: {
        words: search.get('words') === 'technical' ? 'technical' : 'plain',
        units: search.get('units') === 'metric' ? 'metric' : 'customary',
      },
      at: search.get('at'),
    }),
    [search, fallback],
  );
  const change = useCallback(
    (part: Partial<View>) => {
      setSearch(
        (before) => {
          const next = new URLSearchParams(before);
          for (const key of VIEW_KEYS) next.delete(key);
          for (const [key, value] of toQuery({ ...view, ...part }, fallback)) next.set(key, value);
          return next;
        },
        { replace: true },
      );
    },
    [setSearch, view, fallback],
  );
  return { ...view, change };
}

/** Goes to another place with the view carried over, as it stands in the address at that moment. */
export function useGo(): (to: string) => void {
  const navigate = useNavigate();
  return useCallback(
    (to) => void navigate(withView(to, new URLSearchParams(window.location.search))),
    [navigate],
  );
}
