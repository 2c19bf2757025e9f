import { valueWords } from '@hurrow/core/characters';
import type { Vocabulary, Wording } from '@hurrow/core/characters';
import type { DescribedTaxon } from '@hurrow/core/tells';
import { wordingFor } from './audience.ts';
import type { Audience } from './audience.ts';

/** How large it is and where it grows: what a reader asks first. */
export interface SheetFact {
  readonly label: string;
  readonly value: string;
}

/** What is said as facts, in this order, and the label it has there; each character of a line is said where it is recorded. */
export const FACTS: readonly { readonly label: string; readonly of: readonly string[] }[] = [
  { label: 'Height', of: ['form.height'] },
  { label: 'Trunk', of: ['form.trunk_diameter'] },
  { label: 'Needles', of: ['needle.bundle_count', 'needle.length'] },
  { label: 'Leaves', of: ['leaf.length', 'leaf.width'] },
  { label: 'Leaflets', of: ['leaf.leaflet_count', 'leaf.leaflet_length'] },
  { label: 'Fruit', of: ['fruit.kind', 'fruit.size'] },
  { label: 'Grows on', of: ['site.landform', 'site.moisture'] },
  { label: 'Elevation', of: ['site.elevation'] },
];
/** What young readers are spared. */
const NOT_FOR_YOUNG: ReadonlySet<string> = new Set(['Trunk', 'Leaflets', 'Elevation']);
const UNNAMED: Readonly<Record<string, (value: string) => string>> = {
  'needle.bundle_count': (v) => (v === '1' ? 'single' : `in bundles of ${v}`),
  'leaf.length': (v) => `${v} long`,
  'needle.length': (v) => `${v} long`,
  'leaf.leaflet_length': (v) => `${v} long`,
  'leaf.width': (v) => `${v} wide`,
};

/** The facts that are recorded, each value as a reader would say it. */
export function factsOf(
  own: DescribedTaxon,
  vocabulary: Vocabulary,
  audience: Audience,
  units: Wording['units'],
): readonly SheetFact[] {
  const wording = wordingFor(audience, units);
  return FACTS.filter((f) => audience !== 'young' || !NOT_FOR_YOUNG.has(f.label)).flatMap(({ label, of }) => {
    const said = of.flatMap((id) => {
      const [character, resolved] = [vocabulary.get(id), own.profile.get(id)];
      if (!character || !resolved || resolved.value.kind === 'inapplicable') return [];
      const value = valueWords(character, resolved.value, wording);
      return [UNNAMED[id]?.(value) ?? value];
    });
    return said.length === 0 ? [] : [{ label, value: said.join(', ') }];
  });
}
