import Segmented from 'antd/es/segmented';
import type { Words } from '@hurrow/core/characters';
import type { UnitSystem } from '@hurrow/core/measuring';
import { useShortcuts } from './shortcuts.ts';
import { useView } from './view.ts';

/** Chooses plain words or terms, and the units, on every page. */
export function WordingSwitch() {
  const { wording, change } = useView();
  const setWords = (words: Words): void => change({ wording: { ...wording, words } });
  useShortcuts([
    {
      keys: 'w',
      does: 'Plain words or technical terms',
      run: () => setWords(wording.words === 'plain' ? 'technical' : 'plain'),
    },
  ]);
  return (
    <div className="wording-switch">
      <Segmented<Words>
        size="small"
        block
        aria-label="Words"
        value={wording.words}
        options={[
          { value: 'plain', label: 'plain' },
          { value: 'technical', label: 'terms' },
        ]}
        onChange={setWords}
      />
      <Segmented<UnitSystem>
        size="small"
        block
        aria-label="Units"
        value={wording.units}
        options={[
          { value: 'customary', label: 'ft in' },
          { value: 'metric', label: 'm mm' },
        ]}
        onChange={(units) => change({ wording: { ...wording, units } })}
      />
    </div>
  );
}
