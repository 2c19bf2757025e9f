import { useState } from 'react';
import Button from 'antd/es/button';
import Input from 'antd/es/input';
import Popconfirm from 'antd/es/popconfirm';
import { useQueryClient } from '@tanstack/react-query';
import type { Photo, SpeciesProfile } from '@hurrow/contract';
import { address } from '@hurrow/contract';
import { ORGANS } from '@hurrow/core/conditions';
import { sendFile, useWrite } from '../api/index.ts';
import { ORGAN_LABELS } from '../app/index.ts';
import { Choose, DayField, PictureButton, ProblemNote } from '../parts/index.ts';

type Said = Readonly<Pick<Photo, 'organ' | 'takenOn'> & { credit: string }>;

function PhotoCard({ photo, mayEdit }: { photo: Photo; mayEdit: boolean }) {
  const change = useWrite('photoChange', undefined, `photo ${photo.id}`);
  const remove = useWrite('photoRemove');
  const [said, setSaid] = useState<Said>({ ...photo, credit: photo.credit ?? '' });
  // What was said a moment ago may not have come back yet, so every change sends what this card says, not what was read.
  const put = (part: Partial<Said>): void => {
    const now = { ...said, ...part };
    setSaid(now);
    const { organ, takenOn, credit } = now;
    change.mutate({ params: { id: photo.id }, body: { organ, takenOn, credit } });
  };
  const what = photo.organ ? ORGAN_LABELS[photo.organ] : 'organ not said';
  return (
    <figure className="photo">
      <img src={address('photo', { id: photo.id })} alt={`${what}, photograph`} loading="lazy" />
      <figcaption>
        {mayEdit ? (
          <>
            <Choose
              label="Organ shown"
              value={said.organ ?? ''}
              options={[
                { value: '', label: 'organ?' },
                ...ORGANS.map((o) => ({ value: o, label: ORGAN_LABELS[o] })),
              ]}
              onChange={(v) => put({ organ: ORGANS.find((o) => o === v) ?? null })}
            />
            <DayField
              label="Taken on"
              size="small"
              allowClear
              value={said.takenOn}
              onChange={(takenOn) => put({ takenOn })}
            />
            <Input
              size="small"
              aria-label="Credit"
              placeholder="Credit"
              value={said.credit}
              maxLength={160}
              onChange={(e) => setSaid({ ...said, credit: e.target.value })}
              onBlur={() => (said.credit === (photo.credit ?? '') ? undefined : put({}))}
            />
            <Popconfirm
              title="Remove this photograph?"
              okText="Remove it"
              cancelText="Cancel"
              onConfirm={() => remove.mutate({ params: { id: photo.id } })}
            >
              <Button size="small" type="link">
                Remove
              </Button>
            </Popconfirm>
          </>
        ) : (
          <span className="quiet">
            {what}
            {photo.takenOn ? `, ${photo.takenOn}` : ''}
            {photo.credit ? `, ${photo.credit}` : ''}
          </span>
        )}
        <ProblemNote error={change.error ?? remove.error} />
      </figcaption>
    </figure>
  );
}

/** Photographs by organ, date and credit; the file's own name is not kept. */
export function Photos({ profile, mayEdit }: { profile: SpeciesProfile; mayEdit: boolean }) {
  const client = useQueryClient();
  const [error, setError] = useState<unknown>(null);
  const [busy, setBusy] = useState(false);
  const add = async (chosen: File): Promise<void> => {
    setBusy(true);
    setError(null);
    try {
      await sendFile('photoAdd', { id: profile.header.id }, chosen);
      await client.invalidateQueries({ queryKey: ['profile'] });
    } catch (e) {
      setError(e);
    }
    setBusy(false);
  };
  if (profile.photos.length === 0 && !mayEdit) return null;
  return (
    <section className="panel" aria-label="Photographs" id="part-photos">
      <div className="panel-head">
        <h2>Photographs</h2>
        {mayEdit ? (
          <PictureButton label="Add one" what="Photograph to add" busy={busy} onPick={(f) => void add(f)} />
        ) : null}
      </div>
      <ProblemNote error={error} />
      {profile.photos.length === 0 ? (
        <p className="quiet">None yet. Say the organ, the day and the credit of each.</p>
      ) : (
        <div className="photos">
          {profile.photos.map((p) => (
            <PhotoCard key={p.id} photo={p} mayEdit={mayEdit} />
          ))}
        </div>
      )}
    </section>
  );
}
