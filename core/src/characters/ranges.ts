import { lengthUnit, parseNumber } from '../measuring/index.ts';
import { ok, refuse } from '../result.ts';
import type { Result } from '../result.ts';
import type { Character, RangeValue } from './types.ts';

const NUMBER = String.raw`\d+[ -]\d+\/\d+|\d+\/\d+|\d[\d,]*\.?\d*[½⅓⅔¼¾⅛⅜⅝⅞]?|\.\d+|[½⅓⅔¼¾⅛⅜⅝⅞]`;
const UNIT = String.raw`["'″′”’]|(?!to\b)[a-zA-Z][a-zA-Z²³./]*[23]?`;
const ONE = String.raw`(?:${NUMBER})(?:\s*(?:${UNIT}))?(?:\s*(?:${NUMBER})\s*(?:${UNIT}))?`;
const RANGE = new RegExp(
  String.raw`^(?:\(\s*(${ONE})\s*-?\s*\)\s*-?\s*)?(${ONE})(?:\s*(?:-|to)\s*(${ONE}))?(?:\s*-?\s*\(\s*-?\s*(${ONE})\s*\))?\s*(${UNIT})?$`,
);
const PIECES = new RegExp(String.raw`(${NUMBER})\s*(${UNIT})?`, 'g');

const MAX_TEXT = 120;

/** Kilograms a cubic metre in one pound a cubic foot. */
const KG_PER_M3 = 16.01846337;

/** Factors to the character's unit for kinds other than length. */
const OTHER_UNITS: Readonly<Record<string, Readonly<Record<string, number>>>> = {
  'kg/m3': {
    'kg/m3': 1,
    'kg/m³': 1,
    'g/cm3': 1000,
    'g/cm³': 1000,
    'lb/ft3': KG_PER_M3,
    'lb/ft³': KG_PER_M3,
    'lbs/ft3': KG_PER_M3,
    'lb/cu.ft': KG_PER_M3,
    pcf: KG_PER_M3,
  },
  years: { year: 1, years: 1, yr: 1, yrs: 1 },
  degrees: { degree: 1, degrees: 1, deg: 1 },
  'per cm': { 'per/cm': 1 },
};

function factorOf(character: Character, unit: string): number | null {
  if (character.kind === 'length') return lengthUnit(unit);
  return OTHER_UNITS[character.unit]?.[unit.toLowerCase()] ?? null;
}

interface Piece {
  readonly number: number;
  readonly unit: string | null;
}

function pieces(text: string): Piece[] | null {
  const found: Piece[] = [];
  for (const m of text.matchAll(PIECES)) {
    const number = parseNumber(m[1] ?? '');
    if (number === null) return null;
    found.push({ number, unit: m[2] ?? null });
  }
  return found.length > 0 ? found : null;
}

const expects = (character: Character): string =>
  character.kind === 'length'
    ? 'a length such as 38 mm, 1 1/2 in or 5 ft 6 in'
    : `a number in ${character.unit}`;

function unitProblem(character: Character, unit: string): Result<never> {
  if (character.kind === 'count' || (character.kind === 'ratio' && character.unit === '')) {
    return refuse(
      'unit_not_wanted',
      `“${unit}” is a unit, but ${character.term} has none.`,
      'Leave the unit out.',
    );
  }
  const known = character.kind !== 'length' && lengthUnit(unit) !== null;
  const other = /[/²³]|kg|lb|°/.test(unit) || known;
  return other
    ? refuse(
        'unit_of_other_quantity',
        `“${unit}” does not measure ${character.term}.`,
        `Write ${expects(character)}.`,
      )
    : refuse('unknown_unit', `“${unit}” is no unit known here.`, `Write ${expects(character)}.`);
}

function inUnit(character: Character, text: string, common: string | null): Result<number> {
  const parts = pieces(text);
  if (!parts) return refuse('not_a_number', `“${text}” is no number.`, `Write ${expects(character)}.`);
  let total = 0;
  for (const part of parts) {
    const unit = part.unit ?? common;
    if (unit === null) {
      if (character.kind === 'length' || character.unit !== '') {
        return refuse('no_unit', `“${text}” has no unit.`, `Write ${expects(character)}.`);
      }
      total += part.number;
      continue;
    }
    const factor = factorOf(character, unit);
    if (factor === null) return unitProblem(character, unit);
    total += part.number * factor;
  }
  if (character.kind === 'count' && !Number.isInteger(total)) {
    return refuse(
      'not_whole',
      `${character.term} is counted in whole numbers.`,
      'Write a whole number or two.',
    );
  }
  return ok(total);
}

function lastUnit(text: string): string | null {
  const found = [...text.matchAll(PIECES)].map((m) => m[2]).filter((u) => u !== undefined);
  return found[found.length - 1] ?? null;
}

function ordered(value: RangeValue, text: string, swapped: string): Result<RangeValue> {
  if (value.low > value.high) {
    return refuse(
      'low_above_high',
      `The low end of “${text}” is above the high end.`,
      `Swap the two ends: ${swapped}.`,
      swapped,
    );
  }
  if (value.xlow !== null && value.xlow > value.low) {
    return refuse(
      'extreme_inside',
      'The extreme low is above the usual low.',
      'Put the smallest number first.',
    );
  }
  if (value.xhigh !== null && value.xhigh < value.high) {
    return refuse(
      'extreme_inside',
      'The extreme high is below the usual high.',
      'Put the largest number last.',
    );
  }
  return ok(value);
}

const ABOUT =
  /^(?:about|around|approximately|approx\.?|roughly|circa|ca\.?|c\.|~|usually|mostly|generally|typically)\s*/i;
const UP_TO = /^(?:up to|at most|not more than|less than|under|to)\s+/i;

/** How people write a range in words, as a range: *about 30 m*, *up to 30 m* (from nothing on), *3 or 4*. */
const asRange = (text: string): string =>
  text
    .replace(ABOUT, '')
    .replace(UP_TO, '0-')
    .replace(/^(\d+) or (\d+)(?= |$)/i, (all, a: string, b: string) =>
      Number(b) === Number(a) + 1 ? `${a}-${b}` : all,
    );

/** *Several* is three or more. */
const SEVERAL = '3';
const AT_LEAST = new RegExp(
  String.raw`^(?:at least|not less than|from|over|more than)\s+(${ONE})$|^(${ONE})\s*(?:\+|or more|and more|and up|and over)$`,
  'i',
);

/** The least of a range that is open above (*at least 5*, *5 or more*, of counts *several*); null where it is none. */
function atLeast(character: Character, text: string): string | null {
  if (character.kind === 'count' && /^several$/i.test(text)) return SEVERAL;
  const m = AT_LEAST.exec(text);
  return m ? (m[1] ?? m[2] ?? null) : null;
}

/**
 * A range as people write it, `(2) 3-5 (7) in`, in the character's unit (mm for lengths). Either extreme may be
 * missing; a single value is both ends; *at least 5*, *5 or more* and *several* are open above; *up to 5* begins at nought, and
 * *about* says nothing that a single value does not. The text is kept as typed.
 * Source: docs/domain.md, Characters.
 */
export function parseRange(character: Character, entered: string): Result<RangeValue> {
  if (entered.length > MAX_TEXT) {
    return refuse('too_long', `A range has at most ${MAX_TEXT} characters.`, 'Put the rest into a note.');
  }
  const text = asRange(entered.trim().replace(/[–—−]/g, '-').replace(/\s+/g, ' '));
  if (text === '') return refuse('empty', 'Nothing was written.', `Write ${expects(character)}.`);
  if (/^-/.test(text)) return refuse('negative', 'A measure cannot be below zero.', 'Leave the sign out.');
  const least = atLeast(character, text);
  const m = RANGE.exec(least ?? text);
  if (!m) {
    return refuse(
      'not_a_range',
      `“${entered.trim()}” cannot be read as a range.`,
      `Write ${expects(character)}, or low-high.`,
    );
  }
  const [, xlowText, lowText = '', highText, xhighText, tail] = m;
  const common =
    tail ??
    [xhighText, highText, lowText].map((t) => (t ? lastUnit(t) : null)).find((u) => u !== null) ??
    null;
  const numbers = [xlowText ?? null, lowText, highText ?? lowText, xhighText ?? null].map((t) =>
    t === null ? null : inUnit(character, t, common),
  );
  for (const n of numbers) if (n && !n.ok) return n;
  const at = (i: number): number | null => {
    const n = numbers[i];
    return n?.ok ? n.value : null;
  };
  const value: RangeValue = {
    kind: 'range',
    xlow: at(0),
    low: at(1) ?? 0,
    high: at(2) ?? 0,
    xhigh: at(3),
    ...(least === null ? {} : { more: true }),
    entered: entered.trim(),
  };
  const bare = (t: string): string => t.replace(new RegExp(String.raw`\s*(?:${UNIT})$`), '').trim();
  const swapped = highText ? `${bare(highText)}-${bare(lowText)}${common ? ` ${common}` : ''}` : text;
  return ordered(value, entered.trim(), swapped);
}
