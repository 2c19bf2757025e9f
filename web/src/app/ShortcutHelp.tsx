import { presentShortcuts } from './shortcuts.ts';

/** The shortcuts of the present screen. */
export function ShortcutHelp() {
  return (
    <table className="plain-table">
      <thead>
        <tr>
          <th scope="col">Keys</th>
          <th scope="col">What they do</th>
        </tr>
      </thead>
      <tbody>
        {presentShortcuts().map((s) => (
          <tr key={s.keys}>
            <td>
              {s.keys.split(' ').map((k, i) => (
                <span key={k}>
                  {i > 0 ? ' then ' : ''}
                  <kbd>{k}</kbd>
                </span>
              ))}
            </td>
            <td>{s.does}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
