import { doseOf } from '@/core/dose/dose';
import { scriptOf } from '@/core/dose/script';
import { seenZero, steeredZero } from '@/core/teach/audio-clock';
import { practiceOf, tappedBpm, type Tap } from '@/core/teach/practice';

const beats = scriptOf(doseOf({ mode: 'reps', reps: 5, tempoMs: 1_000 }, { sides: 'each' }), {
  breathMs: 5_000,
  slowFirst: false,
});
const starts = beats.filter((b) => b.number > 0).map((b) => b.startMs);
const taps = (at: readonly number[]): readonly Tap[] => at.map((atMs) => ({ atMs, hand: null }));

describe('taps against a count', () => {
  test('every beat tapped on time is even and complete', () => {
    const p = practiceOf(beats, taps(starts));
    expect(p).toMatchObject({
      expected: 10,
      tapped: 10,
      skipped: [],
      doubled: [],
      lateMs: 0,
      unevenPercent: 0,
    });
    expect(p.sides).toEqual({ L: 1_000, R: 1_000 });
  });

  test('a number left out and a number said twice are named', () => {
    const without = starts.filter((_, i) => i !== 2);
    expect(practiceOf(beats, taps(without))).toMatchObject({ skipped: [3], doubled: [] });
    const twice = [...starts, starts[3]! + 300].sort((a, b) => a - b);
    expect(practiceOf(beats, taps(twice))).toMatchObject({ skipped: [], doubled: [4], tapped: 11 });
  });

  test('a bounce is one tap; late is above 0', () => {
    expect(practiceOf(beats, taps(starts.flatMap((s) => [s + 120, s + 150])))).toMatchObject({
      tapped: 10,
      doubled: [],
      lateMs: 120,
    });
  });

  test('unevenness is the spread against the mean, and a change of side is no stumble', () => {
    const even = practiceOf(beats, taps(starts));
    const limping = practiceOf(beats, taps(starts.map((s, i) => s + (i % 2 ? 200 : 0))));
    expect(even.unevenPercent).toBe(0);
    // Gaps of 1.2 and 0.8 s by turns: a spread of 0.2 s on a mean of 1 s.
    expect(limping.unevenPercent!).toBeCloseTo(20, 0);
  });

  test('one side slower than the other is told', () => {
    const second = starts[5]!;
    const dragging = practiceOf(beats, taps(starts.map((s, i) => (i < 5 ? s : second + (i - 5) * 1_080))));
    expect(dragging.sides.L).toBeCloseTo(1_000, 6);
    expect(dragging.sides.R).toBeCloseTo(1_080, 6);
  });

  test('a hand whose turn it was not is told; taps without a hand are of either', () => {
    const told = starts.map((atMs, i): Tap => ({ atMs, hand: i < 4 ? 'L' : 'R' }));
    // The fifth number of the left side was tapped with the right.
    expect(practiceOf(beats, told).otherHand).toEqual([5]);
    expect(practiceOf(beats, taps(starts)).otherHand).toEqual([]);
    const together = scriptOf(doseOf({ mode: 'reps', reps: 3, tempoMs: 1_000 }), {
      breathMs: 5_000,
      slowFirst: false,
    });
    expect(practiceOf(together, [{ atMs: 0, hand: 'R' }]).otherHand).toEqual([]);
  });

  test('no taps at all', () => {
    const none = practiceOf(beats, []);
    expect(none.skipped).toHaveLength(10);
    expect(none).toMatchObject({ lateMs: null, unevenPercent: null, sides: { L: null, R: null } });
  });
});

test.each([
  [[0, 500, 1_000, 1_500], 120],
  [[0, 1_000, 2_000, 3_000, 4_000], 60],
  [[0, 500, 1_000], null],
  [[0, 500, 3_000, 3_050], null],
])('taps at %j are %j beats a minute', (at, bpm) => {
  expect(tappedBpm(at)).toBe(bpm);
});

describe('the audio clock', () => {
  /** Looks four times a second with noise at two clocks that part by so many millionths. */
  function hour(partingPpm: number, noiseS: number) {
    let zero = 0;
    let seed = 7;
    const noise = () => {
      seed = (seed * 1103515245 + 12345) % 2147483648;
      return (seed / 2147483648 - 0.5) * 2 * noiseS;
    };
    const moved: number[] = [];
    let worst = 0;
    for (let look = 0; look < 4 * 3_600; look++) {
      const audioS = look / 4;
      const classMs = audioS * 1_000 * (1 + partingPpm / 1e6);
      const next = steeredZero(zero, seenZero(audioS, classMs, 1) + noise());
      moved.push(next - zero);
      zero = next;
      if (look > 400) worst = Math.max(worst, Math.abs(audioS - (zero + classMs / 1_000)));
    }
    return { moved, worst };
  }

  test('clocks that part by a tenth of a second an hour stay together, and no beat is heard to move', () => {
    const { moved, worst } = hour(30, 0.008);
    expect(worst).toBeLessThan(0.01);
    const spread = Math.sqrt(moved.reduce((n, m) => n + m * m, 0) / moved.length);
    expect(spread).toBeLessThan(0.001);
  });

  test('after a sleep the zero is set anew at once', () => {
    expect(steeredZero(1, 9)).toBe(9);
    expect(steeredZero(1, 1.1)).toBeCloseTo(1.0005, 9);
  });
});
