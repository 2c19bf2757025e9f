/** A real tree or shrub by its names, whether or not a library holds it. */
export interface CheckedName {
  readonly family: string;
  readonly scientific: string;
  readonly common: readonly string[];
  readonly synonyms: readonly string[];
}

export interface CheckedGenus {
  readonly family: string;
  readonly genus: string;
  /** What a tree of the genus is called in English. */
  readonly common: string;
}

export interface CheckedFamily {
  readonly family: string;
  readonly common: string;
  /** Families whose members, or most of them, now stand in this one. */
  readonly older: readonly string[];
}

export interface Checklist {
  readonly families: readonly CheckedFamily[];
  readonly genera: readonly CheckedGenus[];
  readonly species: readonly CheckedName[];
}

const split = (text: string, by: string): string[] =>
  text
    .split(by)
    .map((t) => t.trim())
    .filter((t) => t !== '');

function readSpecies(family: string, genus: string, text: string): CheckedName {
  const [names = '', old = ''] = split(text, ' = ');
  const m = /^(x )?([a-z-]+) ?(.*)$/.exec(names);
  if (!m) throw new Error(`No epithet in “${text}”`);
  return {
    family,
    scientific: `${genus} ${m[1] ? '× ' : ''}${m[2] ?? ''}`,
    common: split(m[3] ?? '', ','),
    synonyms: split(old, ',').map((s) => s.replace(' x ', ' × ')),
  };
}

/**
 * Reads a text of families, genera and species. A family: `@Pinaceae pine; Older, Older`. A genus and its species:
 * `Abies fir: grandis grand fir, lowland white fir; lasiocarpa subalpine fir = Abies bifolia`, where a hybrid has an `x`
 * before its epithet and synonyms stand behind `=`.
 * @throws where a line has no family or no epithet.
 */
export function readChecklist(text: string): Checklist {
  const families: CheckedFamily[] = [];
  const genera: CheckedGenus[] = [];
  const species: CheckedName[] = [];
  let family = '';
  for (const line of split(text, '\n')) {
    if (line.startsWith('@')) {
      const [head = '', ...older] = split(line.slice(1), ';');
      const [name = '', ...common] = head.split(' ');
      families.push({ family: name, common: common.join(' '), older });
      family = name;
      continue;
    }
    const m = /^((?:x )?[A-Z][a-z]+) ([^:]+): (.+)$/.exec(line);
    if (!m || family === '') throw new Error(`No genus in “${line.slice(0, 40)}”`);
    const genus = (m[1] ?? '').replace('x ', '× ');
    genera.push({ family, genus, common: m[2] ?? '' });
    for (const s of split(m[3] ?? '', ';')) species.push(readSpecies(family, genus, s));
  }
  return { families, genera, species };
}
