/** The made-up people of the demo. Passphrases are printed by `npm run demo`. */
export const TEACHERS = [
  { key: 'owner', name: 'Odile Marsh', role: 'owner', passphrase: 'ledger loop in october' },
  { key: 'instructor', name: 'Tobias Renn', role: 'instructor', passphrase: 'stove hill is dry' },
  { key: 'assistant', name: 'Pim Castell', role: 'assistant', passphrase: 'signal knob at noon' },
] as const;

export interface DemoSection {
  readonly key: 'tuesday' | 'thursday' | 'youth';
  readonly name: string;
  readonly level: 'young' | 'general' | 'technical';
  readonly students: readonly { readonly code: string; readonly firstName: string | null }[];
}

const numbered = (from: number, names: readonly (string | null)[]): DemoSection['students'] =>
  names.map((firstName, i) => ({ code: String(from + i), firstName }));

export const SECTIONS: readonly DemoSection[] = [
  {
    key: 'tuesday',
    name: 'Tuesday lab',
    level: 'general',
    students: numbered(101, [
      'Avila',
      'Benno',
      'Cosima',
      null,
      'Edda',
      'Fenn',
      'Galen',
      'Hedy',
      null,
      'Jory',
      'Kestrel',
      'Lune',
    ]),
  },
  {
    key: 'thursday',
    name: 'Thursday lab',
    level: 'general',
    students: numbered(201, [
      'Maxen',
      'Nola',
      null,
      'Perrin',
      'Quade',
      'Runa',
      'Soren',
      null,
      'Ulla',
      'Vesper',
      'Wim',
      'Yael',
    ]),
  },
  {
    key: 'youth',
    name: 'Saturday youth group',
    level: 'young',
    // Tree nicknames dealt out on the first day; no names are kept of children.
    students: numbered(301, [
      'Alder',
      'Acorn',
      'Bud',
      'Catkin',
      'Cone',
      'Drupe',
      'Ember',
      'Juniper',
      'Larch',
      'Needle',
      'Samara',
      'Sprig',
      'Twig',
      'Willow',
    ]),
  },
];
