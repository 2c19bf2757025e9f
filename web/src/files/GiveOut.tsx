import { useState } from 'react';
import { addressOf, useRead } from '../api/index.ts';
import { GIVEN, narrowedBy } from './kinds.ts';

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
          <select value={list} onChange={(e) => setList(e.target.value)}>
            <option value="">every species</option>
            {lists.map((l) => (
              <option key={l.id} value={l.id}>
                {l.name}
              </option>
            ))}
          </select>
        </label>
        <label className="field">
          <span>Rosters of</span>
          <select value={section} onChange={(e) => setSection(e.target.value)}>
            <option value="">every class</option>
            {sections.map((s) => (
              <option key={s.id} value={s.id}>
                {s.name}
              </option>
            ))}
          </select>
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
