import { useCallback, useState } from 'react';
import Button from 'antd/es/button';
import type { ListLibrary, Source, Sources, TaxonHeader } from '@hurrow/contract';
import type { Vocabulary, Wording } from '@hurrow/core/characters';
import type { WorthRecording } from '@hurrow/core/tells';
import { useRead } from '../api/index.ts';
import { useHere, useView, useVocabulary } from '../app/index.ts';
import { AppLink, DataTable, Loaded, Nothing, PageHead, TaxonName, WorkNote } from '../parts/index.ts';
import { useLibraryWork } from '../workers/index.ts';
import type { Worth } from '../workers/index.ts';
import { ownStatement } from './ownStatement.ts';
import { ListPicker } from './ListPicker.tsx';
import { SourcePicker } from './SourcePicker.tsx';
import { SpeciesNav } from './SpeciesNav.tsx';
import { WriteLine } from './WriteLine.tsx';
import { useChosenList } from './useList.ts';
import { useSource } from './useSource.ts';
import './write.css';
import './profile.css';

/** Values asked for at once: few enough for one sitting at the desk. */
const FEW = 12;

/** The line in which an asked-for value is written, with the statement as it stands read first. */
function Asked({
  taxon,
  character,
  source,
  vocabulary,
  wording,
}: {
  taxon: string;
  character: string;
  source: Source['id'];
  vocabulary: Vocabulary;
  wording: Wording;
}) {
  const profile = useRead('profile', { id: taxon });
  const c = vocabulary.get(character);
  if (!profile.data || !c) return <span className="quiet">Reading…</span>;
  return (
    <WriteLine
      place={{ taxon, source, character }}
      character={c}
      own={ownStatement(profile.data, taxon, character, source)}
      inUse={c.counting ?? c.definition}
      wording={wording}
      onUndo={() => undefined}
    />
  );
}

function names(ids: readonly string[], members: ReadonlyMap<string, TaxonHeader>): string {
  const found = ids.flatMap((id) => members.get(id)?.scientific ?? []);
  return found.length > 3 ? `${found.slice(0, 3).join(', ')} and ${found.length - 3} more` : found.join(', ');
}

function Next({
  library,
  vocabulary,
  sources,
}: {
  library: ListLibrary;
  vocabulary: Vocabulary;
  sources: Sources;
}) {
  const { conditions, wording } = useView();
  const { place } = useHere();
  const { source, choose } = useSource(sources.sources);
  const [most, setMost] = useState(FEW);
  const start = useCallback(
    (
      work: Parameters<NonNullable<Parameters<typeof useLibraryWork<Worth>>[0]>>[0],
      onProgress: (done: number, total: number) => void,
    ) => work.worth({ library, vocabulary, conditions, place }, most, onProgress),
    [library, vocabulary, conditions, place, most],
  );
  const work = useLibraryWork<Worth>(start);
  const members = new Map(library.members.map((m) => [m.id, m]));
  const { result } = work;
  return (
    <>
      <div className="tools">
        <SourcePicker sources={sources.sources} source={source} onChoose={choose} />
        {result ? (
          <span role="status">
            <b className="number">
              {result.open} of {result.pairs}
            </b>{' '}
            pairs are not told apart for certain under the conditions above.
          </span>
        ) : null}
        <WorkNote what="Looking at every pair" work={work} />
      </div>
      {result && result.open === 0 ? (
        <Nothing title="Nothing is missing for now">
          Every pair of the list is told apart under these conditions. Move the date or take material away to
          see what else would help.
        </Nothing>
      ) : null}
      {result && result.open > 0 ? (
        <DataTable<WorthRecording>
          label="Worth recording"
          file="worth-recording"
          rows={result.values}
          rowKey={(r) => `${r.taxon}/${r.character}/${source}`}
          plain={(r) => ({
            species: members.get(r.taxon)?.scientific ?? '',
            character: r.character,
            pairs: r.settles.length,
            expected: Number(r.expected.toFixed(2)),
            settles: names(r.settles, members),
          })}
          empty={
            <Nothing title="Nothing recorded would settle more">
              What is open is hidden by the conditions: add material, or move the date.
            </Nothing>
          }
          tools={
            result.values.length === most ? (
              <Button onClick={() => setMost(most + FEW)}>Ask for more</Button>
            ) : null
          }
          columns={[
            {
              title: 'Species',
              width: 210,
              render: (_, r) => {
                const taxon = members.get(r.taxon);
                return taxon ? (
                  <AppLink to={`/species/${r.taxon}`}>
                    <TaxonName taxon={taxon} />
                  </AppLink>
                ) : null;
              },
            },
            {
              title: 'Value',
              render: (_, r) =>
                source === '' ? (
                  (vocabulary.get(r.character)?.plain ?? r.character)
                ) : (
                  <Asked
                    taxon={r.taxon}
                    character={r.character}
                    source={source}
                    vocabulary={vocabulary}
                    wording={wording}
                  />
                ),
            },
            {
              title: 'Might settle',
              width: 190,
              sorter: (a, b) => a.settles.length - b.settles.length,
              render: (_, r) => (
                <span title={names(r.settles, members)}>
                  <b className="number">{r.settles.length}</b> {r.settles.length === 1 ? 'pair' : 'pairs'},{' '}
                  <span className="number">{r.expected.toFixed(1)}</span> expected
                  <br />
                  <small className="quiet">with {names(r.settles, members)}</small>
                </span>
              ),
            },
          ]}
        />
      ) : null}
    </>
  );
}

/** The few missing values of a list that would settle the most pairs, written where they are asked for. */
export function RecordNextPage() {
  const { lists, list, choose } = useChosenList();
  const vocabulary = useVocabulary();
  const library = useRead('listLibrary', { id: list?.id ?? '' }, list !== null);
  const sources = useRead('sources');
  const { ready } = useHere();
  return (
    <>
      <SpeciesNav />
      <PageHead
        title="What to record next"
        name="Record next"
        about="The values that would separate the most pairs, easiest first. The list is updated each time you record one."
        actions={list ? <ListPicker lists={lists ?? []} chosen={list.id} onChoose={choose} /> : null}
      />
      {lists?.length === 0 ? (
        <Nothing title="No list yet">
          <AppLink to="/classes/lists/new">Paste a list of names</AppLink> to see what to record of them.
        </Nothing>
      ) : (
        <Loaded query={library}>
          {(l) =>
            vocabulary && sources.data && ready ? (
              <Next key={list?.id} library={l} vocabulary={vocabulary} sources={sources.data} />
            ) : (
              <div className="page-note quiet">Reading…</div>
            )
          }
        </Loaded>
      )}
    </>
  );
}
