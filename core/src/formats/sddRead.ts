import type { Character, Frequency, Vocabulary } from '../characters/index.ts';
import { RANKS, normalise } from '../names/index.ts';
import type { LibraryPart, SourcePart, StatementPart, TaxonPart, ValuePart } from './document.ts';
import { MOST_REFUSALS, placesOf, refusal } from './place.ts';
import type { ReadFile, Refusal } from './place.ts';
import { MEASURES, MODIFIERS, stateId } from './sddWrite.ts';
import { childOf, childrenOf, readXml } from './xml.ts';
import type { XmlElement } from './xml.ts';

const labelOf = (e: XmlElement | undefined): string =>
  childOf(childOf(e, 'Representation'), 'Label')?.text.trim() ?? '';
const detailOf = (e: XmlElement | undefined): string =>
  childOf(childOf(e, 'Representation'), 'Detail')?.text.trim() ?? '';
const ref = (e: XmlElement | undefined): string => e?.attributes['ref'] ?? '';

const FREQ = new Map<string, Frequency>([
  ...(Object.entries(MODIFIERS) as [Frequency, string][]).map(([f, m]) => [m, f] as const),
  ['rarely', 'rare'],
  ['very rarely', 'rare'],
  ['occasionally', 'sometimes'],
]);

/** A character of the file and the one of the vocabulary it is, with its states by their ids in the file. */
interface Matched {
  readonly character: Character;
  readonly states: ReadonlyMap<string, string>;
}

const byWords = (text: string, x: { id: string; term: string; plain: string }): boolean => {
  const t = normalise(text);
  return t === normalise(x.term) || t === normalise(x.plain) || t === normalise(x.id);
};

function parsed(text: string): readonly unknown[] | null {
  try {
    const value: unknown = JSON.parse(text);
    return Array.isArray(value) ? value : null;
  } catch {
    return null;
  }
}

function sourceOf(p: XmlElement): SourcePart {
  const [kind, n, rank] = parsed(detailOf(p)) ?? [];
  const known = ['book', 'herbarium', 'colleague', 'measurement', 'own', 'shipped'];
  return {
    citation: labelOf(p) || 'A publication without a name',
    kind: known.includes(String(kind)) ? String(kind) : 'book',
    n: typeof n === 'number' && n >= 1 ? n : null,
    rank: typeof rank === 'number' ? rank : 100,
  };
}

/**
 * Reads descriptions from SDD 1.1. Characters and states are found in the vocabulary by their id, else by their words.
 * @param fallback the citation for descriptions that name no publication.
 */
export function readSdd(text: string, vocabulary: Vocabulary, fallback: string): ReadFile<LibraryPart> {
  const xml = readXml(text);
  if (!xml.ok) return xml;
  const refused: Refusal[] = [];
  const refuse = (e: XmlElement, message: string, remedy: string): void => {
    if (refused.length < MOST_REFUSALS) refused.push(refusal(e.place, message, remedy));
  };
  if (xml.value.name !== 'Datasets') {
    return {
      ok: false,
      refused: [
        refusal(
          xml.value.place,
          `The file starts with <${xml.value.name}>.`,
          'An SDD file starts with <Datasets>.',
        ),
      ],
    };
  }
  const dataset = childOf(xml.value, 'Dataset');
  const names = new Map<string, XmlElement>();
  for (const t of childrenOf(childOf(dataset, 'TaxonNames'), 'TaxonName'))
    names.set(t.attributes['id'] ?? '', t);
  const modifiers = new Map<string, string>();
  for (const d of childrenOf(childOf(dataset, 'DescriptiveConcepts'), 'DescriptiveConcept')) {
    for (const m of childrenOf(childOf(d, 'Modifiers'), 'Modifier'))
      modifiers.set(m.attributes['id'] ?? '', labelOf(m));
  }
  const publications = new Map<string, SourcePart>();
  for (const p of childrenOf(childOf(dataset, 'Publications'), 'Publication')) {
    publications.set(p.attributes['id'] ?? '', sourceOf(p));
  }

  const matched = new Map<string, Matched>();
  for (const c of childOf(dataset, 'Characters')?.children ?? []) {
    const id = c.attributes['id'] ?? '';
    const character = vocabulary.get(id) ?? [...vocabulary.values()].find((v) => byWords(labelOf(c), v));
    if (!character) {
      refuse(
        c,
        `The vocabulary has no character “${labelOf(c) || id}”.`,
        'Add it to the glossary first, with what it needs to be seen.',
      );
      continue;
    }
    const unit = labelOf(childOf(c, 'MeasurementUnit'));
    const kept = character.kind === 'length' ? 'mm' : character.unit;
    if (c.name === 'QuantitativeCharacter' && unit !== '' && unit !== kept) {
      refuse(
        c,
        `${character.term} is in “${unit}” in the file and in “${kept}” here.`,
        `Convert it to ${kept}.`,
      );
    }
    const states = new Map<string, string>();
    for (const s of childrenOf(childOf(c, 'States'), 'StateDefinition')) {
      const sid = s.attributes['id'] ?? '';
      const state =
        character.states.find((x) => stateId(character.id, x.id) === sid) ??
        character.states.find((x) => byWords(labelOf(s), x));
      if (state) states.set(sid, state.id);
      else
        refuse(
          s,
          `${character.term} has no state “${labelOf(s) || sid}”.`,
          'Add it to the glossary first, or take it out.',
        );
    }
    matched.set(id, { character, states });
  }

  const taxa = new Map<string, { part: TaxonPart; statements: StatementPart[] }>();
  const places = placesOf();
  const order: string[] = [];
  const nodes = new Map<string, XmlElement>();
  for (const h of childrenOf(childOf(dataset, 'TaxonHierarchies'), 'TaxonHierarchy')) {
    for (const n of childrenOf(childOf(h, 'Nodes'), 'Node')) nodes.set(n.attributes['id'] ?? '', n);
  }
  const parentOf = new Map<string, string>();
  for (const n of nodes.values()) {
    const up = nodes.get(ref(childOf(n, 'Parent')));
    const parent = labelOf(names.get(ref(childOf(up, 'TaxonName'))));
    if (parent) parentOf.set(ref(childOf(n, 'TaxonName')), parent);
  }
  for (const [id, t] of names) {
    const name = labelOf(t);
    const literal = childOf(t, 'Rank')?.attributes['literal'] ?? 'species';
    if (name === '') {
      refuse(t, 'A taxon has no name.', 'Give it a label.');
      continue;
    }
    if ([...taxa.values()].some((x) => normalise(x.part.name) === normalise(name))) {
      refuse(t, `${name} stands twice in the file.`, 'Keep one of the two.');
      continue;
    }
    const parent = parentOf.get(id);
    places.set(['taxa', order.length], t.place);
    order.push(id);
    taxa.set(id, {
      part: {
        name,
        rank: (RANKS as readonly string[]).includes(literal) ? literal : 'species',
        ...(detailOf(t) ? { authority: detailOf(t) } : {}),
        ...(parent ? { parents: [{ name: parent, kind: 'classification' }] } : {}),
      },
      statements: [],
    });
  }

  const frequencyOf = (e: XmlElement): Frequency => {
    const m = childOf(e, 'Modifier');
    if (!m) return 'usual';
    return FREQ.get(ref(m)) ?? FREQ.get((modifiers.get(ref(m)) ?? '').toLowerCase()) ?? 'sometimes';
  };
  const read = (e: XmlElement, m: Matched): Pick<StatementPart, 'value' | 'n' | 'note'> | null => {
    if (childOf(e, 'Status')?.attributes['code'] === 'NotApplicable') {
      return { value: { kind: 'inapplicable' }, n: null, note: childOf(e, 'Note')?.text ?? null };
    }
    if (e.name === 'Categorical') {
      const states = childrenOf(e, 'State').flatMap((s) => {
        const state = m.states.get(ref(s));
        if (state === undefined)
          refuse(
            s,
            `${m.character.term}: the state “${ref(s)}” is not defined in the file.`,
            'Define it among the states of its character.',
          );
        return state === undefined ? [] : [{ state, freq: frequencyOf(s) }];
      });
      return states.length > 0
        ? { value: { kind: 'states', states }, n: null, note: childOf(e, 'Note')?.text ?? null }
        : null;
    }
    return quantity(e, m.character, refuse);
  };

  const used = new Map<string, SourcePart>();
  for (const d of childrenOf(childOf(dataset, 'CodedDescriptions'), 'CodedDescription')) {
    const scope = childOf(d, 'Scope');
    const id = ref(childOf(scope, 'TaxonName'));
    const taxon = taxa.get(id);
    if (!taxon) {
      refuse(d, 'A description names no taxon of the file.', 'Give its scope a TaxonName.');
      continue;
    }
    const source = publications.get(ref(childOf(scope, 'Citation'))) ?? {
      citation: fallback,
      kind: 'book',
      n: null,
      rank: 100,
    };
    used.set(source.citation, source);
    for (const e of childOf(d, 'SummaryData')?.children ?? []) {
      const m = matched.get(ref(e));
      if (!m) {
        refuse(e, `The character “${ref(e)}” is not defined in the file.`, 'Define it among the characters.');
        continue;
      }
      const value = read(e, m);
      if (!value) continue;
      places.set(['taxa', order.indexOf(id), 'statements', taxon.statements.length], e.place);
      taxon.statements.push({ character: m.character.id, source: source.citation, life: null, ...value });
    }
  }
  if (refused.length > 0) return { ok: false, refused };
  const other = (dataset?.children ?? [])
    .filter(
      (c) =>
        ![
          'Representation',
          'TaxonNames',
          'TaxonHierarchies',
          'DescriptiveConcepts',
          'Characters',
          'CodedDescriptions',
          'Publications',
        ].includes(c.name),
    )
    .map((c) => `<${c.name}> is not read.`);
  return {
    ok: true,
    value: {
      sources: [...used.values()],
      taxa: [...taxa.values()].map((t) => ({ ...t.part, statements: t.statements })),
    },
    where: places.where,
    left: [...new Set(other)],
  };
}

/** A range from its measures, with the text it was typed as where the file keeps it. */
function quantity(
  e: XmlElement,
  c: Character,
  refuse: (e: XmlElement, message: string, remedy: string) => void,
): Pick<StatementPart, 'value' | 'n' | 'note'> | null {
  const of = new Map(
    childrenOf(e, 'Measure').map((m) => [m.attributes['type'] ?? '', Number(m.attributes['value'])]),
  );
  if ([...of.values()].some((v) => !Number.isFinite(v))) {
    refuse(e, `${c.term}: a measure is no number.`, 'Write numbers with a point.');
    return null;
  }
  const size = of.get('N');
  const xlow = of.get(MEASURES.xlow) ?? null;
  const xhigh = of.get(MEASURES.xhigh) ?? null;
  const low = of.get(MEASURES.low) ?? of.get('Mean') ?? xlow;
  if (low === null) return null;
  // A lower bound alone is a number that is open above.
  const top = of.get(MEASURES.high) ?? of.get('Mean') ?? xhigh;
  const high = top ?? low;
  const unit = c.kind === 'length' ? 'mm' : c.unit;
  const [entered, note] = parsed(childOf(e, 'Note')?.text ?? '') ?? [];
  const tail = unit === '' ? '' : ` ${unit}`;
  const outer = (v: number | null, inner: number): string => (v === null || v === inner ? '' : `(${v})`);
  const closed = `${outer(xlow, low)} ${low === high ? low : `${low}-${high}`} ${outer(xhigh, high)}${tail}`;
  const written = (top === null ? `at least ${low}${tail}` : closed).trim().replace(/\s+/g, ' ');
  const numbers =
    top === null
      ? { xlow: null, low, high, xhigh: null, more: true, unit }
      : { xlow, low, high, xhigh, unit };
  const value: ValuePart =
    typeof entered === 'string' ? { kind: 'range', entered, numbers } : { kind: 'range', entered: written };
  return {
    value,
    n: size !== undefined && size >= 1 ? size : null,
    note: typeof note === 'string' ? note : null,
  };
}
