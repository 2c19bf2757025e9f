/** One taxon of the demo's text files, as written. */
export interface WrittenTaxon {
  readonly rank: string;
  readonly name: string;
  readonly authority: string | null;
  readonly parents: string[];
  readonly common: string[];
  readonly synonym: string[];
  readonly olderFamily: string[];
  readonly prose: { topic: string; text: string }[];
  readonly cautions: { hazard: string; forbids: string[]; text: string }[];
  readonly statements: { character: string; source: string; text: string }[];
  readonly windows: { kind: string; from: string; to: string }[];
  readonly range: { presence: string; region: string }[];
}

const HEAD = /^(family|genus|group|species|infraspecies) (.+)$/;

function splitHead(rank: string, rest: string): Pick<WrittenTaxon, 'name' | 'authority' | 'common'> {
  if (rank === 'species' || rank === 'infraspecies') {
    const m =
      rank === 'species' ? /^(\S+ \S+) (.+)$/.exec(rest) : /^(\S+ \S+ (?:subsp|var)\. \S+) (.+)$/.exec(rest);
    if (!m) throw new Error(`No authority in “${rest}”`);
    return { name: m[1] ?? '', authority: m[2] ?? null, common: [] };
  }
  const [name = '', common = ''] = rest.split(' | ').map((t) => t.trim());
  return { name, authority: null, common: list(common) };
}

const list = (text: string): string[] =>
  text
    .split(';')
    .map((t) => t.trim())
    .filter((t) => t !== '');

function readLine(taxon: WrittenTaxon, line: string): void {
  const plain = /^(in|common|synonym|older_family|native|planted|introduced):? (.+)$/.exec(line);
  if (plain) {
    const [, key, rest = ''] = plain;
    if (key === 'in') taxon.parents.push(...list(rest));
    else if (key === 'common') taxon.common.push(...list(rest));
    else if (key === 'synonym') taxon.synonym.push(...list(rest));
    else if (key === 'older_family') taxon.olderFamily.push(...list(rest));
    else taxon.range.push(...rest.split(' ').map((region) => ({ presence: key ?? '', region })));
    return;
  }
  const prose = /^prose (\w+): (.+)$/.exec(line);
  const caution = /^caution (\w+) \[([\w ]*)\]: (.+)$/.exec(line);
  const window = /^window (\w+): (\d\d-\d\d)\.\.(\d\d-\d\d)$/.exec(line);
  const statement = /^([a-z]+\.[a-z_]+)(?: @(\w+))?: (.+)$/.exec(line);
  if (prose) taxon.prose.push({ topic: prose[1] ?? '', text: prose[2] ?? '' });
  else if (caution) {
    taxon.cautions.push({
      hazard: caution[1] ?? '',
      forbids: (caution[2] ?? '').split(' ').filter((t) => t !== ''),
      text: caution[3] ?? '',
    });
  } else if (window)
    taxon.windows.push({ kind: window[1] ?? '', from: window[2] ?? '', to: window[3] ?? '' });
  else if (statement) {
    taxon.statements.push({
      character: statement[1] ?? '',
      source: statement[2] ?? 'flora',
      text: statement[3] ?? '',
    });
  } else throw new Error(`Not understood: “${line}” at ${taxon.name}`);
}

/** Reads the demo's taxa. @throws on any line that is not understood. */
export function readTaxa(text: string): WrittenTaxon[] {
  const taxa: WrittenTaxon[] = [];
  for (const raw of text.split('\n')) {
    const line = raw.trim();
    if (line === '') continue;
    const head = raw.startsWith(' ') ? null : HEAD.exec(line);
    if (head) {
      const rank = head[1] ?? '';
      taxa.push({
        rank,
        ...splitHead(rank, head[2] ?? ''),
        parents: [],
        synonym: [],
        olderFamily: [],
        prose: [],
        cautions: [],
        statements: [],
        windows: [],
        range: [],
      });
      continue;
    }
    const taxon = taxa.at(-1);
    if (!taxon) throw new Error(`A line before any taxon: “${line}”`);
    readLine(taxon, line);
  }
  return taxa;
}
