export { gradingHandlers } from './routes.ts';
export { gradeSitting } from './run.ts';
export { benchOf } from './context.ts';
export type { Bench } from './context.ts';
export { readOwnGrades } from './ownGrades.ts';
export type { ReadGrade } from './gradeRows.ts';
export { upgradeSittings } from './upgrade.ts';
export { countAnswers } from './answers.ts';
export { makeGradingReady } from './graders.ts';
