import Select from 'antd/es/select';
import { useClassAtHand } from './classAtHand.ts';

/** Chooses the class that every page opens on. Its room stays where there is none yet, so that the places below never move. */
export function ClassPicker() {
  const { section, sections, choose } = useClassAtHand();
  if (!section || sections.length === 0) return <div className="class-picker" />;
  return (
    <div className="class-picker">
      <span className="class-label" id="class-at-hand">
        Working with
      </span>
      <Select
        size="small"
        aria-labelledby="class-at-hand"
        value={section.id}
        popupMatchSelectWidth={false}
        options={sections.map((s) => ({ value: s.id, label: s.name }))}
        onChange={choose}
      />
    </div>
  );
}
