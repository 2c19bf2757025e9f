import { useCallback } from 'react';
import type { LibraryTable, ListLibrary } from '@hurrow/contract';
import { characterWords, valuesWords } from '@hurrow/core/characters';
import type { Disagreement, DisagreementKind, Statement, Vocabulary } from '@hurrow/core/characters';
import type { PairCost } from '@hurrow/core/tells';
import { useRead } from '../api/index.ts';
import { useHere, useView, useVocabulary } from '../app/index.ts';
import { AppLink, DataTable, Loaded, Nothing, PageHead, WorkNote } from '../parts/index.ts';
import { useLibraryWork } from '../workers/index.ts';
import type { CostedDisagreement } from '../workers/index.ts';
import { ListPicker } from './ListPicker.tsx';
import { SpeciesNav } from './SpeciesNav.tsx';
import { useChosenList } from './useList.ts';
import './profile.css';

const KIND_WORDS: Readonly<Record<DisagreementKind, string>> = {
  contradiction: 'contradiction',
  applicability: 'one says it does not apply',
  partly_different: 'partly different',
  different_bounds: 'overlapping ranges',
  narrower: 'one says less',
  finer_term: 'finer term',
};

const changed = (pairs: readonly PairCost[], tell: PairCost['tell']): number =>
  pairs.filter((p) => p.tell === tell).length;

/** The weight of a disagreement: pairs that change if the one or the other source were right. */
const weight = (c: CostedDisagreement): number => c.cost.ifA.length + c.cost.ifB.length;

function costWords(pairs: readonly PairCost[]): string {
  if (pairs.length === 0) return 'no pair changes';
  const parts = [
    [changed(pairs, 'gained'), 'tell', 'gained'],
    [changed(pairs, 'lost'), 'tell', 'lost'],
    [changed(pairs, 'same'), 'verdict', 'changed'],
  ] as const;
  return parts
    .filter(([n]) => n > 0)
    .map(([n, what, how]) => `${n} ${what}${n === 1 ? '' : 's'} ${how}`)
    .join(', ');
}

function Found({
  library,
  table,
  vocabulary,
}: {
  library: ListLibrary;
  table: LibraryTable;
  vocabulary: Vocabulary;
}) {
  const { conditions, wording } = useView();
  const { place } = useHere();
  const start = useCallback(
    (
      work: Parameters<NonNullable<Parameters<typeof useLibraryWork<readonly CostedDisagreement[]>>[0]>>[0],
      onProgress: (done: number, total: number) => void,
    ) => work.costs({ library, vocabulary, conditions, place }, table.rows, onProgress),
    [library, table.rows, vocabulary, conditions, place],
  );
  const work = useLibraryWork<readonly CostedDisagreement[]>(start);
  const name = new Map(table.taxa.map((t) => [t.id, t.label]));
  const cite = (s: Statement): string => table.sources.find((x) => x.id === s.source)?.citation ?? '';
  const said = ({ a, b }: Pick<Disagreement, 'a' | 'b'>): readonly string[] => {
    const c = vocabulary.get(a.character);
    return c ? valuesWords(c, [a.value, b.value], wording) : [];
  };
  // What says less is none until a tell hangs on it.
  const told = (work.result ?? []).filter((c) => c.disagreement.kind !== 'narrower' || weight(c) > 0);
  const rows = [...told].sort((a, b) => weight(b) - weight(a));
  const less = (work.result?.length ?? 0) - told.length;
  return (
    <>
      <WorkNote what="Weighing each disagreement" work={work} />
      {work.result ? (
        <DataTable<CostedDisagreement>
          label="Disagreements"
          file="disagreements"
          rows={rows}
          rowKey={(r) => `${r.disagreement.taxon}${r.disagreement.a.id}${r.disagreement.b.id}`}
          plain={({ disagreement: d, cost }) => ({
            taxon: name.get(d.taxon) ?? '',
            character: d.character,
            kind: KIND_WORDS[d.kind],
            first: said(d)[0] ?? '',
            first_source: cite(d.a),
            second: said(d)[1] ?? '',
            second_source: cite(d.b),
            said_of: name.get(d.group ?? d.taxon) ?? '',
            if_first: costWords(cost.ifA),
            if_second: costWords(cost.ifB),
          })}
          empty={<Nothing title="The sources agree">No two sources differ on anything of this list.</Nothing>}
          tools={
            less > 0 ? (
              <span className="quiet">
                {less} more, where one source only says less than the other, change no tell and are left out.
              </span>
            ) : null
          }
          expanded={({ cost }) => (
            <ul className="plain-list">
              {[
                ['If the first were right', cost.ifA] as const,
                ['If the second were right', cost.ifB] as const,
              ].map(([words, pairs]) => (
                <li key={words}>
                  <b>{words}:</b>{' '}
                  {pairs.length === 0
                    ? 'no pair changes.'
                    : pairs
                        .slice(0, 12)
                        .map(
                          (p) =>
                            `${name.get(p.a) ?? ''} and ${name.get(p.b) ?? ''} (${p.tell === 'same' ? `${p.before} to ${p.after}` : `tell ${p.tell}`})`,
                        )
                        .join('; ')}
                </li>
              ))}
            </ul>
          )}
          columns={[
            {
              title: 'Taxon',
              sorter: (a, b) =>
                (name.get(a.disagreement.taxon) ?? '').localeCompare(
                  name.get(b.disagreement.taxon) ?? '',
                  'en',
                ),
              render: (_, { disagreement: d }) => (
                <AppLink to={`/species/${d.taxon}`}>
                  <i className="latin">{name.get(d.taxon)}</i>
                </AppLink>
              ),
            },
            {
              title: 'Character',
              render: (_, { disagreement: d }) => {
                const c = vocabulary.get(d.character);
                return c ? characterWords(c, wording.words) : d.character;
              },
            },
            { title: 'Kind', render: (_, r) => KIND_WORDS[r.disagreement.kind] },
            {
              title: 'One says',
              render: (_, { disagreement: d }) => (
                <>
                  {said(d)[0]}
                  <br />
                  <small className="quiet">{cite(d.a)}</small>
                </>
              ),
            },
            {
              title: 'The other says',
              render: (_, { disagreement: d }) => (
                <>
                  {said(d)[1]}
                  <br />
                  <small className="quiet">
                    {cite(d.b)}
                    {d.group === null ? null : (
                      <>
                        , of <i className="latin">{name.get(d.group)}</i>
                      </>
                    )}
                  </small>
                </>
              ),
            },
            {
              title: 'What it costs',
              sorter: (a, b) => weight(a) - weight(b),
              render: (_, r) =>
                weight(r) === 0 ? (
                  <span className="quiet">nothing on this list</span>
                ) : (
                  <>
                    first right: {costWords(r.cost.ifA)}
                    <br />
                    second right: {costWords(r.cost.ifB)}
                  </>
                ),
            },
          ]}
        />
      ) : null}
    </>
  );
}

/** Where sources disagree, and what each disagreement costs in tells gained or lost on a list. */
export function DisagreementsPage() {
  const { lists, list, choose } = useChosenList();
  const vocabulary = useVocabulary();
  const { ready } = useHere();
  const library = useRead('listLibrary', { id: list?.id ?? '' }, list !== null);
  const table = useRead('listTable', { id: list?.id ?? '' }, list !== null);
  return (
    <>
      <SpeciesNav />
      <PageHead
        title="Disagreements"
        name="Disagreements"
        about={
          <>
            Two sources, one character, two answers: the costly ones first. How several are merged is decided
            under <AppLink to="/species/sources">Sources</AppLink>.
          </>
        }
        actions={list ? <ListPicker lists={lists ?? []} chosen={list.id} onChoose={choose} /> : null}
      />
      {lists?.length === 0 ? (
        <Nothing title="No list yet">
          <AppLink to="/classes/lists/new">Paste a list of names</AppLink> first.
        </Nothing>
      ) : (
        <Loaded query={table}>
          {(t) =>
            library.data && vocabulary && ready ? (
              <Found key={list?.id} library={library.data} table={t} vocabulary={vocabulary} />
            ) : (
              <div className="page-note quiet">Reading…</div>
            )
          }
        </Loaded>
      )}
    </>
  );
}
