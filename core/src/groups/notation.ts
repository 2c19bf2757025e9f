/** One taxon of a text of taxa, as written. */
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
  readonly roots: {
    element: string;
    language: string;
    meaning: string;
    names: string | null;
    contested: boolean;
  }[];
  readonly pairs: { other: string; character: string | null; text: string; mnemonic: string | null }[];
  readonly said: string | null;
  readonly record: WrittenRecord | null;
}

/** The largest tree known: girth and spread across, height, where and when it was measured. */
export interface WrittenRecord {
  readonly girthCm: number;
  readonly heightM: number;
  readonly spreadM: number;
  readonly year: number;
  readonly place: string;
}

type Draft = { -readonly [K in keyof WrittenTaxon]: WrittenTaxon[K] };

const HEAD = /^(family|genus|group|species|infraspecies|more) (.+)$/;

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

/** What is said of names and neighbours: pronunciation, roots, a record tree, a pair. */
function readNote(taxon: Draft, line: string): boolean {
  const note = /^(say|root|record|pair)(?: ([^:[]+?))?(?: \[([^\]]+)\])?: (.+)$/.exec(line);
  if (!note) return false;
  const [, key, other, character, text = ''] = note;
  if (key === 'say') taxon.said = text;
  else if (key === 'root') {
    const [element = '', language = '', meaning = '', names = '-', contested] = text.split(' | ');
    taxon.roots.push({
      element,
      language,
      meaning,
      names: names === '-' ? null : names,
      contested: contested === 'contested',
    });
  } else if (key === 'record') {
    const [girth, height, spread, year, ...place] = text.split(' ');
    taxon.record = {
      girthCm: Number(girth),
      heightM: Number(height),
      spreadM: Number(spread),
      year: Number(year),
      place: place.join(' '),
    };
  } else {
    const [tell = '', mnemonic] = text.split(' || ');
    taxon.pairs.push({
      other: other ?? '',
      character: character ?? null,
      text: tell,
      mnemonic: mnemonic ?? null,
    });
  }
  return true;
}

function readLine(taxon: Draft, line: string): void {
  if (readNote(taxon, line)) return;
  const plain = /^(in|common|synonym|older_family|native|planted|introduced|rare):? (.+)$/.exec(line);
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

/**
 * Reads taxa from a text: a head line `genus Abies | fir`, then indented lines for parents, names, statements in the
 * notation of a character table, `window kind: MM-DD..MM-DD`, `caution hazard [what it forbids]: text`,
 * `root: element | language | meaning | character=state`, `record: girth cm, height m, spread m, year, place`,
 * `pair Other name [character]: tell || mnemonic`. A head line `more Name` adds to a taxon written before.
 * @throws on any line that is not understood.
 */
export function readTaxa(text: string): WrittenTaxon[] {
  const taxa: Draft[] = [];
  let current: Draft | undefined;
  for (const raw of text.split('\n')) {
    const line = raw.trim();
    if (line === '') continue;
    const head = raw.startsWith(' ') ? null : HEAD.exec(line);
    if (head) {
      const rank = head[1] ?? '';
      if (rank === 'more') {
        current = taxa.find((t) => t.name === head[2]);
        if (!current) throw new Error(`More of “${head[2] ?? ''}”, which is not written before`);
        continue;
      }
      current = {
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
        roots: [],
        pairs: [],
        said: null,
        record: null,
      };
      taxa.push(current);
      continue;
    }
    const taxon = current;
    if (!taxon) throw new Error(`A line before any taxon: “${line}”`);
    readLine(taxon, line);
  }
  return taxa;
}
