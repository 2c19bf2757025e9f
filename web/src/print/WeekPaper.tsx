import type { Office, SpeciesProfile, TreeRow, WeekPageBody } from '@hurrow/contract';
import { address } from '@hurrow/contract';
import type { Vocabulary } from '@hurrow/core/characters';
import { dayOfYear, showDay } from '@hurrow/core/conditions';
import type { DescribedTaxon } from '@hurrow/core/tells';
import { useHere, useSession, useView } from '../app/index.ts';
import { Latin } from '../parts/index.ts';
import { PaperFacts } from './PaperFacts.tsx';
import { Plate } from './SpeciesPlate.tsx';
import { seenOn } from './sheetContent.ts';
import { factsOf } from './sheetFacts.ts';
import { asWritten, pictureOf, whereWords } from './weekPage.ts';
import './weekPage.css';

/** Letters from which words take the room of a large drawing. */
const LONG = 900;

/** The page itself: words, a picture, the local range, where to see one, and who gives it out. */
export function WeekPaper({
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
  const now = {
    label: 'Now',
    value: `${showDay(dayOfYear(conditions.date))}: ${seenOn(own, conditions.date)}`,
  };
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
      <PaperFacts profile={profile} facts={[...facts, now]} here={place} />
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
