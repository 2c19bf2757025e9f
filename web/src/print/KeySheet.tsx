import { useMemo, useState } from 'react';
import Radio from 'antd/es/radio';
import { useParams } from 'react-router';
import { couplets } from '@hurrow/core/keys';
import type { Audience, Couplet, KeyNode } from '@hurrow/core/keys';
import { dayOfYear, showDay } from '@hurrow/core/conditions';
import { MATERIAL_LABELS } from '../app/index.ts';
import {
  KeyCheckNote,
  LeadDrawings,
  leadWords,
  useCompared,
  useKey,
  useKeyOptions,
} from '../compare/index.ts';
import type { BuiltKey, Compared } from '../compare/index.ts';
import { TaxonName, WorkNote } from '../parts/index.ts';
import { PrintBar } from './PrintBar.tsx';
import './keySheet.css';

const READERS: Readonly<Record<Audience, string>> = {
  young: 'young people',
  general: 'general readers',
  technical: 'those who know the terms',
};

function Ends({ compared: c, species }: { compared: Compared; species: readonly number[] }) {
  return (
    <>
      {species.map((i, n) => {
        const m = c.members[i];
        const hazards = c.lore.cautions.filter((k) => k.taxon === m?.id).map((k) => k.hazard);
        return m ? (
          <span key={m.id} className="key-end">
            {n > 0 ? ' or ' : ''}
            <TaxonName taxon={m} />
            {hazards.length > 0 ? <b> ⚠ {[...new Set(hazards)].join(', ')}</b> : null}
          </span>
        ) : null;
      })}
    </>
  );
}

/** Every couplet with its number, where it comes from, and where each lead goes. */
function Bracketed({ compared: c, all }: { compared: Compared; all: readonly Couplet[] }) {
  return (
    <ol className="key-bracketed">
      {all.map((k) => {
        const asked = c.vocabulary.get(k.character);
        return asked ? (
          <li key={k.number} className="key-couplet" value={k.number}>
            <div className="key-head">
              <b>{k.number}</b>
              {k.from === null ? null : <span className="key-from"> ({k.from})</span>}
            </div>
            {k.leads.map((l, i) => (
              <div key={i} className="key-line">
                <LeadDrawings character={asked} lead={l} />
                <span>{leadWords(asked, l, c.wording)}</span>
                <span className="key-dots" aria-hidden="true" />
                <span>
                  {'couplet' in l.goes ? (
                    <b>{l.goes.couplet}</b>
                  ) : (
                    <Ends compared={c} species={l.goes.species} />
                  )}
                </span>
              </div>
            ))}
          </li>
        ) : null;
      })}
    </ol>
  );
}

/** Leads under leads, each a step further in. */
function Indented({ compared: c, node, mark = '' }: { compared: Compared; node: KeyNode; mark?: string }) {
  if (node.kind === 'end') return null;
  const asked = c.vocabulary.get(node.character);
  if (!asked) return null;
  return (
    <ul className="key-indented">
      {node.leads.map((l, i) => {
        const own = `${mark}${i + 1}.`;
        return (
          <li key={i}>
            <div className="key-line">
              <span className="number">{own}</span>
              <LeadDrawings character={asked} lead={l} />
              <span>{leadWords(asked, l, c.wording)}</span>
              {l.to.kind === 'end' ? (
                <>
                  <span className="key-dots" aria-hidden="true" />
                  <Ends compared={c} species={l.to.species} />
                </>
              ) : null}
            </div>
            <Indented compared={c} node={l.to} mark={own} />
          </li>
        );
      })}
    </ul>
  );
}

function Printed({
  compared: c,
  built,
  form,
}: {
  compared: Compared;
  built: BuiltKey;
  form: 'bracketed' | 'indented';
}) {
  const all = useMemo(() => couplets(built.key), [built.key]);
  return (
    <>
      {form === 'bracketed' ? (
        <Bracketed compared={c} all={all} />
      ) : (
        <Indented compared={c} node={built.key.root} />
      )}
      <div className="no-print">
        <KeyCheckNote compared={c} built={built} />
      </div>
    </>
  );
}

const FORMS = ['bracketed', 'indented'] as const;

function Sheet({ compared: c }: { compared: Compared }) {
  const { options } = useKeyOptions();
  const [form, setForm] = useState<'bracketed' | 'indented'>('bracketed');
  const work = useKey(c, options);
  return (
    <>
      <Radio.Group
        className="audience-choice no-print"
        aria-label="Form of the key"
        value={form}
        options={[...FORMS]}
        onChange={(e) => {
          const chosen: unknown = e.target.value;
          setForm(FORMS.find((f) => f === chosen) ?? 'bracketed');
        }}
      />
      <h1 className="key-title">Key to {c.list.name}</h1>
      <p>
        {c.members.length} species, for {READERS[options.audience]}, with{' '}
        {c.conditions.material.map((m) => MATERIAL_LABELS[m]).join(', ')} on{' '}
        {showDay(dayOfYear(c.conditions.date))}. A number at the end of a line is the couplet to go to; one in
        brackets is where you came from. Follow local rules; do not touch, smell or pick what is marked ⚠.
      </p>
      <WorkNote what="Building the key" work={work} />
      {work.result ? <Printed compared={c} built={work.result} form={form} /> : null}
    </>
  );
}

/** The key of a list on paper, bracketed or indented, with small drawings; its check is for the screen alone. */
export function KeySheet() {
  const { id = '' } = useParams();
  const { compared } = useCompared(id);
  return (
    <main className="sheet-of-print key-sheet">
      <PrintBar
        title={`Key: ${compared?.list.name ?? ''}`}
        about="Made for the conditions and the audience it was opened with."
        back={`/compare/key${window.location.search}`}
        backTo="the key"
      />
      {compared ? <Sheet compared={compared} /> : <p className="quiet">Reading…</p>}
    </main>
  );
}
