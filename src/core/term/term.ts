import { z } from 'zod';
import type { Immutable } from '../frozen';
import { addDays, isDay, mondayOf } from '../days';
import { daySchema } from '../days';
import { newClassSchema } from '../plan';

export const PHASES = ['settle in', 'build', 'consolidate', 'review'] as const;

export const WEEKDAYS = [
  'Monday',
  'Tuesday',
  'Wednesday',
  'Thursday',
  'Friday',
  'Saturday',
  'Sunday',
] as const;

const termWeekSchema = z.strictObject({ phase: z.enum(PHASES), lighter: z.boolean() });
export type TermWeek = Immutable<z.infer<typeof termWeekSchema>>;

const termDaySchema = z.strictObject({
  /** 1 is Monday. */
  weekday: z.number().int().min(1, 'Choose a day of the week').max(7, 'Choose a day of the week'),
  startsAt: newClassSchema.shape.startsAt,
});
export type TermDay = Immutable<z.infer<typeof termDaySchema>>;

const holidaySchema = z
  .strictObject({
    from: daySchema,
    until: daySchema,
    what: z.string().trim().max(60, 'Keep the name under 60 characters'),
  })
  .refine((h) => h.from <= h.until, { path: ['until'], message: 'The holiday ends before it begins' });
export type Holiday = Immutable<z.infer<typeof holidaySchema>>;

/** So many weeks in a row without a class, and a term has none to come. */
const LONGEST_GAP_WEEKS = 12;

const fields = z.strictObject({
  name: z.string().trim().min(1, 'Give the term a name').max(60, 'Keep the name under 60 characters'),
  /** The first day on which there may be a class. */
  firstDay: daySchema,
  weeks: z
    .array(termWeekSchema)
    .min(1, 'A term has at least one week')
    .max(16, 'A term has at most 16 weeks'),
  days: z
    .array(termDaySchema)
    .min(1, 'Choose at least one day of the week')
    .max(5, 'At most five days a week'),
  holidays: z.array(holidaySchema).max(20, 'At most 20 holidays'),
});

export const termSchema = fields
  .refine((t) => new Set(t.days.map((d) => d.weekday)).size === t.days.length, {
    path: ['days'],
    message: 'A day of the week is there twice',
  })
  .refine((t) => !isDay(t.firstDay) || termClasses(t).at(-1)?.week === t.weeks.length, {
    path: ['holidays'],
    message: 'The holidays leave no days for the classes',
  });
/** Weeks with their phases, the days of the week with classes, and the days that fall out. */
export type Term = Immutable<z.infer<typeof fields>>;

export type TermClass = { readonly week: number; readonly day: string; readonly startsAt: string };

/** Every class of a term, in order. A calendar week in which every day falls out is not counted as a week of the term. */
export function termClasses(
  term: Pick<Term, 'firstDay' | 'weeks' | 'days' | 'holidays'>,
): readonly TermClass[] {
  const classes: TermClass[] = [];
  const days = [...term.days].sort((a, b) => a.weekday - b.weekday);
  let week = 0;
  let gap = 0;
  for (let monday = mondayOf(term.firstDay); week < term.weeks.length; monday = addDays(monday, 7)) {
    const here = days
      .map(({ weekday, startsAt }) => ({ day: addDays(monday, weekday - 1), startsAt }))
      .filter(({ day }) => day >= term.firstDay && !holidayOn(term, day));
    gap = here.length > 0 ? 0 : gap + 1;
    if (gap > LONGEST_GAP_WEEKS) break;
    if (here.length > 0) week += 1;
    classes.push(...here.map((c) => ({ week, ...c })));
  }
  return classes;
}

export const holidayOn = ({ holidays }: Pick<Term, 'holidays'>, day: string): Holiday | null =>
  holidays.find((h) => h.from <= day && day <= h.until) ?? null;

/** The first and the last day on which a term has a class; the same where there is one alone. */
export function termSpan(
  term: Pick<Term, 'firstDay' | 'weeks' | 'days' | 'holidays'>,
): readonly [string, string] {
  return [term.firstDay, termClasses(term).at(-1)?.day ?? term.firstDay];
}

/**
 * Weeks made more or fewer. A usual term becomes a usual term of that length; what was chosen by hand stays, and weeks are
 * put in before the last or taken off the end.
 */
export function resizedWeeks(weeks: readonly TermWeek[], count: number): readonly TermWeek[] {
  const isUsual = usualWeeks(weeks.length).every(
    (u, i) => u.phase === weeks[i]!.phase && u.lighter === weeks[i]!.lighter,
  );
  if (isUsual) return usualWeeks(count);
  if (count <= weeks.length) return weeks.slice(0, count);
  const more = Array.from({ length: count - weeks.length }, (): TermWeek => ({
    phase: 'consolidate',
    lighter: false,
  }));
  return [...weeks.slice(0, -1), ...more, ...weeks.slice(-1)];
}

/** A usual term of so many weeks: settle in, build, consolidate, review; every fourth week lighter, but never the last. */
export function usualWeeks(count: number): readonly TermWeek[] {
  const settle = count >= 8 ? 3 : Math.max(1, Math.round(count / 4));
  const review = count >= 3 ? 1 : 0;
  const build = Math.ceil((count - settle - review) / 2);
  return Array.from({ length: count }, (_, i): TermWeek => {
    const phase =
      i < settle ? 'settle in' : i < settle + build ? 'build' : i < count - review ? 'consolidate' : 'review';
    return { phase, lighter: (i + 1) % 4 === 0 && i + 1 < count };
  });
}
