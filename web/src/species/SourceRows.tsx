import { useState } from 'react';
import Button from 'antd/es/button';
import Input from 'antd/es/input';
import Popconfirm from 'antd/es/popconfirm';
import type { Source } from '@hurrow/contract';
import { SOURCE_KINDS } from '@hurrow/contract';
import { useWrite } from '../api/index.ts';
import { Choose, ProblemNote } from '../parts/index.ts';

const KIND_WORDS: Readonly<Record<Source['kind'], string>> = {
  book: 'book',
  herbarium: 'herbarium sheet',
  colleague: 'colleague',
  measurement: 'own measurement',
  own: 'own observation',
  shipped: 'shipped',
};

/** A source in its place; changed where it stands. */
export function SourceRow({ source, mayEdit }: { source: Source; mayEdit: boolean }) {
  const [body, setBody] = useState(source);
  const change = useWrite('sourceChange');
  const remove = useWrite('sourceRemove');
  const dirty = body.citation !== source.citation || body.rank !== source.rank || body.kind !== source.kind;
  const own = source.kind !== 'shipped' && mayEdit;
  const save = (): void => {
    const { kind, citation, rank } = body;
    if (kind === 'shipped') return;
    change.mutate({
      params: { id: source.id },
      body: { kind, citation, rank, n: source.n ?? null },
      version: source.version ?? 1,
    });
  };
  return (
    <tr>
      <td>
        {own ? (
          <Input
            size="small"
            type="number"
            min={1}
            max={1000}
            className="rank-field"
            aria-label={`Place of ${source.citation}`}
            value={body.rank}
            onChange={(e) => setBody({ ...body, rank: Number(e.target.value) })}
          />
        ) : (
          <span className="number">{source.rank}</span>
        )}
      </td>
      <td>
        {own ? (
          <Input
            size="small"
            aria-label={`Citation of ${source.citation}`}
            value={body.citation}
            onChange={(e) => setBody({ ...body, citation: e.target.value })}
          />
        ) : (
          source.citation
        )}
        <ProblemNote error={change.error ?? remove.error} />
      </td>
      <td>
        {own ? (
          <Choose
            label={`Kind of ${source.citation}`}
            value={body.kind}
            options={SOURCE_KINDS.map((k) => ({ value: k, label: KIND_WORDS[k] }))}
            onChange={(v) => setBody({ ...body, kind: SOURCE_KINDS.find((k) => k === v) ?? body.kind })}
          />
        ) : (
          KIND_WORDS[source.kind]
        )}
        {source.n ? <span className="quiet number"> n = {source.n}</span> : null}
      </td>
      <td>
        {own && dirty ? (
          <Button size="small" type="primary" loading={change.isPending} onClick={save}>
            Save source
          </Button>
        ) : own ? (
          <Popconfirm
            title={`Delete ${source.citation}?`}
            description="A source that still says something is kept."
            okText="Delete source"
            cancelText="Cancel"
            onConfirm={() => remove.mutate({ params: { id: source.id }, version: source.version ?? 1 })}
          >
            <Button size="small" loading={remove.isPending} aria-label={`Delete ${source.citation}`}>
              Delete
            </Button>
          </Popconfirm>
        ) : null}
      </td>
    </tr>
  );
}

/** Adds a source. */
export function NewSource() {
  const [citation, setCitation] = useState('');
  const [kind, setKind] = useState<(typeof SOURCE_KINDS)[number]>('book');
  const [n, setN] = useState('');
  const create = useWrite('sourceCreate');
  const add = (): void =>
    create.mutate(
      { body: { kind, citation, n: n === '' ? null : Number(n), rank: 40 } },
      {
        onSuccess: () => {
          setCitation('');
          setN('');
        },
      },
    );
  return (
    <form
      className="field-row"
      onSubmit={(e) => {
        e.preventDefault();
        add();
      }}
    >
      <div className="field grow">
        <label htmlFor="new-citation">Another source</label>
        <Input
          id="new-citation"
          value={citation}
          maxLength={400}
          onChange={(e) => setCitation(e.target.value)}
        />
      </div>
      <label className="field">
        <span>Kind</span>
        <Choose
          label="Kind"
          value={kind}
          options={SOURCE_KINDS.map((k) => ({ value: k, label: KIND_WORDS[k] }))}
          onChange={(v) => setKind(SOURCE_KINDS.find((k) => k === v) ?? 'book')}
        />
      </label>
      {kind === 'measurement' ? (
        <label className="field">
          <span>How many were measured</span>
          <Input type="number" min={1} value={n} onChange={(e) => setN(e.target.value)} />
        </label>
      ) : null}
      <Button htmlType="submit" disabled={citation.trim() === ''} loading={create.isPending}>
        Add source
      </Button>
      <ProblemNote error={create.error} />
    </form>
  );
}
