import { disagreements } from '../characters/index.ts';
import type { DisagreementKind, Statement } from '../characters/index.ts';
import type { Conditions } from '../conditions/index.ts';
import { costOf } from '../tells/index.ts';
import { readSaidTables } from './saidTables.ts';
import type { NamedTable, NotRead, SaidTables } from './saidTables.ts';
import type { Refusal } from '../formats/index.ts';

export interface Said {
  readonly source: string;
  readonly said: string;
  readonly table: string;
  readonly line: number;
}

export interface DisagreementFound {
  readonly taxon: string;
  readonly character: string;
  readonly kind: DisagreementKind;
  readonly a: Said;
  readonly b: Said;
  /** The group of which the second is said, where it is not said of the taxon itself. */
  readonly group: string | null;
  /** Pairs of species whose tells or verdict change if the one or the other were right. */
  readonly costs: number;
  /** Whether it is a disagreement: a finer term is none, and what only says less is one if a tell hangs on it. */
  readonly disagrees: boolean;
}

export type DisagreementsFound =
  | {
      readonly ok: true;
      readonly disagreements: readonly DisagreementFound[];
      readonly ignored: SaidTables['ignored'];
      readonly refused: readonly NotRead[];
    }
  | { readonly ok: false; readonly refused: readonly Refusal[] };

/**
 * Where the sources of some tables differ, contradictions first, with what each costs under conditions.
 * Source: docs/formats.md; docs/domain.md, Sources that disagree.
 */
export function disagreementsOfTables(
  tables: readonly NamedTable[],
  conditions: Conditions,
  vocabulary?: string,
): DisagreementsFound {
  const read = readSaidTables(tables, vocabulary);
  if (!read.ok) return read;
  const { said } = read;
  const says = (s: Statement): Said => {
    const at = said.at.get(s.id);
    return { source: s.source, said: at?.text ?? '', table: at?.table ?? '', line: at?.line ?? 0 };
  };
  const taxa = new Map(said.data.taxa.map((t) => [t.id, t]));
  const found = disagreements(said.data.statements, said.vocabulary, taxa).map((d): DisagreementFound => {
    const { ifA, ifB } = costOf(d, said.species, said.data, said.vocabulary, conditions, null);
    const costs = new Set([...ifA, ...ifB].map((p) => `${p.a}/${p.b}`)).size;
    const { taxon, character, kind, group } = d;
    const disagrees = kind !== 'finer_term' && (kind !== 'narrower' || costs > 0);
    return { taxon, character, kind, a: says(d.a), b: says(d.b), group, costs, disagrees };
  });
  return { ok: true, disagreements: found, ignored: said.ignored, refused: said.refused };
}
