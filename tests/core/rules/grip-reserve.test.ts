import { CATALOGUE } from '@/catalogue/movements';
import { doseOf, type Dose } from '@/core/dose/dose';
import { reserveTrace } from '@/core/load/fatigue';
import { contextOf } from '@/core/plan/check/check';
import { reservesOf } from '@/core/plan/check/reserve';
import { gripSpans } from '@/core/load/grip-spans';
import { NO_ADAPTATION } from '@/core/screening/adaptation';
import type { HandVerdict } from '@/core/screening/verdict';
import { facts, findings, mended, planWith, rest } from '../plans';
import { person } from '../people';

const context = { breathMs: 5_000, slowFirst: false };
const ball = CATALOGUE.movement('ball-squeeze')!;
const verdict = (part: Partial<HandVerdict>): HandVerdict => ({
  kind: 'do',
  reasons: [],
  how: [],
  adaptation: NO_ADAPTATION,
  swapTo: null,
  swapWhy: '',
  ...part,
});
/** Long, hard holding: what no plan should ask. */
const hard = { count: { mode: 'hold', holds: 12, holdMs: 10_000, relaxMs: 1_000 }, sides: 'both' } as const;

describe('what a row asks of a grip', () => {
  const two = doseOf({ mode: 'reps', reps: 2, tempoMs: 3_000 }, { sides: 'each' });

  test('the working half of each repetition, on the working hand only, at effort of ten', () => {
    expect(gripSpans(ball, two, 'L', null, context)).toEqual([
      { startMs: 0, endMs: 1_500, load: 0.4 },
      { startMs: 3_000, endMs: 4_500, load: 0.4 },
    ]);
    expect(gripSpans(ball, two, 'R', null, context)[0]!.startMs).toBeGreaterThanOrEqual(6_000);
  });

  test('a hand that swaps or rests is asked nothing, one that adapts less', () => {
    expect(gripSpans(ball, two, 'L', verdict({ kind: 'swap' }), context)).toEqual([]);
    const adapted = verdict({
      kind: 'adapt',
      adaptation: { ...NO_ADAPTATION, effortMost: 2, countShare: 0.5 },
    });
    expect(gripSpans(ball, two, 'L', adapted, context)).toEqual([{ startMs: 0, endMs: 1_500, load: 0.2 }]);
  });

  test('breaths and free time tire as well: their working part, cycle by cycle', () => {
    const breaths = doseOf({ mode: 'breaths', breaths: 2 }, { sides: 'both' });
    const spans = gripSpans(ball, breaths, 'L', null, context);
    expect(spans).toHaveLength(2);
    expect(spans[0]!.endMs - spans[0]!.startMs).toBeCloseTo(5_000 * ball.phases.workShare, -1);
    const putty = CATALOGUE.movement('putty-pull')!;
    const free = gripSpans(
      putty,
      doseOf({ mode: 'time', timeMs: 30_000 }, { sides: 'both' }),
      'L',
      null,
      context,
    );
    expect(free).toHaveLength(13);
    const worked = free.reduce((ms, s) => ms + s.endMs - s.startMs, 0);
    expect(worked).toBeCloseTo(30_000 * putty.phases.workShare, -2);
  });

  test('no way of counting leaves a hand fresh that squeezes for as long', () => {
    const lowest = (count: Dose['count']) =>
      Math.min(
        ...reserveTrace(gripSpans(ball, doseOf(count, { sides: 'both' }), 'L', null, context), 300_000).map(
          (p) => p.reserve,
        ),
      );
    const counted = lowest({ mode: 'reps', reps: 64, tempoMs: 5_000 });
    expect(lowest({ mode: 'breaths', breaths: 64 })).toBeCloseTo(counted, 2);
    expect(counted).toBeLessThan(0.9);
  });

  test('a prop that is stiff for a weak hand asks more than the effort stands for, up to what the hand may give', () => {
    const two = doseOf({ mode: 'reps', reps: 1, tempoMs: 3_000 }, { sides: 'both' });
    const load = (demand: number, over: Partial<HandVerdict> = {}) =>
      gripSpans(ball, two, 'L', verdict(over), context, demand)[0]!.load;
    expect([load(0.2), load(0.7), load(3)]).toEqual([0.4, 0.7, 1]);
    expect(load(0.7, { kind: 'adapt', adaptation: { ...NO_ADAPTATION, effortMost: 3 } })).toBe(0.3);
    const tired = (kg: number) => {
      const measures = (['L', 'R'] as const).map((side) => ({
        kind: 'grip' as const,
        hand: side,
        value: kg,
        on: '2026-11-01',
      }));
      const f = facts({ people: [person({ measures })] });
      const plan = planWith({ grip: [['ball-squeeze', { ...hard, sides: 'both' }]] });
      return Math.min(...reservesOf(contextOf(plan, f)).map((r) => r.lowest));
    };
    expect(tired(4)).toBeLessThan(tired(45));
  });

  test('what does not grip asks nothing of the grip', () => {
    const glide = CATALOGUE.movement('five-shapes')!;
    expect(gripSpans(glide, glide.dose, 'L', null, context)).toEqual([]);
  });
});

describe('R3 grip reserve', () => {
  test('an ordinary class keeps its reserve', () => {
    const plan = planWith({ grip: ['ball-squeeze', 'alternate-fists', rest('b', 'hand'), 'cloth-wring'] });
    expect(findings(plan, 'R3')).toEqual([]);
  });

  test('hard holding row after row is found, with who and how low; a break raises the reserve', () => {
    const plan = planWith({
      grip: [
        ['ball-squeeze', hard],
        ['ring-squeeze', hard],
        ['ball-flat-fingers', hard],
        ['cloth-wring', hard],
      ],
    });
    const f = facts({ people: [person({ firstName: 'Ida', initial: 'X' })] });
    const [found] = findings(plan, 'R3', f);
    expect(found!.text).toMatch(
      /^The (left|right) hand of Ida X goes down to \d\d % of its grip reserve at \d?\d:\d\d\.$/,
    );
    const low = (text: string) => Number(/(\d+) %/.exec(text)![1]);
    const after = findings(mended(plan, 'R3', f), 'R3', f)[0];
    if (after) expect(low(after.text)).toBeGreaterThan(low(found!.text));
  });

  test('somebody who does not grip is not counted', () => {
    const plan = planWith({
      grip: [
        ['ball-squeeze', hard],
        ['ring-squeeze', hard],
        ['ball-flat-fingers', hard],
      ],
    });
    const flare = person({
      conditions: [{ conditionId: 'inflammatory', side: 'both', state: 'flare', since: null, spots: [] }],
    });
    expect(findings(plan, 'R3', facts({ people: [flare] }))).toEqual([]);
  });
});
