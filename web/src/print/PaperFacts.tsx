import type { SpeciesProfile } from '@hurrow/contract';
import { RangeThumb } from '../range/index.ts';
import { RangeWords } from '../species/index.ts';
import type { SheetFact } from './sheetFacts.ts';
import './paperFacts.css';

/** States that are named beside the map; more than these it shows better. */
const NAMED = 9;

/** Where a species grows, on a small map and in words, beside how large it is; for paper. */
export function PaperFacts({
  profile,
  facts,
  here,
}: {
  profile: SpeciesProfile;
  facts: readonly SheetFact[];
  /** Where the reader is, marked on the map. */
  here: { readonly lat: number; readonly lon: number } | null;
}) {
  return (
    <section className="paper-facts" aria-label="Size and range">
      <div className="paper-map">
        <RangeThumb range={profile.range} name={profile.header.scientific} here={here} />
      </div>
      <div>
        <dl>
          {facts.map((f) => (
            <div key={f.label}>
              <dt>{f.label}</dt>
              <dd>{f.value}</dd>
            </div>
          ))}
        </dl>
        <RangeWords range={profile.range} most={NAMED} />
      </div>
    </section>
  );
}
