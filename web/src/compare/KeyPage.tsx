import { useState } from 'react';
import Button from 'antd/es/button';
import Select from 'antd/es/select';
import { characterWords } from '@hurrow/core/characters';
import { AUDIENCES } from '@hurrow/core/keys';
import type { KeyNode } from '@hurrow/core/keys';
import { withView } from '../app/index.ts';
import { AppLink, CardButton, Choose, TaxonName, WorkNote } from '../parts/index.ts';
import { CompareRoom } from './CompareRoom.tsx';
import { KeyCheckNote } from './KeyCheckNote.tsx';
import { LeadDrawings, askWords, leadWords } from './KeyWords.tsx';
import { useKeyOptions } from './keyOptions.ts';
import { useKey } from './useKey.ts';
import type { BuiltKey } from './useKey.ts';
import type { Compared } from './useCompared.ts';

const NAMED = 50;

/** Common names of some members, as many as can be read. */
function fewNames({ members }: Compared, all: readonly number[]): string {
  const names = all.slice(0, NAMED).map((i) => members[i]?.common ?? members[i]?.scientific ?? '');
  const more = all.length - names.length;
  return more > 0 ? `${names.join(', ')} and ${more} more` : names.join(', ');
}

/** The key as a walk: one question at a time, what is still possible beside it, and the way back. */
function Walk({ compared: c, built }: { compared: Compared; built: BuiltKey }) {
  const [way, setWay] = useState<readonly number[]>([]);
  const nodes: KeyNode[] = [built.key.root];
  for (const step of way) {
    const at = nodes.at(-1);
    if (at?.kind === 'couplet') nodes.push(at.leads[step]?.to ?? at);
  }
  const here = nodes.at(-1) ?? built.key.root;
  const asked = here.kind === 'couplet' ? c.vocabulary.get(here.character) : undefined;
  return (
    <section className="panel" aria-label="Walk through">
      <div className="panel-head">
        <h2>Walk through</h2>
        {way.length > 0 ? (
          <span className="line-tools">
            <Button size="small" onClick={() => setWay(way.slice(0, -1))}>
              One back
            </Button>
            <Button size="small" onClick={() => setWay([])}>
              From the start
            </Button>
          </span>
        ) : null}
      </div>
      {way.length > 0 ? (
        <ol className="walked">
          {way.map((step, i) => {
            const at = nodes[i];
            const found = at?.kind === 'couplet' ? c.vocabulary.get(at.character) : undefined;
            const lead = at?.kind === 'couplet' ? at.leads[step] : undefined;
            return found && lead ? (
              <li key={i}>
                <Button type="link" size="small" className="as-link" onClick={() => setWay(way.slice(0, i))}>
                  {askWords(found, c.wording)}
                </Button>{' '}
                {leadWords(found, lead, c.wording)}
              </li>
            ) : null;
          })}
        </ol>
      ) : null}
      <div role="status">
        {here.kind === 'couplet' && asked ? (
          <>
            <p className="key-ask">
              <b>{askWords(asked, c.wording)}</b> <span className="quiet">{asked.definition}</span>
            </p>
            <div className="key-leads">
              {here.leads.map((l, i) => (
                <CardButton key={i} className="key-lead" onClick={() => setWay([...way, i])}>
                  <LeadDrawings character={asked} lead={l} />
                  <span>{leadWords(asked, l, c.wording)}</span>
                  <span className="quiet number">{l.to.species.length}</span>
                </CardButton>
              ))}
            </div>
            <p className="quiet">Still possible: {fewNames(c, here.species)}.</p>
          </>
        ) : (
          <>
            {here.species.map((i) => {
              const m = c.members[i];
              const cautions = c.lore.cautions.filter((k) => k.taxon === m?.id);
              return m ? (
                <div key={m.id}>
                  <h3>
                    <AppLink to={`/species/${m.id}`}>
                      <TaxonName taxon={m} />
                    </AppLink>
                  </h3>
                  {cautions.map((k) => (
                    <p key={k.hazard} className="caution">
                      {k.text} Follow local rules.
                    </p>
                  ))}
                </div>
              ) : null;
            })}
            {here.species.length > 1 ? <p>Nothing this audience can see now parts these.</p> : null}
          </>
        )}
      </div>
    </section>
  );
}

function Options({ compared: c }: { compared: Compared }) {
  const { options, set } = useKeyOptions();
  const choices = [...c.vocabulary.values()]
    .filter((x) => !x.retired)
    .map((x) => ({ value: x.id, label: characterWords(x, c.wording.words) }));
  return (
    <div className="tools">
      <label className="condition">
        <span className="condition-label">For</span>
        <Choose
          bare
          label="For"
          value={options.audience}
          options={[
            ...AUDIENCES.map((a) => ({
              value: a,
              label: { young: 'young', general: 'general', technical: 'technical' }[a],
            })),
          ]}
          onChange={(v) => set({ for: v })}
        />
      </label>
      <label className="condition">
        <span className="condition-label">Choices per step</span>
        <Choose
          bare
          label="Choices per step"
          value={String(options.leads)}
          options={['2', '3', '4'].map((n) => ({ value: n, label: n }))}
          onChange={(v) => set({ leads: v })}
        />
      </label>
      <Select
        aria-label="Ask first"
        className="feature-character"
        allowClear
        showSearch={{ optionFilterProp: 'label' }}
        placeholder="ask first: the best"
        value={options.first}
        options={choices}
        onChange={(id: string | undefined) => set({ first: id ?? null })}
      />
      <Select
        aria-label="Never ask"
        className="never-ask"
        mode="multiple"
        showSearch={{ optionFilterProp: 'label' }}
        placeholder="never ask"
        value={[...options.forbidden]}
        options={choices}
        onChange={(ids: string[]) => set({ without: ids.join(',') })}
      />
    </div>
  );
}

function Keyed({ compared: c }: { compared: Compared }) {
  const { options, set } = useKeyOptions();
  const work = useKey(c, options);
  const built = work.result;
  const root = built?.key.root;
  const pinnedAway = options.first !== null && root?.kind === 'couplet' && root.character !== options.first;
  return (
    <>
      <Options compared={c} />
      <WorkNote what="Building the key" work={work} />
      {pinnedAway ? (
        <p className="caution" role="status">
          The first question you asked for parts nothing here, or cannot be asked of all now, so another
          stands first.
        </p>
      ) : null}
      {built ? (
        <div className="keyed">
          <Walk key={JSON.stringify(built.key.root)} compared={c} built={built} />
          <div>
            <KeyCheckNote compared={c} built={built} />
            {root?.kind === 'couplet' ? (
              <p>
                <Button
                  size="small"
                  onClick={() =>
                    set({ without: [...options.forbidden, root.character].join(','), first: null })
                  }
                >
                  Do without the first question
                </Button>
              </p>
            ) : null}
          </div>
        </div>
      ) : null}
    </>
  );
}

/** An identification key for a list: walked through here, printed bracketed or indented, checked either way. */
export function KeyPage() {
  return (
    <CompareRoom
      title="Key"
      name="Key"
      about="Least effort from the first question to the name, for what can be seen under the conditions above."
      actions={(c) => (
        <Button
          href={withView(
            `/print/lists/${c.list.id}/key${window.location.search}`,
            new URLSearchParams(window.location.search),
          )}
        >
          Print key
        </Button>
      )}
    >
      {(c) => <Keyed key={c.list.id} compared={c} />}
    </CompareRoom>
  );
}
