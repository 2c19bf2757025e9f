export { lengthUnit, parseLength, parseNumber, showLength, showLengths } from './lengths.ts';
export type { UnitSystem } from './lengths.ts';
export { roundedLengths, systemOf } from './rounding.ts';
export type { LengthKind } from './rounding.ts';
export { oftenWords } from './often.ts';
export { championPoints } from './champion.ts';
export type { RecordSize } from './champion.ts';
