export { asTyped, harmless, writeCsv } from './write.ts';
