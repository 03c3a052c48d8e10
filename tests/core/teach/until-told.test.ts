import { CATALOGUE } from '@/catalogue/movements';
import { EACH_WAY, type Dose } from '@/core/dose';
import { comingUp } from '@/core/teach/coming-up';
import { isWaiting } from '@/core/teach/count-commands';
import { faceOf } from '@/core/teach/count-display';
import { outlook } from '@/core/teach/progress';
import { beatAtTime, beatsOf, offsetAtTime } from '@/core/teach/position';
import { rowsOfSnapshot } from '@/core/teach/snapshot';
import { breathAt } from '@/core/teach/breath';
import { begin, command, flow, type TeachCommand } from '@/core/teach/transport';
import { planWith } from '../plans';

/** A class of one movement known to the group, with its count begun at 0. */
function taught(id: string, dose: Partial<Dose>) {
  const plan = planWith({ move: [[id, dose]], settle: ['quiet-breath'] });
  const shown = [id, 'quiet-breath'];
  const rows = rowsOfSnapshot({ plan, people: [], helpers: [], slotMs: 600_000, shown }, CATALOGUE);
  const started = command(rows, begin(rows, 0).state, 'go', 0).state;
  const after = (script: readonly (readonly [TeachCommand, number])[]) =>
    script.reduce((state, [what, atMs]) => command(rows, state, what, atMs).state, started);
  const at = (state: typeof started, nowMs: number) => {
    const flowed = flow(rows, state, nowMs).state;
    const offset = offsetAtTime(flowed, nowMs);
    const beat = flowed.rowIndex === 0 ? beatAtTime(beatsOf(rows, flowed), offset) : null;
    return { ...flowed, beat, face: beat && faceOf(beat, offset), waits: isWaiting(rows, flowed) };
  };
  return { rows, started, after, at };
}

const stretch = {
  count: { mode: 'hold', holds: 1, holdMs: 8_000, relaxMs: 0, untilTold: true },
  sides: 'each',
  passes: [],
  sets: 1,
} as const;

describe('a hold until told', () => {
  const { at, after, started } = taught('wrist-stretch-palm', stretch);

  test('counts up, past its usual length, on the same side, until the leader goes on', () => {
    expect(at(started, 7_000)).toMatchObject({ waits: false, face: { big: '8', side: 'left' } });
    expect(at(started, 25_000)).toMatchObject({ waits: true, face: { big: '26', side: 'left' } });
    expect(at(started, 25_000).face!.of).toContain('until told');
    expect(at(after([['on', 25_000]]), 25_500).beat).toMatchObject({ kind: 'change', side: 'R' });
  });

  test('one key, the one that starts and pauses, goes on as well', () => {
    const told = after([['goOrPause', 20_000]]);
    expect(at(told, 20_500).beat).toMatchObject({ kind: 'change', side: 'R' });
    expect(told.running).toBe(true);
  });

  test('the second side waits as well, and the row is over only when that is told', () => {
    const second = after([['on', 20_000]]);
    expect(at(second, 60_000)).toMatchObject({ rowIndex: 0, waits: true, face: { side: 'right' } });
    expect(
      at(command(taught('wrist-stretch-palm', stretch).rows, second, 'on', 60_000).state, 60_001).rowIndex,
    ).toBe(1);
  });

  test('it may end before its usual length: the other side comes, and nothing of it is lost', () => {
    const early = after([['on', 3_000]]);
    expect(at(early, 3_100).beat).toMatchObject({ kind: 'change', side: 'R' });
    expect(at(early, 13_000).beat).toMatchObject({ kind: 'hold', side: 'R' });
  });

  test('while it waits the finish is told as if it ended now: nothing is proposed over a stretch that is only held', () => {
    const { rows, at: when } = taught('wrist-stretch-palm', stretch);
    const finish = (nowMs: number) => outlook(rows, when(started, nowMs), nowMs, 600_000).finishMs;
    expect(finish(20_000) - finish(8_500)).toBe(11_500);
    expect(finish(20_000)).toBeLessThan(20_000 + 60_000 + rows[1]!.plannedMs);
  });

  test('nobody waits for ever: what nobody ends is over after three minutes', () => {
    expect(at(started, 8_000 + 180_000 + 100).beat).toMatchObject({ kind: 'change', side: 'R' });
  });
});

test('an effort until told is held no longer than an effort may be', () => {
  const { at, started } = taught('wrist-up-hold', {
    ...stretch,
    count: { mode: 'hold', holds: 1, holdMs: 5_000, relaxMs: 0, untilTold: true },
  });
  expect(at(started, 9_900).beat).toMatchObject({ kind: 'hold', side: 'L' });
  expect(at(started, 10_100).beat).toMatchObject({ kind: 'change', side: 'R' });
});

test('free movement until told counts up in each of its passes', () => {
  const { at, started } = taught('hand-spirals', {
    count: { mode: 'time', timeMs: 10_000, untilTold: true },
    passes: [...EACH_WAY],
  });
  expect(at(started, 14_500)).toMatchObject({ waits: true, face: { big: '15', turn: 'one way' } });
});

test('repetitions until told come again and again', () => {
  const { at, started, after } = taught('ring-squeeze', {
    count: { mode: 'reps', reps: 3, tempoMs: 2_000, untilTold: true },
    sides: 'each',
  });
  expect(at(started, 15_000)).toMatchObject({ rowIndex: 0, beat: { kind: 'rep', side: 'L' } });
  expect(at(after([['on', 15_000]]), 17_000).beat).toMatchObject({ kind: 'change', side: 'R' });
});

describe('on to the next side or pass', () => {
  const dose = { count: { mode: 'reps', reps: 8, tempoMs: 2_000 }, sets: 1 } as const;

  test('in the middle of a count what is left of the side is let go, and the other side is whole', () => {
    const { after, at } = taught('ring-squeeze', { ...dose, sides: 'each' });
    const early = after([['on', 5_000]]);
    expect(at(early, 5_100).beat).toMatchObject({ kind: 'change', side: 'R' });
    expect(at(early, 5_000 + 8_000 + 15_900).face).toMatchObject({ big: '8', side: 'right' });
  });

  test('also while the count is paused between two milliseconds', () => {
    const { rows, started, at } = taught('ring-squeeze', { ...dose, sides: 'each' });
    const paused = command(rows, started, 'pause', 2_345.6).state;
    const on = command(rows, paused, 'on', 9_000).state;
    expect(at(on, 12_000)).toMatchObject({ running: false, beat: { kind: 'change', side: 'R' } });
  });

  test('what comes is told by its name, and nothing where nothing is left', () => {
    const { rows, started } = taught('ball-squeeze', { ...dose, sides: 'both' });
    const beats = beatsOf(rows, started);
    expect(comingUp(beats, 1_000)).toBe('palm up');
    expect(comingUp(beats, 25_000)).toBeNull();
  });

  test('a set that begins with a rest is what comes, not the pass after it, and while one rests its name stands there', () => {
    const { rows, started, at } = taught('ball-squeeze', { ...dose, sides: 'both', sets: 2, restMs: 10_000 });
    const beats = beatsOf(rows, started);
    const second = beats.find((b) => b.pass.name === 'palm up' && b.kind === 'rep')!;
    expect(comingUp(beats, 0)).toBe('palm up');
    expect(comingUp(beats, second.startMs)).toBe('set two');
    const rest = beats.find((b) => b.kind === 'rest')!;
    expect(at(started, rest.startMs + 100).face).toMatchObject({
      big: 'rest',
      turn: 'then set two, palm down',
    });
    expect(comingUp(beats, rest.startMs + 100)).toBe('palm up');
  });

  test('in the last pass the count is over', () => {
    const { after, at } = taught('ring-squeeze', { ...dose, sides: 'both' });
    expect(at(after([['on', 5_000]]), 5_000 + 5_100).rowIndex).toBe(1);
  });
});

test('layers are named as they begin, and each has its own count', () => {
  const { rows } = taught('heel-toe-arms', {
    count: { mode: 'reps', reps: 4, tempoMs: 1_000 },
    sides: 'both',
    layers: [{ name: 'feet alone' }, { name: 'with the arms', n: 2 }],
  });
  const beats = rows[0]!.beats;
  expect(beats.map((b) => [b.kind, b.layer])).toEqual([
    ...Array.from({ length: 4 }, () => ['rep', 'feet alone']),
    ['change', 'with the arms'],
    ['rep', 'with the arms'],
    ['rep', 'with the arms'],
  ]);
  expect(faceOf(beats[4]!, 4_000).big).toBe('with the arms');
});

test('effort counted in breaths is on the out-breath, also in breaths of its own length', () => {
  const breaths = { count: { mode: 'breaths', breaths: 2 }, passes: [], breathMs: 10_000 } as const;
  const { rows } = taught('table-lean', breaths);
  expect(CATALOGUE.movement('ball-squeeze')!.phases.breath).toBe('out, then in');
  const squeeze = taught('ball-squeeze', { ...breaths, sides: 'both' }).rows[0]!;
  const way = (row: typeof squeeze, ms: number) => breathAt(row.beats[0]!, ms, row.voice)!.way;
  expect([way(squeeze, 100), way(squeeze, 5_900), way(squeeze, 6_100)]).toEqual(['out', 'out', 'in']);
  expect(faceOf(squeeze.beats[0]!, 100).big).toBe('out');
  expect(rows[0]!.beats[0]!.durationMs).toBe(10_000);
});

test('no breath is hurried: repetitions quicker than four seconds show none', () => {
  const quick = taught('ball-squeeze', { count: { mode: 'reps', reps: 3, tempoMs: 3_000 } }).rows[0]!;
  const slow = taught('ball-squeeze', { count: { mode: 'reps', reps: 3, tempoMs: 5_000 } }).rows[0]!;
  expect(breathAt(quick.beats[0]!, 100, quick.voice)).toBeNull();
  expect(breathAt(slow.beats[0]!, 100, slow.voice)).toMatchObject({ way: 'out' });
});
