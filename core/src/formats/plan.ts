import same from 'fast-deep-equal';
import { readValue } from '../characters/index.ts';
import type { Character, RangeValue, Value } from '../characters/index.ts';
import { normalise } from '../names/index.ts';
import type {
  CharacterPart,
  LibraryDocument,
  LibraryPart,
  ListPart,
  PairPart,
  RangeNumbers,
  SourcePart,
  StatementPart,
  TaxonPart,
  ValuePart,
  WordPart,
} from './document.ts';
import { MOST_REFUSALS, refusal } from './place.ts';
import type { Path, Place, Refusal } from './place.ts';
import { mergedTaxon, taxonChanges } from './planTaxon.ts';

export type ChangeKind =
  'character' | 'word' | 'policy' | 'source' | 'taxon' | 'statement' | 'pair' | 'list' | 'student';

/** One line of a preview. */
export interface PlannedChange {
  readonly kind: ChangeKind;
  readonly what: 'new' | 'changed';
  readonly name: string;
  readonly detail: string;
}

export interface PlannedStatement {
  readonly taxon: string;
  readonly part: StatementPart;
  readonly value: Value;
  /** Whether its source said something else before. */
  readonly replaces: boolean;
}

/** What an import would do, all of it; applied whole or not at all. */
export interface ImportPlan {
  readonly changes: readonly PlannedChange[];
  readonly same: number;
  readonly refused: readonly Refusal[];
  readonly characters: readonly CharacterPart[];
  readonly words: readonly WordPart[];
  readonly merge: LibraryPart['merge'] | null;
  readonly policies: NonNullable<LibraryPart['policies']>;
  readonly sources: readonly SourcePart[];
  readonly taxa: readonly { readonly part: TaxonPart; readonly isNew: boolean }[];
  readonly statements: readonly PlannedStatement[];
  readonly pairs: readonly PairPart[];
  readonly lists: readonly ListPart[];
}

export interface PlanOptions {
  /** Names, regions and parents are added to what stands, as from a table; otherwise a part replaces what stands. */
  readonly adding: boolean;
  readonly where: (path: Path) => Place;
  /** Told every few hundred taxa; throwing stops the plan. */
  readonly progress?: (done: number, total: number) => void;
}

const close = (a: number | null, b: number | null): boolean =>
  a === b || (a !== null && b !== null && Math.abs(a - b) <= 1e-6 * Math.max(1, Math.abs(a), Math.abs(b)));
const numbersText = (n: RangeNumbers): string => `${n.low} to ${n.high}${n.unit ? ` ${n.unit}` : ''}`;

/** What is wrong between a range's text and its numbers; null where they say the same. */
function lie(c: Character, value: RangeValue, numbers: RangeNumbers | undefined): string | null {
  if (!numbers) return null;
  const unit = c.kind === 'length' ? 'mm' : c.unit;
  if (numbers.unit !== unit) return `The numbers are in “${numbers.unit}”; ${c.term} is kept in “${unit}”`;
  const agree = (['xlow', 'low', 'high', 'xhigh'] as const).every((k) => close(numbers[k], value[k]));
  return agree ? null : `The text says ${value.entered}, the numbers ${numbersText(numbers)}`;
}

const textOf = (v: ValuePart): string =>
  v.kind === 'range'
    ? v.entered
    : v.kind === 'inapplicable'
      ? 'does not apply'
      : v.states
          .map((s) => (s.freq === 'usual' ? s.state : `${s.state} (${s.freq.replace('_', ' ')})`))
          .join(', ');

const statementKey = (s: Pick<StatementPart, 'character' | 'source' | 'life'>): string =>
  JSON.stringify([s.character, normalise(s.source), s.life]);

/** What of a character may differ between two workspaces and be brought over. */
const wordsOf = (c: Character): unknown => [
  c.term,
  c.plain,
  c.definition,
  c.counting ?? null,
  c.retired ?? false,
  c.states.map((s) => [
    s.id,
    s.parent ?? null,
    s.term,
    s.plain,
    s.definition,
    s.swatch ?? null,
    s.retired ?? false,
  ]),
];

/**
 * Compares what a file holds with the library as it stands: what is new, what changes, what is refused and where.
 * Nothing is changed here. Source: 5-formats.
 */
export function planImport(
  current: LibraryDocument,
  incoming: LibraryPart,
  options: PlanOptions,
): ImportPlan {
  const { where, adding } = options;
  const changes: PlannedChange[] = [];
  const refused: Refusal[] = [];
  let unchanged = 0;
  const refuse = (path: Path, message: string, remedy: string): void => {
    if (refused.length < MOST_REFUSALS) refused.push(refusal(where(path), message, remedy));
  };
  const note = (kind: ChangeKind, what: 'new' | 'changed', name: string, detail = ''): void => {
    changes.push({ kind, what, name, detail });
  };
  /** Whether a thing is new, changed or the same, and says so. */
  const weigh = <T>(
    kind: ChangeKind,
    name: string,
    stands: T | undefined,
    comes: T,
    detail = '',
  ): boolean => {
    if (stands !== undefined && same(stands, comes)) {
      unchanged += 1;
      return false;
    }
    note(kind, stands === undefined ? 'new' : 'changed', name, detail);
    return true;
  };

  const standing = new Map(current.characters.map((c) => [c.id, c]));
  const vocabulary = new Map<string, Character>(standing);
  const characters = (incoming.characters ?? []).filter((c, i) => {
    const stands = standing.get(c.id);
    if (stands && (stands.kind !== c.kind || (stands.unit !== c.unit && c.kind !== 'length'))) {
      refuse(
        ['characters', i, 'kind'],
        `${c.id} is ${stands.kind}${stands.unit ? ` in ${stands.unit}` : ''} here and ${c.kind}${c.unit ? ` in ${c.unit}` : ''} in the file.`,
        'Give it another id in the file.',
      );
      return false;
    }
    const gone = stands?.states.filter((s) => !c.states.some((x) => x.id === s.id)) ?? [];
    const states = [...c.states, ...gone];
    const bad = c.states.find((s) => s.parent !== undefined && !states.some((x) => x.id === s.parent));
    if (bad)
      refuse(
        ['characters', i, 'states'],
        `The state “${bad.id}” stands under “${bad.parent ?? ''}”, which there is not.`,
        'Add that state, or leave the parent out.',
      );
    vocabulary.set(c.id, { ...c, states });
    if (stands && same(wordsOf(stands), wordsOf({ ...c, states }))) {
      unchanged += 1;
      return false;
    }
    note('character', stands ? 'changed' : 'new', c.term, c.id);
    return true;
  });
  (incoming.characters ?? []).forEach((c, i) => {
    for (const rule of c.appliesIf) {
      const controller = vocabulary.get(rule.character);
      const missing = rule.states.find((s) => !controller?.states.some((x) => x.id === s));
      if (!controller || missing !== undefined) {
        refuse(
          ['characters', i, 'appliesIf'],
          `${c.id} applies by ${rule.character}${missing === undefined ? '' : ` = ${missing}`}, which there is not.`,
          'Add it to the file, or leave the rule out.',
        );
      }
    }
  });

  const wordKey = (w: WordPart): string => JSON.stringify([normalise(w.text), w.character, w.state]);
  const wordsThere = new Set(current.words.map(wordKey));
  const words = (incoming.words ?? []).filter((w, i) => {
    if (wordsThere.has(wordKey(w))) {
      unchanged += 1;
      return false;
    }
    const c = vocabulary.get(w.character);
    if (!c || (w.state !== null && !c.states.some((s) => s.id === w.state))) {
      refuse(
        ['words', i],
        `“${w.text}” stands for ${w.character}${w.state === null ? '' : ` = ${w.state}`}, which there is not.`,
        'Take the word out, or add the term.',
      );
    }
    note('word', 'new', w.text, w.character);
    return true;
  });

  const sourcesThere = new Map(current.sources.map((s) => [normalise(s.citation), s]));
  const sourcesComing = new Set<string>();
  const sources = (incoming.sources ?? []).filter((s, i) => {
    const key = normalise(s.citation);
    if (sourcesComing.has(key))
      refuse(['sources', i], `The source “${s.citation}” is given twice.`, 'Keep one of the two.');
    sourcesComing.add(key);
    return weigh('source', s.citation, sourcesThere.get(key), s);
  });
  const knowsSource = (citation: string | null): boolean =>
    citation === null || sourcesThere.has(normalise(citation)) || sourcesComing.has(normalise(citation));

  const taxaThere = new Map(current.taxa.map((t) => [normalise(t.name), t]));
  const taxaComing = new Map<string, number>();
  const synonymOf = new Map<string, string>();
  for (const t of current.taxa) {
    for (const n of t.names ?? []) if (n.kind === 'synonym') synonymOf.set(normalise(n.text), t.name);
  }
  const planned: { part: TaxonPart; isNew: boolean }[] = [];
  const statements: PlannedStatement[] = [];
  const incomingTaxa = [...(incoming.taxa ?? [])];
  incomingTaxa.forEach((t, i) => {
    const key = normalise(t.name);
    if (taxaComing.has(key))
      refuse(['taxa', i], `${t.name} stands twice in the file.`, 'Keep one of the two.');
    taxaComing.set(key, i);
  });
  if (adding) {
    // A table may name a parent that nobody has written yet: it is made, of the rank its name shows.
    const wanted = new Set(incomingTaxa.flatMap((t) => (t.parents ?? []).map((p) => p.name)));
    for (const name of wanted) {
      if (taxaThere.has(normalise(name)) || taxaComing.has(normalise(name))) continue;
      taxaComing.set(normalise(name), incomingTaxa.length);
      incomingTaxa.unshift({ name, rank: name.endsWith('aceae') ? 'family' : 'genus' });
    }
  }
  const indexOf = (t: TaxonPart): number => incoming.taxa?.indexOf(t) ?? -1;
  const knowsTaxon = (name: string): boolean =>
    taxaThere.has(normalise(name)) || taxaComing.has(normalise(name));

  incomingTaxa.forEach((t, n) => {
    if (n % 20 === 0) options.progress?.(n, incomingTaxa.length);
    const i = indexOf(t);
    const stands = taxaThere.get(normalise(t.name));
    const elsewhere = synonymOf.get(normalise(t.name));
    if (!stands && elsewhere !== undefined) {
      refuse(
        ['taxa', i, 'name'],
        `${t.name} is a synonym of ${elsewhere} here.`,
        `Call it ${elsewhere} in the file, or take the synonym away first.`,
      );
      return;
    }
    if (stands && stands.rank !== t.rank && !(adding && t.rank === 'species')) {
      refuse(
        ['taxa', i, 'rank'],
        `${t.name} is a ${stands.rank} here and a ${t.rank} in the file.`,
        'Mend the rank in the file.',
      );
    }
    t.names?.forEach((x, k) => {
      const owner = normalise(x.text);
      if (x.kind === 'synonym' && owner !== normalise(t.name) && knowsTaxon(x.text)) {
        refuse(
          ['taxa', i, 'names', k],
          `“${x.text}” is the accepted name of another taxon, so it cannot be a synonym of ${t.name}.`,
          'Take the synonym out, or change that name first.',
        );
      }
    });
    t.parents?.forEach((p, k) => {
      if (!knowsTaxon(p.name))
        refuse(
          ['taxa', i, 'parents', k],
          `${p.name} is neither in the file nor in the library.`,
          'Add it to the file before what stands under it.',
        );
      if (normalise(p.name) === normalise(t.name))
        refuse(['taxa', i, 'parents', k], `${t.name} stands under itself.`, 'Name its genus or group.');
    });
    t.roots?.forEach((r, k) => {
      if (r.character !== null && !vocabulary.get(r.character)?.states.some((s) => s.id === r.state)) {
        refuse(
          ['taxa', i, 'roots', k],
          `The root “${r.element}” names a state that there is not.`,
          'Choose a state of the vocabulary, or leave it empty.',
        );
      }
    });
    for (const [part, list] of [
      ['range', t.range],
      ['areas', t.areas],
      ['seasons', t.seasons],
    ] as const) {
      list?.forEach((r, k) => {
        if (!knowsSource(r.source))
          refuse(
            ['taxa', i, part, k],
            `There is no source “${r.source ?? ''}”.`,
            'Add it to the sources of the file.',
          );
      });
    }
    const part = mergedTaxon(stands, t, adding);
    const differs = stands ? taxonChanges(stands, part) : [];
    if (!stands || differs.length > 0) {
      planned.push({ part, isNew: !stands });
      note('taxon', stands ? 'changed' : 'new', t.name, stands ? differs.join(', ') : t.rank);
    } else unchanged += 1;
    const said = new Map((stands?.statements ?? []).map((s) => [statementKey(s), s]));
    const once = new Set<string>();
    t.statements?.forEach((s, k) => {
      const path: Path = ['taxa', i, 'statements', k];
      const c = vocabulary.get(s.character);
      if (!c) {
        refuse(
          path,
          `There is no character “${s.character}”.`,
          'Add it to the vocabulary first; the glossary lists them.',
        );
        return;
      }
      const read = readValue(
        c,
        s.value.kind === 'range' ? { kind: 'range', entered: s.value.entered } : s.value,
      );
      if (!read.ok) {
        refuse(path, `${t.name}, ${c.term}: ${read.problem.message}`, read.problem.remedy);
        return;
      }
      const wrong =
        s.value.kind === 'range' && read.value.kind === 'range' ? lie(c, read.value, s.value.numbers) : null;
      if (wrong) {
        refuse(path, `${t.name}, ${c.term}: ${wrong}.`, 'Leave the numbers out, or mend them.');
        return;
      }
      if (!knowsSource(s.source))
        refuse(path, `There is no source “${s.source}”.`, 'Add it to the sources of the file.');
      const key = statementKey(s);
      if (once.has(key)) refuse(path, `${t.name}: the source says ${c.term} twice.`, 'Keep one of the two.');
      once.add(key);
      const old = said.get(key);
      const plain = (x: StatementPart): unknown => [
        x.value.kind === 'range' ? x.value.entered : x.value,
        x.n,
        x.note,
      ];
      if (old && same(plain(old), plain(s))) {
        unchanged += 1;
        return;
      }
      statements.push({ taxon: t.name, part: s, value: read.value, replaces: old !== undefined });
      note(
        'statement',
        old ? 'changed' : 'new',
        `${t.name}, ${c.term}`,
        old ? `${textOf(old.value)} → ${textOf(s.value)}` : textOf(s.value),
      );
    });
  });
  options.progress?.(incomingTaxa.length, incomingTaxa.length);
  const cycle = cycleAmong(
    current,
    planned.map((p) => p.part),
  );
  if (cycle)
    refuse(
      ['taxa', taxaComing.get(normalise(cycle)) ?? 0, 'parents'],
      `${cycle} stands under itself, by way of others.`,
      'Mend the parents so that they lead upward only.',
    );

  const pairKey = (p: PairPart): string =>
    JSON.stringify([[normalise(p.a), normalise(p.b)].sort(), p.character]);
  const pairsThere = new Map(current.pairs.map((p) => [pairKey(p), p]));
  const pairs = (incoming.pairs ?? []).filter((p, i) => {
    for (const name of [p.a, p.b]) {
      if (!knowsTaxon(name))
        refuse(
          ['pairs', i],
          `${name} is neither in the file nor in the library.`,
          'Take the pair out, or add the species.',
        );
    }
    if (normalise(p.a) === normalise(p.b))
      refuse(['pairs', i], `${p.a} is paired with itself.`, 'Name two species.');
    if (p.character !== null && !vocabulary.has(p.character))
      refuse(['pairs', i], `There is no character “${p.character}”.`, 'Leave it empty, or add it.');
    const old = pairsThere.get(pairKey(p));
    return weigh(
      'pair',
      `${p.a} and ${p.b}`,
      old && [old.text, old.mnemonic],
      [p.text, p.mnemonic],
      p.text ?? '',
    );
  });

  const listsThere = new Map(current.lists.map((l) => [normalise(l.name), l]));
  const lists = (incoming.lists ?? []).filter((l, i) => {
    const once = new Set<string>();
    l.members.forEach((m, k) => {
      if (!knowsTaxon(m.name))
        refuse(
          ['lists', i, 'members', k],
          `${m.name} is neither in the file nor in the library.`,
          'Take it out of the list, or add it.',
        );
      if (once.has(normalise(m.name)))
        refuse(['lists', i, 'members', k], `${m.name} is listed twice.`, 'Keep one of the two.');
      once.add(normalise(m.name));
    });
    return weigh(
      'list',
      l.name,
      listsThere.get(normalise(l.name))?.members,
      l.members,
      `${l.members.length} names`,
    );
  });

  const merge = incoming.merge !== undefined && incoming.merge !== current.merge ? incoming.merge : null;
  if (merge) note('policy', 'changed', 'several sources', `${current.merge} → ${merge}`);
  const policiesThere = new Map(current.policies.map((p) => [p.character, p]));
  const policies = (incoming.policies ?? []).filter((p, i) => {
    if (!vocabulary.has(p.character))
      refuse(['policies', i], `There is no character “${p.character}”.`, 'Take the policy out.');
    if (!knowsSource(p.source))
      refuse(
        ['policies', i],
        `There is no source “${p.source ?? ''}”.`,
        'Add it to the sources of the file.',
      );
    return weigh('policy', p.character, policiesThere.get(p.character), p, p.policy);
  });

  return {
    changes,
    same: unchanged,
    refused,
    characters,
    words,
    merge,
    policies,
    sources,
    taxa: planned,
    statements,
    pairs,
    lists,
  };
}

/** A taxon that would stand under itself once some taxa are written; null where none does. */
function cycleAmong(current: LibraryDocument, parts: readonly TaxonPart[]): string | null {
  const above = new Map<string, readonly string[]>();
  const names = new Map<string, string>();
  for (const t of [...current.taxa, ...parts]) {
    names.set(normalise(t.name), t.name);
    if (t.parents)
      above.set(
        normalise(t.name),
        t.parents.map((p) => normalise(p.name)),
      );
  }
  const state = new Map<string, 'open' | 'done'>();
  for (const start of above.keys()) {
    const stack = [start];
    while (stack.length > 0) {
      const at = stack.at(-1) ?? '';
      if (state.get(at) === undefined) {
        state.set(at, 'open');
        for (const p of above.get(at) ?? []) {
          if (state.get(p) === 'open') return names.get(p) ?? p;
          if (state.get(p) === undefined) stack.push(p);
        }
      } else {
        state.set(at, 'done');
        stack.pop();
      }
    }
  }
  return null;
}
