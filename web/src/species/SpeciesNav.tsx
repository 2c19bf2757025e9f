import { Rooms } from '../parts/index.ts';

const ROOMS = [
  { to: '/species', label: 'Species' },
  { to: '/species/table', label: 'Table' },
  { to: '/species/record', label: 'Record next' },
  { to: '/species/seasons', label: 'Seasons' },
  { to: '/species/range', label: 'Range' },
  { to: '/species/growing', label: 'Could grow' },
  { to: '/species/disagreements', label: 'Disagreements' },
  { to: '/species/sources', label: 'Sources' },
  { to: '/species/glossary', label: 'Glossary' },
] as const;

/** The rooms of the species place. */
export const SpeciesNav = () => <Rooms label="Species and vocabulary" rooms={ROOMS} />;
