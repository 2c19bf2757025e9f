export { NewQuiz } from './NewQuiz.tsx';
