export { DuePage } from './DuePage.tsx';
