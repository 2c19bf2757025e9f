import type { SittingRow } from '../sittings/index.ts';
import type { Scope } from './decisions.ts';

/** Whom a decision holds for: an assistant decides for the sitting in front of them, a teacher for more. */
export function scopeOf(reach: Scope['scope'], sitting: Pick<SittingRow, 'id' | 'section'>): Scope {
  if (reach === 'sitting') return { scope: 'sitting', sitting: sitting.id };
  return reach === 'section' ? { scope: 'section', section: sitting.section } : { scope: 'list' };
}
