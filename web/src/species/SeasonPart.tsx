import { useState } from 'react';
import Button from 'antd/es/button';
import Popconfirm from 'antd/es/popconfirm';
import type { SpeciesProfile } from '@hurrow/contract';
import { dayOfYear, showDay } from '@hurrow/core/conditions';
import { useRead, useWrite } from '../api/index.ts';
import type { Here } from '../app/index.ts';
import { Latin } from '../parts/index.ts';
import { MonthScale, SeasonBand, SeasonKey, SeasonPatterns } from './SeasonBand.tsx';
import { SeasonEditor } from './SeasonEditor.tsx';
import { SightingForm } from './SightingForm.tsx';
import { WINDOW_WORDS, windowWords } from './seasonWords.ts';
import type { ReadProfile } from './useProfile.ts';

/** Where a window comes from and how it came to stand where it stands here. */
function Whence({
  window,
  profile,
}: {
  window: ReadProfile['described']['windows'][number];
  profile: SpeciesProfile;
}) {
  const from = window.origin === profile.header.id ? null : profile.above.find((t) => t.id === window.origin);
  const days = Math.round(window.shift);
  return (
    <span className="quiet">
      {from ? (
        <>
          from {from.rank === 'genus' ? <Latin name={from.scientific} /> : from.scientific}
          {'; '}
        </>
      ) : null}
      {days === 0 ? 'as recorded' : `spring ${Math.abs(days)} days ${days > 0 ? 'later' : 'earlier'} here`}
      {window.guess === 'days' ? ', so far that it is a guess' : ''}
      {window.guess === 'distance' ? '; recorded so far away that it is a guess' : ''}
      {window.seen === 'none' ? '' : '; moved by what was seen here'}
    </span>
  );
}

/** The seasons of a species at the class's site: band, table, what each was shifted by, what was seen. */
export function SeasonPart({
  profile,
  read,
  here,
  date,
  mayEdit,
}: {
  profile: SpeciesProfile;
  read: ReadProfile;
  here: Here;
  date: string;
  mayEdit: boolean;
}) {
  const [adding, setAdding] = useState<'window' | 'sighting' | null>(null);
  const remove = useWrite('seasonRemove');
  const forget = useWrite('sightingRemove');
  const sightings = useRead('sightings').data ?? [];
  const { windows, subject } = read.described;
  const own = sightings.filter((s) => s.taxon === profile.header.id && s.site === here.site?.id);
  return (
    <section className="panel" aria-label="Season" id="part-season">
      <div className="panel-head">
        <h2>Season{here.site ? ` at ${here.site.name}` : ''}</h2>
        {mayEdit ? (
          <span className="line-tools">
            <Button size="small" onClick={() => setAdding('window')}>
              Record a window
            </Button>
            {here.site ? (
              <Button size="small" onClick={() => setAdding('sighting')}>
                Seen here
              </Button>
            ) : null}
          </span>
        ) : null}
      </div>
      <SeasonPatterns />
      <MonthScale />
      <SeasonBand
        windows={windows}
        persistence={subject.persistence}
        date={date}
        name={profile.header.scientific}
      />
      <SeasonKey />
      {windows.length === 0 ? <p className="quiet">No season is recorded, here or above.</p> : null}
      <table className="plain-table tight">
        <tbody>
          {[...windows]
            .sort((a, b) => a.start - b.start)
            .map((w) => {
              const row = profile.seasons.find((s) => s.kind === w.kind);
              return (
                <tr key={w.kind}>
                  <td>{WINDOW_WORDS[w.kind]}</td>
                  <td className="number">{windowWords(w)}</td>
                  <td>
                    <Whence window={w} profile={profile} />
                  </td>
                  <td>
                    {row && w.origin === profile.header.id && mayEdit ? (
                      <Popconfirm
                        title={`Take ${WINDOW_WORDS[w.kind]} ${showDay(row.start)} – ${showDay(row.end)} back?`}
                        okText="Take it back"
                        cancelText="Cancel"
                        onConfirm={() => remove.mutate({ params: { id: row.id } })}
                      >
                        <Button size="small" type="link">
                          Take back
                        </Button>
                      </Popconfirm>
                    ) : null}
                  </td>
                </tr>
              );
            })}
        </tbody>
      </table>
      {own.length > 0 ? (
        <>
          <h3>Seen at {here.site?.name}</h3>
          <ul className="plain-list">
            {own.map((s) => (
              <li key={s.id}>
                <span className="number">{showDay(dayOfYear(s.on))}</span> {s.on.slice(0, 4)}:{' '}
                {WINDOW_WORDS[s.kind]} {s.present ? 'seen' : 'looked for, not there'}{' '}
                {mayEdit ? (
                  <Button size="small" type="link" onClick={() => forget.mutate({ params: { id: s.id } })}>
                    Take back
                  </Button>
                ) : null}
              </li>
            ))}
          </ul>
        </>
      ) : null}
      {adding === 'window' ? (
        <SeasonEditor profile={profile} here={here} onClose={() => setAdding(null)} />
      ) : null}
      {adding === 'sighting' && here.site ? (
        <SightingForm
          taxon={profile.header.id}
          site={here.site}
          date={date}
          onClose={() => setAdding(null)}
        />
      ) : null}
    </section>
  );
}
