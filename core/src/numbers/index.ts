export { seeded } from './seeded.ts';
export { median } from './median.ts';
