/**
 * Where each student of a class begins, so that they spread over the stations and nobody follows a neighbor: students in
 * the order of their numbers, at equal distances around the walk.
 * @returns places from 0, one for each student; several share one where there are more students than stations.
 */
export function startsOf(students: number, stations: number): readonly number[] {
  if (stations < 1) return Array.from({ length: students }, () => 0);
  return Array.from({ length: students }, (_, i) =>
    students <= stations ? Math.floor((i * stations) / students) : i % stations,
  );
}

/** Lines of a printed sheet: so many a page, in two columns. */
export const LINES_A_PAGE = 30;

/** Stations in pages of a sheet. */
export const pagesOf = <T>(stations: readonly T[]): readonly (readonly T[])[] =>
  Array.from({ length: Math.ceil(stations.length / LINES_A_PAGE) }, (_, i) =>
    stations.slice(i * LINES_A_PAGE, (i + 1) * LINES_A_PAGE),
  );
