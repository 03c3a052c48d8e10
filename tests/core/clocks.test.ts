import { runInThisContext } from 'node:vm';
import fc from 'fast-check';
import { addDays, daysBetween, mondayOf, weekdayOf } from '@/core/days';
import { classTimeAtOpening, steadyBeginning } from '@/core/teach/class-clock';
import { dayWords } from '@/server/sheets/day-words';
import { today } from '@/server/shell/today';
import { dayWithYear, listDay, longDay, shortDay } from '@/ui/words/dates';

/** Jest gives a test a copy of the environment; the clock of the machine goes by the real one. */
const inZone = (zone: string | undefined): void => {
  const real = runInThisContext('process') as typeof process;
  if (zone === undefined) delete real.env.TZ;
  else real.env.TZ = zone;
};
const ZONE = process.env.TZ;
afterEach(() => {
  jest.useRealTimers();
  inZone(ZONE);
});

/** With clocks that change in spring and autumn, at midnight, by half an hour, never, and across the date line. */
const ZONES = [
  ...['Europe/Copenhagen', 'America/New_York', 'America/Santiago', 'Africa/Cairo', 'Australia/Lord_Howe'],
  ...['Asia/Tehran', 'Pacific/Kiritimati', 'Pacific/Pago_Pago', 'Europe/London', 'Asia/Beirut'],
];
const everyDay = Array.from({ length: 800 }, (_, i) => addDays('2025-12-20', i));

test.each(ZONES)('days are the same days in every zone, those on which clocks change too: %s', (zone) => {
  inZone(zone);
  expect(Intl.DateTimeFormat().resolvedOptions().timeZone).toBe(zone);
  // Told all at once: an expectation takes longer than what it is about.
  const wrong = everyDay.flatMap((day) => {
    const date = new RegExp(`\\b${Number(day.slice(-2))}\\b`);
    const isTold = [longDay(day), shortDay(day), dayWithYear(day), dayWords.long(day)].every((w) =>
      date.test(w),
    );
    const isSame =
      weekdayOf(addDays(day, 7)) === weekdayOf(day) &&
      daysBetween(mondayOf(day), day) === weekdayOf(day) - 1 &&
      daysBetween(day, addDays(day, 28)) === 28;
    return isTold && isSame ? [] : [day];
  });
  expect(wrong).toEqual([]);
});

test.each(ZONES)(
  'today is the day on the wall there, in the hours round a change of clocks too: %s',
  (zone) => {
    inZone(zone);
    jest.useFakeTimers();
    const wall = new Intl.DateTimeFormat('sv-SE', { timeZone: zone, dateStyle: 'short' });
    const wrong = everyDay.flatMap((day) =>
      [0, 1, 2, 12, 22, 23].filter((hour) => {
        const instant = Date.parse(`${day}T${String(hour).padStart(2, '0')}:30:00Z`);
        jest.setSystemTime(instant);
        return today() !== wall.format(instant);
      }),
    );
    expect(wrong).toEqual([]);
  },
);

test('a list shows the year of a day where it is another', () => {
  expect(listDay('2026-11-25', '2026-11-24')).toBe('Wed 25 Nov');
  expect(listDay('2027-01-06', '2026-11-24')).toBe('Wed 6 Jan 2027');
  expect(listDay('2016-12-01', '2026-11-24')).toBe('Thu 1 Dec 2016');
});

test('the class clock goes by the wall clock, but never back behind what was seen', () => {
  const started = 1_800_000_000_000;
  expect(classTimeAtOpening(started, started + 90_000, 1, 0)).toBe(90_000);
  expect(classTimeAtOpening(started, started + 90_000, 40, 0)).toBe(3_600_000);
  // Put back by an hour since.
  expect(classTimeAtOpening(started, started + 90_000 - 3_600_000, 1, 85_000)).toBe(85_000);
  fc.assert(
    fc.property(fc.integer(), fc.integer({ min: 1, max: 200 }), fc.nat(), (jump, rate, seen) => {
      const at = classTimeAtOpening(started, started + jump, rate, seen);
      expect(at).toBeGreaterThanOrEqual(seen);
      if (jump * rate > seen) expect(at).toBe(jump * rate);
    }),
  );
});

test('a beginning told again is the same until a clock was moved', () => {
  const began = Date.UTC(2026, 10, 24, 10, 30);
  expect(steadyBeginning(null, began)).toBe(began);
  for (const late of [-1_000, -3, 0, 40, 1_400]) expect(steadyBeginning(began, began + late)).toBe(began);
  for (const moved of [-3_600_000, -2_000, 2_000, 86_400_000])
    expect(steadyBeginning(began, began + moved)).toBe(began + moved);
});
