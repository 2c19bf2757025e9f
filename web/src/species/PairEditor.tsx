import { useState } from 'react';
import Input from 'antd/es/input';
import Select from 'antd/es/select';
import type { PairNote, Rank, SpeciesProfile } from '@hurrow/contract';
import { characterWords } from '@hurrow/core/characters';
import type { Vocabulary, Wording } from '@hurrow/core/characters';
import { comparativeWords } from '@hurrow/core/compare';
import { useRead, useWrite } from '../api/index.ts';
import { Dialog, ProblemNote } from '../parts/index.ts';

const NAMED: readonly Rank[] = ['species', 'infraspecies', 'hybrid', 'cultivar'];

/** Names a look-alike: the character that parts the two, the sentence, and a mnemonic for the pair. */
export function PairEditor({
  profile,
  note,
  vocabulary,
  wording,
  onClose,
}: {
  profile: SpeciesProfile;
  note: PairNote | null;
  vocabulary: Vocabulary;
  wording: Wording;
  onClose: () => void;
}) {
  const [other, setOther] = useState<string | null>(note?.other.id ?? null);
  const [character, setCharacter] = useState<string | null>(note?.character ?? null);
  const [text, setText] = useState(note?.text ?? '');
  const [greater, setGreater] = useState<string | null>(note?.greater ?? null);
  const [mnemonic, setMnemonic] = useState(note?.mnemonic ?? '');
  const shown = character === null ? undefined : vocabulary.get(character);
  // A pair that is named already is changed where it stands, so that nothing said of it is written over unseen.
  const taken = new Set([profile.header.id, ...profile.pairs.map((p) => p.other.id)]);
  const taxa = useRead('taxa').data ?? [];
  const put = useWrite('pairPut');
  const save = (): void => {
    if (other === null) return;
    put.mutate(
      {
        body: {
          a: profile.header.id,
          b: other,
          character,
          text,
          mnemonic,
          greater: character === null ? null : greater,
        },
      },
      { onSuccess: onClose },
    );
  };
  return (
    <Dialog
      open
      title="Look-alikes"
      okText="Keep it"
      cancelText="Cancel"
      okButtonProps={{ disabled: other === null, loading: put.isPending }}
      onOk={save}
      onCancel={onClose}
    >
      <div className="stack">
        <div className="field">
          <label htmlFor="pair-other">The other species</label>
          <Select
            id="pair-other"
            showSearch={{ optionFilterProp: 'label' }}
            value={other}
            disabled={note !== null}
            options={taxa
              .filter((c) => NAMED.includes(c.rank) && (c.id === other || !taken.has(c.id)))
              .map((c) => ({
                value: c.id,
                label: c.common ? `${c.scientific} (${c.common})` : c.scientific,
              }))}
            onChange={setOther}
          />
        </div>
        <div className="field">
          <label htmlFor="pair-character">The character that separates them</label>
          <Select
            id="pair-character"
            allowClear
            showSearch={{ optionFilterProp: 'label' }}
            value={character}
            options={[...vocabulary.values()].map((c) => ({
              value: c.id,
              label: characterWords(c, wording.words),
            }))}
            onChange={(c: string | undefined) => setCharacter(c ?? null)}
          />
        </div>
        {shown && other !== null ? (
          <div className="field">
            <label htmlFor="pair-greater">Compared with the other, it is</label>
            <Select
              id="pair-greater"
              value={greater === null ? 'none' : greater === other ? 'less' : 'more'}
              options={[
                { value: 'none', label: 'not compared: what is recorded tells' },
                { value: 'more', label: comparativeWords(shown, true) },
                { value: 'less', label: comparativeWords(shown, false) },
              ]}
              onChange={(v) => setGreater(v === 'none' ? null : v === 'more' ? profile.header.id : other)}
            />
          </div>
        ) : null}
        <div className="field">
          <label htmlFor="pair-text">In a sentence</label>
          <Input.TextArea
            id="pair-text"
            rows={2}
            maxLength={600}
            value={text}
            onChange={(e) => setText(e.target.value)}
          />
        </div>
        <div className="field">
          <label htmlFor="pair-mnemonic">Mnemonic for the pair</label>
          <Input
            id="pair-mnemonic"
            maxLength={300}
            value={mnemonic}
            onChange={(e) => setMnemonic(e.target.value)}
          />
        </div>
        <ProblemNote error={put.error} />
      </div>
    </Dialog>
  );
}
