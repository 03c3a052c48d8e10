import fc from 'fast-check';
import { CAUTIONS } from '@/catalogue/cautions/cautions';
import { CATALOGUE, MOVEMENTS } from '@/catalogue/movements';
import { wednesdayPlan } from '@/demo/plans';
import { homeChoice, MAX_ITEMS, needsDayBetween } from '@/core/home/choose';
import {
  homeDays,
  homeHoursSchema,
  littleAndOften,
  MAX_TIMES,
  minuteText,
  mostTimes,
  USUAL_HOURS,
  weeklyTotal,
  whenText,
} from '@/core/home/schedule';
import { addDays } from '@/core/days';
import type { PersonCondition } from '@/core/people/person';
import { movementRows } from '@/core/plan/plan';
import { verdictFor } from '@/core/screening/verdict';
import type { Mark } from '@/core/teach/marks';
import { aboutMinutes, dayMs, goMs } from '@/core/home/go-length';
import { doseTiming } from '@/core/dose/timing';
import { learnedPace } from '@/core/plan/check/pace';
import { anyDose } from '../arbitrary';
import { person } from '../people';
import { planWith } from '../plans';

const screening = { table: CAUTIONS, catalogue: CATALOGUE, today: '2026-11-25' };
const given = { done: wednesdayPlan(3), marks: [] as Mark[], catalogue: CATALOGUE, screening };
const mark = (personId: string, rowId: string, kind: Mark['mark']): Mark => ({
  id: rowId,
  personId,
  rowId,
  mark: kind,
  atMs: 0,
});

describe('what goes home', () => {
  test('three to five things, mostly moving, and what moves different joints', () => {
    const { fit, proposed, why } = homeChoice(person(), given);
    const taken = fit.filter((i) => proposed.includes(i.row.id)).map((i) => i.movement);
    expect(taken.length).toBeGreaterThanOrEqual(3);
    expect(taken.length).toBeLessThanOrEqual(MAX_ITEMS);
    expect(new Set(taken.flatMap((m) => m.joints)).size).toBeGreaterThanOrEqual(3);
    expect(taken.filter(needsDayBetween).length).toBeLessThanOrEqual(1);
    expect(why).toBeNull();
  });

  test('a prop only for who has it at home', () => {
    const props = (propsHome: string[]) =>
      homeChoice(person({ propsHome }), given).fit.flatMap((i) => i.propId ?? []);
    expect(props([])).toEqual([]);
    expect(props(['cloth'])).toEqual(['cloth']);
  });

  test.each([
    [{ assistance: 2 }, 'needs help with placing the hands, so nothing is sent home to do alone'],
    [{ screened: false }, 'the screening questions are open, so nothing is sent home yet'],
  ])('%j: nothing', (fields, why) => {
    expect(homeChoice(person(fields), given)).toEqual({ fit: [], proposed: [], why });
  });

  test('nothing that a helper gives, on whatever rung', () => {
    const givenByHelper = MOVEMENTS.filter((m) => m.traits.includes('given by a helper'));
    expect(givenByHelper.length).toBeGreaterThan(0);
    for (const m of givenByHelper) {
      const done = planWith({ ease: [m.id, 'warm-palms'] });
      const { fit } = homeChoice(person(), { ...given, done });
      expect(fit.map((i) => i.movement.id)).toEqual(['warm-palms']);
    }
  });

  test('nothing that went badly today, nothing with weight on the hands, nothing hard', () => {
    const ansel = person();
    const all = homeChoice(ansel, given).fit;
    const first = all[0]!.row.id;
    for (const kind of ['sore', 'stopped', 'skipped', 'form'] as const) {
      const marks = [mark(ansel.id, first, kind)];
      expect(homeChoice(ansel, { ...given, marks }).fit.map((i) => i.row.id)).not.toContain(first);
    }
    const eased = homeChoice(ansel, { ...given, marks: [mark(ansel.id, first, 'eased')] });
    expect(eased.fit.map((i) => i.row.id)).toContain(first);
    expect(all.every((i) => i.movement.effort !== 'load' && i.movement.effortOf10 <= 4)).toBe(true);
  });

  test('whatever is on the record, only what both hands may do as it is', () => {
    const condition = fc
      .record({
        of: fc.constantFrom(...CAUTIONS.conditions),
        side: fc.constantFrom('L', 'R', 'both'),
        state: fc.constantFrom('settled', 'sore', 'flare', 'not cleared'),
      })
      .map(
        ({ of, side, state }) =>
          ({
            conditionId: of.id,
            side: of.sided ? side : 'none',
            state,
            since: null,
            spots: [],
          }) as PersonCondition,
      );
    fc.assert(
      fc.property(fc.array(condition, { maxLength: 3 }), (conditions) => {
        const someone = person({ conditions, propsHome: ['cloth', 'foam-ball'] });
        const { fit, proposed, why } = homeChoice(someone, given);
        for (const { row, movement } of fit)
          expect(verdictFor(someone, movement, row.dose, screening).worst).toBe('do');
        expect(proposed.length).toBeLessThanOrEqual(MAX_ITEMS);
        expect(proposed.length >= 3 || why !== null).toBe(true);
        expect(proposed.every((id) => fit.some((i) => i.row.id === id))).toBe(true);
      }),
      { numRuns: 60 },
    );
  });

  test('what was not counted in class is not sent home', () => {
    const rows = movementRows(given.done).slice(0, 4);
    const only = {
      ...given.done,
      sections: given.done.sections.map((s) => ({
        ...s,
        rows: s.rows.filter((r) => rows.some((k) => k.id === r.id)),
      })),
    };
    expect(
      homeChoice(person(), { ...given, done: only }).fit.every((i) => rows.some((r) => r.id === i.row.id)),
    ).toBe(true);
  });
});

describe('little and often', () => {
  test.each([
    [1, ['14:00']],
    [2, ['8:00', '20:00']],
    [3, ['8:00', '14:00', '20:00']],
    [5, ['8:00', '11:00', '14:00', '17:00', '20:00']],
  ] as const)('%j times a day', (times, at) => expect(littleAndOften(times).map(minuteText)).toEqual(at));

  test.each([
    [60, 1, 'at about 14:00'],
    [120, 3, 'at about 8:00, 14:00 and 20:00'],
    [120, 7, 'about every 2 hours from 8:00 to 20:00'],
    [90, 8, 'about every 1.5 hours from 8:00 to 20:00'],
  ])('with %j minutes between, %j times: %s', (gapMin, times, said) =>
    expect(whenText(littleAndOften(times, { ...USUAL_HOURS, gapMin }))).toBe(said),
  );

  test('every two hours is as often as fits into the hours, at most eight times', () => {
    expect(mostTimes(USUAL_HOURS)).toBe(7);
    expect(mostTimes({ ...USUAL_HOURS, gapMin: 30 })).toBe(MAX_TIMES);
    expect(mostTimes({ fromMin: 600, untilMin: 600, gapMin: 120 })).toBe(1);
    expect(whenText([])).toBe('');
  });

  test('hours that end before they begin, or leave no time between, are refused in words', () => {
    const said = (hours: object) =>
      homeHoursSchema.safeParse({ ...USUAL_HOURS, ...hours }).error?.issues[0]?.message;
    expect(said({})).toBeUndefined();
    expect(said({ untilMin: 400 })).toBe('The last time of the day comes after the first');
    expect(said({ gapMin: 10 })).toBe('At least half an hour apart');
  });

  test('never nearer than the gap, never outside the day, and as many as fit', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 12 }),
        fc.integer({ min: 0, max: 720 }),
        fc.integer({ min: 30, max: 240 }),
        (times, span, gapMin) => {
          const waking = { fromMin: 480, untilMin: 480 + span, gapMin };
          const at = littleAndOften(times, waking);
          expect(at.length).toBeGreaterThanOrEqual(1);
          expect(at.length).toBeLessThanOrEqual(times);
          for (const [i, min] of at.entries()) {
            expect(min).toBeGreaterThanOrEqual(465);
            expect(min).toBeLessThanOrEqual(waking.untilMin);
            if (i > 0) expect(min - at[i - 1]!).toBeGreaterThanOrEqual(gapMin);
          }
        },
      ),
    );
  });
});

test('a day of it is each thing as often as it is done, what needs a day between once', () => {
  const items = [
    { ms: 30_000, dayBetween: false },
    { ms: 60_000, dayBetween: true },
  ];
  expect(dayMs(items, 1)).toBe(90_000);
  expect(dayMs(items, 7)).toBe(270_000);
  expect(dayMs([], 7)).toBe(0);
});

describe('how long it takes each time', () => {
  const rows = movementRows(planWith({ move: ['wrist-bend', 'open-close'], grip: ['ball-squeeze'] }));

  test('the counts and changes of all rows, and nothing for explaining', () => {
    const sum = rows.reduce(
      (ms, r) => ms + doseTiming(r.dose, { breathMs: 5_000, slowFirst: false }).totalMs,
      0,
    );
    expect(goMs(rows, CATALOGUE)).toBe(sum);
  });

  test('at the pace it was taught at, once that is known', () => {
    const slow = Array.from({ length: 20 }, () => ({
      part: 'grip' as const,
      plannedMs: 60_000,
      actualMs: 90_000,
    }));
    const pace = learnedPace(slow, 20);
    expect(goMs(rows, CATALOGUE, pace)).toBeGreaterThan(goMs(rows, CATALOGUE) * 1.1);
  });

  test.each([
    [20_000, 'about half a minute'],
    [50_000, 'about a minute'],
    [100_000, 'about 2 minutes'],
    [250_000, 'about 4 minutes'],
  ])('%i ms is %s', (ms, words) => expect(aboutMinutes(ms)).toBe(words));
});

describe('the week at home', () => {
  test('daily work on every day between two classes, resisted work every other and never next to a class', () => {
    const daily = homeDays('2026-11-25', '2026-12-02', 3, false);
    expect(daily).toHaveLength(6);
    expect(daily.every((d) => d.times === 3)).toBe(true);
    const resisted = homeDays('2026-11-25', '2026-12-02', 3, true);
    expect(resisted.map((d) => d.times)).toEqual([0, 1, 0, 1, 0, 0]);
  });

  test('there is always a day between resisted days, whenever the next class is', () => {
    fc.assert(
      fc.property(fc.option(fc.integer({ min: 1, max: 20 })), (gap) => {
        const next = gap === null ? null : addDays('2026-11-25', gap);
        const days = homeDays('2026-11-25', next, 2, true);
        expect(days.length).toBeLessThanOrEqual(7);
        expect(days[0]?.times ?? 0).toBe(0);
        for (const [i, d] of days.entries()) {
          if (i > 0) expect(d.times * days[i - 1]!.times).toBe(0);
          if (next !== null) expect(d.day < next).toBe(true);
          if (next !== null && addDays(d.day, 1) === next) expect(d.times).toBe(0);
        }
      }),
    );
  });

  test('totals are exact', () => {
    const dose = CATALOGUE.movement('wrist-bend')!.dose;
    const week = homeDays('2026-11-25', '2026-12-02', 3, false);
    const eight = {
      ...dose,
      count: { mode: 'reps', reps: 8, tempoMs: 2_000 },
      sides: 'both',
      sets: 1,
      passes: [],
    } as const;
    expect(weeklyTotal(week, eight)).toEqual({ goes: 18, left: 144, right: 144 });
    fc.assert(
      fc.property(anyDose, (any) => {
        const { goes, left } = weeklyTotal(week, any);
        expect(left).toBe(goes * weeklyTotal([{ day: '2026-11-26', times: 1 }], any).left);
      }),
    );
  });
});
