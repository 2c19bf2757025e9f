import type { PairState, SettingsEffect } from '@hurrow/contract';
import type { MixUpSettings } from '@hurrow/core/mixups';
import { STATE_WORDS, plain } from './boardWords.ts';

/** A setting as it is asked for: shares as percent. */
export const SETTING_WORDS: Readonly<
  Record<keyof MixUpSettings, { readonly label: string; readonly hint: string }>
> = {
  level: {
    label: 'Flags that may be chance, percent',
    hint: 'Lower flags fewer pairs and misses more.',
  },
  fewestStudents: {
    label: 'Fewest students',
    hint: 'A pair of fewer students is never flagged and never comes back.',
  },
  share: {
    label: 'Share of the class, percent',
    hint: 'So many of those who saw the tree must mix it up for it to come back.',
  },
  looks: {
    label: 'Answers on new trees',
    hint: 'So many are needed before a pair is called fixed.',
  },
};

const stateWords = (s: PairState | null): string => (s === null ? 'no mix-up of the class' : STATE_WORDS[s]);
const pairWords = (p: SettingsEffect['flagged'][number]): string =>
  `${plain(p.answer)} for ${plain(p.truth)}`;

/** What other settings would change of one class, a line each; none where nothing changes. */
export const effectOn = (e: SettingsEffect): readonly string[] => [
  ...e.flagged.map((p) => `${pairWords(p)} would be flagged`),
  ...e.unflagged.map((p) => `${pairWords(p)} would not be flagged`),
  ...e.states.map((p) => `${pairWords(p)} is ${stateWords(p.from)} and would be ${stateWords(p.to)}`),
];
