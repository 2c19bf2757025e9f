import type { Vocabulary } from '../characters/index.ts';
import { normalise } from '../names/index.ts';
import type { LibraryDocument, LibraryPart, TaxonPart } from './document.ts';
import { planStatements } from './planStatements.ts';
import { mergedTaxon, taxonChanges } from './planTaxon.ts';
import type { Notes, PlanOptions, PlannedStatement } from './planTypes.ts';

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

export interface PlannedTaxa {
  readonly taxa: readonly { readonly part: TaxonPart; readonly isNew: boolean }[];
  readonly statements: readonly PlannedStatement[];
  readonly knowsTaxon: (name: string) => boolean;
}

/** Taxa that are new or changed, with what is stated of them. */
export function planTaxa(
  current: LibraryDocument,
  incoming: LibraryPart,
  vocabulary: Vocabulary,
  knowsSource: (citation: string | null) => boolean,
  options: PlanOptions,
  found: Notes,
): PlannedTaxa {
  const { refuse, note, keep, once } = found;
  const { adding } = options;
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
        'Fix the rank in the file.',
      );
    }
    once(['taxa', i, 'names'], t.names, (x) => `${x.kind.replace('_', ' ')} ${normalise(x.text)}`, t.name);
    once(
      ['taxa', i, 'parents'],
      t.parents,
      (p) => `${p.kind.replace('_', ' ')} ${normalise(p.name)}`,
      t.name,
    );
    once(['taxa', i, 'range'], t.range, (r) => r.region, t.name);
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
    const named = new Set([t.name, ...(t.names ?? stands?.names ?? []).map((x) => x.text)]);
    t.roots?.forEach((r, k) => {
      if (!named.has(r.name))
        refuse(
          ['taxa', i, 'roots', k],
          `“${r.name}” is none of the names of ${t.name}.`,
          'Give the root one of its names.',
        );
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
    } else keep();
    statements.push(...planStatements(t, i, stands, vocabulary, knowsSource, found));
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
      'Fix the parents so that they lead upward only.',
    );
  return { taxa: planned, statements, knowsTaxon };
}
