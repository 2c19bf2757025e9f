/** Millimetres in one of each length unit people write. */
const MM: Readonly<Record<string, number>> = {
  mm: 1,
  millimetre: 1,
  millimeter: 1,
  cm: 10,
  centimetre: 10,
  centimeter: 10,
  dm: 100,
  m: 1000,
  metre: 1000,
  meter: 1000,
  in: 25.4,
  inch: 25.4,
  inche: 25.4,
  '"': 25.4,
  '″': 25.4,
  '”': 25.4,
  ft: 304.8,
  foot: 304.8,
  feet: 304.8,
  "'": 304.8,
  '′': 304.8,
  '’': 304.8,
};

const VULGAR: Readonly<Record<string, number>> = {
  '½': 1 / 2,
  '⅓': 1 / 3,
  '⅔': 2 / 3,
  '¼': 1 / 4,
  '¾': 3 / 4,
  '⅛': 1 / 8,
  '⅜': 3 / 8,
  '⅝': 5 / 8,
  '⅞': 7 / 8,
};

const NUMBER = String.raw`\d+[ -]\d+\/\d+|\d+\/\d+|\d*\.?\d+[½⅓⅔¼¾⅛⅜⅝⅞]?|[½⅓⅔¼¾⅛⅜⅝⅞]`;
const numberPattern = new RegExp(`^(?:${NUMBER})$`);

/**
 * A positive number as people write it: `1.5`, `1 1/2`, `1-1/2`, `½`, `1½`.
 * Source: docs/formulas.md, Lengths.
 * @returns null where the text is not one number.
 */
export function parseNumber(text: string): number | null {
  const t = text.trim().replace(/,(?=\d{3}\b)/g, '');
  if (!numberPattern.test(t)) return null;
  const mixed = /^(\d+)[ -](\d+)\/(\d+)$/.exec(t);
  if (mixed) return Number(mixed[3]) === 0 ? null : Number(mixed[1]) + Number(mixed[2]) / Number(mixed[3]);
  const fraction = /^(\d+)\/(\d+)$/.exec(t);
  if (fraction) return Number(fraction[2]) === 0 ? null : Number(fraction[1]) / Number(fraction[2]);
  const last = t.slice(-1);
  const vulgar = VULGAR[last];
  if (vulgar !== undefined) return (t.length > 1 ? Number(t.slice(0, -1)) : 0) + vulgar;
  const plain = Number(t);
  return Number.isFinite(plain) ? plain : null;
}

/** The factor to millimetres of a unit as written, or null where it is no unit of length. */
export function lengthUnit(text: string): number | null {
  const t = text.trim().toLowerCase().replace(/\.$/, '');
  return MM[t] ?? (t.endsWith('s') ? (MM[t.slice(0, -1)] ?? null) : null);
}

/**
 * One length in millimetres: `38 mm`, `3.8 cm`, `1 1/2 in`, `5 ft 6 in`, `5'6"`.
 * @returns null where a part has no unit or is no number.
 */
export function parseLength(text: string): number | null {
  const part = new RegExp(String.raw`\s*(${NUMBER})\s*([a-zA-Z]+\.?|["'″′”’])\s*`, 'y');
  const t = text.trim();
  let total = 0;
  let at = 0;
  let parts = 0;
  while (at < t.length) {
    part.lastIndex = at;
    const m = part.exec(t);
    if (!m) return null;
    const value = parseNumber(m[1] ?? '');
    const unit = lengthUnit(m[2] ?? '');
    if (value === null || unit === null) return null;
    total += value * unit;
    at = part.lastIndex;
    parts += 1;
  }
  return parts === 0 ? null : total;
}

export type UnitSystem = 'metric' | 'customary';

const trim = (n: number, digits: number): string => String(Number(n.toFixed(digits)));

/** A length for reading: mm, cm or m; or inches and feet. */
export function showLength(mm: number, system: UnitSystem): string {
  return showLengths([mm], system);
}

/** Several lengths in one unit fit for the largest, joined by an en dash. */
export function showLengths(mm: readonly number[], system: UnitSystem): string {
  const most = Math.max(...mm);
  const [unit, size, digits] = unitFor(most, system);
  return `${mm.map((v) => trim(v / size, digits)).join('–')} ${unit}`;
}

/** The unit in which a length of this size is best read: its name, its size in mm and the digits to show. */
function unitFor(mm: number, system: UnitSystem): readonly [unit: string, mm: number, digits: number] {
  if (system === 'customary') return mm >= 914.4 ? ['ft', 304.8, mm >= 9144 ? 0 : 1] : ['in', 25.4, 2];
  if (mm >= 1000) return ['m', 1000, 1];
  return mm >= 100 ? ['cm', 10, 1] : ['mm', 1, 1];
}
