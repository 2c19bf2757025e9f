import type { Handling, Material, Organ } from '@hurrow/core/conditions';

export const MATERIAL_LABELS: Readonly<Record<Material, string>> = {
  tree: 'standing tree',
  twig: 'twig',
  leaf: 'leaf',
  fruit: 'fruit or cone',
  litter: 'litter',
  bark: 'bark',
  section: 'stem section',
  rubbing: 'rubbing',
  pressed: 'pressed sheet',
  photo: 'photograph',
  plate: 'plate',
};

export const HANDLING_LABELS: Readonly<Record<Handling, string>> = {
  look: 'look',
  lens: 'hand lens',
  touch: 'touch',
  smell: 'smell',
  taste: 'taste',
  cut: 'cut',
  measure: 'measure',
};

export const ORGAN_LABELS: Readonly<Record<Organ, string>> = {
  form: 'Form',
  bark: 'Bark',
  twig: 'Twig and bud',
  leaf: 'Leaf or needle',
  flower: 'Flower',
  fruit: 'Fruit or cone',
  smell: 'Smell and touch',
  wood: 'Wood',
  site: 'Site',
};
