import ical from 'ical-generator';

/** A sitting as a day of a calendar. */
export interface CalendarSitting {
  readonly id: string;
  readonly quiz: string;
  readonly section: string;
  /** ISO. */
  readonly on: string;
  readonly state: string;
  readonly stations: number;
  readonly site: { readonly name: string; readonly lat: number; readonly lon: number };
}

/**
 * Sittings as iCalendar (RFC 5545): one event a sitting, the whole day, since a sitting has a date and no hour. Nothing of
 * students is in it.
 * @param version of the program that writes it. @param now ISO, the moment it is written.
 */
export function writeCalendar(sittings: readonly CalendarSitting[], version: string, now: string): string {
  const calendar = ical({
    name: 'Hurrow quizzes',
    prodId: { company: 'Hurrow', product: `Hurrow ${version}`, language: 'EN' },
  });
  for (const s of sittings)
    calendar.createEvent({
      id: `${s.id}@hurrow`,
      stamp: new Date(now),
      start: new Date(`${s.on}T00:00:00Z`),
      end: new Date(Date.parse(`${s.on}T00:00:00Z`) + 86_400_000),
      allDay: true,
      summary: `${s.quiz}: ${s.section}`,
      description: `${s.stations} stations, ${s.state}`,
      location: { title: s.site.name, geo: { lat: s.site.lat, lon: s.site.lon } },
    });
  return calendar.toString();
}
