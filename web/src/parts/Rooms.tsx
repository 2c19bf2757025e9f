import { NavLink, useLocation, useSearchParams } from 'react-router';
import { withView } from '../app/index.ts';

interface Room {
  readonly to: string;
  readonly label: string;
}

/**
 * The rooms of a place. The list chosen in one is kept in the next; pages of the place that are none of its rooms stand
 * in the first.
 */
export function Rooms({ label, rooms }: { label: string; rooms: readonly Room[] }) {
  const [search] = useSearchParams();
  const { pathname } = useLocation();
  const list = search.get('list');
  const inFirst = !rooms.slice(1).some((r) => pathname.startsWith(r.to));
  return (
    <nav className="rooms" aria-label={label}>
      {rooms.map((r, i) => (
        <NavLink
          key={r.to}
          to={withView(list ? `${r.to}?list=${list}` : r.to, search)}
          end={i === 0}
          className={({ isActive }) => (isActive || (inFirst && i === 0) ? 'room active' : 'room')}
        >
          {r.label}
        </NavLink>
      ))}
    </nav>
  );
}
