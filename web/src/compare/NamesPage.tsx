import { useMemo } from 'react';
import Button from 'antd/es/button';
import { characterWords, stateWords } from '@hurrow/core/characters';
import { closeNames, sharedNames } from '@hurrow/core/names';
import type { CloseNames, ListedName, SharedName } from '@hurrow/core/names';
import { withView } from '../app/index.ts';
import { AppLink, DataTable, Latin, Nothing, TaxonName } from '../parts/index.ts';
import { CompareRoom } from './CompareRoom.tsx';
import { rootCards } from './rootGroups.ts';
import type { RootCard } from './rootGroups.ts';
import type { Compared } from './useCompared.ts';

const KIND = { accepted: 'accepted', synonym: 'synonym', common: 'common', older_family: 'family' } as const;

/** The names of a list as they are compared: older families are no names of a species. */
export const listedNames = (c: Pick<Compared, 'lore'>): readonly ListedName[] =>
  c.lore.names.map((n) => ({ taxon: n.taxon, text: n.text, kind: KIND[n.kind] }));

function Names({ compared: c }: { compared: Compared }) {
  const names = useMemo(() => listedNames(c), [c]);
  const shared = useMemo(() => sharedNames(names), [names]);
  const close = useMemo(() => closeNames(names), [names]);
  const roots = useMemo(() => rootCards(c.lore.roots), [c.lore.roots]);
  const member = (id: string) => {
    const m = c.members.find((x) => x.id === id);
    return m ? (
      <AppLink key={id} to={`/species/${id}`}>
        <TaxonName taxon={m} common={false} />
      </AppLink>
    ) : null;
  };
  const text = (n: ListedName) => (n.kind === 'common' ? n.text : <Latin name={n.text} />);
  const says = (r: RootCard): string => {
    const found = r.says ? c.vocabulary.get(r.says.character) : undefined;
    return found && r.says
      ? `${characterWords(found, c.wording.words)} ${stateWords(found, r.says.state, c.wording.words)}`
      : '';
  };
  return (
    <>
      <h2 className="room-head">One common name, several species</h2>
      <DataTable<SharedName>
        label="Shared common names"
        file="shared-names"
        rows={shared}
        rowKey={(s) => s.text}
        plain={(s) => ({
          name: s.text,
          species: s.taxa.map((t) => c.members.find((m) => m.id === t)?.scientific ?? '').join('; '),
        })}
        empty={
          <Nothing title="No common name is shared">Every common name means one species of the list.</Nothing>
        }
        columns={[
          { title: 'Common name', width: 220, render: (_, s) => s.text },
          {
            title: 'Means',
            render: (_, s) =>
              s.taxa.map((t, i) => (
                <span key={t}>
                  {i > 0 ? ', ' : ''}
                  {member(t)}
                </span>
              )),
          },
        ]}
      />
      <h2 className="room-head">Close in spelling</h2>
      <DataTable<CloseNames>
        label="Close names"
        file="close-names"
        rows={close}
        rowKey={(k) => k.words.join('/')}
        plain={(k) => ({ a: k.a.text, b: k.b.text, words: k.words.join(' / '), edits: k.edits })}
        empty={<Nothing title="No names are close">No word of one name lies near a word of another.</Nothing>}
        columns={[
          { title: 'Words', width: 260, render: (_, k) => k.words.join(' · ') },
          {
            title: 'Letters apart',
            width: 120,
            sorter: (a, b) => a.edits - b.edits,
            render: (_, k) => <span className="number">{k.edits}</span>,
          },
          { title: 'One name', render: (_, k) => text(k.a) },
          { title: 'The other', render: (_, k) => text(k.b) },
        ]}
      />
      <h2 className="room-head">Name roots</h2>
      <DataTable<RootCard>
        label="Name roots"
        file="name-roots"
        rows={roots}
        rowKey={(r) => `${r.element}/${r.language}/${r.meaning}`}
        plain={(r) => ({
          root: r.element,
          language: r.language,
          meaning: r.meaning,
          contested: r.contested ? 'contested' : '',
          names: r.names.join('; '),
          says: says(r),
        })}
        empty={
          <Nothing title="No roots are recorded">Add them under Names on the page of a species.</Nothing>
        }
        columns={[
          { title: 'Root', width: 130, render: (_, r) => <i className="latin">{r.element}</i> },
          { title: 'From', width: 90, render: (_, r) => r.language },
          {
            title: 'Means',
            render: (_, r) => (
              <>
                {r.meaning} {r.contested ? <span className="tag larch">contested</span> : null}
              </>
            ),
          },
          {
            title: 'In',
            render: (_, r) =>
              r.names.map((n, i) => (
                <span key={n}>
                  {i > 0 ? ', ' : ''}
                  <Latin name={n} />
                </span>
              )),
          },
          { title: 'Says of the tree', render: (_, r) => says(r) },
        ]}
      />
    </>
  );
}

/** Names of a list: shared common names, names close in spelling, and name roots. */
export function NamesPage() {
  return (
    <CompareRoom
      title="Names"
      name="Names"
      about="What makes the names of a list be taken for one another, and what they are made of."
      actions={(c) => (
        <Button
          href={withView(`/print/lists/${c.list.id}/roots`, new URLSearchParams(window.location.search))}
        >
          Print root cards
        </Button>
      )}
    >
      {(c) => <Names compared={c} />}
    </CompareRoom>
  );
}
