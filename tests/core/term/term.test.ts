import fc from 'fast-check';
import { addDays, daysBetween, isDay, mondayOf, weekdayOf } from '@/core/days';
import { resizedWeeks, termClasses, termSchema, termSpan, usualWeeks, type Term } from '@/core/term/term';

const term = (over: Partial<Term> = {}): Term => ({
  name: 'Spring',
  firstDay: '2026-11-11',
  weeks: [...usualWeeks(4)],
  days: [{ weekday: 3, startsAt: '10:30' }],
  holidays: [],
  ...over,
});

test('days are counted over months, leap years and clock changes', () => {
  expect(addDays('2026-02-27', 2)).toBe('2026-03-01');
  expect(addDays('2028-02-28', 1)).toBe('2028-02-29');
  expect(addDays('2026-10-24', 7)).toBe('2026-10-31');
  expect(daysBetween('2026-03-28', '2026-03-30')).toBe(2);
  expect([weekdayOf('2026-11-25'), weekdayOf('2026-11-29')]).toEqual([3, 7]);
  expect(mondayOf('2026-11-29')).toBe('2026-11-23');
});

test('a term has a class on its day of each week', () => {
  expect(termClasses(term()).map((c) => [c.week, c.day])).toEqual([
    [1, '2026-11-11'],
    [2, '2026-11-18'],
    [3, '2026-11-25'],
    [4, '2026-12-02'],
  ]);
});

test('a week that falls out is not counted; one day of two that falls out is only missing', () => {
  const holidays = [{ from: '2026-11-16', until: '2026-11-22', what: 'half-term' }];
  expect(termClasses(term({ holidays })).map((c) => [c.week, c.day])).toEqual([
    [1, '2026-11-11'],
    [2, '2026-11-25'],
    [3, '2026-12-02'],
    [4, '2026-12-09'],
  ]);
  const days = [
    { weekday: 5, startsAt: '11:00' },
    { weekday: 3, startsAt: '10:30' },
  ];
  const one = [{ from: '2026-11-18', until: '2026-11-18', what: '' }];
  const both = termClasses(term({ days, holidays: one, weeks: [...usualWeeks(2)] }));
  expect(both.map((c) => [c.week, c.day])).toEqual([
    [1, '2026-11-11'],
    [1, '2026-11-13'],
    [2, '2026-11-20'],
  ]);
});

test('a term that begins in the middle of a week begins with what is left of it', () => {
  const days = [
    { weekday: 1, startsAt: '10:30' },
    { weekday: 5, startsAt: '10:30' },
  ];
  expect(termClasses(term({ days, weeks: [...usualWeeks(2)] }))[0]).toMatchObject({
    week: 1,
    day: '2026-11-13',
  });
});

test.each([
  ['no name', { name: ' ' }, 'Give the term a name'],
  ['no day', { days: [] }, 'Choose at least one day of the week'],
  [
    'a day twice',
    {
      days: [
        { weekday: 3, startsAt: '10:30' },
        { weekday: 3, startsAt: '12:30' },
      ],
    },
    'A day of the week is there twice',
  ],
  [
    'a holiday the wrong way round',
    { holidays: [{ from: '2026-12-02', until: '2026-12-01', what: '' }] },
    'The holiday ends before it begins',
  ],
  [
    'nothing but holidays',
    { holidays: [{ from: '2026-11-01', until: '2027-11-01', what: '' }] },
    'The holidays leave no days for the classes',
  ],
])('%s is refused with a sentence', (_, over, words) => {
  const parsed = termSchema.safeParse(term(over));
  expect(parsed.success).toBe(false);
  expect(parsed.error?.issues.map((i) => i.message)).toContain(words);
});

test('a usual term settles in, has a lighter week about every fourth, and ends with measuring', () => {
  expect(usualWeeks(8).map((w) => `${w.phase}${w.lighter ? ' (lighter)' : ''}`)).toEqual([
    'settle in',
    'settle in',
    'settle in',
    'build (lighter)',
    'build',
    'consolidate',
    'consolidate',
    'review',
  ]);
  fc.assert(
    fc.property(fc.integer({ min: 3, max: 16 }), (n) => {
      const weeks = usualWeeks(n);
      expect(weeks).toHaveLength(n);
      expect(weeks[0]!.phase).toBe('settle in');
      expect(weeks.at(-1)).toEqual({ phase: 'review', lighter: false });
      const order = ['settle in', 'build', 'consolidate', 'review'];
      const places = weeks.map((w) => order.indexOf(w.phase));
      expect(places).toEqual([...places].sort((a, b) => a - b));
    }),
  );
});

test('every class is on a day of the term, never in a holiday, in order', () => {
  const anyTerm = fc.record({
    start: fc.integer({ min: 0, max: 400 }),
    weeks: fc.integer({ min: 1, max: 12 }),
    days: fc.uniqueArray(fc.integer({ min: 1, max: 7 }), { minLength: 1, maxLength: 3 }),
    off: fc.array(fc.tuple(fc.integer({ min: 0, max: 80 }), fc.integer({ min: 0, max: 9 })), {
      maxLength: 4,
    }),
  });
  fc.assert(
    fc.property(anyTerm, ({ start, weeks, days, off }) => {
      const firstDay = addDays('2026-01-01', start);
      const holidays = off.map(([at, length]) => ({
        from: addDays(firstDay, at),
        until: addDays(firstDay, at + length),
        what: '',
      }));
      const t = term({
        firstDay,
        weeks: [...usualWeeks(weeks)],
        days: days.map((weekday) => ({ weekday, startsAt: '10:30' })),
        holidays,
      });
      const classes = termClasses(t);
      expect(new Set(classes.map((c) => c.week)).size).toBe(weeks);
      expect(classes.map((c) => c.day)).toEqual([...classes.map((c) => c.day)].sort());
      for (const { day } of classes) {
        expect(day >= firstDay).toBe(true);
        expect(days).toContain(weekdayOf(day));
        expect(holidays.every((h) => day < h.from || h.until < day)).toBe(true);
      }
    }),
  );
});

test.each([
  ['2026-02-28', true],
  ['2026-02-31', false],
  ['2028-02-29', true],
  ['2026-13-01', false],
  ['2026-1-1', false],
  ['tomorrow', false],
])('%s is a day: %j', (text, is) => expect(isDay(text)).toBe(is));

test('a usual term stays usual when it grows; weeks chosen by hand stay, and new ones come before the last', () => {
  expect(resizedWeeks(usualWeeks(8), 10)).toEqual(usualWeeks(10));
  const own = usualWeeks(4).map((w, i) => ({ ...w, lighter: i === 1 }));
  const longer = resizedWeeks(own, 6);
  expect(longer.slice(0, 3)).toEqual(own.slice(0, 3));
  expect(longer.at(-1)).toEqual(own.at(-1));
  expect(longer).toHaveLength(6);
  expect(resizedWeeks(own, 2)).toEqual(own.slice(0, 2));
});

test('a term goes from its first day to its last class', () => {
  expect(termSpan(term())).toEqual(['2026-11-11', '2026-12-02']);
});
