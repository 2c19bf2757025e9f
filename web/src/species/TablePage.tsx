import { useMemo, useState } from 'react';
import { useSearchParams } from 'react-router';
import Button from 'antd/es/button';
import Input from 'antd/es/input';
import { useQueryClient } from '@tanstack/react-query';
import type { BatchEntry, LibraryTable } from '@hurrow/contract';
import type { Character, Vocabulary } from '@hurrow/core/characters';
import { ORGANS } from '@hurrow/core/conditions';
import { problemOf, useRead, useWrite } from '../api/index.ts';
import { ORGAN_LABELS, useMayTeach, useView, useVocabulary } from '../app/index.ts';
import { AppLink, Choose, Loaded, Nothing, PageHead, ProblemNote, counted, saveCsv } from '../parts/index.ts';
import { CellNote } from './CellNote.tsx';
import { ListPicker } from './ListPicker.tsx';
import { PastePanel } from './PastePanel.tsx';
import { SourcePicker } from './SourcePicker.tsx';
import { SpeciesNav } from './SpeciesNav.tsx';
import { TableGrid } from './TableGrid.tsx';
import type { At } from './TableGrid.tsx';
import { exportRows, patched, readEntry, readPaste, tableModel } from './tableModel.ts';
import type { CellProblem, Pasted, TableModel } from './tableModel.ts';
import { useChosenList } from './useList.ts';
import { useSource } from './useSource.ts';
import { UndoRedo } from './UndoRedo.tsx';
import { useUndo } from './useUndo.ts';
import './table.css';

const EVERY = 'every';
/** Characters that at least this share of the species have, own or inherited, are what the table starts with. */
const SHARE = 0.3;

function columnsFor(
  vocabulary: Vocabulary,
  model: TableModel,
  organ: string,
  filter: string,
): readonly Character[] {
  const wanted = filter.trim().toLowerCase();
  const fits = (c: Character): boolean =>
    wanted === '' || [c.term, c.plain, c.id].some((t) => t.toLowerCase().includes(wanted));
  const offered = [...vocabulary.values()].filter((c) => !c.retired && fits(c));
  if (organ === 'all' || wanted !== '') return offered;
  if (organ !== 'used') return offered.filter((c) => c.organ === organ);
  const sample = model.members.slice(0, 60).map((m) => model.profileOf(m.id));
  return offered.filter(
    (c) => sample.filter((p) => p.has(c.id)).length >= Math.max(1, SHARE * sample.length),
  );
}

function Table({
  table,
  route,
  list,
}: {
  table: LibraryTable;
  route: 'listTable' | 'libraryTable';
  list: string;
}) {
  const { wording } = useView();
  const vocabulary = useVocabulary();
  const mayTeach = useMayTeach();
  const client = useQueryClient();
  const { source, choose } = useSource(table.sources);
  const [organ, setOrgan] = useState('used');
  const [rowFilter, setRowFilter] = useState('');
  const [columnFilter, setColumnFilter] = useState('');
  const [order, setOrder] = useState<'list' | 'name'>('list');
  const [at, setAt] = useState<At>({ row: 0, column: 0 });
  const [refused, setRefused] = useState<CellProblem | null>(null);
  const [typing, setTyping] = useState<string | null>(null);
  const [pasted, setPasted] = useState<Pasted | null>(null);
  const [busy, setBusy] = useState<ReadonlySet<string>>(new Set());
  // What is written into the table stands in it already; the table is not read again for one cell.
  const save = useWrite('statementBatch', route);
  const undoing = useUndo();
  const model = useMemo(() => (vocabulary ? tableModel(table, vocabulary) : null), [table, vocabulary]);
  const rows = useMemo(() => {
    const wanted = rowFilter.trim().toLowerCase();
    const found = table.members.filter((m) =>
      `${m.scientific} ${m.common ?? ''}`.toLowerCase().includes(wanted),
    );
    return order === 'list'
      ? found
      : [...found].sort((a, b) => a.scientific.localeCompare(b.scientific, 'en'));
  }, [table.members, rowFilter, order]);
  const columns = useMemo(
    () => (vocabulary && model ? columnsFor(vocabulary, model, organ, columnFilter) : []),
    [vocabulary, model, organ, columnFilter],
  );
  if (!vocabulary || !model) return null;
  const here: At = {
    row: Math.min(at.row, Math.max(0, rows.length - 1)),
    column: Math.min(at.column, Math.max(0, columns.length - 1)),
  };
  const [taxon, character] = [rows[here.row], columns[here.column]];

  const record = (entries: readonly BatchEntry[], done: () => void): void => {
    const keys = entries.map((e) => `${e.taxon}/${e.character}`);
    setBusy((b) => new Set([...b, ...keys]));
    // Several cells may be on their way at once, each with its own answer.
    void save
      .mutateAsync({ body: { entries } })
      .then((made) => {
        client.setQueryData<LibraryTable>(
          [route, route === 'listTable' ? { id: list } : {}],
          (before) => before && patched(before, entries, made.rows),
        );
        done();
      })
      .catch(() => undefined)
      .finally(() => setBusy((b) => new Set([...b].filter((k) => !keys.includes(k)))));
  };
  const entered = (place: At, text: string, seen?: number | null): boolean => {
    const [t, c] = [rows[place.row], columns[place.column]];
    if (!t || !c || !mayTeach || source === '') return true;
    const read = readEntry(model, t.id, c, source, text, seen);
    setRefused(read.kind === 'problem' ? read.problem : null);
    if (read.kind === 'problem') return false;
    if (read.kind === 'entry') record([read.entry], () => undefined);
    return true;
  };
  return (
    <>
      <div className="tools">
        <SourcePicker sources={table.sources} source={source} onChoose={choose} />
        <label className="condition">
          <span className="condition-label">Characters</span>
          <Choose
            bare
            label="Characters"
            value={organ}
            options={[
              { value: 'used', label: 'in use' },
              ...ORGANS.map((o) => ({ value: o, label: ORGAN_LABELS[o] })),
              { value: 'all', label: 'every one' },
            ]}
            onChange={setOrgan}
          />
        </label>
        <label className="condition">
          <span className="condition-label">Order</span>
          <Choose
            bare
            label="Order"
            value={order}
            options={[
              { value: 'list', label: 'as listed' },
              { value: 'name', label: 'by name' },
            ]}
            onChange={setOrder}
          />
        </label>
        <Input
          className="table-filter"
          allowClear
          placeholder="Species"
          aria-label="Filter species"
          value={rowFilter}
          onChange={(e) => setRowFilter(e.target.value)}
        />
        <Input
          className="table-filter"
          allowClear
          placeholder="Character"
          aria-label="Filter characters"
          value={columnFilter}
          onChange={(e) => setColumnFilter(e.target.value)}
        />
        <span className="quiet number" role="status">
          {rows.length} species, {counted(columns.length, 'character')}
        </span>
        <span className="spring" />
        {mayTeach ? <UndoRedo of={undoing} /> : null}
        <Button onClick={() => saveCsv('character-table', exportRows(model, rows, columns, source))}>
          Save as CSV
        </Button>
      </div>
      <ProblemNote error={save.error} />
      {save.error && problemOf(save.error).status === 412 ? (
        <Button size="small" onClick={() => void client.invalidateQueries({ queryKey: [route] })}>
          Read what is there now
        </Button>
      ) : null}
      {rows.length === 0 || columns.length === 0 ? (
        <Nothing title="Nothing to show">Clear a filter.</Nothing>
      ) : (
        <TableGrid
          model={model}
          rows={rows}
          columns={columns}
          source={source}
          wording={wording}
          at={here}
          onMove={setAt}
          onEntered={entered}
          onPaste={(text) =>
            mayTeach ? setPasted(readPaste(text, model, rows, columns, vocabulary, source, here)) : undefined
          }
          onUndo={undoing.undo}
          onEditing={setTyping}
          busy={busy}
        />
      )}
      {taxon && character ? (
        <CellNote
          character={character}
          taxon={taxon.scientific}
          typing={typing}
          refused={typing === null ? null : refused}
          model={model}
          taxonId={taxon.id}
        />
      ) : null}
      {pasted ? (
        <PastePanel
          pasted={pasted}
          model={model}
          vocabulary={vocabulary}
          busy={save.isPending}
          error={save.error}
          onApply={() => record(pasted.entries, () => setPasted(null))}
          onClose={() => setPasted(null)}
        />
      ) : null}
    </>
  );
}

/** Species by characters, written in cells like a sheet of paper with squares. */
export function TablePage() {
  const { lists, list } = useChosenList();
  const [search, setSearch] = useSearchParams();
  const every = search.get('list') === EVERY || (lists !== undefined && list === null);
  const ofList = useRead('listTable', { id: list?.id ?? '' }, !every && list !== null);
  const ofAll = useRead('libraryTable', {}, every);
  const choose = (id: string): void =>
    setSearch(
      (before) => {
        const next = new URLSearchParams(before);
        next.set('list', id);
        return next;
      },
      { replace: true },
    );
  const query = every ? ofAll : ofList;
  return (
    <div className="table-place">
      <SpeciesNav />
      <PageHead
        title="Species by characters"
        name="Table"
        about="Arrow keys move, typing writes. A block copied from a spreadsheet is shown before it is recorded."
        actions={
          <ListPicker
            lists={[
              ...(lists ?? []),
              { id: EVERY, name: 'every species', size: ofAll.data?.members.length ?? 0 },
            ]}
            chosen={every ? EVERY : (list?.id ?? '')}
            onChoose={choose}
          />
        }
      />
      {lists?.length === 0 && ofAll.data?.members.length === 0 ? (
        <Nothing title="No species yet">
          <AppLink to="/classes/lists/new">Paste a list of names</AppLink>; each becomes a line of this table.
        </Nothing>
      ) : (
        <Loaded query={query}>
          {(table) => (
            <Table
              key={every ? EVERY : list?.id}
              table={table}
              route={every ? 'libraryTable' : 'listTable'}
              list={list?.id ?? ''}
            />
          )}
        </Loaded>
      )}
    </div>
  );
}
