import type { UnitSystem } from './lengths.ts';

/** What lengths are read as: of a plant, or of ground above the sea. */
export type LengthKind = 'length' | 'elevation';

interface Unit {
  readonly name: string;
  /** Millimeters in one. */
  readonly mm: number;
}

const IN: Unit = { name: 'in', mm: 25.4 };
const FT: Unit = { name: 'ft', mm: 304.8 };
const MM: Unit = { name: 'mm', mm: 1 };
const CM: Unit = { name: 'cm', mm: 10 };
const M: Unit = { name: 'm', mm: 1000 };

/** Three feet and more are read in feet, a meter and more in meters. */
const FEET_FROM = 3 * FT.mm;

function unitOf(most: number, system: UnitSystem, kind: LengthKind): Unit {
  if (system === 'customary') return kind === 'elevation' || most >= FEET_FROM ? FT : IN;
  if (kind === 'elevation' || most >= M.mm) return M;
  return most >= 100 ? CM : MM;
}

/** How finely a length of this size is said, in its unit. */
function stepOf(value: number, unit: Unit, kind: LengthKind): number {
  if (kind === 'elevation') return unit === FT ? 100 : 50;
  const steps: readonly (readonly [below: number, step: number])[] =
    unit === IN
      ? [
          [1, 1 / 8],
          [6, 1 / 4],
          [12, 1 / 2],
          [Infinity, 1],
        ]
      : unit === FT
        ? [
            [10, 1 / 2],
            [50, 1],
            [Infinity, 5],
          ]
        : unit === MM
          ? [
              [20, 1],
              [Infinity, 5],
            ]
          : unit === CM
            ? [[Infinity, 1 / 2]]
            : [
                [3, 0.1],
                [15, 0.5],
                [Infinity, 1],
              ];
  return steps.find(([below]) => value < below)?.[1] ?? 1;
}

const FRACTIONS = ['', '⅛', '¼', '⅜', '½', '⅝', '¾', '⅞'] as const;

/** A number in eighths where the unit is divided so; else with as few decimals as it needs. */
function written(value: number, unit: Unit): string {
  const eighths = Math.round(value * 8);
  if ((unit === IN || unit === FT) && Math.abs(value * 8 - eighths) < 1e-6) {
    const whole = Math.floor(eighths / 8);
    const part = FRACTIONS[eighths % 8] ?? '';
    return whole === 0 && part !== '' ? part : `${whole.toLocaleString('en-US')}${part}`;
  }
  const sixteenths = Math.round(value * 16);
  if (unit === IN && Math.abs(value * 16 - sixteenths) < 1e-6)
    return `${sixteenths < 16 ? '' : `${Math.floor(sixteenths / 16)} `}${sixteenths % 16}/16`;
  return Number(value.toFixed(2)).toLocaleString('en-US', { maximumFractionDigits: 2 });
}

const FINER = 4;

/**
 * Lengths that are read beside each other, in one unit, rounded as a person would write them: coarser the larger they are, and never
 * so that two that differ are said alike. Source: docs/formulas.md, Rounding.
 * @param mm millimeters. @returns the numbers as texts, in their order, and the name of the unit.
 */
export function roundedLengths(
  mm: readonly number[],
  system: UnitSystem,
  kind: LengthKind = 'length',
): { readonly texts: readonly string[]; readonly unit: string } {
  const unit = unitOf(Math.max(0, ...mm), system, kind);
  const values = mm.map((v) => v / unit.mm);
  for (let finer = 0; finer <= FINER; finer += 1) {
    const rounded = values.map((v) => {
      const step = stepOf(v, unit, kind) / 2 ** finer;
      return Math.round(v / step) * step;
    });
    if (keepsApart(values, rounded) && rounded.every((r, i) => r > 0 || values[i] === 0))
      return { texts: rounded.map((v) => written(v, unit)), unit: unit.name };
  }
  return { texts: values.map((v) => written(v, unit)), unit: unit.name };
}

/** Whether no two different values are said alike or the wrong way round. */
const keepsApart = (values: readonly number[], rounded: readonly number[]): boolean =>
  values.every((v, i) =>
    values.every(
      (w, k) =>
        Math.abs(v - w) < 1e-9 || Math.sign(v - w) === Math.sign((rounded[i] ?? 0) - (rounded[k] ?? 0)),
    ),
  );

/** The system a text of lengths is written in; null where it says none. */
export function systemOf(entered: string): UnitSystem | null {
  if (/\d\s*(?:mm|cm|dm|m|meters?|metres?)\b/i.test(entered)) return 'metric';
  return /\d\s*[½⅓⅔¼¾⅛⅜⅝⅞]?\s*(?:in|inch|inches|ft|foot|feet|["″”'′’])(?:\b|$|[\s)])/i.test(entered)
    ? 'customary'
    : null;
}
