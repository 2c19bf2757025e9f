import type { TableRows } from '@hurrow/contract';
import { WS, idOf } from './identity.ts';
import { taxonId } from './libraryRows.ts';

interface Popular {
  readonly quantifier: 'all' | 'only' | 'all_and_only';
  readonly who: string | null;
  readonly when?: readonly { readonly character: string; readonly state: string }[];
  readonly then:
    | { readonly character: string; readonly state: string }
    | { readonly character: string; readonly low: number; readonly high: number };
  readonly note: string;
}

/** Rules that everybody has heard; the list breaks each of them somewhere. */
export const POPULAR: readonly Popular[] = [
  {
    quantifier: 'only',
    who: 'Pinus monticola',
    then: { character: 'needle.bundle_count', low: 5, high: 5 },
    note: '“Five needles means white pine.”',
  },
  {
    quantifier: 'all',
    who: null,
    when: [{ character: 'leaf.kind', state: 'needle' }],
    then: { character: 'leaf.persistence', state: 'evergreen' },
    note: '“Conifers keep their needles.”',
  },
  {
    quantifier: 'all',
    who: 'Ulmus',
    then: { character: 'leaf.base_symmetry', state: 'uneven' },
    note: '“An elm has an uneven base …”',
  },
  {
    quantifier: 'all',
    who: 'Ulmus',
    then: { character: 'leaf.margin', state: 'doubly-serrate' },
    note: '“… and double teeth.”',
  },
];

export const ruleRows = (): TableRows => ({
  table: 'rule',
  rows: POPULAR.map((r, i) => ({
    ws: WS,
    id: idOf('rule', String(i)),
    quantifier: r.quantifier,
    who: { taxon: r.who === null ? null : taxonId(r.who) },
    whenn: r.when ?? [],
    thenn: [r.then],
    note: r.note,
    version: 1,
  })),
});
