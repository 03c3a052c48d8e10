import { CATALOGUE } from '@/catalogue/movements';
import { doseOf } from '@/core/dose/dose';
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
