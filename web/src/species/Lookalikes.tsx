import { useState } from 'react';
import Button from 'antd/es/button';
import Popconfirm from 'antd/es/popconfirm';
import type { PairNote, SpeciesProfile } from '@hurrow/contract';
import { characterWords, valuesWords } from '@hurrow/core/characters';
import type { Vocabulary, Wording } from '@hurrow/core/characters';
import { useWrite } from '../api/index.ts';
import { AppLink, Latin } from '../parts/index.ts';
import { PairEditor } from './PairEditor.tsx';
import { comparativeWords } from '@hurrow/core/compare';
import type { DeclaredVerdict } from '@hurrow/core/compare';
import type { Lookalike } from './lookalikes.ts';

const VERDICT: Readonly<Record<DeclaredVerdict, { words: string; tone: string }>> = {
  supported: { words: 'holds', tone: 'spruce' },
  beside: { words: 'only side by side', tone: 'larch' },
  not_now: { words: 'not now', tone: 'larch' },
  unsupported: { words: 'not proven', tone: 'larch' },
  contradicted: { words: 'contradicted', tone: 'cherry' },
  unsaid: { words: 'nothing said to part them', tone: 'larch' },
};

const openWords = (ids: readonly string[], vocabulary: Vocabulary, wording: Wording): string =>
  ids
    .flatMap((id) => vocabulary.get(id) ?? [])
    .map((c) => characterWords(c, wording.words))
    .join(', ');

function Tells({
  alike,
  own,
  vocabulary,
  wording,
}: {
  alike: Lookalike;
  /** The scientific name of the species whose look-alike it is. */
  own: string;
  vocabulary: Vocabulary;
  wording: Wording;
}) {
  const { report } = alike;
  if (!report) return <p className="quiet">It is not on this list, so it is not compared.</p>;
  const tells = report.tells.filter((t) => t.strength !== 'partial').slice(0, 3);
  if (report.verdict === 'twins') return <p className="tag cherry">Cannot be told apart now.</p>;
  if (tells.length === 0) {
    return (
      <p className="quiet">
        Not enough recorded:{' '}
        {openWords(
          report.open.slice(0, 3).map((o) => o.character),
          vocabulary,
          wording,
        )}{' '}
        would decide.
      </p>
    );
  }
  return (
    <ul className="plain-list tells">
      {tells.map((t) => {
        const c = vocabulary.get(t.character);
        const [here, there] = c ? valuesWords(c, [t.a, t.b], wording) : [];
        return c ? (
          <li key={t.character}>
            <b>{characterWords(c, wording.words)}</b>: {here} on <i className="latin">{own}</i>, {there} on{' '}
            <i className="latin">{alike.other.scientific}</i>
          </li>
        ) : null;
      })}
    </ul>
  );
}

/** What one of the two shows more of: “bark color: darker than on Picea pungens”. */
function Comparative({
  note,
  vocabulary,
  wording,
}: {
  note: PairNote;
  vocabulary: Vocabulary;
  wording: Wording;
}) {
  const character = note.character === null ? undefined : vocabulary.get(note.character);
  if (!character || note.greater === null) return null;
  return (
    <p>
      <b>{characterWords(character, wording.words)}</b>:{' '}
      {comparativeWords(character, note.greater !== note.other.id)} than on{' '}
      <i className="latin">{note.other.scientific}</i>
    </p>
  );
}

/** Look-alikes with what parts them now: declared ones with their verdict, then the closest of the list. */
export function Lookalikes({
  profile,
  alikes,
  vocabulary,
  wording,
  mayEdit,
}: {
  profile: SpeciesProfile;
  alikes: readonly Lookalike[];
  vocabulary: Vocabulary;
  wording: Wording;
  mayEdit: boolean;
}) {
  const [editing, setEditing] = useState<{ other: string | null } | null>(null);
  const remove = useWrite('pairRemove');
  return (
    <section className="panel" aria-label="Look-alikes" id="part-lookalikes">
      <div className="panel-head">
        <h2>Look-alikes</h2>
        {mayEdit ? (
          <Button size="small" onClick={() => setEditing({ other: null })}>
            Name one
          </Button>
        ) : null}
      </div>
      {alikes.length === 0 ? <p className="quiet">None named, and it stands on no list.</p> : null}
      {alikes.map((l) => (
        <div key={l.other.id} className="lookalike">
          <div>
            <AppLink to={`/species/${l.other.id}`}>
              <Latin name={l.other.scientific} />
            </AppLink>{' '}
            <span className="quiet">{l.other.common ?? ''}</span>{' '}
            {l.note ? null : <span className="quiet">· close on the list</span>}
            {l.note && l.declared ? (
              <span className={`tag ${VERDICT[l.declared.verdict].tone}`} title={l.declared.reason}>
                {VERDICT[l.declared.verdict].words}
              </span>
            ) : null}{' '}
            <AppLink to={`/species/${profile.header.id}?beside=${l.other.id}`}>side by side</AppLink>
          </div>
          {l.note ? <Comparative note={l.note} vocabulary={vocabulary} wording={wording} /> : null}
          {l.note?.text ? <p>{l.note.text}</p> : null}
          {l.note?.mnemonic ? <p className="mnemonic">{l.note.mnemonic}</p> : null}
          <Tells own={profile.header.scientific} alike={l} vocabulary={vocabulary} wording={wording} />
          {mayEdit && l.note ? (
            <span className="line-tools">
              <Button size="small" type="link" onClick={() => setEditing({ other: l.other.id })}>
                Change
              </Button>
              <Popconfirm
                title="Take this look-alike back?"
                okText="Take it back"
                cancelText="Cancel"
                onConfirm={() => l.note && remove.mutate({ params: { id: l.note.id } })}
              >
                <Button size="small" type="link">
                  Take back
                </Button>
              </Popconfirm>
            </span>
          ) : null}
        </div>
      ))}
      {editing ? (
        <PairEditor
          profile={profile}
          note={profile.pairs.find((p) => p.other.id === editing.other) ?? null}
          vocabulary={vocabulary}
          wording={wording}
          onClose={() => setEditing(null)}
        />
      ) : null}
    </section>
  );
}
