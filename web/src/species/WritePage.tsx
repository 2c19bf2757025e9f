import { useMemo, useState } from 'react';
import { useParams } from 'react-router';
import Button from 'antd/es/button';
import Segmented from 'antd/es/segmented';
import type { SpeciesProfile } from '@hurrow/contract';
import { applies, valueWords } from '@hurrow/core/characters';
import type { Character, Resolved, Vocabulary, Wording } from '@hurrow/core/characters';
import { ORGANS } from '@hurrow/core/conditions';
import type { Organ } from '@hurrow/core/conditions';
import { useRead } from '../api/index.ts';
import { ORGAN_LABELS, useGo, useHere, useView, useVocabulary } from '../app/index.ts';
import { Latin, Loaded, PageHead } from '../parts/index.ts';
import { DrawnNow } from '../plates/index.ts';
import { ownStatement } from './ownStatement.ts';
import { OrganRail } from './OrganRail.tsx';
import { SourcePicker } from './SourcePicker.tsx';
import { SpeciesNav } from './SpeciesNav.tsx';
import { WriteLine } from './WriteLine.tsx';
import { useSource } from './useSource.ts';
import { useOrganSteps } from './useOrganSteps.ts';
import { useReadProfile } from './useProfile.ts';
import type { ReadProfile } from './useProfile.ts';
import { useProfileList } from './useProfileList.ts';
import './profile.css';
import { UndoRedo } from './UndoRedo.tsx';
import { useUndo } from './useUndo.ts';
import './write.css';

/** What stands behind a line: the value in use and where it comes from. */
function inUseWords(
  character: Character,
  resolved: Resolved | undefined,
  profile: SpeciesProfile,
  source: string,
  wording: Wording,
): string {
  if (!resolved) return 'not recorded';
  const words = valueWords(character, resolved.value, wording);
  if (resolved.origin === profile.header.id) {
    const others = resolved.statements.filter((s) => s.source !== source);
    if (others.length === 0) return '';
    const [first] = others.map((s) => profile.sources.find((x) => x.id === s.source)?.citation ?? '');
    return resolved.statements.length > 1
      ? `in use: ${words} (${resolved.statements.length} sources)`
      : `${words}, by ${first ?? 'another source'}`;
  }
  const from = profile.above.find((t) => t.id === resolved.origin)?.scientific ?? 'above';
  return `${words}, from ${from}`;
}

function Lines({
  profile,
  read,
  vocabulary,
  wording,
}: {
  profile: SpeciesProfile;
  read: ReadProfile;
  vocabulary: Vocabulary;
  wording: Wording;
}) {
  const here = useHere();
  const list = useProfileList(profile, vocabulary, here.place);
  const [which, setWhich] = useState<'needed' | 'all'>('needed');
  const { source, choose } = useSource(profile.sources, profile);
  const undoing = useUndo();
  const expected = list?.view.expected ?? null;
  const organs = useMemo(() => {
    const own = new Set(
      profile.statements.filter((s) => s.taxon === profile.header.id).map((s) => s.character),
    );
    const wanted = (c: Character): boolean =>
      which === 'all' || own.has(c.id) || expected === null || expected.has(c.id);
    return ORGANS.map((organ) => ({
      organ,
      characters: [...vocabulary.values()].filter(
        (c) =>
          c.organ === organ &&
          !c.retired &&
          wanted(c) &&
          applies(c, read.described.profile, vocabulary) !== 'no',
      ),
    })).filter((o) => o.characters.length > 0);
  }, [profile, read, vocabulary, which, expected]);
  const { at, goTo } = useOrganSteps(organs.map((o) => o.organ));
  const [typed, setTyped] = useState<ReadonlyMap<string, string>>(new Map());
  const [organ, setOrgan] = useState<Organ>('form');
  const onTyped = (character: string, cell: string | null): void =>
    setTyped((before) => {
      const next = new Map(before);
      if (cell === null) next.delete(character);
      else next.set(character, cell);
      return next;
    });
  const recorded = (characters: readonly Character[]): number =>
    characters.filter((c) => read.described.profile.has(c.id)).length;
  return (
    <>
      <div className="tools">
        <SourcePicker sources={profile.sources} source={source} onChoose={choose} />
        <Segmented
          value={which}
          onChange={(v) => setWhich(v as 'needed' | 'all')}
          options={[
            { value: 'needed', label: 'What the list needs' },
            { value: 'all', label: 'Every character' },
          ]}
        />
        <UndoRedo of={undoing} />
        <span className="spring" />
        <span className="quiet">
          Type and press <kbd>Enter</kbd> to pick a state · <kbd>?</kbd> sometimes (again: rare) ·{' '}
          <kbd>!</kbd> never · <kbd>~</kbd> mistaken for · <kbd>-</kbd> does not apply · <kbd>↑</kbd>{' '}
          <kbd>↓</kbd> between lines · <kbd>Esc</kbd> cancel
        </span>
      </div>
      <div className="profile writing">
        <OrganRail
          at={at}
          onGo={(o) => {
            goTo(o);
            document
              .querySelector<HTMLInputElement>(`#organ-${o} [data-write]`)
              ?.focus({ preventScroll: true });
          }}
          stops={organs.map((o) => ({
            organ: o.organ,
            count: `${recorded(o.characters)} of ${o.characters.length}`,
            said: `${recorded(o.characters)} of ${o.characters.length} recorded or inherited`,
          }))}
        />
        <div
          className="profile-lines"
          onFocus={(e) => {
            const id = e.target.getAttribute('data-write');
            const found = id === null ? undefined : vocabulary.get(id)?.organ;
            if (found) setOrgan(found);
          }}
        >
          {source === '' ? (
            <p className="caution">Add a source first: every statement says where it comes from.</p>
          ) : (
            organs.map((o) => (
              <section
                key={o.organ}
                id={`organ-${o.organ}`}
                className="panel"
                aria-label={ORGAN_LABELS[o.organ]}
              >
                <h2>{ORGAN_LABELS[o.organ]}</h2>
                {o.characters.map((c) => (
                  <WriteLine
                    key={`${c.id}/${source}`}
                    place={{ taxon: profile.header.id, source, character: c.id }}
                    character={c}
                    own={ownStatement(profile, profile.header.id, c.id, source)}
                    inUse={inUseWords(c, read.described.profile.get(c.id), profile, source, wording)}
                    wording={wording}
                    onUndo={undoing.undo}
                    onTyped={onTyped}
                  />
                ))}
              </section>
            ))
          )}
        </div>
        <DrawnNow
          profile={read.described.profile}
          typed={typed}
          organ={organ}
          vocabulary={vocabulary}
          name={profile.header.scientific}
        />
      </div>
    </>
  );
}

function Write({ profile }: { profile: SpeciesProfile }) {
  const { conditions, wording } = useView();
  const vocabulary = useVocabulary();
  const here = useHere();
  const go = useGo();
  const read = useReadProfile(profile, vocabulary, conditions, here.place);
  return (
    <>
      <SpeciesNav />
      <PageHead
        name={`Write ${profile.header.scientific}`}
        title={
          <>
            Write <Latin name={profile.header.scientific} />
          </>
        }
        about={profile.header.common ?? 'no common name'}
        actions={
          <>
            <Button onClick={() => go(`/species/${profile.header.id}/head`)}>Names and notes</Button>
            <Button type="primary" onClick={() => go(`/species/${profile.header.id}`)}>
              View profile
            </Button>
          </>
        }
      />
      {read && vocabulary && here.ready ? (
        <Lines profile={profile} read={read} vocabulary={vocabulary} wording={wording} />
      ) : (
        <div className="page-note quiet" role="status">
          Reading…
        </div>
      )}
    </>
  );
}

/** The editor of a profile: organ by organ, from the keyboard alone. */
export function WritePage() {
  const { id = '' } = useParams();
  const profile = useRead('profile', { id });
  return <Loaded query={profile}>{(p) => <Write key={p.header.id} profile={p} />}</Loaded>;
}
