import { useState } from 'react';
import { useSearchParams } from 'react-router';
import Button from 'antd/es/button';
import Checkbox from 'antd/es/checkbox';
import { valueWords, characterWords } from '@hurrow/core/characters';
import { DISTANCE_WORDS } from '@hurrow/contract';
import type { TreeRow } from '@hurrow/contract';
import { useRead } from '../api/index.ts';
import { useMayTeach, useView, useVocabulary } from '../app/index.ts';
import { AppLink, DataTable, Loaded, Nothing, PageHead, TaxonName } from '../parts/index.ts';
import { TreeEditor } from './TreeEditor.tsx';

const NEAR = { ...DISTANCE_WORDS, out: 'out of reach' } as const;

function Details({ tree }: { tree: TreeRow }) {
  const vocabulary = useVocabulary();
  const { wording } = useView();
  const reach = Object.entries(tree.reach).filter(([, how]) => how !== 'hand');
  return (
    <div className="two-columns">
      <div>
        <h3>Checked at the tree</h3>
        <ul className="plain-list">
          {Object.entries(tree.certified).map(([id, value]) => {
            const c = vocabulary?.get(id);
            return c ? (
              <li key={id}>
                {characterWords(c, wording.words)}: <b>{valueWords(c, value, wording)}</b>
              </li>
            ) : null;
          })}
          {Object.keys(tree.certified).length === 0 ? <li className="quiet">Nothing yet.</li> : null}
        </ul>
      </div>
      <div>
        <h3>Not within reach of the hand</h3>
        <p>
          {reach.length === 0
            ? 'Everything is in reach.'
            : reach.map(([organ, how]) => `${organ}: ${NEAR[how]}`).join('; ')}
        </p>
        {tree.access ? <p>Access: {tree.access}</p> : null}
        {tree.cautions.map((c) => (
          <p key={c.text}>
            <b>Caution: {c.hazard}.</b> {c.text}
          </p>
        ))}
      </div>
    </div>
  );
}

const by =
  (pick: (t: TreeRow) => string) =>
  (a: TreeRow, b: TreeRow): number =>
    pick(a).localeCompare(pick(b), 'en', { numeric: true });

/** Tagged trees. */
export function MaterialPage() {
  const trees = useRead('trees');
  const challenges = useRead('challenges');
  const mayTeach = useMayTeach();
  const [adding, setAdding] = useState(false);
  const [retired, setRetired] = useState(false);
  const [editing, setEditing] = useState<TreeRow | null>(null);
  const [search, setSearch] = useSearchParams();
  const wanted = trees.data?.find((t) => t.tag === search.get('edit')) ?? null;
  const close = (): void => {
    setEditing(null);
    setSearch(
      (before) => {
        const next = new URLSearchParams(before);
        next.delete('edit');
        return next;
      },
      { replace: true },
    );
  };
  return (
    <>
      <PageHead
        title="Material"
        name="Material"
        about="Your tagged trees, what was checked at each, and what is out of reach. Students never see this."
        actions={
          mayTeach ? (
            <Button type="primary" onClick={() => setAdding(true)}>
              Tag a tree
            </Button>
          ) : null
        }
      />
      {challenges.data && challenges.data.length > 0 ? (
        <section className="panel" aria-label="Trees outside their range">
          <h2>Outside the recorded range</h2>
          <ul className="plain-list">
            {challenges.data.map((c) => (
              <li key={c.tree}>
                <b className="number">{c.tag}</b>, {c.where}: {c.regionName} is not in the range of{' '}
                <AppLink to={`/species/range?of=${c.taxon.id}`}>
                  <TaxonName taxon={c.taxon} />
                </AppLink>
                {c.kind === 'planted_only' ? ', which is only planted there' : ''}
              </li>
            ))}
          </ul>
        </section>
      ) : null}
      <Loaded query={trees}>
        {(rows) => (
          <DataTable<TreeRow>
            label="Trees"
            file="trees"
            rows={rows.filter((t) => retired || !t.retired)}
            tools={
              rows.some((t) => t.retired) ? (
                <Checkbox checked={retired} onChange={(e) => setRetired(e.target.checked)}>
                  Show retired trees
                </Checkbox>
              ) : null
            }
            rowKey={(t) => t.id}
            expanded={(t) => <Details tree={t} />}
            plain={(t) => ({
              tag: t.tag,
              site: t.site.name,
              trail: t.trail,
              scientific: t.taxon.scientific,
              common: t.taxon.common,
              stage: t.stage,
              condition: t.condition,
              hazards: t.hazards.join(' | '),
            })}
            empty={
              <Nothing title="No tree is tagged yet">
                Tag the trees your class can walk to. You choose the stations of a quiz among them.
              </Nothing>
            }
            columns={[
              {
                title: 'Tag',
                width: 80,
                className: 'number',
                sorter: by((t) => t.tag),
                render: (_, t) => (
                  <>
                    {t.tag}
                    {t.retired ? <span className="tag">retired</span> : null}
                  </>
                ),
              },
              {
                title: 'Species',
                sorter: by((t) => t.taxon.scientific),
                render: (_, t) => (
                  <AppLink to={`/species/${t.taxon.id}`}>
                    <TaxonName taxon={t.taxon} />
                  </AppLink>
                ),
              },
              {
                title: 'Where',
                sorter: by((t) => t.trail ?? t.site.name),
                render: (_, t) => t.trail ?? t.site.name,
              },
              { title: 'Stage', dataIndex: 'stage', sorter: by((t) => t.stage ?? '') },
              { title: 'Condition', dataIndex: 'condition', sorter: by((t) => t.condition ?? '') },
              {
                title: 'Hazards',
                sorter: by((t) => t.hazards.join()),
                render: (_, t) =>
                  t.hazards.map((h) => (
                    <span key={h} className="tag larch">
                      {h}
                    </span>
                  )),
              },
              {
                title: 'Checked at the tree',
                className: 'number',
                sorter: (a, b) => Object.keys(a.certified).length - Object.keys(b.certified).length,
                render: (_, t) => Object.keys(t.certified).length,
              },
              {
                title: 'Edit',
                width: 80,
                render: (_, t) =>
                  mayTeach ? (
                    <Button size="small" aria-label={`Edit tree ${t.tag}`} onClick={() => setEditing(t)}>
                      Edit
                    </Button>
                  ) : null,
              },
            ]}
          />
        )}
      </Loaded>
      {adding ? <TreeEditor tree={null} onClose={() => setAdding(false)} /> : null}
      {(editing ?? wanted) ? (
        <TreeEditor key={(editing ?? wanted)?.id} tree={editing ?? wanted} onClose={close} />
      ) : null}
    </>
  );
}
