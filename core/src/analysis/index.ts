export { ANALYSIS, analyse } from './analyse.ts';
export type { AnalysisRequest } from './analyse.ts';
