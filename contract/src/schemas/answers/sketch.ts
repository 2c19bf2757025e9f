import type { Sketch } from '../../index.ts';
import { listOf, nullOr, number, tupleOf, record, text } from '../typed.ts';

export const sketchSchema = record<Sketch>({
  box: record<Sketch['box']>({ x: number, y: number, width: number, height: number }),
  lines: listOf(tupleOf<Sketch['lines'][number]>(text, number, text)),
  bar: nullOr(number),
});
