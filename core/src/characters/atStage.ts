import type { Life, Stage } from '../conditions/index.ts';

/** What a grown tree in the open shows at eye level: mature bark, sun leaves, adult foliage. */
const GROWN: readonly Life[] = ['mature', 'sun', 'adult', 'foot', 'open_grown'];

const OF_STAGE: Readonly<Record<Stage, readonly Life[]>> = {
  seedling: ['seedling', 'juvenile', 'young'],
  pole: ['young', 'juvenile'],
  young: ['young', 'juvenile', 'sprout'],
  mature: GROWN,
  old: GROWN,
};

interface Staged {
  readonly life?: Life;
}

export interface AtStage<S> {
  /** What counts. */
  readonly chosen: readonly S[];
  /** What was said of other stages, to be named beside it. */
  readonly others: readonly S[];
}

/**
 * Which of the statements of one taxon and character count. Those of the individual's stage do; where there are none, or
 * no individual, those of a grown tree; else those of no stage. Stages are never merged. Source: docs/domain.md, Stages
 * of life.
 */
export function atStage<S extends Staged>(statements: readonly S[], stage: Stage | null): AtStage<S> {
  if (!statements.some((s) => s.life !== undefined)) return { chosen: statements, others: [] };
  const of = (lives: readonly Life[]): readonly S[] =>
    statements.filter((s) => s.life !== undefined && lives.includes(s.life));
  const plain = statements.filter((s) => s.life === undefined);
  const found = [stage === null ? [] : of(OF_STAGE[stage]), of(GROWN), plain].find((x) => x.length > 0) ?? [];
  return { chosen: found, others: statements.filter((s) => !found.includes(s)) };
}
