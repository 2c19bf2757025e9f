import { useState } from 'react';
import { useParams } from 'react-router';
import Button from 'antd/es/button';
import Input from 'antd/es/input';
import Popconfirm from 'antd/es/popconfirm';
import Select from 'antd/es/select';
import type { ListDetail, ListMember, TaxonPlace } from '@hurrow/contract';
import { useRead, useWrite } from '../api/index.ts';
import { useGo, useMayTeach } from '../app/index.ts';
import { AppLink, DataTable, Loaded, PageHead, ProblemNote, TaxonName, counted } from '../parts/index.ts';
import { NewQuiz } from '../quizzes/index.ts';
import { addMember, bodyOf, dropMember, editOf, setMember, weekTyped } from './listEdit.ts';
import type { ListEdit } from './listEdit.ts';
import './classes.css';

function WeekField({ member, onChange }: { member: ListMember; onChange: (week: number | null) => void }) {
  const [text, setText] = useState(member.week === null ? '' : String(member.week));
  return (
    <Input
      size="small"
      className="week-field"
      inputMode="numeric"
      aria-label={`Week of ${member.scientific}`}
      status={weekTyped(text) === undefined ? 'error' : ''}
      value={text}
      onChange={(e) => {
        setText(e.target.value);
        const week = weekTyped(e.target.value);
        if (week !== undefined) onChange(week);
      }}
    />
  );
}

function AddMember({ onAdd }: { onAdd: (taxon: TaxonPlace) => void }) {
  const taxa = useRead('taxa').data ?? [];
  return (
    <Select
      className="pick"
      aria-label="Add to the list"
      placeholder="Add a species or a group"
      showSearch={{ optionFilterProp: 'label' }}
      value={null}
      options={taxa.map((t) => ({
        value: t.id,
        label: `${t.scientific}${t.common ? ` (${t.common})` : ''}`,
      }))}
      onChange={(id: string | null) => {
        const found = taxa.find((t) => t.id === id);
        if (found) onAdd(found);
      }}
    />
  );
}

function List({ list }: { list: ListDetail }) {
  const mayTeach = useMayTeach();
  const go = useGo();
  const [edit, setEdit] = useState<ListEdit | null>(null);
  const [making, setMaking] = useState(false);
  const change = useWrite('listChange');
  const copy = useWrite('listCopy');
  const remove = useWrite('listRemove');
  const shown = edit ?? editOf(list);
  const set = (next: ListEdit): void => setEdit(next);
  const save = (): void =>
    change.mutate(
      { params: { id: list.id }, body: bodyOf(shown), version: list.version },
      { onSuccess: () => setEdit(null) },
    );
  return (
    <>
      <PageHead
        title={
          edit ? (
            <Input
              aria-label="Name of the list"
              value={edit.name}
              onChange={(e) => set({ ...edit, name: e.target.value })}
            />
          ) : (
            list.name
          )
        }
        name={list.name}
        about={
          <>
            {shown.members.length} species, by the week they are taught
            {list.sections.length > 0 ? ` · taught to ${list.sections.join(', ')}` : ''} ·{' '}
            <AppLink to={`/species/record?list=${list.id}`}>what to record next</AppLink> ·{' '}
            <AppLink to={`/species/table?list=${list.id}`}>as a table</AppLink> ·{' '}
            <AppLink to={`/species/seasons?list=${list.id}`}>through the year</AppLink> ·{' '}
            <AppLink to={`/print/lists/${list.id}/plates`}>print drawings</AppLink> ·{' '}
            <AppLink to={`/print/lists/${list.id}/booklet`}>a booklet</AppLink>
          </>
        }
        actions={
          !mayTeach ? null : edit ? (
            <>
              <Button onClick={() => setEdit(null)}>Cancel</Button>
              <Button
                type="primary"
                loading={change.isPending}
                disabled={edit.name.trim() === '' || edit.members.length === 0}
                onClick={save}
              >
                Save list
              </Button>
            </>
          ) : (
            <>
              <Button
                loading={copy.isPending}
                onClick={() =>
                  copy.mutate(
                    { params: { id: list.id }, body: { name: `${list.name}, copy` } },
                    { onSuccess: (made) => go(`/classes/lists/${made.id}`) },
                  )
                }
              >
                Copy list
              </Button>
              <Popconfirm
                title="Delete this list?"
                description="Its species stay in the library."
                okText="Delete list"
                cancelText="Cancel"
                onConfirm={() =>
                  remove.mutate(
                    { params: { id: list.id }, version: list.version },
                    { onSuccess: () => go('/classes') },
                  )
                }
              >
                <Button>Delete list</Button>
              </Popconfirm>
              <Button onClick={() => setEdit(editOf(list))}>Edit list</Button>
              <Button type="primary" onClick={() => setMaking(true)}>
                Create quiz
              </Button>
            </>
          )
        }
      />
      <ProblemNote error={change.error ?? copy.error ?? remove.error} />
      {making ? <NewQuiz list={list.id} onClose={() => setMaking(false)} /> : null}
      <DataTable<ListMember>
        label="Species of the list"
        file={list.name}
        rows={shown.members}
        rowKey={(m) => m.id}
        plain={(m) => ({ scientific: m.scientific, common: m.common, week: m.week, label: m.label })}
        empty={<p className="caution">A list holds at least one species.</p>}
        tools={edit ? <AddMember onAdd={(t) => set(addMember(edit, t))} /> : null}
        columns={[
          {
            title: 'Week',
            width: 100,
            className: 'number',
            sorter: (a, b) => (a.week ?? 99) - (b.week ?? 99),
            render: (_, m) =>
              edit ? (
                <WeekField member={m} onChange={(week) => set(setMember(edit, m.id, { week }))} />
              ) : (
                m.week
              ),
          },
          {
            title: 'Species',
            sorter: (a, b) => a.scientific.localeCompare(b.scientific, 'en'),
            render: (_, m) => (
              <AppLink to={`/species/${m.id}?list=${list.id}`}>
                <TaxonName taxon={m} />
              </AppLink>
            ),
          },
          {
            title: 'Label used here',
            render: (_, m) =>
              edit ? (
                <Input
                  size="small"
                  aria-label={`Label of ${m.scientific}`}
                  maxLength={120}
                  value={m.label ?? ''}
                  onChange={(e) => set(setMember(edit, m.id, { label: e.target.value || null }))}
                />
              ) : (
                m.label
              ),
          },
          {
            title: edit ? 'On the list' : 'Characters recorded for this species',
            sorter: (a, b) => a.own - b.own,
            render: (_, m) =>
              edit ? (
                <Button
                  size="small"
                  onClick={() => set(dropMember(edit, m.id))}
                  aria-label={`Remove ${m.scientific} from the list`}
                >
                  Remove
                </Button>
              ) : m.own === 0 ? (
                <span className="quiet">nothing yet</span>
              ) : (
                <span className="number">{counted(m.own, 'character')}</span>
              ),
          },
        ]}
      />
    </>
  );
}

/** A list by weeks: read, changed, copied, removed. */
export function ListPage() {
  const { id = '' } = useParams();
  const list = useRead('list', { id });
  return <Loaded query={list}>{(l) => <List key={`${l.id}/${l.version}`} list={l} />}</Loaded>;
}
