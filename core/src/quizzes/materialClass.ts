import type { Material } from '../conditions/index.ts';

export const MATERIAL_CLASSES = ['standing', 'cut', 'preserved', 'pictured'] as const;
/** Material alike enough for its answers to be counted together. */
export type MaterialClass = (typeof MATERIAL_CLASSES)[number];

const CLASS_OF: Readonly<Record<Material, MaterialClass>> = {
  tree: 'standing',
  bark: 'standing',
  litter: 'standing',
  twig: 'cut',
  leaf: 'cut',
  fruit: 'cut',
  section: 'cut',
  rubbing: 'preserved',
  pressed: 'preserved',
  photo: 'pictured',
  plate: 'pictured',
};

/** The class of what is at hand: the one that shows most, in the order standing, cut, preserved, pictured. */
export function materialClass(material: readonly Material[]): MaterialClass {
  const there = new Set(material.map((m) => CLASS_OF[m]));
  return MATERIAL_CLASSES.find((c) => there.has(c)) ?? 'pictured';
}
