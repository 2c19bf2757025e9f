import { useMemo, useState } from 'react';
import { useParams, useSearchParams } from 'react-router';
import Button from 'antd/es/button';
import type { SpeciesProfile } from '@hurrow/contract';
import type { Character, Vocabulary } from '@hurrow/core/characters';
import { useRead } from '../api/index.ts';
import {
  ORGAN_LABELS,
  useGo,
  useHere,
  useMayTeach,
  useShortcuts,
  useView,
  useVocabulary,
} from '../app/index.ts';
import type { Here } from '../app/index.ts';
import { AppLink, Latin, Loaded, PageHead } from '../parts/index.ts';
import { PlateView } from '../plates/index.ts';
import { Beside } from './Beside.tsx';
import { CharacterLine } from './CharacterLine.tsx';
import { Completeness } from './Completeness.tsx';
import { Lookalikes } from './Lookalikes.tsx';
import { Missing } from './Missing.tsx';
import { Cautions, Names, Prose, RecordTreeNote, Roots } from './Notes.tsx';
import { RangeWords } from './RangeWords.tsx';
import { OrganRail } from './OrganRail.tsx';
import { Photos } from './Photos.tsx';
import { Questions } from './Questions.tsx';
import { SeasonPart } from './SeasonPart.tsx';
import { SpeciesNav } from './SpeciesNav.tsx';
import { StatementEditor } from './StatementEditor.tsx';
import { UndoRedo } from './UndoRedo.tsx';
import { useUndo } from './useUndo.ts';
import { lookalikesOf } from './lookalikes.ts';
import { openQuestions } from './questions.ts';
import { useOrganSteps } from './useOrganSteps.ts';
import { useReadProfile } from './useProfile.ts';
import type { OrganLines, ReadProfile } from './useProfile.ts';
import { useProfileList } from './useProfileList.ts';
import './profile.css';

/** Look-alikes shown of a profile, declared and computed together. */
const CLOSE_ONES = 5;
const AT_THE_TOP = ['summary', 'how_to_tell', 'mnemonic'];
const BELOW = ['habitat', 'wildlife', 'wood', 'pests', 'status', 'why', 'history'];

const seenNow = (o: OrganLines): number => o.lines.filter((l) => l.seen.seen !== 'no').length;

function Head({ profile, here }: { profile: SpeciesProfile; here: Here }) {
  const go = useGo();
  const mayTeach = useMayTeach();
  const undoing = useUndo();
  const { id, scientific, authority, common } = profile.header;
  const above = profile.above.filter((t) => t.rank !== 'species');
  const genus = above.find((t) => t.rank === 'genus');
  return (
    <PageHead
      name={scientific}
      title={
        <>
          <Latin name={scientific} /> <span className="authority">{authority ?? ''}</span>
        </>
      }
      about={
        <>
          {common ?? 'no common name'}
          {above.map((t) => (
            <span key={t.id}>
              {' · '}
              <AppLink to={`/species/${t.id}`}>
                {t.rank === 'genus' ? <Latin name={t.scientific} /> : t.scientific}
              </AppLink>
            </span>
          ))}
          {' · '}
          {profile.status === 'checked'
            ? `checked${profile.checkedBy ? ` by ${profile.checkedBy}` : ''}${profile.checkedOn ? ` on ${profile.checkedOn}` : ''}`
            : 'draft'}
          {here.site ? ` · seasons at ${here.site.name}` : ''}
        </>
      }
      actions={
        <>
          <AppLink to={`/print/species/${id}`}>Print species sheet</AppLink>
          <AppLink to={`/print/species/${id}/week`}>Make page of the week</AppLink>
          {genus ? <AppLink to={`/species/${id}?beside=${genus.id}`}>Compare with genus</AppLink> : null}
          {mayTeach ? (
            <>
              <UndoRedo of={undoing} />
              <Button onClick={() => go(`/species/${id}/head`)}>Names and notes</Button>
              <Button type="primary" onClick={() => go(`/species/${id}/write`)}>
                Edit profile
              </Button>
            </>
          ) : null}
        </>
      }
    />
  );
}

function Read({
  profile,
  read,
  vocabulary,
  here,
}: {
  profile: SpeciesProfile;
  read: ReadProfile;
  vocabulary: Vocabulary;
  here: Here;
}) {
  const { conditions, wording } = useView();
  const [search] = useSearchParams();
  const mayTeach = useMayTeach();
  const list = useProfileList(profile, vocabulary, here.place);
  const words = useRead('glossary').data?.words;
  const [editing, setEditing] = useState<Character | null>(null);
  const organs = read.organs.filter((o) => o.lines.length + o.missing.length > 0);
  const { at, goTo } = useOrganSteps(organs.map((o) => o.organ));
  const unseen = useMemo(
    () =>
      new Set(
        read.organs.flatMap((o) => o.lines.filter((l) => l.seen.seen === 'no').map((l) => l.character.id)),
      ),
    [read],
  );
  const beside = search.get('beside');
  const alikes = useMemo(
    () => lookalikesOf(read.described, profile.pairs, list?.view ?? null, vocabulary, conditions, CLOSE_ONES),
    [read.described, profile.pairs, list, vocabulary, conditions],
  );
  const questions = useMemo(
    () => openQuestions(profile, read, vocabulary, words ?? [], list?.view ?? null),
    [profile, read, vocabulary, words, list],
  );
  return (
    <div className="profile">
      <OrganRail
        at={at}
        onGo={goTo}
        stops={organs.map((o) => ({
          organ: o.organ,
          count: o.lines.length === 0 ? 'none' : `${seenNow(o)} of ${o.lines.length}`,
          said: `${seenNow(o)} of ${o.lines.length} recorded characters can be seen now`,
        }))}
      />
      <div className="profile-lines">
        {beside ? (
          <Beside
            key={beside}
            own={read.described}
            header={profile.header}
            otherId={beside}
            vocabulary={vocabulary}
            wording={wording}
            conditions={conditions}
            place={here.place}
          />
        ) : null}
        <PlateView
          profile={read.described.profile}
          vocabulary={vocabulary}
          wording={wording}
          name={profile.header.scientific}
          hidden={(c) => unseen.has(c)}
          {...(mayTeach ? { onOpen: (c: string) => setEditing(vocabulary.get(c) ?? null) } : {})}
        />
        {profile.prose.some((p) => AT_THE_TOP.includes(p.topic)) ? (
          <section className="panel" aria-label="How to tell it">
            <Prose profile={profile} topics={AT_THE_TOP} />
          </section>
        ) : null}
        {organs.map((o) => (
          <section key={o.organ} id={`organ-${o.organ}`} className="panel" aria-label={ORGAN_LABELS[o.organ]}>
            <h2>{ORGAN_LABELS[o.organ]}</h2>
            {o.lines.length === 0 ? <p className="quiet">Nothing recorded.</p> : null}
            {o.lines.map((l) => (
              <CharacterLine
                key={l.character.id}
                line={l}
                profile={profile}
                wording={wording}
                {...(mayTeach ? { onEdit: () => setEditing(l.character) } : {})}
              />
            ))}
            {mayTeach ? <Missing characters={o.missing} wording={wording} onRecord={setEditing} /> : null}
          </section>
        ))}
        <Lookalikes
          profile={profile}
          alikes={alikes}
          vocabulary={vocabulary}
          wording={wording}
          mayEdit={mayTeach}
        />
        <SeasonPart profile={profile} read={read} here={here} date={conditions.date} mayEdit={mayTeach} />
        {profile.prose.some((p) => BELOW.includes(p.topic)) ? (
          <section className="panel" aria-label="Notes">
            <Prose profile={profile} topics={BELOW} />
          </section>
        ) : null}
        <Photos profile={profile} mayEdit={mayTeach} />
      </div>
      <aside className="profile-aside" aria-label="Beside the characters">
        <Cautions profile={profile} />
        <Questions
          taxon={profile.header.id}
          questions={questions}
          mayEdit={mayTeach}
          onOpen={(c) => setEditing(vocabulary.get(c) ?? null)}
        />
        {list ? <Completeness taxon={read.described} list={list} vocabulary={vocabulary} /> : null}
        <Names profile={profile} />
        <Roots profile={profile} vocabulary={vocabulary} wording={wording} />
        <RecordTreeNote profile={profile} wording={wording} />
        <h3>Range</h3>
        <RangeWords range={profile.range} />
        <p>
          <AppLink to={`/species/range?of=${profile.header.id}`}>Map and records</AppLink>
        </p>
      </aside>
      {editing ? (
        <StatementEditor
          key={editing.id}
          profile={profile}
          character={editing}
          wording={wording}
          onClose={() => setEditing(null)}
        />
      ) : null}
    </div>
  );
}

function Profile({ profile }: { profile: SpeciesProfile }) {
  const { conditions } = useView();
  const vocabulary = useVocabulary();
  const here = useHere();
  const go = useGo();
  const mayTeach = useMayTeach();
  const read = useReadProfile(profile, vocabulary, conditions, here.place);
  useShortcuts(
    mayTeach
      ? [{ keys: 'e', does: 'Write this profile', run: () => go(`/species/${profile.header.id}/write`) }]
      : [],
  );
  return (
    <>
      <SpeciesNav />
      <Head profile={profile} here={here} />
      {read && vocabulary && here.ready ? (
        <Read profile={profile} read={read} vocabulary={vocabulary} here={here} />
      ) : (
        <div className="page-note quiet" role="status">
          Reading…
        </div>
      )}
    </>
  );
}

/** A species, or anything above one, organ by organ, with what the present conditions hide and why. */
export function ProfilePage() {
  const { id = '' } = useParams();
  const profile = useRead('profile', { id });
  return <Loaded query={profile}>{(p) => <Profile key={p.header.id} profile={p} />}</Loaded>;
}
