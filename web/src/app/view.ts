import { createContext, useCallback, useContext, useMemo } from 'react';
import { useNavigate, useSearchParams } from 'react-router';
import { EVERYTHING_AT_THE_TREE, conditionsFromQuery, conditionsToQuery } from '@hurrow/core/conditions';
import type { Conditions } from '@hurrow/core/conditions';
import type { Wording, Words } from '@hurrow/core/characters';
import { VIEW_KEYS, withView } from './carry.ts';
import type { ClassAtHand } from './classAtHand.ts';
import { useToday } from './session.ts';

/** What the bar holds: conditions, and how characters and lengths are worded. */
export interface View {
  readonly conditions: Conditions;
  readonly wording: Wording;
  /** The site the seasons are shifted to, where one was chosen. */
  readonly at: string | null;
}

const wordsIn = (text: string | null): Words | null =>
  text === 'technical' || text === 'plain' ? text : null;

function toQuery(view: View, fallback: Conditions, usual: Words): [string, string][] {
  return [
    ...conditionsToQuery(view.conditions, fallback),
    ...(view.wording.words === usual ? [] : [['words', view.wording.words] as [string, string]]),
    ...(view.wording.units === 'metric' ? [['units', 'metric'] as [string, string]] : []),
    ...(view.at === null ? [] : [['at', view.at] as [string, string]]),
  ];
}

export type ChangeableView = View & { readonly change: (part: Partial<View>) => void };

export const ViewContext = createContext<ChangeableView | null>(null);

/** The view of the page, and a way to change it. @throws where nobody is signed in. */
export function useView(): ChangeableView {
  const view = useContext(ViewContext);
  if (!view) throw new Error('No view is set here');
  return view;
}

/**
 * Reads the view in the address, in the words of the class at hand unless others were chosen; what changes it leaves the rest of
 * the address alone. Read once for all that ask for it, which on a large table are many.
 */
export function useReadView({ section }: ClassAtHand): ChangeableView {
  const [search, setSearch] = useSearchParams();
  const today = useToday();
  const usual: Words = section?.level === 'technical' ? 'technical' : 'plain';
  const fallback = useMemo((): Conditions => ({ ...EVERYTHING_AT_THE_TREE, date: today }), [today]);
  const view = useMemo(
    (): View => ({
      conditions: conditionsFromQuery((k) => search.get(k), fallback),
      wording: {
        words: wordsIn(search.get('words')) ?? usual,
        units: search.get('units') === 'metric' ? 'metric' : 'customary',
      },
      at: search.get('at'),
    }),
    [search, fallback, usual],
  );
  const change = useCallback(
    (part: Partial<View>) => {
      setSearch(
        (before) => {
          const next = new URLSearchParams(before);
          for (const key of VIEW_KEYS) next.delete(key);
          for (const [key, value] of toQuery({ ...view, ...part }, fallback, usual)) next.set(key, value);
          return next;
        },
        { replace: true },
      );
    },
    [setSearch, view, fallback, usual],
  );
  return useMemo(() => ({ ...view, change }), [view, change]);
}

/** Goes to another place with the view carried over, as it stands in the address at that moment. */
export function useGo(): (to: string) => void {
  const navigate = useNavigate();
  return useCallback(
    (to) => void navigate(withView(to, new URLSearchParams(window.location.search))),
    [navigate],
  );
}
