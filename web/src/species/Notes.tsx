import { showLength } from '@hurrow/core/measuring';
import { championPoints } from '@hurrow/core/measuring';
import type { SpeciesProfile } from '@hurrow/contract';
import type { Vocabulary, Wording } from '@hurrow/core/characters';
import { stateWords } from '@hurrow/core/characters';
import type { NameUse } from '@hurrow/core/names';
import { AppLink, Latin, TaxonName } from '../parts/index.ts';
import { FORBIDDEN, HAZARD_LABELS, TOPIC_LABELS } from './topics.ts';

export function Cautions({ profile }: { profile: SpeciesProfile }) {
  return (
    <>
      {profile.cautions.map((c) => (
        <div className="caution" role="note" key={`${c.hazard}${c.from ?? ''}`}>
          <b>Caution: {HAZARD_LABELS[c.hazard] ?? c.hazard}.</b> {c.text}
          {c.forbids.length > 0 ? (
            <div className="quiet">
              Rules out {c.forbids.map((f) => FORBIDDEN[f] ?? f).join(', ')}
              {c.from ? ` (written for ${c.from})` : ''}.
            </div>
          ) : null}
        </div>
      ))}
    </>
  );
}

/** Prose in the order of the topics; what is disputed says so. */
export function Prose({ profile, topics }: { profile: SpeciesProfile; topics: readonly string[] }) {
  const shown = topics.flatMap((t) => profile.prose.filter((p) => p.topic === t));
  return (
    <>
      {shown.map((p) => (
        <div key={`${p.topic}${p.audience ?? ''}`} className="prose">
          <h3>
            {TOPIC_LABELS[p.topic] ?? p.topic}
            {p.audience && p.audience !== 'general' ? <span className="quiet"> · {p.audience}</span> : null}
            {p.disputed ? <span className="tag larch">disputed</span> : null}
          </h3>
          <p>{p.text}</p>
        </div>
      ))}
    </>
  );
}

/** What is said behind a name that is not simply another one. */
const USED: Readonly<Record<NameUse, string>> = {
  in_part: 'synonym in part',
  misused: 'wrongly used for it',
};

/** Names beside the accepted one: common, synonyms, older families, and with whom a common name is shared. */
export function Names({ profile }: { profile: SpeciesProfile }) {
  const said = profile.names.find((n) => n.kind === 'accepted')?.pronunciation;
  const of = (kind: string) => profile.names.filter((n) => n.kind === kind);
  return (
    <section aria-label="Names">
      <h3>Names</h3>
      {said ? <p>Said {said}</p> : null}
      <ul className="plain-list">
        {of('common').map((n) => {
          const shared = profile.shared.find((s) => s.text === n.text);
          return (
            <li key={n.text}>
              {n.text}
              {n.use ? <span className="quiet"> {USED[n.use]}</span> : null}
              {n.pronunciation ? <span className="quiet"> (said {n.pronunciation})</span> : null}
              {shared ? (
                <span className="quiet">
                  {' '}
                  shared with{' '}
                  {shared.with.map((t, i) => (
                    <span key={t.id}>
                      {i > 0 ? ', ' : ''}
                      <AppLink to={`/species/${t.id}`}>
                        <TaxonName taxon={t} common={false} />
                      </AppLink>
                    </span>
                  ))}
                </span>
              ) : null}
            </li>
          );
        })}
        {of('synonym').map((n) => (
          <li key={n.text}>
            <Latin name={n.text} /> <span className="quiet">{n.use ? USED[n.use] : 'synonym'}</span>
          </li>
        ))}
        {of('older_family').map((n) => (
          <li key={n.text}>
            {n.text} <span className="quiet">older family</span>
          </li>
        ))}
      </ul>
    </section>
  );
}

export function Roots({
  profile,
  vocabulary,
  wording,
}: {
  profile: SpeciesProfile;
  vocabulary: Vocabulary;
  wording: Wording;
}) {
  if (profile.roots.length === 0) return null;
  return (
    <section aria-label="Name roots">
      <h3>Name roots</h3>
      <ul className="plain-list">
        {profile.roots.map((r) => {
          const character = r.character === null ? undefined : vocabulary.get(r.character);
          return (
            <li key={`${r.name}${r.element}`}>
              <i className="latin">{r.element}</i> <span className="quiet">{r.language}</span>: {r.meaning}
              {character && r.state ? (
                <span className="quiet"> → {stateWords(character, r.state, wording.words)}</span>
              ) : null}
              {r.contested ? <span className="tag larch">contested</span> : null}
            </li>
          );
        })}
      </ul>
    </section>
  );
}

/** The record tree with its points, from girth, height and a quarter of the spread. */
export function RecordTreeNote({ profile, wording }: { profile: SpeciesProfile; wording: Wording }) {
  const { record } = profile;
  if (!record) return null;
  const len = (mm: number): string => showLength(mm, wording.units);
  return (
    <section aria-label="Record tree">
      <h3>Record tree</h3>
      <p>
        <b className="number">{championPoints(record)} points</b>
        {record.place ? `, ${record.place}` : ''}
        {record.year ? `, ${record.year}` : ''}
        <br />
        <span className="quiet number">
          girth {len(record.girth)}, height {len(record.height)}, spread {len(record.spread)}
        </span>
      </p>
    </section>
  );
}
