import { useState } from 'react';
import { useRead } from '../api/index.ts';
import { AppLink, CardButton, Latin } from '../parts/index.ts';
import { useShortcuts } from './shortcuts.ts';
import { lay, speciesAtHand, take, useTray } from './tray.ts';
import { useGo } from './view.ts';

/** “Pinus albicaulis” as “P. albicaulis”. */
const short = (name: string): string => name.replace(/^(\p{Lu})\p{L}+ /u, '$1. ');

/** The bench at the foot of the places: what lies on it, from anywhere with one key. */
export function BenchTray() {
  const tray = useTray();
  const go = useGo();
  const [said, setSaid] = useState('');
  const species = useRead('species', {}, tray.length > 0).data;
  useShortcuts([
    {
      keys: 'b',
      does: 'Lay the species at hand on the bench: that of the focused link, or of the page',
      run: () => {
        const id = speciesAtHand();
        if (id) lay(id);
        setSaid(id ? 'Laid on the bench.' : 'No species at hand: go to a link of one, or to its page.');
      },
    },
    { keys: 'B', does: 'Go to the bench', run: () => go('/compare') },
  ]);
  return (
    <div className="tray">
      <span role="status" className="visually-hidden">
        {said}
      </span>
      {tray.length > 0 ? (
        <>
          <AppLink to="/compare" className="tray-head">
            Bench <span className="number">{tray.length}</span>
          </AppLink>
          <ul className="plain-list">
            {tray.map((id) => {
              const name = species?.find((s) => s.id === id)?.scientific ?? '…';
              return (
                <li key={id}>
                  <span>
                    <Latin name={short(name)} />
                  </span>
                  <CardButton aria-label={`Take ${name} off the bench`} onClick={() => take(id)}>
                    ×
                  </CardButton>
                </li>
              );
            })}
          </ul>
        </>
      ) : null}
    </div>
  );
}
