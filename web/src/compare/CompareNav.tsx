import { Rooms } from '../parts/index.ts';

const ROOMS = [
  { to: '/compare', label: 'Bench' },
  { to: '/compare/list', label: 'Whole list' },
  { to: '/compare/year', label: 'Year' },
  { to: '/compare/lookalikes', label: 'Look-alikes' },
  { to: '/compare/rules', label: 'Rules' },
  { to: '/compare/name', label: 'Name a tree' },
  { to: '/compare/key', label: 'Key' },
  { to: '/compare/sort', label: 'Sorting' },
  { to: '/compare/names', label: 'Names' },
] as const;

/** The rooms of the compare place. */
export const CompareNav = () => <Rooms label="Comparing" rooms={ROOMS} />;
