import type { NameUse } from './entries.ts';

const WORDS: Readonly<Record<NameUse, string>> = { in_part: 'in part', misused: 'misused' };

/** A name with its use behind it, as it is written on a line of names: `Salix interior (in part)`. */
export const writeUse = (text: string, use: NameUse | null | undefined): string =>
  use ? `${text} (${WORDS[use]})` : text;

/** A line of names as its name and its use, which is left out where it is simply a name. */
export function readUse(line: string): { readonly text: string; readonly use?: NameUse } {
  const m = /^(.*\S)\s*\((in part|misused)\)$/i.exec(line.trim());
  if (!m) return { text: line.trim() };
  return { text: m[1] ?? '', use: m[2]?.toLowerCase() === 'misused' ? 'misused' : 'in_part' };
}
