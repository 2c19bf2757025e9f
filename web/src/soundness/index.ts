export { CheckSummary, QuestionCheck } from './QuestionCheck.tsx';
