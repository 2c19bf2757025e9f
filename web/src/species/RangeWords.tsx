import type { SpeciesProfile } from '@hurrow/contract';
import { isCounty, regionOf } from '@hurrow/core/range';

const WORDS: readonly (readonly [string, string])[] = [
  ['native', 'Native'],
  ['rare', 'Native, rare'],
  ['planted', 'Planted only'],
  ['introduced', 'Introduced'],
];

/** The range in words: states and provinces by name, or where there are more than `most` by number; counties as their number. */
export function RangeWords({ range, most = 80 }: { range: SpeciesProfile['range']; most?: number }) {
  if (range.length === 0) return <p className="quiet">Not recorded.</p>;
  return (
    <dl className="range-words">
      {WORDS.map(([presence, word]) => {
        const here = range.filter((r) => r.presence === presence);
        if (here.length === 0) return null;
        const counties = here.filter((r) => isCounty(r.region)).length;
        const names = here
          .filter((r) => !isCounty(r.region))
          .map((r) => regionOf(r.region)?.name ?? r.region)
          .sort((a, b) => a.localeCompare(b, 'en'));
        return (
          <div key={presence}>
            <dt>{word}</dt>
            <dd>
              {names.length > most ? `${names.length} states and provinces` : names.join(', ')}
              {counties > 0 ? `${names.length > 0 ? '; ' : ''}${counties} counties` : ''}
            </dd>
          </div>
        );
      })}
    </dl>
  );
}
