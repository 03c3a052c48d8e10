import ical, { ICalAlarmType, ICalCalendarMethod } from 'ical-generator';
import { tzlib_get_ical_block } from 'timezones-ical-library';
import { plural } from '@/core/words';
import type { ClassInfo } from '@/store/classes';

const ALARM_SECONDS = 3_600;

type Dated = Pick<
  ClassInfo,
  'id' | 'name' | 'place' | 'day' | 'startsAt' | 'slotMinutes' | 'week' | 'expected'
>;

/**
 * Classes as an iCalendar file (RFC 5545) in the venue's time zone, with an alarm an hour before. Ids stay the same and the
 * sequence rises with each change, so that bringing it into a calendar again updates what is there. No names of people.
 */
export function writeCalendar(
  classes: readonly Dated[],
  venueZone: string,
  revisionOf: (classId: string) => number,
  made: Date,
): string {
  // Plain UTC would leave the times without a zone.
  const zone = venueZone === 'UTC' ? 'Etc/UTC' : venueZone;
  const calendar = ical({
    name: 'Oskil classes',
    prodId: { company: 'oskil', product: 'oskil', language: 'EN' },
    method: ICalCalendarMethod.PUBLISH,
    timezone: { name: zone, generator: (tz) => zoneBlock(tz) },
  });
  for (const c of classes) {
    const event = calendar.createEvent({
      id: `${c.id}@oskil`,
      sequence: revisionOf(c.id),
      stamp: made,
      start: `${c.day}T${c.startsAt}:00`,
      end: endOf(c),
      timezone: zone,
      summary: `${c.name}, week ${c.week}`,
      location: c.place || null,
      description: `${plural(c.expected, 'person', 'people')} expected`,
    });
    event.createAlarm({
      type: ICalAlarmType.display,
      trigger: ALARM_SECONDS,
      description: `${c.name} in an hour`,
    });
  }
  // A stamp is in universal time, whatever zone the events are in.
  const stamp = `${made.toISOString().replace(/[-:]|\.\d+Z$/g, '')}Z`;
  return calendar.toString().replace(/^DTSTAMP:.*$/gm, `DTSTAMP:${stamp}`);
}

/** The rules of a zone under the name the events use: some zones are kept there under the name of another with the same clocks. */
function zoneBlock(zone: string): string | null {
  const block = tzlib_get_ical_block(zone);
  const text = Array.isArray(block) ? (block[0] ?? null) : block;
  return text && text.replace(/^TZID:.*$/m, `TZID:${zone}`);
}

/** Local wall-clock time; a class never runs past midnight by more than its slot. */
function endOf({ day, startsAt, slotMinutes }: Dated): string {
  const end = new Date(Date.parse(`${day}T${startsAt}:00Z`) + slotMinutes * 60_000);
  return end.toISOString().slice(0, 19);
}
