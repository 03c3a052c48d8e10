import fc from 'fast-check';
import { CATALOGUE } from '@/catalogue/movements';
import { planTiming, type TimingContext } from '@/core/plan/check/timing';
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
  expect(row).toMatchObject({ setUpMs: 10_000, countMs: 27_000, resetMs: 5_000, totalMs: 42_000 });
  expect(row).toMatchObject({ workMs: 15_000, talkMs: 10_000, restMs: 17_000 });
});

test('a movement is explained at length the first time only, also within one class', () => {
  const timing = planTiming(
    planWith({ move: ['wrist-bend'], ease: ['wrist-bend'] }),
    context({ shown: new Set() }),
  );
  expect(timing.rows.map((r) => [r.setUpMs, r.isNew])).toEqual([
    [25_000, true],
    [10_000, false],
  ]);
});

test('a prop is handed out once for a run of rows and collected when the next row has none', () => {
  const plan = planWith({ grip: ['cloth-walk', rest('h', 'hand'), 'cloth-wring', 'alternate-fists'] });
  const timing = planTiming(plan, context());
  expect(timing.rows.map((r) => [r.handOut, r.collect, r.propsMs])).toEqual([
    ['cloth', null, 20_000],
    [null, null, 0],
    [null, null, 0],
    [null, 'cloth', 20_000],
  ]);
  expect(timing.handOuts).toBe(1);
});

test('more people take longer to hand out to, more helpers shorter', () => {
  const plan = planWith({ grip: ['ring-squeeze'] });
  const props = (people: number, helpers: number) =>
    planTiming(plan, context({ people, helpers })).rows[0]!.propsMs;
  expect([props(10, 0), props(10, 1), props(20, 1)]).toEqual([40_000, 20_000, 40_000]);
});

test('talk, breaks and movement land in their own share', () => {
  const plan = planWith({ arrive: [talk('t', 90)], wake: ['wrist-shake'], move: [rest('w', 'water', 60)] });
  const { workMs, talkMs, restMs, totalMs } = planTiming(plan, context());
  expect([workMs, talkMs, restMs]).toEqual([23_000, 100_000, 60_000]);
  expect(totalMs).toBe(183_000);
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
