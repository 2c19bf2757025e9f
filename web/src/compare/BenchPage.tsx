import { useMemo, useState } from 'react';
import Button from 'antd/es/button';
import Select from 'antd/es/select';
import Tooltip from 'antd/es/tooltip';
import type { Vocabulary } from '@hurrow/core/characters';
import { inTeachingOrder, tellCards } from '@hurrow/core/compare';
import { useRead } from '../api/index.ts';
import {
  ConditionsLine,
  clearBench,
  lay,
  MOST_ON_BENCH,
  take,
  useHere,
  useTray,
  useView,
  useVocabulary,
} from '../app/index.ts';
import { AppLink, Choose, Nothing, PageHead, TaxonName } from '../parts/index.ts';
import { ComparisonView } from '../plates/index.ts';
import { CompareNav } from './CompareNav.tsx';
import { MixedUpPairs } from './MixedUpPairs.tsx';
import { PairTells } from './PairTells.tsx';
import { SideBySide } from './SideBySide.tsx';
import { sayName } from './words.ts';
import { useTrayProfiles } from './useTrayProfiles.ts';
import type { Laid } from './useTrayProfiles.ts';
import './compare.css';

/** What was said of pairs on the bench: the sentence and the mnemonic, wherever the pair appears. */
function PairNotes({ laid }: { laid: readonly Laid[] }) {
  const ids = new Set(laid.map((l) => l.header.id));
  const notes = laid.flatMap((l) =>
    l.profile.pairs
      .filter((p) => ids.has(p.other.id) && l.header.id < p.other.id && (p.text || p.mnemonic))
      .map((p) => ({ ...p, own: l.header })),
  );
  if (notes.length === 0) return null;
  return (
    <section className="panel" aria-label="Said of the pair">
      {notes.map((n) => (
        <div key={n.id}>
          <b>
            <TaxonName taxon={n.own} common={false} /> and <TaxonName taxon={n.other} common={false} />:
          </b>{' '}
          {n.text} {n.mnemonic ? <span className="mnemonic">{n.mnemonic}</span> : null}
        </div>
      ))}
    </section>
  );
}

function Cautions({ laid }: { laid: readonly Laid[] }) {
  const all = laid.flatMap((l) => l.profile.cautions.map((c) => ({ ...c, of: l.header })));
  if (all.length === 0) return null;
  return (
    <div className="caution">
      {all.map((c, i) => (
        <div key={i}>
          <TaxonName taxon={c.of} common={false} />: {c.text}
        </div>
      ))}
      {all.some((c) => c.text.includes('local rules')) ? null : <div>Follow local rules.</div>}
    </div>
  );
}

function Bench({ laid, vocabulary }: { laid: readonly Laid[]; vocabulary: Vocabulary }) {
  const { conditions, wording } = useView();
  const [chosen, setChosen] = useState<readonly [string, string] | null>(null);
  const find = (id: string | undefined): Laid | undefined => laid.find((l) => l.header.id === id);
  const a = find(chosen?.[0]) ?? laid[0];
  const b = find(chosen?.[1]) ?? laid.find((l) => l !== a);
  const differing = useMemo(
    () =>
      a && b
        ? inTeachingOrder(tellCards(a.described, b.described, vocabulary, conditions), conditions)
            .filter((c) => c.now === 'yes' && c.strength !== 'partial')
            .map((c) => c.character.id)
        : [],
    [a, b, vocabulary, conditions],
  );
  if (!a || !b) return null;
  const pick = (at: 0 | 1) => (
    <Choose
      label={at === 0 ? 'First species' : 'Second species'}
      value={(at === 0 ? a : b).header.id}
      options={[
        ...laid
          .filter((l) => l !== (at === 0 ? b : a))
          .map((l) => ({ value: l.header.id, label: l.header.scientific })),
      ]}
      onChange={(v) => setChosen(at === 0 ? [v, b.header.id] : [a.header.id, v])}
    />
  );
  return (
    <>
      <Cautions laid={laid} />
      {laid.length > 2 ? (
        <p className="tools">
          <span>Tells of</span> {pick(0)} <span>against</span> {pick(1)}
        </p>
      ) : null}
      <PairNotes laid={laid} />
      <PairTells
        a={a.described}
        b={b.described}
        names={[sayName(a.header, wording), sayName(b.header, wording)]}
        vocabulary={vocabulary}
        conditions={conditions}
        wording={wording}
      />
      <section className="panel" aria-label="Plates at one scale">
        <ComparisonView all={laid} differing={differing} vocabulary={vocabulary} wording={wording} />
      </section>
      <SideBySide laid={laid} vocabulary={vocabulary} />
    </>
  );
}

/** More than this and a page shows nothing of any of them. */
const MOST_ON_SHEET = 4;

/** Two to six species side by side: plates at one scale, what tells them now, and what differs organ by organ. */
export function BenchPage() {
  const tray = useTray();
  const vocabulary = useVocabulary();
  const { place, ready } = useHere();
  const laid = useTrayProfiles(tray, vocabulary, place, ready);
  const species = useRead('species').data ?? [];
  return (
    <>
      <CompareNav />
      <PageHead
        title="Bench"
        name="Bench"
        about="Two to six species side by side. Press B on any species to add it."
        actions={
          tray.length > 0 ? (
            <>
              {tray.length >= 2 && tray.length <= MOST_ON_SHEET ? (
                <AppLink to={`/print/bench?species=${tray.join(',')}`}>Print contrast sheet</AppLink>
              ) : (
                <Tooltip title="A contrast sheet holds two to four species.">
                  <Button size="small" disabled>
                    Print contrast sheet
                  </Button>
                </Tooltip>
              )}
              <Button size="small" onClick={clearBench}>
                Clear bench
              </Button>
            </>
          ) : null
        }
      />
      <ConditionsLine />
      <div className="tools bench-tools">
        {(laid ?? []).map((l) => (
          <span key={l.header.id} className="tag laid">
            <AppLink to={`/species/${l.header.id}`}>
              <TaxonName taxon={l.header} common={false} />
            </AppLink>
            <Button
              type="link"
              size="small"
              className="as-link"
              aria-label={`Take ${l.header.scientific} off`}
              onClick={() => take(l.header.id)}
            >
              ×
            </Button>
          </span>
        ))}
        {tray.length < MOST_ON_BENCH ? (
          <Select
            aria-label="Add a species to the bench"
            className="pick"
            showSearch={{ optionFilterProp: 'label' }}
            placeholder="Add a species"
            value={null}
            options={species
              .filter((s) => !tray.includes(s.id))
              .map((s) => ({
                value: s.id,
                label: s.common ? `${s.scientific} (${s.common})` : s.scientific,
              }))}
            onChange={(id: string | null) => {
              if (id !== null) lay(id);
            }}
          />
        ) : (
          <span className="quiet">{MOST_ON_BENCH} is the most.</span>
        )}
      </div>
      {tray.length < 2 ? (
        <>
          <Nothing title={tray.length === 0 ? 'Nothing to compare yet' : 'Add one more species'}>
            Choose species above, press B on a link to one or on its page, or choose a pair from the{' '}
            <AppLink to="/compare/list">whole list</AppLink>.
          </Nothing>
          {tray.length === 0 ? <MixedUpPairs /> : null}
        </>
      ) : laid && vocabulary ? (
        <Bench laid={laid} vocabulary={vocabulary} />
      ) : (
        <div className="page-note quiet">Reading…</div>
      )}
    </>
  );
}
