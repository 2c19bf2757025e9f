import { useState } from 'react';
import { useParams } from 'react-router';
import type { Office, SpeciesProfile, TreeRow, WeekPage, WeekPageBody } from '@hurrow/contract';
import { useRead, useWrite } from '../api/index.ts';
import { useHere, useMayTeach, useView, useVocabulary } from '../app/index.ts';
import { Loaded } from '../parts/index.ts';
import { PresencePatterns } from '../range/index.ts';
import { readProfile } from '../species/index.ts';
import { PrintBar } from './PrintBar.tsx';
import { WeekEditor } from './WeekEditor.tsx';
import { WeekPaper } from './WeekPaper.tsx';
import { isChanged } from './weekPage.ts';

function Page({
  profile,
  written,
  trees,
  office,
}: {
  profile: SpeciesProfile;
  written: WeekPage;
  trees: readonly TreeRow[];
  office: Office;
}) {
  const mayTeach = useMayTeach();
  const vocabulary = useVocabulary();
  const { conditions } = useView();
  const { place, ready } = useHere();
  const [said, setSaid] = useState<WeekPageBody>(written);
  const save = useWrite('weekPagePut');
  const own = vocabulary && ready ? readProfile(profile, vocabulary, conditions, place) : null;
  const here = trees.filter((t) => t.taxon.id === profile.header.id && !t.retired);
  return (
    <>
      {mayTeach ? (
        <WeekEditor
          said={said}
          onSay={setSaid}
          photos={profile.photos}
          trees={here}
          saved={!isChanged(said, written)}
          busy={save.isPending}
          error={save.error}
          onSave={() =>
            save.mutate({
              params: { id: profile.header.id },
              version: written.version,
              body: { text: said.text, photo: said.photo, tree: said.tree, place: said.place },
            })
          }
        />
      ) : null}
      {office.name === '' ? (
        <p className="no-print quiet">
          The office, its contact and a required statement are written once under People.
        </p>
      ) : null}
      <PresencePatterns />
      {own && vocabulary ? (
        <WeekPaper
          profile={profile}
          own={own.described}
          vocabulary={vocabulary}
          said={said}
          tree={here.find((t) => t.id === said.tree) ?? null}
          office={office}
        />
      ) : (
        <p role="status">Reading…</p>
      )}
    </>
  );
}

/** One species on one page for the public: words, a picture, the local range, where to see one and who says so. */
export function TreeOfWeek() {
  const { id = '' } = useParams();
  const profile = useRead('profile', { id });
  const written = useRead('weekPage', { id });
  const trees = useRead('trees');
  const workspace = useRead('workspace');
  return (
    <main className="sheet-of-print">
      <PrintBar
        title={profile.data ? `Tree of the week: ${profile.data.header.scientific}` : 'Tree of the week'}
        about="One page for the public."
        back={`/species/${id}`}
        backTo="the profile"
      />
      <Loaded query={profile}>
        {(p) => (
          <Loaded query={written}>
            {(w) => (
              <Loaded query={workspace}>
                {(ws) => (
                  <Page key={w.version} profile={p} written={w} trees={trees.data ?? []} office={ws.office} />
                )}
              </Loaded>
            )}
          </Loaded>
        )}
      </Loaded>
    </main>
  );
}
