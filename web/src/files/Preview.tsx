import Button from 'antd/es/button';
import type { ImportReport } from '@hurrow/contract';
import { DataTable } from '../parts/index.ts';

type Change = ImportReport['changes'][number];
type Refusal = ImportReport['refused'][number];

const WORDS: Readonly<Record<string, string>> = { new: 'new', changed: 'changed' };
const KIND: Readonly<Record<string, string>> = {
  taxon: 'species or group',
  pair: 'look-alike',
  policy: 'merging of sources',
  sitting: 'sitting',
  student: 'student',
};

const count = (n: number, what: string): string => `${n.toLocaleString('en')} ${what}`;

/** What an import would do, or did: new, changed, as it stands, and refused with line and column. */
export function Preview({
  report,
  applied,
  onTake,
}: {
  readonly report: ImportReport;
  readonly applied: boolean;
  readonly onTake: () => void;
}) {
  const { counts, refused, changes, more, left } = report;
  const total = counts.new + counts.changed;
  const isOpen = report.questions.some((q) => q.chosen === undefined);
  return (
    <div className="preview">
      <p className="preview-counts" role="status">
        <b>{applied ? 'Imported: ' : ''}</b>
        {count(counts.new, 'new')}, {count(counts.changed, 'changed')}, {count(counts.same, 'unchanged')},{' '}
        <span className={counts.refused > 0 ? 'refused-count' : ''}>{count(counts.refused, 'refused')}</span>
      </p>
      {left.map((l) => (
        <p key={l} className="quiet">
          Not taken: {l}
        </p>
      ))}
      {refused.length > 0 ? (
        <>
          <p>Fix these errors to import the file.</p>
          <DataTable<Refusal>
            label="Refused"
            file="refused"
            rows={refused}
            rowKey={(r) => `${r.line}/${r.column}/${r.message}`}
            plain={(r) => ({ line: r.line, column: r.column, refused: r.message, remedy: r.remedy })}
            empty={null}
            columns={[
              {
                title: 'Line',
                dataIndex: 'line',
                width: 80,
                className: 'number',
                sorter: (a, b) => a.line - b.line,
              },
              { title: 'Column', dataIndex: 'column', width: 90, className: 'number' },
              { title: 'What is refused', dataIndex: 'message' },
              { title: 'What would be right', dataIndex: 'remedy' },
            ]}
          />
        </>
      ) : null}
      {changes.length > 0 && refused.length === 0 ? (
        <>
          {applied || isOpen ? null : (
            <Button type="primary" onClick={onTake}>
              Import all {total.toLocaleString('en')}
            </Button>
          )}
          <DataTable<Change & { key: number }>
            label="Changes"
            file="changes"
            rows={changes.map((c, key) => ({ ...c, key }))}
            rowKey={(c) => String(c.key)}
            tools={more > 0 ? <span className="quiet">and {more.toLocaleString('en')} more</span> : null}
            plain={(c) => ({ what: c.what, kind: c.kind, name: c.name, detail: c.detail })}
            empty={null}
            columns={[
              {
                title: '',
                width: 90,
                sorter: (a, b) => a.what.localeCompare(b.what),
                render: (_, c) => WORDS[c.what],
              },
              {
                title: 'Part',
                width: 150,
                sorter: (a, b) => a.kind.localeCompare(b.kind),
                render: (_, c) => KIND[c.kind] ?? c.kind,
              },
              { title: 'Which', dataIndex: 'name', sorter: (a, b) => a.name.localeCompare(b.name, 'en') },
              { title: 'What it says', dataIndex: 'detail' },
            ]}
          />
        </>
      ) : null}
      {total === 0 && refused.length === 0 && !isOpen ? (
        <p>
          {report.kind === 'responses' ? 'Nothing is left to import.' : 'The library has all of it already.'}
        </p>
      ) : null}
    </div>
  );
}
