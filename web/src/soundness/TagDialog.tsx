import { useState } from 'react';
import Input from 'antd/es/input';
import Radio from 'antd/es/radio';
import { useQuery } from '@tanstack/react-query';
import type { SittingDetail, SoundStation } from '@hurrow/contract';
import { request, useWrite } from '../api/index.ts';
import { Dialog, EffectNote, ProblemNote, TaxonName } from '../parts/index.ts';
import { stationName } from './words.ts';

const FEWEST_LETTERS = 3;

/** Decides about a tag that the answers speak against, with who gains and loses before anything changes. */
export function TagDialog({
  sitting,
  station,
  onClose,
}: {
  sitting: SittingDetail;
  station: SoundStation;
  onClose: () => void;
}) {
  const save = useWrite('tagDecide');
  const choices = [
    ...(station.check ? [station.check.instead] : []),
    ...station.others.map((o) => o.taxon),
  ].filter((t, i, all) => all.findIndex((x) => x.id === t.id) === i);
  const [taxon, setTaxon] = useState<string | null>(choices[0]?.id ?? null);
  const [why, setWhy] = useState('');
  const preview = useQuery({
    queryKey: ['tagPreview', { id: sitting.id }, station.sittingStation, taxon],
    queryFn: () =>
      request('tagPreview', {
        params: { id: sitting.id },
        body: { station: station.sittingStation, taxon, why: 'preview' },
      }),
    enabled: taxon !== null,
  });
  const isReady = why.trim().length >= FEWEST_LETTERS && (taxon === null || preview.data !== undefined);
  return (
    <Dialog
      open
      title={stationName(station)}
      okText={taxon === null ? 'Keep the tag' : 'Change the ID'}
      cancelText="Decide later"
      confirmLoading={save.isPending}
      okButtonProps={{ disabled: !isReady }}
      onCancel={onClose}
      onOk={() =>
        save.mutate(
          { params: { id: sitting.id }, body: { station: station.sittingStation, taxon, why: why.trim() } },
          { onSuccess: onClose },
        )
      }
    >
      <div className="stack">
        <p>Look at the tree before you decide. What is it?</p>
        <Radio.Group
          className="tag-choices"
          aria-label="What the tree is"
          value={taxon}
          onChange={(e) => setTaxon(e.target.value as string | null)}
        >
          {choices.map((t) => (
            <Radio key={t.id} value={t.id}>
              <TaxonName taxon={t} />
            </Radio>
          ))}
          <Radio value={null}>
            The tag is right: <TaxonName taxon={station.truth} />
          </Radio>
        </Radio.Group>
        <div className="field">
          <label htmlFor="tag-why">What you saw</label>
          <Input
            id="tag-why"
            autoFocus
            maxLength={400}
            value={why}
            onChange={(e) => setWhy(e.target.value)}
          />
        </div>
        {taxon === null ? (
          <p className="quiet">The station counts like any other from now on.</p>
        ) : (
          <>
            <EffectNote effect={preview.data} own={sitting.id} />
            <p className="quiet">
              The ID of the tree changes everywhere, the key of this sitting is revised and it is graded
              again. Other sittings at this tree keep their key until you revise it there.
            </p>
          </>
        )}
        <ProblemNote error={preview.error ?? save.error} />
      </div>
    </Dialog>
  );
}
