import fc from 'fast-check';
import { contextOf } from '@/core/plan/check/check';
import { cheapestRelief } from '@/core/plan/check/relief';
import { classAsks, reserveAt, reservesFrom, reservesOf } from '@/core/plan/check/reserve';
import { reserveTrace } from '@/core/load/fatigue';
import { rowTraces } from '@/core/plan/look/traces';
import { applyStep } from '@/core/plan/edit/step';
import { anyPlan } from './arbitrary';
import { person } from './people';
import { facts, findings, planWith, rest, talk } from './plans';

/** Long, hard holding. */
const hard = {
  count: { mode: 'hold', holds: 12, holdMs: 10_000, relaxMs: 1_000 },
  sides: 'both',
  passes: [],
  sets: 1,
} as const;
const ida = person({ firstName: 'Ida' });
const sore = person({
  firstName: 'Una',
  conditions: [{ conditionId: 'hand-oa', side: 'R', state: 'sore', since: null, spots: [] }],
});

test('hands that are asked the same share one working', () => {
  const plan = planWith({ grip: ['ball-squeeze'] });
  const asks = classAsks(contextOf(plan, facts({ people: [ida, person(), person()] })));
  expect(asks.hands).toHaveLength(6);
  expect(asks.lists.length).toBeLessThanOrEqual(2);
});

test('worked out list by list, off the page, it is the same as in one go', () => {
  fc.assert(
    fc.property(anyPlan, (plan) => {
      const context = contextOf(plan, facts({ people: [ida, sore] }));
      const asks = classAsks(context);
      const apart = asks.lists.map((l) => reserveTrace(structuredClone(l), asks.endMs));
      expect(reservesFrom(asks, apart)).toEqual(reservesOf(context));
    }),
    { numRuns: 25 },
  );
});

test('between two points of a trace the reserve lies between them', () => {
  const trace = [
    { atMs: 0, reserve: 1 },
    { atMs: 10_000, reserve: 0.8 },
    { atMs: 20_000, reserve: 0.9 },
  ];
  expect([0, 5_000, 10_000, 15_000, 20_000, 99_000].map((at) => reserveAt(trace, at))).toEqual([
    1,
    expect.closeTo(0.9),
    0.8,
    expect.closeTo(0.85),
    0.9,
    0.9,
  ]);
});

describe('row by row', () => {
  const plan = planWith({
    arrive: [talk('hello', 60)],
    grip: [['ball-squeeze', hard], rest('shake', 'hand', 30)],
    load: ['thigh-press'],
    ease: ['wrist-stretch-palm', rest('w', 'water', 60)],
  });
  const context = contextOf(plan, facts({ people: [ida, sore] }));
  const traces = rowTraces(context, reservesOf(context), sore.id);
  const of = (id: string) => traces.find((t) => t.rowId === id)!;

  test('time adds up to the row, and each row has its kind of trace', () => {
    for (const t of traces) expect(t.workMs + t.talkMs + t.restMs).toBe(t.totalMs);
    expect(of('hello').talkMs).toBe(60_000);
    expect([of('shake').pause, of('w').pause, of('hello').pause]).toEqual(['hand', 'water', null]);
    expect(of('thigh-press').loadingShare).toBe(1);
    expect(of('ball-squeeze').loadingShare).toBe(0);
    expect(of('ball-squeeze').holdMs).toBe(120_000);
    expect(of('wrist-stretch-palm').stretchMs).toBeGreaterThan(0);
  });

  test('the lowest is under the middle half, the chosen person is somewhere in the group, gripping lowers, rest lifts', () => {
    for (const { reserve } of traces)
      for (const s of [...reserve.L, ...reserve.R]) {
        expect(s.lowest).toBeLessThanOrEqual(s.middle[0]);
        expect(s.middle[0]).toBeLessThanOrEqual(s.middle[1]);
        expect(s.chosen!).toBeGreaterThanOrEqual(s.lowest);
      }
    const [before, after] = [of('ball-squeeze').reserve.L[0]!, of('ball-squeeze').reserve.L.at(-1)!];
    expect(after.lowest).toBeLessThan(before.lowest);
    expect(of('shake').reserve.L.at(-1)!.lowest).toBeGreaterThan(after.lowest);
  });

  test('before the reserves are there, the rest of the traces are', () => {
    const early = rowTraces(context, [], null);
    expect(early.map((t) => t.workMs)).toEqual(traces.map((t) => t.workMs));
    expect(early.every((t) => t.reserve.L.length === 0)).toBe(true);
  });
});

describe('the cheapest relief', () => {
  const row = (holds: number) =>
    ['ball-squeeze', { ...hard, count: { ...hard.count, holds } }] as [string, object];
  const tiredPlan = (holds: number) =>
    planWith({ grip: [row(holds), ['ring-squeeze', { ...hard, count: { ...hard.count, holds } }]] });
  const f = facts({ people: [ida] });
  const lowest = (plan: Parameters<typeof contextOf>[0]) =>
    Math.min(...reservesOf(contextOf(plan, f)).map((r) => r.lowest));

  test.each([6, 10, 16, 24])('after %i long holds twice over it never makes things worse', (holds) => {
    const plan = tiredPlan(holds);
    const context = contextOf(plan, f);
    const worst = [...reservesOf(context)].sort((a, b) => a.lowest - b.lowest)[0]!;
    const mend = cheapestRelief(context, worst, worst.lowest + 0.01)!;
    const applied = applyStep(plan, mend.step);
    if (!applied.ok) throw new Error(applied.message);
    expect(lowest(applied.value.plan)).toBeGreaterThanOrEqual(worst.lowest);
  });

  test('a little short of the line is put right by the shortest break that does it', () => {
    const plan = tiredPlan(10);
    const context = contextOf(plan, f);
    const worst = [...reservesOf(context)].sort((a, b) => a.lowest - b.lowest)[0]!;
    const mend = cheapestRelief(context, worst, worst.lowest + 0.02)!;
    expect(mend.label).toBe('Put in a hand break of 30 s before it');
  });

  test('loading on tired hands is found with who, and a break rests them; on fresh hands it is not', () => {
    const plan = planWith({
      grip: [row(24), ['ring-squeeze', { ...hard, count: { ...hard.count, holds: 24 } }]],
      load: ['thigh-press'],
    });
    const tired = findings(plan, 'O12', f);
    expect(tired[0]!.text).toBe('Press down on your own thighs comes on tired hands for Ida.');
    const rested = (p: typeof plan) => {
      const context = contextOf(p, f);
      const { startMs } = context.timing.rows.find((r) => r.rowId === 'thigh-press')!;
      return Math.min(...reservesOf(context).map((r) => reserveAt(r.trace, startMs)));
    };
    const applied = applyStep(plan, tired[0]!.mend!.step);
    if (!applied.ok) throw new Error(applied.message);
    expect(rested(applied.value.plan)).toBeGreaterThan(rested(plan));
    expect(findings(planWith({ load: ['thigh-press'] }), 'O12', f)).toEqual([]);
  });
});
