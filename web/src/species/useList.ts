import { useSearchParams } from 'react-router';
import type { ListSummary } from '@hurrow/contract';
import { useRead } from '../api/index.ts';
import { useClassAtHand } from '../app/index.ts';

/** The list a room looks at: the one in the address, else that of the class at hand, else the first. */
export function useChosenList(): {
  readonly lists: readonly ListSummary[] | undefined;
  readonly list: ListSummary | null;
  readonly choose: (id: string) => void;
} {
  const [search, setSearch] = useSearchParams();
  const lists = useRead('lists').data;
  const taught = useClassAtHand().section?.list;
  const wanted = search.get('list') ?? taught;
  return {
    lists,
    list: lists?.find((l) => l.id === wanted) ?? lists?.[0] ?? null,
    choose: (id) =>
      setSearch(
        (before) => {
          const next = new URLSearchParams(before);
          next.set('list', id);
          return next;
        },
        { replace: true },
      ),
  };
}
