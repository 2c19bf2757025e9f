import { useCallback } from 'react';
import type { TaxonHeader } from '@hurrow/contract';
import { characterWords } from '@hurrow/core/characters';
import { MOST_COUNTED } from '@hurrow/core/compare';
import type { Diagnosis } from '@hurrow/core/compare';
import { AppLink, DataTable, Nothing, TaxonName, WorkNote } from '../parts/index.ts';
import type { Diagnoses, Start } from '../workers/index.ts';
import { useLibraryWork } from '../workers/index.ts';
import { groundOf } from './groundOf.ts';
import { MemberNames } from './MemberNames.tsx';
import type { Compared } from './useCompared.ts';

interface Row {
  readonly taxon: TaxonHeader;
  readonly clean: Diagnosis;
  readonly usual: Diagnosis;
}

/** The smallest sets that part each species from all others, the easiest shown and ten to be opened. */
export function DiagnosticTable({ compared }: { compared: Compared }) {
  const start = useCallback<Start<Diagnoses>>(
    (work, onProgress) => work.diagnoses(groundOf(compared), onProgress),
    [compared],
  );
  const work = useLibraryWork<Diagnoses>(start);
  return (
    <>
      <WorkNote what="Looking for the smallest sets" work={work} />
      {work.result?.clean.length === compared.members.length ? (
        <Sets compared={compared} found={work.result} />
      ) : null}
    </>
  );
}

function Sets({ compared, found }: { compared: Compared; found: Diagnoses }) {
  const { vocabulary, wording, members } = compared;
  const words = (id: string): string => {
    const c = vocabulary.get(id);
    return c ? characterWords(c, wording.words) : id;
  };
  const set = (d: Diagnosis): string => (d.easiest[0]?.characters ?? []).map(words).join(' + ');
  const many = (d: Diagnosis): string =>
    d.count >= MOST_COUNTED ? `${MOST_COUNTED} or more` : String(d.count);
  const names = (all: readonly number[]): string => all.map((i) => members[i]?.scientific ?? '').join(', ');
  const cell = (d: Diagnosis) =>
    d.size === null ? (
      <span className="wrong-words">
        none: <MemberNames compared={compared} all={d.leaves} /> {d.leaves.length === 1 ? 'stays' : 'stay'}
        {d.nearest ? (
          <span className="quiet"> · best {d.nearest.characters.map(words).join(' + ')}</span>
        ) : null}
      </span>
    ) : (
      <span title={d.easiest.map((e) => e.characters.map(words).join(' + ')).join('\n')}>
        {set(d)}{' '}
        <span className="quiet number">
          ({many(d)} of {d.size})
        </span>
      </span>
    );
  const plain = (d: Diagnosis): string => (d.size === null ? `none: ${names(d.leaves)}` : set(d));
  return (
    <DataTable<Row>
      label="Smallest sets"
      file="diagnostic-sets"
      rows={members.flatMap((taxon, i) => {
        const [clean, usual] = [found.clean[i], found.usual[i]];
        return clean && usual ? [{ taxon, clean, usual }] : [];
      })}
      rowKey={(r) => r.taxon.id}
      plain={(r) => ({
        species: r.taxon.scientific,
        clean_size: r.clean.size,
        clean_sets: r.clean.count,
        clean: plain(r.clean),
        usual_size: r.usual.size,
        usual: plain(r.usual),
      })}
      empty={<Nothing title="The list is empty">Add species to it under Classes.</Nothing>}
      expanded={(r) => (
        <div className="two-columns">
          {[r.clean, r.usual].map((d, i) => (
            <ol key={i} aria-label={i === 0 ? 'The easiest, cleanly' : 'The easiest that mostly hold'}>
              {d.easiest.map((e) => (
                <li key={e.characters.join()}>{e.characters.map(words).join(' + ')}</li>
              ))}
            </ol>
          ))}
        </div>
      )}
      tools={
        <span className="quiet">
          The fewest characters that part a species from all others; the easiest is shown.
        </span>
      }
      columns={[
        {
          title: 'Species',
          width: 220,
          sorter: (a, b) => a.taxon.scientific.localeCompare(b.taxon.scientific, 'en'),
          render: (_, r) => (
            <AppLink to={`/species/${r.taxon.id}`}>
              <TaxonName taxon={r.taxon} common={false} />
            </AppLink>
          ),
        },
        {
          title: 'Cleanly',
          sorter: (a, b) => (a.clean.size ?? 99) - (b.clean.size ?? 99),
          render: (_, r) => cell(r.clean),
        },
        {
          title: 'Using usual characters',
          sorter: (a, b) => (a.usual.size ?? 99) - (b.usual.size ?? 99),
          render: (_, r) => cell(r.usual),
        },
      ]}
    />
  );
}
