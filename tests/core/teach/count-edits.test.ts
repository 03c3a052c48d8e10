import fc from 'fast-check';
import { doseOf, type Dose } from '@/core/dose/dose';
import { COUNTED, scriptLength, scriptOf, type Beat } from '@/core/dose/script';
import { MAX_STAY_MS, stayLength, tempoNow, withEdits, type CountEdit } from '@/core/teach/count-edits';
import { anyDose } from '../arbitrary';
import { runs } from '../../runs';

const script = (dose: Dose) => scriptOf(dose, { breathMs: 5_000, slowFirst: false });
const reps = script(doseOf({ mode: 'reps', reps: 5, tempoMs: 1_000 }));
const numbers = (beats: readonly Beat[]) => beats.filter((b) => COUNTED.has(b.kind)).map((b) => b.number);
const overBy = (beats: readonly Beat[], ms: number) =>
  beats.filter((b) => b.startMs + b.durationMs <= ms).length;

const anyEdit = (lengthMs: number): fc.Arbitrary<Exclude<CountEdit, { kind: 'countIn' | 'only' }>> => {
  const fromMs = fc.integer({ min: 0, max: lengthMs - 1 });
  return fc.oneof(
    fc.record({ kind: fc.constant('more' as const), fromMs, bout: fc.integer({ min: 0, max: 3 }) }),
    fc.record({
      kind: fc.constant('tempo' as const),
      fromMs,
      factor: fc.double({ min: 0.5, max: 2, noNaN: true }),
    }),
    fc.record({
      kind: fc.constant('stay' as const),
      fromMs,
      mostMs: fc.constant(MAX_STAY_MS),
      ms: fc.option(fc.integer({ min: 0, max: 20_000 }), { nil: null }),
    }),
  );
};

const anyChange = anyDose.chain((dose) => {
  const beats = script(dose);
  return fc.tuple(fc.constant(beats), anyEdit(scriptLength(beats)));
});

test('a change rewrites nothing that was over when it was made, and beats stay one after another', () => {
  fc.assert(
    fc.property(anyChange, ([beats, edit]) => {
      const after = withEdits(beats, [edit]);
      const past = overBy(beats, edit.fromMs);
      expect(after.slice(0, past)).toEqual(beats.slice(0, past));
      after.forEach((b, i) =>
        expect(b.startMs).toBe(i === 0 ? 0 : after[i - 1]!.startMs + after[i - 1]!.durationMs),
      );
    }),
    { numRuns: runs(600, 0.1) },
  );
});

test('whatever is changed, every number comes, in order, once but where the group stays on it', () => {
  fc.assert(
    fc.property(fc.array(anyEdit(5_000), { maxLength: 6 }), (edits) => {
      const after = withEdits(reps, edits).filter((b) => !b.again);
      const more = edits.filter((e) => e.kind === 'more' && e.bout === 0).length;
      expect(numbers(after)).toEqual(Array.from({ length: 5 + more }, (_, i) => i + 1));
    }),
  );
});

test('one more on the first side comes on the second too', () => {
  const beats = script(doseOf({ mode: 'reps', reps: 3, tempoMs: 1_000 }, { sides: 'each' }));
  const after = withEdits(beats, [{ kind: 'more', bout: 0, fromMs: 500 }]);
  for (const side of ['L', 'R'] as const)
    expect(numbers(after.filter((b) => b.side === side))).toEqual([1, 2, 3, 4]);
});

test('another tempo starts with the next one; holds keep their seconds', () => {
  const slower = withEdits(reps, [{ kind: 'tempo', fromMs: 1_200, factor: 1.5 }]);
  expect(slower.map((b) => b.durationMs)).toEqual([1_000, 1_000, 1_500, 1_500, 1_500]);
  const holds = script(doseOf({ mode: 'hold', holds: 2, holdMs: 5_000, relaxMs: 2_000 }));
  expect(withEdits(holds, [{ kind: 'tempo', fromMs: 0, factor: 1.5 }])).toEqual(holds);
  expect(
    tempoNow([
      { kind: 'tempo', fromMs: 0, factor: 1.5 },
      { kind: 'tempo', fromMs: 0, factor: 0.8 },
    ]),
  ).toBeCloseTo(1.2, 9);
});

describe('staying on one', () => {
  test('a repetition comes again until it is let go, and finishes the turn under way', () => {
    const ms = stayLength(reps, 1_200, 4_700);
    expect(ms).toBe(3_000);
    const after = withEdits(reps, [{ kind: 'stay', mostMs: MAX_STAY_MS, fromMs: 1_200, ms }]);
    expect(numbers(after)).toEqual([1, 2, 2, 2, 2, 3, 4, 5]);
    expect(after.filter((b) => b.again)).toHaveLength(3);
  });

  test('a hold grows by what was stayed', () => {
    const holds = script(doseOf({ mode: 'hold', holds: 2, holdMs: 5_000, relaxMs: 2_000 }));
    const ms = stayLength(holds, 3_000, 7_500);
    expect(ms).toBe(4_500);
    const after = withEdits(holds, [{ kind: 'stay', mostMs: MAX_STAY_MS, fromMs: 3_000, ms }]);
    expect(after[0]!.durationMs).toBe(9_500);
    expect(scriptLength(after)).toBe(scriptLength(holds) + 4_500);
  });

  test('let go at once it changes nothing; never let go it ends by itself', () => {
    expect(
      withEdits(reps, [
        { kind: 'stay', mostMs: MAX_STAY_MS, fromMs: 1_200, ms: stayLength(reps, 1_200, 1_900) },
      ]),
    ).toEqual(reps);
    const open = withEdits(reps, [{ kind: 'stay', mostMs: MAX_STAY_MS, fromMs: 1_200, ms: null }]);
    expect(scriptLength(open)).toBe(5_000 + MAX_STAY_MS);
  });
});
