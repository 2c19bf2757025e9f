import type { LibraryDocument, StatementPart, TaxonPart } from './document.ts';
import { escaped } from './xml.ts';

/** Statements of numbers in a description: the extremes, and the usual low and high. Source: SDD 1.1. */
export const MEASURES = { xlow: 'Min', low: 'UMethLower', high: 'UMethUpper', xhigh: 'Max' } as const;
export const MODIFIERS = {
  sometimes: 'sometimes',
  rare: 'rare',
  mistaken_for: 'mistaken-for',
  never: 'never',
} as const;

const label = (text: string, detail = ''): string =>
  `<Representation><Label>${escaped(text)}</Label>${detail ? `<Detail>${escaped(detail)}</Detail>` : ''}</Representation>`;

export const stateId = (character: string, state: string): string => `${character}__${state}`;

function summary(s: StatementPart): string {
  const note = s.note ? `<Note>${escaped(s.note)}</Note>` : '';
  if (s.value.kind === 'inapplicable') {
    return `<Categorical ref="${escaped(s.character)}">${note}<Status code="NotApplicable"/></Categorical>`;
  }
  if (s.value.kind === 'states') {
    const states = s.value.states
      .map(({ state, freq }) => {
        const ref = escaped(stateId(s.character, state));
        return freq === 'usual'
          ? `<State ref="${ref}"/>`
          : `<State ref="${ref}"><Modifier ref="${MODIFIERS[freq]}"/></State>`;
      })
      .join('');
    return `<Categorical ref="${escaped(s.character)}">${note}${states}</Categorical>`;
  }
  const { numbers, entered } = s.value;
  const measures = numbers
    ? (Object.keys(MEASURES) as (keyof typeof MEASURES)[])
        .filter((k) => numbers[k] !== null && !(k === 'high' && numbers.more))
        .map((k) => `<Measure type="${MEASURES[k]}" value="${String(numbers[k])}"/>`)
        .join('')
    : '';
  const size = s.n === null ? '' : `<Measure type="N" value="${s.n}"/>`;
  // The text as it was typed is kept beside the numbers, so that nothing of it is lost.
  return `<Quantitative ref="${escaped(s.character)}"><Note>${escaped(JSON.stringify([entered, s.note]))}</Note>${measures}${size}</Quantitative>`;
}

/** What of a library an SDD file cannot hold, in words, for the report. */
export function notInSdd(library: LibraryDocument): readonly string[] {
  const count = (pick: (t: TaxonPart) => number): number => library.taxa.reduce((n, t) => n + pick(t), 0);
  const states = library.taxa
    .flatMap((t) => t.statements ?? [])
    .filter((s) => s.n !== null && s.value.kind !== 'range').length;
  const told: readonly (readonly [number, string])[] = [
    [library.lists.length, 'lists'],
    [library.pairs.length, 'look-alikes'],
    [library.words.length, 'learners’ words'],
    [count((t) => t.seasons?.length ?? 0), 'season windows'],
    [count((t) => t.cautions?.length ?? 0), 'cautions'],
    [count((t) => t.prose?.length ?? 0), 'texts'],
    [count((t) => t.names?.length ?? 0), 'synonyms, older families and common names'],
    [count((t) => (t.range?.length ?? 0) + (t.areas?.length ?? 0)), 'range records'],
    [count((t) => t.roots?.length ?? 0), 'name roots'],
    [states, 'sample sizes of states'],
    [count((t) => (t.statements ?? []).filter((s) => s.life !== null).length), 'stages of life'],
    [library.characters.length, 'rules of when a character can be seen'],
  ];
  return told.filter(([n]) => n > 0).map(([n, what]) => `${n} ${what}`);
}

/**
 * Descriptions as SDD 1.1 (Structured Descriptive Data, TDWG): characters with their states, taxa, and one coded
 * description for each taxon and source.
 */
export function writeSdd(library: LibraryDocument, version: string, created: string): string {
  const used = new Set(library.taxa.flatMap((t) => t.statements ?? []).map((s) => s.character));
  const characters = library.characters.filter((c) => used.has(c.id));
  const quantitative = (kind: string): boolean => kind === 'count' || kind === 'length' || kind === 'ratio';
  const lines: string[] = [
    '<?xml version="1.0" encoding="UTF-8"?>',
    '<Datasets xmlns="http://rs.tdwg.org/UBIF/2006/" xmlns:xsi="http://www.w3.org/2001/XMLSchema-instance" xsi:schemaLocation="http://rs.tdwg.org/UBIF/2006/ http://rs.tdwg.org/UBIF/2006/Schema/1.1/SDD.xsd">',
    `<TechnicalMetadata created="${created}"><Generator name="Hurrow" version="${escaped(version)}"/></TechnicalMetadata>`,
    '<Dataset xml:lang="en">',
    label('Library'),
    '<TaxonNames>',
    ...library.taxa.map(
      (t, i) =>
        `<TaxonName id="t${i}">${label(t.name, t.authority ?? '')}<Rank literal="${escaped(t.rank)}"/></TaxonName>`,
    ),
    '</TaxonNames>',
    '<TaxonHierarchies><TaxonHierarchy id="h1">',
    label('Classification'),
    '<Nodes>',
    ...library.taxa.map((t, i) => {
      const parent = library.taxa.findIndex(
        (x) => x.name === t.parents?.find((p) => p.kind === 'classification')?.name,
      );
      return `<Node id="n${i}">${parent < 0 ? '' : `<Parent ref="n${parent}"/>`}<TaxonName ref="t${i}"/></Node>`;
    }),
    '</Nodes></TaxonHierarchy></TaxonHierarchies>',
    '<DescriptiveConcepts><DescriptiveConcept id="frequency">',
    label('Frequency'),
    `<Modifiers>${Object.values(MODIFIERS)
      .map(
        (m) =>
          `<Modifier id="${m}">${label(m.replace('-', ' '))}<ModifierClass>Frequency</ModifierClass></Modifier>`,
      )
      .join('')}</Modifiers>`,
    '</DescriptiveConcept></DescriptiveConcepts>',
    '<Characters>',
    ...characters.map((c) =>
      quantitative(c.kind)
        ? `<QuantitativeCharacter id="${escaped(c.id)}">${label(c.term, c.definition)}<MeasurementUnit>${label(c.kind === 'length' ? 'mm' : c.unit)}</MeasurementUnit></QuantitativeCharacter>`
        : `<CategoricalCharacter id="${escaped(c.id)}">${label(c.term, c.definition)}<States>${c.states
            .map(
              (s) =>
                `<StateDefinition id="${escaped(stateId(c.id, s.id))}">${label(s.term, s.definition)}</StateDefinition>`,
            )
            .join('')}</States></CategoricalCharacter>`,
    ),
    '</Characters>',
    '<CodedDescriptions>',
  ];
  let descriptions = 0;
  library.taxa.forEach((t, i) => {
    const statements = (t.statements ?? []).filter((s) => s.life === null);
    for (const source of [...new Set(statements.map((s) => s.source))]) {
      const publication = library.sources.findIndex((s) => s.citation === source);
      lines.push(
        `<CodedDescription id="d${descriptions}">${label(t.name)}<Scope><TaxonName ref="t${i}"/><Citation ref="p${publication}"/></Scope><SummaryData>`,
        ...statements.filter((s) => s.source === source).map(summary),
        '</SummaryData></CodedDescription>',
      );
      descriptions += 1;
    }
  });
  lines.push(
    '</CodedDescriptions>',
    '<Publications>',
    ...library.sources.map(
      (s, i) =>
        `<Publication id="p${i}">${label(s.citation, JSON.stringify([s.kind, s.n, s.rank]))}</Publication>`,
    ),
    '</Publications>',
    '</Dataset>',
    '</Datasets>',
    '',
  );
  return lines.join('\n');
}
