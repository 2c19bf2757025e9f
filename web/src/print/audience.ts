import type { Wording } from '@hurrow/core/characters';

export const AUDIENCES = ['young', 'general', 'technical'] as const;
export type Audience = (typeof AUDIENCES)[number];

/** The words an audience reads. */
export const wordingFor = (audience: Audience, units: Wording['units']): Wording => ({
  words: audience === 'technical' ? 'technical' : 'plain',
  units,
});
