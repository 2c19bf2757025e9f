import { useState } from 'react';
import Button from 'antd/es/button';
import Input from 'antd/es/input';
import { useParams } from 'react-router';
import type { Office, Photo, SpeciesProfile, TreeRow, WeekPage, WeekPageBody } from '@hurrow/contract';
import { address } from '@hurrow/contract';
import { dayOfYear, showDay } from '@hurrow/core/conditions';
import type { DescribedTaxon } from '@hurrow/core/tells';
import type { Vocabulary } from '@hurrow/core/characters';
import { useRead, useWrite } from '../api/index.ts';
import { useHere, useMayTeach, useSession, useView, useVocabulary } from '../app/index.ts';
import { Choose, Latin, Loaded, ProblemNote } from '../parts/index.ts';
import { PresencePatterns, RangeThumb } from '../range/index.ts';
import { RangeWords, readProfile } from '../species/index.ts';
import { PrintBar } from './PrintBar.tsx';
import { Plate } from './SpeciesPlate.tsx';
import { factsOf, seenOn } from './sheetContent.ts';
import { asWritten, isChanged, pictureOf, whereWords } from './weekPage.ts';
import './weekPage.css';

const NONE = '';
/** States that are named beside the map; more than these it shows better. */
const NAMED = 9;
/** Letters from which words take the room of a large drawing. */
const LONG = 900;

/** What is written and chosen, above the page and on the screen alone. */
function Editor({
  said,
  onSay,
  photos,
  trees,
  saved,
  onSave,
  busy,
  error,
}: {
  said: WeekPageBody;
  onSay: (said: WeekPageBody) => void;
  photos: readonly Photo[];
  trees: readonly TreeRow[];
  saved: boolean;
  onSave: () => void;
  busy: boolean;
  error: unknown;
}) {
  return (
    <section className="no-print week-editor" aria-label="Write the page">
      <label className="field grow">
        Your words
        <Input.TextArea
          autoSize={{ minRows: 4, maxRows: 12 }}
          maxLength={3000}
          placeholder="What you would say standing under it."
          value={said.text}
          onChange={(e) => onSay({ ...said, text: e.target.value })}
        />
      </label>
      <div className="field-row">
        <div className="field">
          <span aria-hidden="true">Picture</span>
          <Choose
            label="Picture"
            value={said.photo ?? NONE}
            options={[
              { value: NONE, label: 'the drawing' },
              ...photos.map((p, i) => ({
                value: p.id,
                label: `photograph ${i + 1}${p.credit ? `, ${p.credit}` : ''}`,
              })),
            ]}
            onChange={(v) => onSay({ ...said, photo: v === NONE ? null : v })}
          />
        </div>
        <div className="field">
          <span aria-hidden="true">Tree to send readers to</span>
          <Choose
            label="Tree to send readers to"
            value={said.tree ?? NONE}
            options={[
              { value: NONE, label: 'no tagged tree' },
              ...trees.map((t) => ({ value: t.id, label: `tree ${t.tag}, ${t.site.name}` })),
            ]}
            onChange={(v) => onSay({ ...said, tree: v === NONE ? null : v })}
          />
        </div>
        <div className="field grow">
          <span aria-hidden="true">How to find it</span>
          <Input
            aria-label="How to find it"
            placeholder="Or where else one stands"
            maxLength={400}
            value={said.place}
            onChange={(e) => onSay({ ...said, place: e.target.value })}
          />
        </div>
        <Button type="primary" disabled={saved} loading={busy} onClick={onSave}>
          Save the page
        </Button>
      </div>
      <ProblemNote error={error} />
    </section>
  );
}

function Paper({
  profile,
  own,
  vocabulary,
  said,
  tree,
  office,
}: {
  profile: SpeciesProfile;
  own: DescribedTaxon;
  vocabulary: Vocabulary;
  said: WeekPageBody;
  tree: TreeRow | null;
  office: Office;
}) {
  const { conditions, wording } = useView();
  const { workspace } = useSession();
  const { header } = profile;
  const { place } = useHere();
  const picture = pictureOf(profile.photos, said.photo);
  const facts = factsOf(own, vocabulary, 'general', wording.units);
  return (
    <article className="week-page">
      <header>
        <p>Tree of the week</p>
        <h1>{header.common ?? header.scientific}</h1>
        <p>
          <Latin name={header.scientific} />
        </p>
      </header>
      {profile.cautions.map((c) => (
        <p key={`${c.hazard}${c.from ?? ''}`} className="week-caution">
          <b>Caution.</b> {c.text}
        </p>
      ))}
      <div className="week-body">
        <figure>
          {picture ? (
            <>
              <img
                src={address('photo', { id: picture.id })}
                alt={`${header.common ?? header.scientific}, photograph`}
              />
              {picture.credit ? <figcaption>Photograph: {picture.credit}</figcaption> : null}
            </>
          ) : (
            <Plate
              own={own}
              name={header.scientific}
              vocabulary={vocabulary}
              units={wording.units}
              share={said.text.length > LONG ? 0.52 : 0.76}
            />
          )}
        </figure>
        <div className="week-words">
          {asWritten(said.text).map((p, i) => (
            <p key={i}>{p}</p>
          ))}
        </div>
      </div>
      <section className="week-facts" aria-label="Where it grows and how large it is">
        <div className="week-map">
          <RangeThumb range={profile.range} name={header.scientific} here={place} />
        </div>
        <div>
          <dl>
            {facts.map((f) => (
              <div key={f.label}>
                <dt>{f.label}</dt>
                <dd>{f.value}</dd>
              </div>
            ))}
            <div>
              <dt>Now</dt>
              <dd>
                {showDay(dayOfYear(conditions.date))}: {seenOn(own, conditions.date)}
              </dd>
            </div>
          </dl>
          <RangeWords range={profile.range} most={NAMED} />
        </div>
      </section>
      {whereWords(said, tree) ? (
        <section aria-label="Where to see one" className="week-where">
          <h2>Where to see one</h2>
          <p>{whereWords(said, tree)} Look without touching, and keep to paths and local rules.</p>
        </section>
      ) : null}
      <footer>
        <p>
          <b>{office.name || workspace}</b>
          {office.contact ? ` · ${office.contact}` : ''}
        </p>
        {office.statement ? <p>{office.statement}</p> : null}
      </footer>
    </article>
  );
}

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
  const { place } = useHere();
  const [said, setSaid] = useState<WeekPageBody>(written);
  const save = useWrite('weekPagePut');
  const own = vocabulary ? readProfile(profile, vocabulary, conditions, place) : null;
  const here = trees.filter((t) => t.taxon.id === profile.header.id && !t.retired);
  return (
    <>
      {mayTeach ? (
        <Editor
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
        <Paper
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
