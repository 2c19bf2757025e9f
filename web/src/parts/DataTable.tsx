import { useState } from 'react';
import type { ReactNode } from 'react';
import Button from 'antd/es/button';
import Input from 'antd/es/input';
import Table from 'antd/es/table';
import type { ColumnsType } from 'antd/es/table';
import type { Sorted } from './tableSaid.ts';
import { sortedAtFirst, tableSaid } from './tableSaid.ts';
import { saveCsv } from './csv.ts';
import type { CsvRow } from './csv.ts';

interface Props<T> {
  readonly label: string;
  readonly rows: readonly T[];
  readonly rowKey: (row: T) => string;
  readonly columns: ColumnsType<T>;
  /** What the filter looks in, and what is exported. */
  readonly plain: (row: T) => CsvRow;
  readonly file: string;
  readonly tools?: ReactNode;
  readonly empty: ReactNode;
  readonly expanded?: (row: T) => ReactNode;
  /** Rows of one page; fewer where each is large. */
  readonly pageSize?: number;
}

const PAGE = 100;

/** A table that sorts, filters by text and exports what it shows. */
export function DataTable<T extends object>({
  label,
  rows,
  rowKey,
  columns,
  plain,
  file,
  tools,
  empty,
  expanded,
  pageSize = PAGE,
}: Props<T>) {
  const [filter, setFilter] = useState('');
  const [sorted, setSorted] = useState<Sorted | null>(() => sortedAtFirst(columns));
  const wanted = filter.trim().toLowerCase();
  const shown =
    wanted === ''
      ? rows
      : rows.filter((r) =>
          Object.values(plain(r)).some((v) =>
            String(v ?? '')
              .toLowerCase()
              .includes(wanted),
          ),
        );
  if (rows.length === 0) return <>{empty}</>;
  return (
    <section aria-label={label} className="data-table">
      <div className="table-tools">
        <Input
          aria-label={`Filter ${label.toLowerCase()}`}
          placeholder="Filter by any word"
          allowClear
          value={filter}
          onChange={(e) => setFilter(e.target.value)}
          className="table-filter"
        />
        <span className="quiet number" role="status">
          {tableSaid(rows.length, shown.length, filter.trim(), sorted)}
        </span>
        <span className="spring" />
        {tools}
        <Button onClick={() => saveCsv(file, shown.map(plain))}>Save as CSV</Button>
      </div>
      <Table<T>
        size="small"
        rowKey={rowKey}
        columns={columns}
        dataSource={[...shown]}
        onChange={(_, __, sorter) => {
          const by = Array.isArray(sorter) ? sorter[0] : sorter;
          const title = by?.column?.title;
          setSorted(by?.order && typeof title === 'string' ? { by: title, order: by.order } : null);
        }}
        pagination={shown.length > pageSize ? { pageSize, showSizeChanger: false } : false}
        {...(expanded
          ? {
              expandable: {
                expandedRowRender: expanded,
                columnTitle: <span className="visually-hidden">Details</span>,
              },
            }
          : {})}
      />
    </section>
  );
}
