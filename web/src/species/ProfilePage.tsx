import { useMemo, useState } from 'react';
import { useParams } from 'react-router';
import Tooltip from 'antd/es/tooltip';
import type { Section, SpeciesProfile } from '@hurrow/contract';
import type { Character } from '@hurrow/core/characters';
import { showDay } from '@hurrow/core/conditions';
import type { Organ, WindowKind } from '@hurrow/core/conditions';
import { useRead } from '../api/index.ts';
import { ORGAN_LABELS } from '../app/conditionWords.ts';
import { useMayTeach } from '../app/session.ts';
import { useShortcuts } from '../app/shortcuts.ts';
import { useView } from '../app/view.ts';
import { useVocabulary } from '../app/vocabulary.ts';
import { AppLink, Latin, Loaded, PageHead } from '../parts/index.ts';
import { CharacterLine } from './CharacterLine.tsx';
import { Missing } from './Missing.tsx';
import { StatementEditor } from './StatementEditor.tsx';
import { useReadProfile } from './useProfile.ts';
import type { OrganLines, ReadProfile } from './useProfile.ts';
import './profile.css';

const WINDOW_WORDS: Readonly<Record<WindowKind, string>> = {
  leaf_out: 'leaves open',
  pollen: 'pollen',
  receptive: 'seed flowers open',
  ripening: 'ripens',
  hanging: 'hangs',
  autumn: 'autumn colour',
  leaf_fall: 'leaves fall',
};

function Rail({ organs, at, onGo }: { organs: readonly OrganLines[]; at: Organ; onGo: (o: Organ) => void }) {
  return (
    <nav className="organ-rail" aria-label="Organs">
      {organs.map((o) => {
        const seen = o.lines.filter((l) => l.seen.seen === 'yes' || l.seen.seen === 'partly').length;
        return (
          <button
            type="button"
            key={o.organ}
            className={o.organ === at ? 'organ at' : 'organ'}
            aria-current={o.organ === at ? 'true' : undefined}
            onClick={() => onGo(o.organ)}
          >
            <span>{ORGAN_LABELS[o.organ]}</span>
            <Tooltip title={`${seen} of ${o.lines.length} recorded characters can be seen now`}>
              <span className="number organ-count">
                {o.lines.length === 0 ? 'none' : `${seen} of ${o.lines.length}`}
              </span>
            </Tooltip>
          </button>
        );
      })}
    </nav>
  );
}

function Aside({ profile, read }: { profile: SpeciesProfile; read: ReadProfile }) {
  const other = profile.names.filter((n) => n.kind !== 'accepted' && n.text !== profile.header.common);
  return (
    <aside className="profile-aside">
      {profile.cautions.map((c) => (
        <div className="caution" role="note" key={c.text}>
          <b>Caution: {c.hazard}.</b> {c.text}
        </div>
      ))}
      {profile.prose.map((p) => (
        <p key={p.topic}>{p.text}</p>
      ))}
      {read.described.windows.length > 0 ? (
        <>
          <h3>Seasons here</h3>
          <table className="plain-table tight">
            <tbody>
              {[...read.described.windows]
                .sort((a, b) => a.start - b.start)
                .map((w) => (
                  <tr key={w.kind}>
                    <td>{WINDOW_WORDS[w.kind]}</td>
                    <td className="number">
                      {w.start === 1 && w.end === 365
                        ? 'all year'
                        : `${showDay(w.start)} – ${showDay(w.end)}`}
                    </td>
                  </tr>
                ))}
            </tbody>
          </table>
        </>
      ) : null}
      <h3>Other names</h3>
      {other.length === 0 ? (
        <p className="quiet">None recorded.</p>
      ) : (
        <ul className="plain-list">
          {other.map((n) => (
            <li key={`${n.kind}${n.text}`}>
              {n.kind === 'common' ? n.text : <Latin name={n.text} />}
              <span className="quiet"> {n.kind === 'common' ? '' : n.kind.replace('_', ' ')}</span>
            </li>
          ))}
        </ul>
      )}
      <h3>Range</h3>
      <p className="quiet">
        {profile.range.length === 0
          ? 'Not recorded.'
          : profile.range.map((r) => `${r.region} ${r.presence}`).join(', ')}
      </p>
    </aside>
  );
}

interface Editing {
  readonly character: Character;
}

function Profile({ profile }: { profile: SpeciesProfile }) {
  const { conditions, wording } = useView();
  const vocabulary = useVocabulary();
  const sections = useRead<readonly Section[]>('sections');
  const mayTeach = useMayTeach();
  const place = sections.data?.[0]?.site ?? null;
  const site = useMemo(
    () => (place ? { lat: place.lat, lon: place.lon, elevM: place.elevM } : null),
    [place],
  );
  const read = useReadProfile(profile, vocabulary, conditions, site);
  const [at, setAt] = useState<Organ>('form');
  const [editing, setEditing] = useState<Editing | null>(null);
  const goTo = (organ: Organ): void => {
    setAt(organ);
    document.getElementById(`organ-${organ}`)?.scrollIntoView({ block: 'start' });
  };
  const organs = read?.organs.filter((o) => o.lines.length + o.missing.length > 0) ?? [];
  const step = (by: number): void => {
    const i = organs.findIndex((o) => o.organ === at);
    const next = organs[Math.max(0, Math.min(organs.length - 1, i + by))];
    if (next) goTo(next.organ);
  };
  useShortcuts([
    { keys: 'n', does: 'Next organ', run: () => step(1) },
    { keys: 'p', does: 'Previous organ', run: () => step(-1) },
  ]);
  const above = profile.above.filter((t) => t.rank === 'family' || t.rank === 'group' || t.rank === 'genus');
  return (
    <>
      <PageHead
        name={profile.header.scientific}
        title={
          <>
            <Latin name={profile.header.scientific} />{' '}
            <span className="authority">{profile.header.authority ?? ''}</span>
          </>
        }
        about={
          <>
            {profile.header.common ?? 'no common name'} ·{' '}
            {above.map((t, i) => (
              <span key={t.id}>
                {i > 0 ? ' · ' : ''}
                {t.rank === 'genus' ? <Latin name={t.scientific} /> : t.scientific}
              </span>
            ))}
            {place ? ` · seasons shifted to ${place.name}` : ''}
          </>
        }
        actions={<AppLink to="/species">All species</AppLink>}
      />
      {read ? (
        <div className="profile">
          <Rail organs={organs} at={at} onGo={goTo} />
          <div className="profile-lines">
            {organs.map((o) => (
              <section
                key={o.organ}
                id={`organ-${o.organ}`}
                className="panel"
                aria-label={ORGAN_LABELS[o.organ]}
              >
                <h2>{ORGAN_LABELS[o.organ]}</h2>
                {o.lines.length === 0 ? <p className="quiet">Nothing recorded.</p> : null}
                {o.lines.map((l) => (
                  <CharacterLine
                    key={l.character.id}
                    line={l}
                    profile={profile}
                    wording={wording}
                    {...(mayTeach ? { onEdit: () => setEditing({ character: l.character }) } : {})}
                  />
                ))}
                {mayTeach ? (
                  <Missing
                    characters={o.missing}
                    wording={wording}
                    onRecord={(character) => setEditing({ character })}
                  />
                ) : null}
              </section>
            ))}
          </div>
          <Aside profile={profile} read={read} />
        </div>
      ) : (
        <div className="page-note quiet" role="status">
          Reading…
        </div>
      )}
      {editing && vocabulary ? (
        <StatementEditor
          key={editing.character.id}
          profile={profile}
          character={editing.character}
          wording={wording}
          onClose={() => setEditing(null)}
        />
      ) : null}
    </>
  );
}

/** A species, organ by organ, with what the present conditions hide. */
export function ProfilePage() {
  const { id = '' } = useParams();
  const profile = useRead<SpeciesProfile>('profile', { id });
  return <Loaded query={profile}>{(p) => <Profile profile={p} />}</Loaded>;
}
