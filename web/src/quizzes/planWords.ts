import { PRESET_SETTINGS } from '@hurrow/core/quizzes';
import type { AnswerBox, GradePolicy, Preset } from '@hurrow/core/quizzes';

export const PRESET_WORDS: Readonly<Record<Preset, { readonly name: string; readonly about: string }>> = {
  college: {
    name: 'College',
    about:
      '30 stations of 90 seconds, then 5 minutes of free return. The scientific name earns 2 (genus 1, epithet 1), the common name 1; a misspelling loses half.',
  },
  contest_juniors: {
    name: 'Contest, juniors',
    about: '60 seconds a station, look only, against the whole list of the division. Spelling is free.',
  },
  contest_seniors: {
    name: 'Contest, seniors',
    about:
      '60 seconds a station, look only, against the whole list of the division. A misspelling loses half.',
  },
  young: {
    name: 'Young',
    about:
      '8 to 10 stations, a free walk, drawn choices of two, no points shown. Students may say they are not sure.',
  },
};

/** The box beside an answer, with what it is for. */
export const BOX_WORDS: Readonly<Record<AnswerBox, { readonly name: string; readonly why: string }>> = {
  none: { name: 'No box', why: 'Everybody writes a name or leaves it blank.' },
  cannot_tell: {
    name: 'It cannot be told from this',
    why: 'Right where the material does not decide it. Include at least one such station.',
  },
  not_sure: {
    name: 'I am not sure',
    why: 'For young students: better than a guess. It counts as no answer.',
  },
};

/** Shares of the points that can be chosen. */
export const SHARES: { value: number; label: string }[] = [
  { value: 0, label: 'nothing' },
  { value: 0.25, label: 'a quarter' },
  { value: 0.5, label: 'half' },
  { value: 0.75, label: 'three quarters' },
  { value: 1, label: 'all' },
];

type ShareKey = Exclude<keyof GradePolicy, 'spelling'>;

/** What a name earns that is not quite the one asked, with when each school gives it. */
export const SHARE_FIELDS: readonly {
  readonly key: ShareKey;
  readonly label: string;
  readonly why: string;
}[] = [
  {
    key: 'misspelled',
    label: 'Misspelled',
    why: 'All in a first course; half where names are used in writing.',
  },
  { key: 'genusOnly', label: 'Right genus only', why: 'Half where genus and epithet earn a point each.' },
  { key: 'synonym', label: 'Older scientific name', why: 'All unless the course teaches one list of names.' },
  { key: 'sharedCommon', label: 'Shared common name', why: 'Half, since it could mean another species too.' },
  {
    key: 'otherLanguage',
    label: 'Common name for scientific, or the other way',
    why: 'Nothing where both are asked; all for young groups.',
  },
];

/** How many stations a preset is made for, where a quiz has another number; null where it fits. */
export function sizeDoubt(preset: Preset | null, stations: number): string | null {
  if (preset === null) return null;
  const [least, most] = PRESET_SETTINGS[preset].stations;
  if (stations >= least && stations <= most) return null;
  const { name } = PRESET_WORDS[preset];
  return `${name} is made for ${least === most ? least : `${least} to ${most}`} stations.`;
}
