import type { SheetAnswer, SheetEntry } from '@hurrow/contract';

/** A question of a line, as far as keys need to know it. */
export interface AskAt {
  readonly sittingStation: string;
  readonly ask: string;
  /** Whether a name is asked for which a species of the list can be picked. */
  readonly picks: boolean;
  /** Whether it asks for a name at all, which may be misspelled. */
  readonly named: boolean;
  /** Circled states under the digits that are printed beside them. */
  readonly states: readonly string[];
  /** Whether an answer is there; it is replaced only once it was opened on purpose. */
  readonly answered: boolean;
  /** Whether what is there came by phone, so that another entry corrects it. */
  readonly byPhone: boolean;
}

/** One line to be entered: a station of a sheet, or a sheet at a station. */
export interface Line {
  readonly id: string;
  readonly asks: readonly AskAt[];
}

/** Where the hand is: a line, a question of it, and what is typed so far. Behind the last line, all is entered. */
export interface Place {
  readonly line: number;
  readonly ask: number;
  readonly text: string;
  /** Which of the species that fit the letters is chosen. */
  readonly choice: number;
  /** Whether the answer that is there was opened to be replaced. */
  readonly opened: boolean;
}

/** Where the hand begins: at the first line with a question that has no answer. */
export function firstOpen(lines: readonly Line[]): Place {
  const line = lines.findIndex((l) => l.asks.some((a) => !a.answered));
  return line < 0 ? at(lines.length) : onward(lines, line, 0);
}

export const START: Place = { line: 0, ask: 0, text: '', choice: 0, opened: false };

/** What is to be sent for one question. */
export type Given = Pick<SheetAnswer, 'sittingStation' | 'ask' | 'typed' | 'correction'> & {
  readonly as?: SheetEntry;
};

/** What a key leads to: where the hand is then, what was entered, and whether the next sheet comes. */
export interface Step {
  readonly place: Place;
  readonly given: readonly Given[];
  readonly next: boolean;
}

/** Keys that say what an answer is, where nothing is typed. */
export const SAYS: Readonly<Record<string, SheetEntry>> = {
  ' ': 'right',
  '/': 'misspelled',
  '-': 'blank',
  '!': 'cannot_tell',
  '~': 'not_sure',
  '?': 'illegible',
  '*': 'not_reached',
};

const at = (line: number, ask = 0): Place => ({ ...START, line, ask });

/** The first question of a line from a place on that has no answer; the line after it where all have one. */
function onward(lines: readonly Line[], line: number, ask: number): Place {
  const asks = lines[line]?.asks ?? [];
  for (let i = ask; i < asks.length; i += 1) if (!asks[i]?.answered) return at(line, i);
  return at(Math.min(line + 1, lines.length));
}

const asGiven = ({ sittingStation, ask, byPhone }: AskAt, typed: string | null, as?: SheetEntry): Given => ({
  sittingStation,
  ask,
  typed,
  ...(as ? { as } : {}),
  correction: byPhone,
});

const stay = (place: Place): Step => ({ place, given: [], next: false });

/** The lines as they are once something was entered. */
const withGiven = (lines: readonly Line[], given: readonly Given[]): readonly Line[] =>
  lines.map((l) => ({
    ...l,
    asks: l.asks.map((a) =>
      given.some((g) => g.sittingStation === a.sittingStation && g.ask === a.ask)
        ? { ...a, answered: true }
        : a,
    ),
  }));

/** Goes on behind what was entered: to the next question that has no answer, in this line first. */
const entered = (lines: readonly Line[], place: Place, given: readonly Given[]): Step => ({
  place: onward(withGiven(lines, given), place.line, place.ask),
  given,
  next: false,
});

function moved(lines: readonly Line[], place: Place, key: string): Place | null {
  const width = lines[place.line]?.asks.length ?? 1;
  switch (key) {
    case 'ArrowDown':
      return at(Math.min(place.line + 1, lines.length));
    case 'ArrowUp':
      return at(Math.max(place.line - 1, 0));
    case 'ArrowRight':
      return at(place.line, Math.min(place.ask + 1, width - 1));
    case 'ArrowLeft':
      return at(place.line, Math.max(place.ask - 1, 0));
    default:
      return null;
  }
}

/** One step back, with the answer there opened, so that a slip is put right by two keys. */
function back(lines: readonly Line[], place: Place): Place {
  if (place.ask > 0) return { ...at(place.line, place.ask - 1), opened: true };
  const line = Math.max(0, place.line - 1);
  return { ...at(line, Math.max(0, (lines[line]?.asks.length ?? 1) - 1)), opened: true };
}

/** The rest of a line under one key. */
function restOf(lines: readonly Line[], place: Place, as: SheetEntry): Step {
  const rest = (lines[place.line]?.asks ?? []).slice(place.ask);
  const given = rest
    .filter((a, i) => !a.answered || (i === 0 && place.opened))
    .map((a) => asGiven(a, null, as));
  return { place: at(Math.min(place.line + 1, lines.length)), given, next: false };
}

function onEmpty(lines: readonly Line[], place: Place, key: string): Step {
  const here = lines[place.line]?.asks[place.ask];
  if (!here) return key === 'Enter' ? { place, given: [], next: true } : stay(place);
  const free = !here.answered || place.opened;
  if (key === 'Enter') return restOf(lines, place, 'right');
  const as = SAYS[key];
  if (as) {
    if (as === 'not_reached') return restOf(lines, place, as);
    if (!free || (as === 'misspelled' && !here.named)) return stay(place);
    return entered(lines, place, [asGiven(here, as === 'right' ? null : as === 'blank' ? '' : null, as)]);
  }
  if (/^\d$/.test(key) && here.states.length > 0 && free) return circled(lines, place, here, key);
  return key.length === 1 && free ? stay({ ...place, text: key }) : stay(place);
}

/** A digit enters the circled state at once where no longer number begins with it. */
function circled(lines: readonly Line[], place: Place, here: AskAt, digits: string): Step {
  const n = Number(digits);
  const longer = here.states.length >= n * 10 && n > 0;
  if (n < 1 || n > here.states.length) return stay({ ...place, text: '' });
  return longer ? stay({ ...place, text: digits }) : entered(lines, place, [asGiven(here, String(n))]);
}

/**
 * What a key does while sheets are entered. Where nothing is typed, Enter takes the rest of the line as right and other
 * keys say what an answer is; letters look for a species, and Enter picks it, or takes the text as it is written.
 * @param fits the species whose names the letters fit, the best first. @returns null where the key is left to the field.
 */
export function press(
  key: string,
  shift: boolean,
  place: Place,
  lines: readonly Line[],
  fits: readonly string[],
): Step | null {
  const here = lines[place.line]?.asks[place.ask];
  if (key === 'F2') return here?.answered ? stay({ ...place, opened: true }) : null;
  if (key === 'Escape') return stay({ ...place, text: '', choice: 0, opened: false });
  if (place.text === '') {
    const to = moved(lines, place, key);
    if (to) return stay(to);
    if (key === 'Backspace') return stay(back(lines, place));
    return key.length === 1 || key === 'Enter' ? onEmpty(lines, place, key) : null;
  }
  if (!here) return null;
  if (key === 'ArrowDown' || key === 'ArrowUp') {
    const by = key === 'ArrowDown' ? 1 : -1;
    return stay({ ...place, choice: Math.max(0, Math.min(place.choice + by, fits.length - 1)) });
  }
  if (key === 'Enter') {
    const picked = here.picks && !shift ? fits[place.choice] : undefined;
    return entered(lines, place, [
      picked === undefined ? asGiven(here, place.text) : asGiven(here, picked, 'species'),
    ]);
  }
  return null;
}

/** What stands in the field after a hand changed it: a number enters its circled state, everything else stays to be read. */
export function write(text: string, place: Place, lines: readonly Line[]): Step {
  const here = lines[place.line]?.asks[place.ask];
  return here && /^\d+$/.test(text) && here.states.length > 0
    ? circled(lines, place, here, text)
    : stay({ ...place, text, choice: 0 });
}
