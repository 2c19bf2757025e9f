import type { Office, WeekPage, WorkspaceShown } from '../../index.ts';
import { nullOr, number, record, text } from '../typed.ts';

export const workspaceSchema = record<WorkspaceShown>({
  name: text,
  office: record<Office>({ name: text, contact: text, statement: text }),
});

export const weekPageSchema = record<WeekPage>({
  text,
  photo: nullOr(text),
  tree: nullOr(text),
  place: text,
  version: number,
});
