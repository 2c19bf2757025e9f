export { lengthUnit, parseLength, parseNumber, showLength, showLengths, unitFor } from './lengths.ts';
export type { UnitSystem } from './lengths.ts';
export { championPoints } from './champion.ts';
export type { RecordSize } from './champion.ts';
