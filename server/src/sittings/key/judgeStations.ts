import type { Vocabulary } from '@hurrow/core/characters';
import { fairnessJudge } from '@hurrow/core/fairness';
import type { Competitor, FairnessVerdict, StationMet } from '@hurrow/core/fairness';
import type { Described } from '@hurrow/core/tells';
import { inThread } from '../../threads/index.ts';

/** All that a verdict rests on, as plain data that can be copied to a thread. */
export interface JudgeRequest {
  readonly competitors: readonly Competitor[];
  readonly described: readonly Described[];
  readonly vocabulary: Vocabulary;
  readonly stations: readonly StationMet[];
}

/** What is kept of a verdict: how often the best guess is right, and the closest look-alike. */
export interface BriefVerdict {
  readonly verdict: FairnessVerdict;
  readonly right: number | null;
  readonly rival: string | null;
}

/** Judges stations and keeps what a key holds of it, by station. */
export function judgedBriefly({
  competitors,
  described,
  vocabulary,
  stations,
}: JudgeRequest): ReadonlyMap<string, BriefVerdict> {
  const found = fairnessJudge(competitors, described, vocabulary)(stations);
  return new Map(
    stations.map((s, i) => {
      const [closest] = found[i]?.pairs ?? [];
      const brief: BriefVerdict = {
        verdict: found[i]?.verdict ?? 'unproven',
        right: closest?.right ?? null,
        rival: closest?.rival ?? null,
      };
      return [s.id, brief] as const;
    }),
  );
}

/** Stations times species up to which the main loop does not feel it. */
const SMALL = 400;

/** A description without where its values come from, which no verdict needs. */
const bare = ({ id, subject, values }: Described): Described => ({
  id,
  subject,
  values: new Map(
    [...values].map(([k, { value, shipped }]) => [k, { value, ...(shipped ? { shipped } : {}) }]),
  ),
});

/** Judges stations: few at once, many in a thread of their own, so that nobody else waits. */
export function judgeStations(request: JudgeRequest): Promise<ReadonlyMap<string, BriefVerdict>> {
  const { described, stations } = request;
  if (described.length * stations.length <= SMALL) return Promise.resolve(judgedBriefly(request));
  // A tree that stands at several stations stays one tree, so that it is compared once.
  const trees = new Map(stations.map((s) => [s.tree, bare(s.tree)] as const));
  return inThread(new URL('./judge.worker.ts', import.meta.url), {
    ...request,
    described: described.map(bare),
    stations: stations.map((s) => ({ ...s, tree: trees.get(s.tree) ?? s.tree })),
  });
}
