import { useState } from 'react';
import { addressOf, useRead } from '../api/index.ts';
import { GIVEN, narrowedBy } from './kinds.ts';
import { Choose } from '../parts/index.ts';

/** The library and rosters as files, each with what its format cannot hold. */
export function GiveOut() {
  const lists = useRead('lists').data ?? [];
  const sections = useRead('sections').data ?? [];
  const [list, setList] = useState('');
  const [section, setSection] = useState('');
  const query = (by: 'list' | 'section' | null): Record<string, string> => {
    if (by === 'list' && list !== '') return { list };
    return by === 'section' && section !== '' ? { section } : {};
  };
  return (
    <section className="panel" aria-label="Export the library">
      <h2>Export the library and rosters</h2>
      <div className="take-in">
        <label className="field">
          <span>Names and tables of</span>
          <Choose
            label="Names and tables of"
            value={list}
            options={[
              { value: '', label: 'every species' },
              ...lists.map((l) => ({ value: l.id, label: l.name })),
            ]}
            onChange={setList}
          />
        </label>
        <label className="field">
          <span>Rosters of</span>
          <Choose
            label="Rosters of"
            value={section}
            options={[
              { value: '', label: 'every class' },
              ...sections.map((s) => ({ value: s.id, label: s.name })),
            ]}
            onChange={setSection}
          />
        </label>
      </div>
      <table className="plain-table">
        <tbody>
          {GIVEN.map((g) => (
            <tr key={g.id}>
              <td>
                <a
                  href={addressOf('exportFile', { params: { format: g.id }, query: query(narrowedBy(g.id)) })}
                  download
                >
                  {g.word}
                </a>
              </td>
              <td className="quiet">{g.without}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
