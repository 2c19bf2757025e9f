export { lengthUnit, parseLength, parseNumber, showLength, showLengths, unitFor } from './lengths.ts';
export type { UnitSystem } from './lengths.ts';
