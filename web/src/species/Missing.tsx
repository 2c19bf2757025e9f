import Select from 'antd/es/select';
import { characterWords } from '@hurrow/core/characters';
import type { Character, Wording } from '@hurrow/core/characters';

/** What is not recorded of an organ, to be recorded from here. */
export function Missing({
  characters,
  wording,
  onRecord,
}: {
  characters: readonly Character[];
  wording: Wording;
  onRecord: (c: Character) => void;
}) {
  if (characters.length === 0) return null;
  return (
    <div className="missing">
      <span className="quiet">{characters.length} not recorded</span>
      <Select
        size="small"
        showSearch={{ optionFilterProp: 'label' }}
        placeholder="Record one"
        aria-label="Record a character"
        value={null}
        className="pick"
        options={characters.map((c) => ({ value: c.id, label: characterWords(c, wording.words) }))}
        onChange={(id: string | null) => {
          const found = characters.find((c) => c.id === id);
          if (found) onRecord(found);
        }}
      />
    </div>
  );
}
