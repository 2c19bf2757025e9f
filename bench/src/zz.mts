import { measureFairness } from './fairness.ts';
console.log(measureFairness());
