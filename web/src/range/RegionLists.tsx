import { isCounty, regionOf } from '@hurrow/core/range';
import Button from 'antd/es/button';
import type { Presence } from '@hurrow/core/range';
import { presenceWord } from './presenceWords.ts';
import { nameOfRegion } from './regionNames.ts';

const GROUPS: readonly (readonly [string, (code: string) => boolean])[] = [
  ['Counties', isCounty],
  ['United States', (c) => regionOf(c)?.country === 'US' && !isCounty(c)],
  ['Canada', (c) => regionOf(c)?.country === 'CA'],
  ['Mexico', (c) => regionOf(c)?.country === 'MX'],
];

/** Every recorded region by name and code, those that no map here shows among them. */
export function RegionLists({
  records,
  names,
  onChoose,
}: {
  readonly records: ReadonlyMap<string, Presence>;
  readonly names: Readonly<Record<string, string>>;
  readonly onChoose: (code: string) => void;
}) {
  return (
    <section className="panel" aria-label="Recorded regions">
      <h2>
        Recorded in {records.size} region{records.size === 1 ? '' : 's'}
      </h2>
      {GROUPS.map(([title, within]) => {
        const codes = [...records.keys()]
          .filter(within)
          .sort((a, b) => nameOfRegion(a, names).localeCompare(nameOfRegion(b, names), 'en'));
        if (codes.length === 0) return null;
        return (
          <div key={title} className="region-group">
            <h3>{title}</h3>
            <p>
              {codes.map((code, i) => (
                <span key={code}>
                  {i > 0 ? ', ' : ''}
                  <Button
                    type="link"
                    size="small"
                    className="as-link"
                    title={code}
                    onClick={() => onChoose(code)}
                  >
                    {nameOfRegion(code, names)}
                  </Button>
                  {records.get(code) === 'native' ? '' : ` (${presenceWord(records.get(code) ?? null)})`}
                </span>
              ))}
            </p>
          </div>
        );
      })}
      {records.size === 0 ? (
        <p className="quiet">Nothing yet: choose a region and say what it is there.</p>
      ) : null}
    </section>
  );
}
