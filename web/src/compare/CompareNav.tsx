import { NavLink, useSearchParams } from 'react-router';
import { withView } from '../app/carry.ts';

const ROOMS = [
  { to: '/compare', label: 'Bench', end: true },
  { to: '/compare/list', label: 'Whole list' },
  { to: '/compare/year', label: 'Year' },
  { to: '/compare/lookalikes', label: 'Look-alikes' },
  { to: '/compare/rules', label: 'Rules' },
  { to: '/compare/name', label: 'Name a tree' },
  { to: '/compare/key', label: 'Key' },
  { to: '/compare/sort', label: 'Sorting' },
  { to: '/compare/names', label: 'Names' },
] as const;

/** The rooms of the compare place. The list chosen in one is kept in the next. */
export function CompareNav() {
  const [search] = useSearchParams();
  const list = search.get('list');
  return (
    <nav className="rooms" aria-label="Comparing">
      {ROOMS.map((r) => (
        <NavLink
          key={r.to}
          to={withView(list ? `${r.to}?list=${list}` : r.to, search)}
          end={'end' in r}
          className={({ isActive }) => (isActive ? 'room active' : 'room')}
        >
          {r.label}
        </NavLink>
      ))}
    </nav>
  );
}
