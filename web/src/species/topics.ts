import type { Hazard } from '@hurrow/core/conditions';

/** Prose of a profile by topic, in the order it is read. */
export const TOPIC_LABELS: Readonly<Record<string, string>> = {
  how_to_tell: 'How to tell it',
  mnemonic: 'To remember it by',
  summary: 'In short',
  habitat: 'Where it grows',
  wildlife: 'Wildlife',
  wood: 'Wood',
  pests: 'Pests and diseases',
  status: 'Protected or invasive',
  why: 'Why it is so',
  history: 'Uses in the past: history, never advice',
};

export const HAZARD_LABELS: Readonly<Record<string, string>> & Readonly<Record<Hazard, string>> = {
  toxic: 'poisonous',
  irritant: 'irritant',
  thorns: 'thorns',
  allergy: 'allergy',
  climbing: 'climbing',
  road: 'road',
  water: 'water',
  tools: 'tools',
  protected: 'protected',
  pest: 'moving pests',
  other: 'other',
};

/** What a caution forbids, in words. */
export const FORBIDDEN: Readonly<Record<string, string>> = {
  look: 'looking closely',
  lens: 'a hand lens',
  touch: 'touching',
  smell: 'smelling',
  taste: 'tasting',
  cut: 'cutting',
  measure: 'measuring',
  collect: 'collecting',
  climbing: 'climbing',
};
