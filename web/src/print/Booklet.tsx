import { useEffect, useMemo, useState } from 'react';
import { useParams, useSearchParams } from 'react-router';
import { useQueries } from '@tanstack/react-query';
import type { ListLibrary, SpeciesProfile } from '@hurrow/contract';
import type { Vocabulary } from '@hurrow/core/characters';
import { request, useRead } from '../api/index.ts';
import { useHere, useView, useVocabulary } from '../app/index.ts';
import { Loaded, TaxonName } from '../parts/index.ts';
import { readProfile, SeasonPatterns, viewList } from '../species/index.ts';
import type { ListView } from '../species/index.ts';
import { PresencePatterns } from '../range/index.ts';
import type { Audience } from './audience.ts';
import { PrintBar } from './PrintBar.tsx';
import { SpeciesSheet } from './SpeciesSheet.tsx';
import { useAudience } from './useAudience.tsx';

const profileOf = (id: string) => ({
  queryKey: ['profile', { id }],
  queryFn: ({ signal }: { signal: AbortSignal }) => request('profile', { params: { id }, signal }),
});

/** Draws one more of many with every frame, so that a long booklet can be watched and left. */
function useOneByOne(total: number): number {
  const [shown, setShown] = useState(1);
  useEffect(() => {
    if (shown >= total) return;
    const frame = requestAnimationFrame(() => setShown(shown + 1));
    return () => cancelAnimationFrame(frame);
  }, [shown, total]);
  return Math.min(shown, total);
}

/** What a reader should know before the pages: which plants to be careful with, and what a page shows. */
function BookletFront({ profiles }: { profiles: readonly SpeciesProfile[] }) {
  const careful = profiles.flatMap((p, i) => p.cautions.map((c) => ({ ...c, of: p.header, page: i + 1 })));
  return (
    <div className="booklet-notes">
      {careful.length > 0 ? (
        <section aria-label="Be careful with">
          <h2>Be careful with</h2>
          <ul>
            {careful.map((c, i) => (
              <li key={i}>
                <b>{c.of.common ?? c.of.scientific}</b> (page {c.page}): {c.text}
              </li>
            ))}
          </ul>
          <p>Follow local rules. Look first; do not taste, pick or climb unless whoever leads says so.</p>
        </section>
      ) : null}
      <section aria-label="How to read a page">
        <h2>How to read a page</h2>
        <ul>
          <li>Leaf, twig and fruit are drawn at one scale; the bar below them shows how large they are.</li>
          <li>A number in brackets is as large or as small as it gets, but seldom.</li>
          <li>Ink on the map shows where the tree grows wild; the ring is where we are.</li>
          <li>
            What to look at is listed as you would look: leaves first, then twigs, fruit, bark and shape.
          </li>
          <li>The bar of months shows when leaves, flowers and fruit can be seen.</li>
        </ul>
      </section>
    </div>
  );
}

/** The page of one species, read once: a booklet is drawn again with every page that is added to it. */
function Page({
  profile,
  vocabulary,
  list,
  audience,
  footer,
}: {
  profile: SpeciesProfile;
  vocabulary: Vocabulary;
  list: ListView | null;
  audience: Audience;
  footer: string;
}) {
  const { conditions, wording } = useView();
  const { place } = useHere();
  const own = useMemo(
    () =>
      list?.described.get(profile.header.id) ??
      readProfile(profile, vocabulary, conditions, place)?.described ??
      null,
    [profile, vocabulary, list, conditions, place],
  );
  return own ? (
    <SpeciesSheet
      profile={profile}
      own={own}
      list={list}
      vocabulary={vocabulary}
      conditions={conditions}
      audience={audience}
      units={wording.units}
      footer={footer}
      here={place}
    />
  ) : null;
}

function Sheets({
  members,
  library,
  title,
}: {
  members: readonly string[];
  library: ListLibrary | null;
  title: string;
}) {
  const { place, ready: isPlaced } = useHere();
  const vocabulary = useVocabulary();
  const [audience, choice] = useAudience();
  const profiles = useQueries({ queries: members.map(profileOf) });
  const list = useMemo(
    () => (library && vocabulary ? viewList(library, vocabulary, place) : null),
    [library, vocabulary, place],
  );
  const ready = profiles.flatMap((p) => (p.data ? [p.data] : []));
  // A page says what is so at the place, and would be written again, perhaps longer, once that is known.
  const isKnown = vocabulary !== undefined && isPlaced;
  const shown = useOneByOne(isKnown ? ready.length : 0);
  const failed = profiles.find((p) => p.error)?.error;
  if (failed) return <p role="alert">A profile could not be read. Open the page again.</p>;
  if (!isKnown) return <p role="status">Reading…</p>;
  return (
    <>
      {choice}
      {ready.length < members.length || shown < members.length ? (
        <p className="no-print" role="status">
          Drawing {Math.min(shown, ready.length)} of {members.length}…
        </p>
      ) : (
        <p className="no-print quiet" role="status">
          {members.length === 1 ? 'One page.' : `${members.length} pages and their contents.`}
        </p>
      )}
      <SeasonPatterns />
      <PresencePatterns />
      {members.length > 1 ? (
        <section aria-label="Contents" className="booklet-front">
          <h1>{title}</h1>
          <ol className="booklet-contents">
            {ready.map((p, i) => (
              <li key={p.header.id}>
                <TaxonName taxon={p.header} />
                <span className="key-dots" aria-hidden="true" />
                <span className="number">{i + 1}</span>
              </li>
            ))}
          </ol>
          <BookletFront profiles={ready} />
        </section>
      ) : null}
      {ready.slice(0, shown).map((profile, i) => (
        <Page
          key={profile.header.id}
          profile={profile}
          vocabulary={vocabulary}
          list={list}
          audience={audience}
          footer={members.length > 1 ? `${title}, page ${i + 1}` : title}
        />
      ))}
    </>
  );
}

/** A list as a booklet: its contents, then a page for each species. */
export function Booklet() {
  const { id = '' } = useParams();
  const library = useRead('listLibrary', { id });
  const lists = useRead('lists').data;
  const title = lists?.find((l) => l.id === id)?.name ?? 'A list';
  return (
    <main className="sheet-of-print">
      <PrintBar
        title={`Booklet: ${title}`}
        about="A page for each species."
        back={`/classes/lists/${id}`}
        backTo="the list"
      />
      <Loaded query={library}>
        {(l) => <Sheets members={l.members.map((m) => m.id)} library={l} title={title} />}
      </Loaded>
    </main>
  );
}

/** What the look-alikes of a single sheet were looked for among. */
const named = (list: string | undefined): string => (list ? `Look-alikes among ${list}` : '');

/** One species on one page, held against the list in the address or the first it stands on. */
export function SheetOfSpecies() {
  const { id = '' } = useParams();
  const [search] = useSearchParams();
  const profile = useRead('profile', { id });
  const list = search.get('list') ?? profile.data?.lists[0]?.id ?? '';
  const library = useRead('listLibrary', { id: list }, list !== '');
  const waits = list !== '' && library.data === undefined && !library.error;
  return (
    <main className="sheet-of-print">
      <PrintBar
        title={profile.data ? `Sheet: ${profile.data.header.scientific}` : 'Sheet'}
        about="On paper."
        back={`/species/${id}`}
        backTo="the profile"
      />
      <Loaded query={profile}>
        {(p) =>
          waits ? (
            <p role="status">Reading…</p>
          ) : (
            <Sheets
              members={[id]}
              library={library.data ?? null}
              title={named(p.lists.find((l) => l.id === list)?.name)}
            />
          )
        }
      </Loaded>
    </main>
  );
}
