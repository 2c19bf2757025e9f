import type { Hazard } from '@hurrow/core/conditions';

/** Cautions worded by hazard alone: the same words stand at every station with it, whatever the species. */
export const HAZARD_WORDS: Readonly<Record<string, string>> & Readonly<Record<Hazard, string>> = {
  toxic: 'Do not taste anything here; wash your hands afterwards.',
  irritant: 'Look only: do not touch anything here.',
  thorns: 'Thorns: look first, touch only as your instructor shows.',
  allergy: 'May cause an allergy: keep your distance if you are unsure.',
  climbing: 'Do not climb.',
  road: 'Mind the traffic: stay behind the rail.',
  water: 'Stay back from the water.',
  tools: 'Leave tools to your instructor.',
  protected: 'Protected ground: look, do not pick or break anything.',
  pest: 'Do not carry anything away from here.',
  other: 'Take care here and follow your instructor.',
};

export const DISTANCE_WORDS = {
  far: 'from afar',
  binoculars: 'through binoculars',
  trunk: 'from the trunk',
  hand: 'within reach',
} as const;
