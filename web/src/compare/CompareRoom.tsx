import type { ReactNode } from 'react';
import { AppLink, Nothing, PageHead, ProblemNote } from '../parts/index.ts';
import { ListPicker } from '../species/index.ts';
import { CompareNav } from './CompareNav.tsx';
import { useCompared } from './useCompared.ts';
import type { Compared } from './useCompared.ts';
import './compare.css';

/** A room of the compare place: its head, the list it looks at, and its content once the list is read. */
export function CompareRoom({
  title,
  name,
  about,
  actions,
  children,
}: {
  title: string;
  name: string;
  about: string;
  actions?: (c: Compared) => ReactNode;
  children: (c: Compared) => ReactNode;
}) {
  const { lists, list, choose, compared, error } = useCompared();
  return (
    <>
      <CompareNav />
      <PageHead
        title={title}
        name={name}
        about={about}
        actions={
          <>
            {list ? <ListPicker lists={lists ?? []} chosen={list.id} onChoose={choose} /> : null}
            {compared && actions ? actions(compared) : null}
          </>
        }
      />
      {lists?.length === 0 ? (
        <Nothing title="No list yet">
          <AppLink to="/classes/lists/new">Paste a list of names</AppLink> to compare what is on it.
        </Nothing>
      ) : error ? (
        <ProblemNote error={error} />
      ) : compared ? (
        compared.members.length < 2 ? (
          <Nothing title="A list of one">
            There is nothing to tell it from. Add species under Classes.
          </Nothing>
        ) : (
          children(compared)
        )
      ) : (
        <div className="page-note quiet">Reading…</div>
      )}
    </>
  );
}
