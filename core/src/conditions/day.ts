const BEFORE_MONTH = [0, 31, 59, 90, 120, 151, 181, 212, 243, 273, 304, 334] as const;
const WEEKDAYS = 'Sun Mon Tue Wed Thu Fri Sat'.split(' ');
const MONTHS = 'Jan Feb Mar Apr May Jun Jul Aug Sep Oct Nov Dec'.split(' ');

/** Dates outside these years are slips of the keyboard, and some of them no database keeps. */
const YEARS = { first: 1900, last: 2199 } as const;

/** True for a calendar date written `YYYY-MM-DD` that exists, from 1900 to 2199. */
export function isDate(text: string): boolean {
  const m = /^(\d{4})-(\d\d)-(\d\d)$/.exec(text);
  if (!m) return false;
  const [year, month, day] = [Number(m[1]), Number(m[2]), Number(m[3])];
  if (year < YEARS.first || year > YEARS.last) return false;
  if (month < 1 || month > 12 || day < 1) return false;
  const leap = year % 4 === 0 && (year % 100 !== 0 || year % 400 === 0);
  const next = BEFORE_MONTH[month] ?? 365;
  const length = next - (BEFORE_MONTH[month - 1] ?? 0) + (month === 2 && leap ? 1 : 0);
  return day <= length;
}

/** True for a moment in UTC written `YYYY-MM-DDTHH:MM[:SS[.sss]]Z` whose date exists, from 1900 to 2199. */
export function isMoment(text: string): boolean {
  const m = /^(\d{4}-\d\d-\d\d)T([01]\d|2[0-3]):[0-5]\d(:[0-5]\d(\.\d{1,6})?)?Z$/.exec(text);
  return m?.[1] !== undefined && isDate(m[1]);
}

/**
 * Day of the year, 1 to 365, of an ISO date. 29 February counts as 1 March, so that a window means the same
 * days in every year.
 */
export function dayOfYear(date: string): number {
  const month = Number(date.slice(5, 7));
  const day = Number(date.slice(8, 10));
  return (BEFORE_MONTH[month - 1] ?? 0) + day;
}

/** A day of the year as people write it: `Jul 1`. Days outside 1 to 365 wrap round. */
export function showDay(day: number): string {
  const d = wrapDay(day);
  let month = 11;
  while ((BEFORE_MONTH[month] ?? 0) >= d) month -= 1;
  return `${MONTHS[month] ?? ''} ${d - (BEFORE_MONTH[month] ?? 0)}`;
}

/**
 * A date as people write it: `Tue, Oct 6`, with the year where it is not the one of today.
 * @param date ISO. @param today ISO; the year is always written where it is left out.
 */
export function showDate(date: string, today = ''): string {
  const weekday = WEEKDAYS[new Date(`${date}T12:00:00Z`).getUTCDay()] ?? '';
  const day = `${weekday}, ${MONTHS[Number(date.slice(5, 7)) - 1] ?? ''} ${Number(date.slice(8, 10))}`;
  return date.slice(0, 4) === today.slice(0, 4) ? day : `${day}, ${date.slice(0, 4)}`;
}

/** Brings any whole day number into 1 to 365. */
export function wrapDay(day: number): number {
  return ((((Math.round(day) - 1) % 365) + 365) % 365) + 1;
}

/** Days from a to b going forward through the year, 0 to 364. */
export function daysForward(a: number, b: number): number {
  return (((b - a) % 365) + 365) % 365;
}

/** The first Monday after a day, ISO. */
export function nextMonday(date: string): string {
  const weekday = new Date(`${date}T12:00:00Z`).getUTCDay();
  return addDays(date, ((8 - weekday) % 7) + (weekday === 1 ? 7 : 0));
}

/** An ISO date moved by whole days. */
export function addDays(date: string, days: number): string {
  const at = Date.UTC(+date.slice(0, 4), +date.slice(5, 7) - 1, +date.slice(8, 10)) + days * 86_400_000;
  return new Date(at).toISOString().slice(0, 10);
}
