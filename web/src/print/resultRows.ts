import type { WalkResults } from '@hurrow/contract';

/** Results as lines of a table, one for each answer, as the students see them; a station held back has no points. */
export const resultRows = (
  slips: readonly WalkResults[],
): readonly Readonly<Record<string, string | number | null>>[] =>
  slips.flatMap((r) =>
    r.stations.flatMap((s) =>
      s.asks.map((a) => ({
        student: r.student,
        student_points: r.scored ? r.points : null,
        student_most: r.scored ? r.most : null,
        station: s.number,
        species: s.truth?.scientific ?? null,
        asked: a.character ?? a.kind,
        written: a.typed,
        right: a.key,
        points: s.dropped ? null : a.points,
        most: s.dropped ? null : a.most,
        why: a.why,
        later: s.later,
      })),
    ),
  );
