import { NavLink, useLocation, useSearchParams } from 'react-router';
import { withView } from '../app/carry.ts';

const ROOMS = [
  { to: '/species', label: 'Species', end: true },
  { to: '/species/table', label: 'Table' },
  { to: '/species/record', label: 'Record next' },
  { to: '/species/seasons', label: 'Seasons' },
  { to: '/species/range', label: 'Range' },
  { to: '/species/growing', label: 'Could grow' },
  { to: '/species/disagreements', label: 'Disagreements' },
  { to: '/species/sources', label: 'Sources' },
  { to: '/species/glossary', label: 'Glossary' },
] as const;

/** The rooms of the species place. The list chosen in one is kept in the next. */
export function SpeciesNav() {
  const [search] = useSearchParams();
  const { pathname } = useLocation();
  const list = search.get('list');
  // A species' own pages stand in the first room.
  const inFirst = !ROOMS.slice(1).some((r) => pathname.startsWith(r.to));
  return (
    <nav className="rooms" aria-label="Species and vocabulary">
      {ROOMS.map((r) => (
        <NavLink
          key={r.to}
          to={withView(list ? `${r.to}?list=${list}` : r.to, search)}
          end={'end' in r}
          className={({ isActive }) =>
            isActive || (inFirst && r.to === '/species') ? 'room active' : 'room'
          }
        >
          {r.label}
        </NavLink>
      ))}
    </nav>
  );
}
