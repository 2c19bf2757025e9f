import type { SpeciesBody, SpeciesProfile } from '@hurrow/contract';
import { parseLength } from '@hurrow/core/measuring';
import { showLength } from '@hurrow/core/measuring';
import type { UnitSystem } from '@hurrow/core/measuring';
import { readUse, writeUse } from '@hurrow/core/names';

/** The head of a species as it stands in the form: texts as they are typed. */
export interface HeadForm {
  readonly scientific: string;
  readonly authority: string;
  readonly pronunciation: string;
  readonly status: 'draft' | 'checked';
  readonly parents: readonly string[];
  /** One a line, the first preferred; how a name is said stands in square brackets behind it. */
  readonly common: string;
  readonly synonyms: string;
  readonly olderFamilies: string;
  readonly prose: SpeciesBody['prose'];
  readonly cautions: SpeciesBody['cautions'];
  readonly roots: SpeciesBody['roots'];
  readonly record: {
    readonly girth: string;
    readonly height: string;
    readonly spread: string;
    readonly place: string;
    readonly year: string;
  };
}

const linesOf = (text: string): string[] =>
  text
    .split('\n')
    .map((t) => t.trim())
    .filter((t) => t !== '');

export function formOf(profile: SpeciesProfile, units: UnitSystem): HeadForm {
  const of = (kind: string) => profile.names.filter((n) => n.kind === kind);
  const length = (mm: number | undefined): string => (mm === undefined ? '' : showLength(mm, units));
  const { record } = profile;
  return {
    scientific: profile.header.scientific,
    authority: profile.header.authority ?? '',
    pronunciation: of('accepted')[0]?.pronunciation ?? '',
    status: profile.status,
    parents: profile.parents,
    common: of('common')
      .map((n) => `${writeUse(n.text, n.use)}${n.pronunciation ? ` [${n.pronunciation}]` : ''}`)
      .join('\n'),
    synonyms: of('synonym')
      .map((n) => writeUse(n.text, n.use))
      .join('\n'),
    olderFamilies: of('older_family')
      .map((n) => n.text)
      .join('\n'),
    prose: profile.prose,
    // What is inherited is written where it stands, not here.
    cautions: profile.cautions
      .filter((c) => c.from === undefined)
      .map(({ hazard, forbids, text }) => ({ hazard, forbids, text })),
    roots: profile.roots,
    record: {
      girth: length(record?.girth),
      height: length(record?.height),
      spread: length(record?.spread),
      place: record?.place ?? '',
      year: record?.year ? String(record.year) : '',
    },
  };
}

export type ReadForm =
  | { readonly ok: true; readonly body: SpeciesBody }
  | { readonly ok: false; readonly field: string; readonly message: string };

function readRecord(
  form: HeadForm['record'],
):
  | { readonly ok: true; readonly record: SpeciesBody['record'] }
  | { readonly ok: false; readonly message: string } {
  const typed = [form.girth, form.height, form.spread].map((t) => t.trim());
  if (typed.every((t) => t === '')) return { ok: true, record: null };
  const [girth, height, spread] = typed.map((t) => parseLength(t));
  if (!girth || !height || !spread) {
    return {
      ok: false,
      message: 'A record tree has girth, height and spread, each with its unit (120 in, 80 ft).',
    };
  }
  const year = form.year.trim() === '' ? null : Number(form.year);
  if (year !== null && !Number.isInteger(year)) return { ok: false, message: 'The year is a whole number.' };
  return { ok: true, record: { girth, height, spread, place: form.place.trim() || null, year } };
}

/** The form as the body that is sent; empty texts are left out. */
export function readForm(form: HeadForm): ReadForm {
  const record = readRecord(form.record);
  if (!record.ok) return { ok: false, field: 'record', message: record.message };
  const names = [
    ...linesOf(form.common).map((line, i) => {
      const m = /^(.*?)\s*\[([^\]]+)\]$/.exec(line);
      return {
        kind: 'common' as const,
        ...readUse(m?.[1] ?? line),
        preferred: i === 0,
        pronunciation: m?.[2] ?? null,
      };
    }),
    ...linesOf(form.synonyms).map((line) => ({
      kind: 'synonym' as const,
      ...readUse(line),
      preferred: false,
    })),
    ...linesOf(form.olderFamilies).map((text) => ({ kind: 'older_family' as const, text, preferred: false })),
  ];
  return {
    ok: true,
    body: {
      scientific: form.scientific.trim(),
      authority: form.authority.trim() || null,
      pronunciation: form.pronunciation.trim() || null,
      status: form.status,
      parents: form.parents,
      names,
      prose: form.prose.filter((p) => p.text.trim() !== ''),
      cautions: form.cautions,
      roots: form.roots,
      record: record.record,
    },
  };
}
