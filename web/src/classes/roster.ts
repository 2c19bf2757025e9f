export interface RosterLine {
  readonly code: string;
  readonly firstName: string | null;
}

/** Class numbers as typed: one a line, `101` or `101, Avila`; `1-12` stands for all between. */
export function parseRoster(text: string): readonly RosterLine[] {
  return text.split('\n').flatMap((raw): RosterLine[] => {
    const [code = '', firstName = ''] = raw.split(/[,;\t]/).map((t) => t.trim());
    if (code === '') return [];
    const span = /^(\d{1,4})\s*[-–]\s*(\d{1,4})$/.exec(code);
    if (!span) return [{ code, firstName: firstName || null }];
    const [from, to] = [Number(span[1]), Number(span[2])];
    return Array.from({ length: Math.max(0, Math.min(400, to - from + 1)) }, (_, i) => ({
      code: String(from + i),
      firstName: null,
    }));
  });
}
