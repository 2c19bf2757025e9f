import type { SoundStation, Soundness, TaxonHeader } from '@hurrow/contract';
import { ADVICE, FEWEST, steadiness } from '@hurrow/core/soundness';
import type { Steadiness } from '@hurrow/core/soundness';

export const plainName = (t: Pick<TaxonHeader, 'scientific' | 'common'>): string => t.common ?? t.scientific;

/** A station as it is named to staff: *Station 10, tag L41*. */
export const stationName = ({ number, tag }: Pick<SoundStation, 'number' | 'tag'>): string =>
  tag ? `Station ${number}, tag ${tag}` : `Station ${number}`;

export const rightWords = ({ right, n }: Pick<SoundStation, 'right' | 'n'>): string =>
  right === 0 ? `none of ${n}` : right === n ? `all ${n}` : `${right} of ${n}`;

const wrote = ({ check, truth, n }: SoundStation): string => {
  if (!check) return '';
  const { namedAsInstead: k, instead } = check;
  const named = `${k === n ? `All ${n}` : `${k} of ${n}`} wrote ${plainName(instead)}`;
  return `${named}; the tag says ${plainName(truth)}.`;
};

const SAID: Readonly<Record<SoundStation['advice'], (s: SoundStation) => string>> = {
  check_tag: (s) => `${wrote(s)} Check the tag, the tree and the key.`,
  look_at_tag: (s) => `${wrote(s)} There is too little to compare this with. Look at the tag when you pass.`,
  misleads: () =>
    'Students who did well elsewhere did worse here. Read the question and the key again: something here may mislead those who know.',
  nobody: (s) => `Nobody named it${most(s)}. Teach it again before you ask it again.`,
  mixed_up: ({ check, n }) =>
    check
      ? `${check.namedAsInstead} of ${n} wrote ${plainName(check.instead)}, more than named it right. Teach the two beside each other again.`
      : '',
  few: (s) => `Few named it${most(s)}. Teach it again, or ask it later in the term.`,
  everybody: () => 'Everybody named it. It does not show who knows more; keep it as a good start.',
  fine: () => 'Nothing to change.',
};

/** The wrong name given most, where several gave it. */
function most({ others }: SoundStation): string {
  const [first] = others;
  return first && first.n >= 3 ? `; ${first.n} wrote ${plainName(first.taxon)}` : '';
}

/** What a station's answers say and ask to be done, in at most two sentences. */
export function adviceWords(station: SoundStation): string {
  const found = station.check?.foundRight;
  const words = SAID[station.advice](station);
  return found ? `${found.by ?? 'Somebody'} looked and found the tag right. ${words}` : words;
}

/** Stations that ask for something, the most pressing first. */
export const pressing = (stations: readonly SoundStation[]): readonly SoundStation[] => {
  const rank = (s: SoundStation): number => ADVICE.indexOf(s.advice);
  return stations
    .filter((s) => rank(s) < ADVICE.indexOf('everybody'))
    .sort((a, b) => rank(a) - rank(b) || a.number - b.number);
};

/** What is missing before more than counts can be said; null where nothing is. */
export function tooFewWords({ tooFew, students, stations }: Soundness): string | null {
  if (tooFew.length === 0) return null;
  const has = [
    ...(tooFew.includes('students') ? [`${students} of ${FEWEST.students} students`] : []),
    ...(tooFew.includes('stations') ? [`${stations.length} of ${FEWEST.stations} stations`] : []),
  ];
  return `There are too few answers to check the questions: ${has.join(' and ')}. Only counts are shown.`;
}

const STEADY_WORDS: Readonly<Record<Steadiness, string>> = {
  steady: 'With other stations of this kind, students would come out in nearly the same order.',
  fair: 'With other stations of this kind, some students would change places. Do not let a point or two decide.',
  loose:
    'With other stations of this kind, the order of students would change a good deal. Do not rank students by it.',
};

/** How far the order of students can be relied on, and what would make it steadier. */
export function reliabilityWords({ reliability, missing }: Soundness): string {
  if (reliability.is === 'undefined')
    return reliability.why === 'all_the_same'
      ? 'Everybody has the same points, so nothing can be said about their order.'
      : `Too few students were at every station (${reliability.students} of ${FEWEST.students}) to say how steady their order is.`;
  const more = missing === null ? '' : ` About ${missing} more stations of this kind would make it steady.`;
  return `${STEADY_WORDS[steadiness(reliability.value)]}${more}`;
}

const two = (x: number): string => x.toFixed(2).replace('-', '−');

/** The figures behind the sentences, for the details. */
export function detailLines({ reliability, sigma }: Soundness): readonly string[] {
  const lines =
    reliability.is === 'known'
      ? [
          `${reliability.name} ${two(reliability.value)}, 95% interval ${two(reliability.low)} to ${two(reliability.high)} (Feldt), ${reliability.students} students, ${reliability.stations} stations.`,
        ]
      : [];
  return sigma === null ? lines : [...lines, `Spread of ability ${two(sigma)} logits (Rasch’s model).`];
}

/** Whether students differ too little for the scale to tell them apart. */
export const isFlat = ({ sigma }: Soundness): boolean => sigma !== null && sigma < 0.2;

/** The figures of one station, for the details. */
export function figureWords({ correlation, check }: SoundStation): string {
  const r =
    correlation.is === 'known'
      ? `r ${two(correlation.r)} with the rest, p ${correlation.p < 0.001 ? '< 0.001' : correlation.p.toFixed(3)}`
      : correlation.why === 'all_the_same'
        ? 'no r: everybody did the same here'
        : correlation.why === 'rest_the_same'
          ? 'no r: everybody did the same elsewhere'
          : 'no r: too few answers';
  if (!check || check.verdict === 'none') return r;
  return `${r}; log ratio ${two(check.logRatio)}, posterior ${two(check.posterior)} by ${check.otherAnswers} answers at ${check.otherStations} other stations`;
}
