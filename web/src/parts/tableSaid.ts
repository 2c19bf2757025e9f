import type { ColumnsType } from 'antd/es/table';
import { counted } from './counted.ts';

/** The column a table is sorted by, and which way. */
export interface Sorted {
  readonly by: string;
  readonly order: 'ascend' | 'descend';
}

/** What a table is sorted by before anybody presses a heading; null where that cannot be said in words. */
export function sortedAtFirst<T>(columns: ColumnsType<T>): Sorted | null {
  const first = columns.find((c) => c.defaultSortOrder);
  return first?.defaultSortOrder && typeof first.title === 'string'
    ? { by: first.title, order: first.defaultSortOrder }
    : null;
}

/** How many rows stand there, and why these in this order. */
export function tableSaid(all: number, shown: number, filter: string, sorted: Sorted | null): string {
  const rows = filter === '' ? counted(all, 'row') : `${shown} of ${counted(all, 'row')} with “${filter}”`;
  const order = sorted ? `, by ${sorted.by.toLowerCase()}, ${sorted.order === 'ascend' ? 'up' : 'down'}` : '';
  return `${rows}${order}`;
}
