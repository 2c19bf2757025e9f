import { v7 } from 'uuid';
import type { TreeChecks } from '@hurrow/contract';
import { applies, readCell } from '@hurrow/core/characters';
import type { Value, Vocabulary } from '@hurrow/core/characters';
import { describeTaxa } from '@hurrow/core/tells';
import { insertRows } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
import { invalid } from '../http/index.ts';
import { readCertified, readLibrary } from './described.ts';
import { writeValue } from './statements.ts';
import { vocabularyToRead } from './vocabulary.ts';

interface Checked {
  readonly character: string;
  /** Null takes a check back. */
  readonly value: Value | null;
}

/** Reads what was seen at a tree. @throws where a line cannot be read, with its place. */
function readChecks(body: TreeChecks, vocabulary: Vocabulary): readonly Checked[] {
  return body.checks.map(({ character, entered }, i): Checked => {
    const c = vocabulary.get(character);
    if (!c) {
      throw invalid(`The vocabulary has no character “${character}”.`, {
        field: `checks.${i}.character`,
        remedy: 'Choose a character of the vocabulary.',
      });
    }
    if (entered === null) return { character, value: null };
    const read = readCell(c, entered);
    if (read.ok && read.value) return { character, value: read.value };
    const problem = read.ok ? null : read.problem;
    throw invalid(problem?.message ?? `Nothing is entered for ${c.term}.`, {
      field: `checks.${i}.entered`,
      remedy: problem?.remedy ?? 'Enter what the tree shows, or leave this line out.',
    });
  });
}

/** @throws where a character does not apply to a tree by what its species and its other checks say. */
async function mustApply(
  tx: Sql,
  ws: string,
  tree: { readonly id: string; readonly taxon: string },
  checks: readonly Checked[],
  vocabulary: Vocabulary,
): Promise<void> {
  const [own] = describeTaxa([tree.taxon], await readLibrary(tx, ws, [tree.taxon]), vocabulary, null);
  const had = (await readCertified(tx, ws, [tree.id])).get(tree.id) ?? {};
  const certified = { ...had, ...Object.fromEntries(checks.map((c) => [c.character, c.value])) };
  const values = new Map(own?.values ?? []);
  for (const [id, value] of Object.entries(certified)) {
    if (value) values.set(id, { value });
  }
  checks.forEach(({ character, value }, i) => {
    const c = vocabulary.get(character);
    if (!c || !value || value.kind === 'inapplicable' || applies(c, values, vocabulary) !== 'no') return;
    const controllers = c.appliesIf.map((r) => vocabulary.get(r.character)?.term ?? r.character);
    throw invalid(`${c.term} does not apply to this tree, by its ${controllers.join(' and ')}.`, {
      field: `checks.${i}.entered`,
      remedy: `Check ${controllers.at(-1) ?? 'what controls it'} first, or leave this out.`,
    });
  });
}

/** Writes what was seen at a tree; what was seen before is kept as retracted. All of it or nothing. */
export async function writeChecks(
  tx: Sql,
  ws: string,
  tree: { readonly id: string; readonly taxon: string },
  body: TreeChecks,
  by: string,
  at: string,
): Promise<void> {
  const vocabulary = await vocabularyToRead(tx, ws);
  const checks = readChecks(body, vocabulary);
  await mustApply(tx, ws, tree, checks, vocabulary);
  await tx.query(
    `update statement set retracted_at = $4, version = version + 1
     where ws = $1 and individual = $2 and character = any($3::text[]) and retracted_at is null`,
    [ws, tree.id, checks.map((c) => c.character), at],
  );
  for (const { character, value } of checks) {
    if (!value) continue;
    const id = v7();
    const { kind } = value;
    await insertRows(tx, 'statement', [
      { ws, id, individual: tree.id, character, kind, certified_by: by, exception: false, at, version: 1 },
    ]);
    await writeValue(tx, ws, id, character, value);
  }
}
