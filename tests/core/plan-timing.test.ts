import fc from 'fast-check';
import { CATALOGUE } from '@/catalogue/movements';
import { planTiming, type TimingContext } from '@/core/plan/check/timing';
import { mapMovementRows } from '@/core/plan/edit/map-rows';
import { rowSchema, type MovementRow, type Plan } from '@/core/plan/plan';
import { classScript } from '@/core/teach/class-script';
import { anyPlan } from './arbitrary';
import { planWith, rest, talk } from './plans';

const context = (over: Partial<TimingContext> = {}): TimingContext => ({
  catalogue: CATALOGUE,
  people: 10,
  helpers: 1,
  shown: new Set(CATALOGUE.movements.map((m) => m.id)),
  ...over,
});

test('a row is set-up, count and shake-out', () => {
  const [row] = planTiming(planWith({ hold: ['palms-press'] }), context()).rows;
  expect(row).toMatchObject({ wayInMs: 10_000, countMs: 27_000, resetMs: 5_000, totalMs: 42_000 });
  expect(row).toMatchObject({ workMs: 15_000, talkMs: 10_000, restMs: 17_000 });
});

test('a plan from before a way in could be said is timed as it was: 25 s for a new movement, 10 s for a known one', () => {
  const timing = planTiming(
    planWith({ move: ['wrist-bend', 'palms-turn'], ease: ['wrist-bend'] }),
    context({ shown: new Set() }),
  );
  expect(timing.rows.map((r) => [r.wayInMs, r.isNew])).toEqual([
    [25_000, true],
    [25_000, true],
    [10_000, false],
  ]);
});

describe('the way in', () => {
  const timed = (plan: Plan, shown: readonly string[] = []) =>
    planTiming(plan, context({ shown: new Set(shown) })).rows;
  const usual = { newMs: 12_000, knownMs: 4_000 };
  const withRows = (over: (row: MovementRow, i: number) => Partial<MovementRow>, ...ids: string[]): Plan => {
    const plan = { ...planWith({ move: ids }), wayIn: usual };
    let n = 0;
    return mapMovementRows(plan, (row) => ({ ...row, ...over(row, n++) }));
  };

  test('is the usual one of the class, or the row’s own', () => {
    const rows = timed(
      withRows((_, i) => (i === 2 ? { wayInMs: 40_000 } : {}), 'wrist-bend', 'palms-turn', 'open-close'),
      ['palms-turn'],
    );
    expect(rows.map((r) => r.wayInMs)).toEqual([12_000, 4_000, 40_000]);
  });

  test('is nothing within a long series, and for the same movement again', () => {
    const rows = timed(
      withRows(
        (_, i) => (i === 1 ? { continuesPrevious: true } : {}),
        'wrist-bend',
        'palms-turn',
        'palms-turn',
      ),
    );
    expect(rows.map((r) => r.wayInMs)).toEqual([12_000, 0, 0]);
  });

  test('a slow first repetition only where a new movement is not shown first, and by 5 s at the most', () => {
    const first = (wayInMs: number, tempoMs: number) => {
      const row = withRows(
        (r) => ({ wayInMs, dose: { ...r.dose, count: { mode: 'reps', reps: 4, tempoMs } } }),
        'wrist-bend',
      );
      return timed(row)[0]!.workMs - 4 * tempoMs;
    };
    expect([first(4_000, 2_000), first(4_000, 20_000), first(12_000, 2_000)]).toEqual([3_000, 5_000, 0]);
  });
});

describe('a shake-out', () => {
  const resets = (...ids: Parameters<typeof planWith>[0]['grip'] & object) =>
    planTiming(planWith({ grip: ids }), context()).rows.map((r) => r.resetMs);

  test('comes after resisted and loading work, not after stretches', () => {
    expect(resets('ring-squeeze', 'wrist-stretch-palm', 'open-close')).toEqual([5_000, 0, 0]);
  });

  test('does not come on top of a shake, a break, a stroke or the next of a series', () => {
    expect(resets('ring-squeeze', 'wrist-shake')[0]).toBe(0);
    expect(resets('ring-squeeze', rest('h', 'hand'))[0]).toBe(0);
    expect(resets('ring-squeeze', 'stroke-arms')[0]).toBe(0);
    expect(resets('ring-squeeze', 'cloth-wring')[0]).toBe(5_000);
  });
});

test('changing to a table or to standing takes 15 s, unless the row can be done where the group is', () => {
  const plan = planWith({ move: ['open-close', 'wrist-circles-table', 'palms-turn'], load: ['wall-lean'] });
  const [, table, , wall] = planTiming(plan, context()).rows;
  const seated = CATALOGUE.movement('wrist-circles-table')!.positions;
  expect(table!.placeMs).toBe(seated.includes('chair') ? 0 : 15_000);
  expect(wall!.placeMs).toBe(15_000);
});

describe('props', () => {
  const eachMs = 20_000;

  test('are handed out once for a run of rows and collected when the next row has none', () => {
    const plan = planWith({
      grip: ['cloth-walk', rest('h', 'hand'), 'cloth-wring', 'alternate-fists', 'open-close'],
    });
    const timing = planTiming(plan, context());
    expect(timing.rows.map((r) => [r.handOut, r.collect, r.propsMs])).toEqual([
      [['cloth'], [], eachMs],
      [[], [], 0],
      [[], [], 0],
      [[], ['cloth'], eachMs],
      [[], [], 0],
    ]);
    expect(timing.handOuts).toBe(1);
  });

  test('lie in the lap through up to three rows without them', () => {
    const out = (...ids: string[]) =>
      planTiming(planWith({ grip: [...ids, 'quiet-breath'] }), context()).rows.map((r) => r.propsMs / eachMs);
    expect(out('cloth-walk', 'alternate-fists', 'open-close', 'cloth-wring')).toEqual([1, 0, 0, 0, 1]);
    expect(
      out('cloth-walk', 'alternate-fists', 'open-close', 'palms-turn', 'five-shapes', 'cloth-wring'),
    ).toEqual([1, 1, 0, 0, 0, 1, 1]);
    // Something else in the hands meanwhile.
    expect(out('cloth-walk', 'ball-squeeze', 'cloth-wring')).toEqual([1, 2, 2, 1]);
  });

  test('the last ones are collected too, and a lump of putty is warmed first', () => {
    expect(planTiming(planWith({ grip: ['ring-squeeze'] }), context()).rows[0]!.propsMs).toBe(2 * eachMs);
    const [row] = planTiming(planWith({ grip: ['putty-pinch', 'open-close'] }), context()).rows;
    expect(row!.propsMs).toBe(eachMs + 30_000);
  });

  test('are those that the row names: another, none, or two things', () => {
    const rowWith = (props: string[]) =>
      mapMovementRows(planWith({ grip: ['jar-open', 'cloth-wring', 'open-close'] }), (row) =>
        row.movementId === 'open-close' ? row : { ...row, props },
      );
    const handed = (props: string[]) =>
      planTiming(rowWith(props), context()).rows.map((r) => [r.handOut, r.collect]);
    expect(handed([])).toEqual([
      [[], []],
      [[], []],
      [[], []],
    ]);
    expect(handed(['hand-towel'])[1]).toEqual([['hand-towel'], []]);
    expect(handed(['grippy-pad'])).toEqual([
      [['grippy-pad'], []],
      [[], ['grippy-pad']],
      [[], []],
    ]);
    // What cannot serve is in nobody's hands.
    expect(handed(['pan'])).toEqual([
      [[], []],
      [[], []],
      [[], []],
    ]);
  });

  test('more people take longer to hand out to, more helpers shorter', () => {
    const plan = planWith({ grip: ['ring-squeeze', 'open-close'] });
    const props = (people: number, helpers: number) =>
      planTiming(plan, context({ people, helpers })).rows[0]!.propsMs;
    expect([props(10, 0), props(10, 1), props(20, 1)]).toEqual([40_000, 20_000, 40_000]);
  });
});

test.each([
  ['shake', 1_000, false],
  ['shake', 2_000, true],
  ['shake', 15_000, true],
  ['shake', 16_000, false],
  ['hand', 5_000, false],
  ['hand', 10_000, true],
] as const)('a %s of %i ms is taken: %s', (what, durationMs, taken) => {
  expect(rowSchema.safeParse({ kind: 'break', id: 'b', what, durationMs }).success).toBe(taken);
});

test('talk, breaks and movement land in their own share', () => {
  const plan = planWith({ arrive: [talk('t', 90)], wake: ['wrist-shake'], move: [rest('w', 'water', 60)] });
  const { workMs, talkMs, restMs, totalMs } = planTiming(plan, context());
  expect([workMs, talkMs, restMs]).toEqual([13_000, 100_000, 60_000]);
  expect(totalMs).toBe(173_000);
});

test('rows follow each other, shares add up, sections add up', () => {
  fc.assert(
    fc.property(anyPlan, fc.boolean(), (plan, known) => {
      const timing = planTiming(plan, context({ shown: known ? context().shown : new Set() }));
      let at = 0;
      for (const row of timing.rows) {
        expect(row.startMs).toBe(at);
        at += row.totalMs;
        expect(row.workMs + row.talkMs + row.restMs).toBe(row.totalMs);
      }
      expect(timing.totalMs).toBe(at);
      expect(timing.sections.reduce((n, s) => n + s.totalMs, 0)).toBe(at);
    }),
  );
});

test('the count taught is as long as the count planned', () => {
  fc.assert(
    fc.property(anyPlan, (plan) => {
      const timing = planTiming(plan, context({ shown: new Set() }));
      const rows = classScript(plan, timing, CATALOGUE);
      expect(rows.map((r) => r.countMs)).toEqual(timing.rows.map((r) => r.countMs));
      expect(rows.map((r) => r.setUpMs + r.countMs + r.resetMs)).toEqual(timing.rows.map((r) => r.totalMs));
    }),
  );
});
