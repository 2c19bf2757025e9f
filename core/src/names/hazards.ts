/** Genera whose species are to be kept off alike, so that the name of one for another is a safe mistake. */
const HAZARDS: Readonly<Record<string, string>> = { toxicodendron: 'their sap blisters the skin' };

/** What a genus and one named for it share that hurts; null where they share nothing. */
export function sharedHazard(genus: string, other: string): string | null {
  return genus === other ? (HAZARDS[genus] ?? null) : null;
}
