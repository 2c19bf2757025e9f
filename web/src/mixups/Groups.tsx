import { useState } from 'react';
import Segmented from 'antd/es/segmented';
import type { CharacterLevelRow, LevelRow, MixUpGroups } from '@hurrow/contract';
import { characterWords } from '@hurrow/core/characters';
import { useView, useVocabulary } from '../app/index.ts';
import { useRead } from '../api/index.ts';
import { DataTable, Loaded, TaxonName } from '../parts/index.ts';
import { plain } from './boardWords.ts';

type Level = keyof MixUpGroups['levels'] | 'character';
const LEVELS: readonly { readonly value: Level; readonly label: string }[] = [
  { value: 'genus', label: 'Genus' },
  { value: 'family', label: 'Family' },
  { value: 'group', label: 'Named group' },
  { value: 'character', label: 'One character' },
];

const answersOf = (r: Pick<LevelRow, 'answers'>): string =>
  r.answers.map((a) => `${plain(a.taxon)} ${a.students}`).join(', ');

/** Mix-ups between groups, and beside them what has no favorite wrong answer and what is written in doubt. */
export function Groups({ section, query }: { section: string; query: Readonly<Record<string, string>> }) {
  const groups = useRead('mixUpGroups', { id: section }, true, query);
  return <Loaded query={groups}>{(data) => <Levels data={data} />}</Loaded>;
}

function Levels({ data }: { data: MixUpGroups }) {
  const [level, setLevel] = useState<Level>('genus');
  return (
    <div className="stack">
      <Segmented<Level> aria-label="Level" value={level} onChange={setLevel} options={[...LEVELS]} />
      {level === 'character' ? (
        <ByCharacter rows={data.byCharacter} />
      ) : (
        <ByGroup level={level} data={data} />
      )}
      <NoFavorite data={data} />
    </div>
  );
}

function ByGroup({ level, data }: { level: keyof MixUpGroups['levels']; data: MixUpGroups }) {
  return (
    <DataTable<LevelRow>
      label="Groups"
      file={`mix-ups by ${level}`}
      rows={data.levels[level]}
      rowKey={(r) => `${r.truth.id}/${r.answer.id}`}
      plain={(r) => ({
        wrote: r.answer.scientific,
        tree: r.truth.scientific,
        students: r.students,
        of: r.of,
        species: answersOf(r),
      })}
      empty={<p className="quiet">Nobody wrote a species of another group at this level.</p>}
      columns={[
        { title: 'Students wrote', render: (_, r) => <TaxonName taxon={r.answer} /> },
        { title: 'The tree was', render: (_, r) => <TaxonName taxon={r.truth} /> },
        {
          title: 'Students',
          width: 110,
          className: 'number',
          defaultSortOrder: 'descend',
          sorter: (a, b) => a.students - b.students,
          render: (_, r) => `${r.students} of ${r.of}`,
        },
        { title: 'What they wrote', render: (_, r) => <span className="quiet">{answersOf(r)}</span> },
      ]}
    />
  );
}

/** One state taken for another, over several pairs of species. */
function ByCharacter({ rows }: { rows: readonly CharacterLevelRow[] }) {
  const vocabulary = useVocabulary();
  const { wording } = useView();
  const words = (r: CharacterLevelRow): { character: string; truth: string; answer: string } => {
    const c = vocabulary?.get(r.character);
    const state = (id: string): string => {
      const s = c?.states.find((x) => x.id === id);
      return (wording.words === 'plain' ? s?.plain : s?.term) ?? id;
    };
    return {
      character: c ? characterWords(c, wording.words) : r.character,
      truth: state(r.truth),
      answer: state(r.answer),
    };
  };
  return (
    <DataTable<CharacterLevelRow>
      label="By one character"
      file="mix-ups by character"
      rows={rows}
      rowKey={(r) => `${r.character}/${r.truth}/${r.answer}`}
      plain={(r) => ({ ...words(r), students: r.students, of: r.of, species: answersOf(r) })}
      empty={<p className="quiet">No two pairs share a character that was taken for another state.</p>}
      columns={[
        { title: 'Character', width: 200, render: (_, r) => words(r).character },
        { title: 'The tree had', width: 150, render: (_, r) => words(r).truth },
        { title: 'What they wrote has', width: 160, render: (_, r) => words(r).answer },
        {
          title: 'Students',
          width: 110,
          className: 'number',
          defaultSortOrder: 'descend',
          sorter: (a, b) => a.students - b.students,
          render: (_, r) => `${r.students} of ${r.of}`,
        },
        { title: 'What they wrote', render: (_, r) => <span className="quiet">{answersOf(r)}</span> },
      ]}
    />
  );
}

function NoFavorite({ data }: { data: MixUpGroups }) {
  return (
    <section className="panel" aria-label="No favorite, in doubt">
      <h2>Often missed without a favorite wrong answer</h2>
      {data.missed.length === 0 ? <p className="quiet">No species.</p> : null}
      <ul className="plain-list">
        {data.missed.map((m) => (
          <li key={m.truth.id}>
            <TaxonName taxon={m.truth} />: {m.missed} of {m.of} answers missed it
          </li>
        ))}
      </ul>
      <h2>Written when in doubt</h2>
      {data.inDoubt.length === 0 ? (
        <p className="quiet">No name was written for three species or more.</p>
      ) : null}
      <ul className="plain-list">
        {data.inDoubt.map((d) => (
          <li key={d.answer.id}>
            <TaxonName taxon={d.answer} />: written {d.wrong} times for {d.truths} other species
          </li>
        ))}
      </ul>
    </section>
  );
}
