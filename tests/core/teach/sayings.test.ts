import fc from 'fast-check';
import { doseOf, type Dose } from '@/core/dose/dose';
import { scriptLength, scriptOf } from '@/core/dose/script';
import { breathAt } from '@/core/teach/breath';
import { COUNT_ORDERS, COUNT_UNITS, USUAL_STYLE, type CountStyle } from '@/core/teach/count-style';
import { faceOf } from '@/core/teach/count-display';
import { countInBeat, countInMs, isGettingIn, isNotCountedIn } from '@/core/teach/count-in';
import { sayingsOf } from '@/core/teach/speech';
import { NO_VOICE, ticksOf, type RowVoice } from '@/core/teach/ticks';
import { beatAtTime } from '@/core/teach/position';
import { CATALOGUE, MOVEMENTS } from '@/catalogue/movements';
import type { Movement } from '@/core/catalogue';
import type { Plan } from '@/core/plan/plan';
import { withEdits } from '@/core/teach/count-edits';
import { rowsOfSnapshot } from '@/core/teach/snapshot';
import type { TaughtRow } from '@/core/teach/taught-row';
import { planWith } from '../plans';
import { anyDose } from '../arbitrary';
import { runs } from '../../runs';

const script = (dose: Dose) => scriptOf(dose, { breathMs: 5_000, slowFirst: false });
const reps = (n: number, tempoMs = 3_000) => script(doseOf({ mode: 'reps', reps: n, tempoMs }));
const words = (
  beats: ReturnType<typeof script>,
  style: CountStyle = USUAL_STYLE,
  voice: RowVoice = NO_VOICE,
) => sayingsOf(beats, style, voice).map((s) => s.word);
const ticked = (beats: ReturnType<typeof script>, style: CountStyle, voice: RowVoice = NO_VOICE) =>
  ticksOf(beats, style, voice).flatMap((t) => (t.word ? [t.word] : []));

const anyStyle: fc.Arbitrary<CountStyle> = fc.record({
  order: fc.constantFrom(...COUNT_ORDERS),
  unit: fc.constantFrom(...COUNT_UNITS),
});
const anyVoice: fc.Arbitrary<RowVoice> = fc.record({
  cue: fc.constantFrom('', 'Let the shoulders go'),
  reminder: fc.constantFrom('', 'Jaw easy'),
  verb: fc.constantFrom('', 'press'),
  undo: fc.constantFrom('', 'let go'),
  quiet: fc.boolean(),
  breathFirst: fc.constantFrom('in' as const, 'out' as const, null),
  workShare: fc.constantFrom(0.3, 0.5),
  beatMs: fc.constantFrom(null, 500, 750),
  of: fc.constant('hands' as const),
});

test('the voice never talks over itself, and never outside the count', () => {
  fc.assert(
    fc.property(anyDose, anyStyle, anyVoice, (dose, style, voice) => {
      const beats = script(dose);
      const said = sayingsOf(beats, style, voice);
      said.forEach((s, i) => {
        expect(s.word).not.toBe('');
        expect(s.atMs).toBeLessThan(scriptLength(beats));
        if (i > 0) expect(s.atMs).toBeGreaterThanOrEqual(said[i - 1]!.atMs + said[i - 1]!.sayMs);
      });
    }),
    { numRuns: runs(600, 0.1) },
  );
});

test('at a speakable tempo no number is lost to a call or a cue', () => {
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 40 }), fc.integer({ min: 600, max: 4_000 }), (n, tempoMs) => {
      const said = words(reps(n, tempoMs), USUAL_STYLE, {
        ...NO_VOICE,
        cue: 'Slow',
      });
      const numbers = Array.from({ length: n }, (_, i) =>
        n >= 4 && i === n - 1 ? 'last one' : String(i + 1),
      );
      expect(said.filter((w) => /^\d+$|^last one$/.test(w))).toEqual(numbers);
    }),
  );
});

test.each([
  ['up', ['1', '2', '3', '4', 'last one']],
  ['down', ['5', '4', '3', '2', '1']],
  ['last few', ['3', '2', '1']],
  ['first and last', ['first one', 'last one']],
  ['silent', []],
] as const)('counted %s', (order, expected) => {
  expect(ticked(reps(5), { order, unit: 'usual' })).toEqual(expected);
});

test('by the second, the breath, the beat', () => {
  expect(ticked(reps(2), { order: 'up', unit: 'second' })).toEqual(['1', '2', '3', '1', '2', '3']);
  const breathing = { ...NO_VOICE, breathFirst: 'out' as const, workShare: 0.5 };
  expect(ticked(reps(2, 5_000), { order: 'up', unit: 'breath' }, breathing)).toEqual([
    'out',
    'in',
    'out',
    'in',
  ]);
  const music = ticksOf(reps(2, 2_000), { order: 'up', unit: 'beat' }, { ...NO_VOICE, beatMs: 500 });
  expect(music.map((t) => t.atMs)).toEqual([0, 500, 1_000, 1_500, 2_000, 2_500, 3_000, 3_500]);
  expect(music.map((t) => t.word)).toEqual(['1', '', '', '', '2', '', '', '']);
  const hold = script(doseOf({ mode: 'hold', holds: 2, holdMs: 3_000, relaxMs: 1_000 }));
  expect(ticked(hold, USUAL_STYLE)).toEqual(['hold', '2', '3', 'ease off', 'hold', '2', '3', 'ease off']);
  expect(ticked(hold, { order: 'up', unit: 'repetition' })).toEqual(['1', 'ease off', '2', 'ease off']);
});

test('fingers are named in every order but silence; what is too quick is left to the click', () => {
  const wave = script(doseOf({ mode: 'sequence', rounds: 1, steps: ['thumb', 'index'], stepMs: 1_000 }));
  for (const order of COUNT_ORDERS)
    expect(ticked(wave, { order, unit: 'usual' })).toEqual(order === 'silent' ? [] : ['thumb', 'index']);
  expect(ticked(reps(4, 400), USUAL_STYLE)).toEqual([]);
  expect(ticksOf(reps(4, 400), USUAL_STYLE, NO_VOICE)).toHaveLength(4);
});

test('the middle and the last two are called in a long count, not in a short one', () => {
  const long = words(reps(10));
  expect(long.indexOf('half way')).toBe(long.indexOf('5') + 1);
  expect(long.indexOf('last two')).toBe(long.indexOf('8') + 1);
  expect(words(reps(4))).toEqual(['1', '2', '3', 'last one', 'and rest']);
});

test('one cue and a reminder of the class in the gaps, and never what the instructor watches for', () => {
  const said = words(reps(8), USUAL_STYLE, { ...NO_VOICE, cue: 'Soft jaw', reminder: 'Shoulders low' });
  expect(said.filter((w) => w === 'Soft jaw')).toHaveLength(1);
  expect(said.indexOf('Shoulders low')).toBeGreaterThan(said.indexOf('Soft jaw'));
  const row = (m: Movement): Plan => planWith({ move: [m.id] });
  for (const m of MOVEMENTS) {
    const snapshot = { plan: row(m), people: [], helpers: [], slotMs: 600_000, shown: [] };
    const [taught] = rowsOfSnapshot(snapshot, CATALOGUE);
    const aloud = words(counted(taught!), USUAL_STYLE, taught!.voice);
    expect(aloud.filter((w) => m.watch.includes(w))).toEqual([]);
  }
});

const counted = ({ beats, voice }: TaughtRow) =>
  withEdits(beats, [{ kind: 'countIn', ms: countInMs(beats[0]!, voice) }]);

describe('as a good instructor says it', () => {
  const rowOf = (id: string, dose: Partial<Dose> = {}): TaughtRow => {
    const plan = planWith({ move: [[id, dose]] });
    return rowsOfSnapshot({ plan, people: [], helpers: [], slotMs: 600_000, shown: [id] }, CATALOGUE)[0]!;
  };
  const aloud = (row: TaughtRow) => words(counted(row), USUAL_STYLE, row.voice);

  test('two beats count in, with the side and the pass it begins with', () => {
    const squeeze = aloud(rowOf('ball-squeeze'));
    expect(squeeze.slice(0, 4)).toEqual(['the left, palm down', 'and', 'squeeze', '2']);
    expect(aloud(rowOf('wrist-bend'))[0]).toBe('ready');
  });

  test('a pass, a side and a set are said by name, and the last one is called', () => {
    const said = aloud(rowOf('ball-squeeze', { sets: 2, restMs: 20_000 }));
    expect(said).toEqual(expect.arrayContaining(['last one', 'palm up', 'rest']));
    // The hand is palm up by then: what the other hand and the next set begin with is said again.
    expect(said).toContain('now the right, palm down');
    expect(said).toContain('set two, now the left, palm down');
  });

  test('another hand, another job and a rest are counted in again; a pass flows on', () => {
    const before = (row: TaughtRow, verb: string) => {
      const said = aloud(row);
      return said.flatMap((w, i) => (w === verb ? [said.slice(i - 2, i)] : []));
    };
    expect(before(rowOf('ball-squeeze'), 'squeeze').slice(1)).toEqual([
      ['last one', 'palm up'],
      ['now the right, palm down', 'and'],
      ['last one', 'palm up'],
    ]);
    expect(before(rowOf('cloth-walk'), 'squeeze').slice(1)).toEqual([
      ['back again', 'Squeeze, then travel'],
      ['set two, to one end', 'and'],
      ['last one', 'back again'],
    ]);
    const pushed = aloud(rowOf('interlaced-push'));
    expect(pushed[pushed.indexOf('the other thumb in front') + 1]).toBe('and');
  });

  test('a rest too short for it only says that it is one', () => {
    const short = aloud(rowOf('cloth-walk', { sets: 2, restMs: 2_000 }));
    expect(short.slice(short.indexOf('rest') + 1)[0]).toBe('squeeze');
  });

  test('a hold begins with what is done and ends with letting go; a long one has three words', () => {
    expect(aloud(rowOf('palms-press')).slice(0, 4)).toEqual(['ready', 'and', 'press', '2']);
    expect(aloud(rowOf('palms-press'))).toContain('and let go');
    const long = { count: { mode: 'hold', holds: 1, holdMs: 30_000, relaxMs: 3_000 } } as const;
    const stretch = rowOf('wrist-stretch-palm', { ...long, sides: 'left', passes: [] });
    const said = aloud({ ...stretch, voice: { ...stretch.voice, cue: '' } });
    expect(said).toEqual(['the left', 'and', 'hold', 'half way', 'ease off']);
  });

  test('free time has an end, and one of breathing or looking is left quiet', () => {
    const free = rowOf('wrist-shake', { count: { mode: 'time', timeMs: 24_000 } });
    expect(aloud({ ...free, voice: { ...free.voice, cue: '' } })).toContain('and rest');
    const quiet = aloud(rowOf('quiet-breath', { count: { mode: 'breaths', breaths: 10 } }));
    expect(quiet).toEqual(['ready', 'and', 'in', 'out', 'in', 'out']);
    expect(aloud(rowOf('look-at-hands'))).toEqual(['palms down', 'palms up']);
    expect(aloud(rowOf('closing-reading'))).toEqual([]);
    const crossed = rowOf('crossed-wrists-breath');
    const change = counted(crossed).find((b) => b.change === 'swap')!;
    const [told, ...further] = ticksOf([change], USUAL_STYLE, crossed.voice);
    expect([told!.word, further]).toEqual(['left wrist on top', []]);
  });

  test('a cue about getting in is said before the first; one about a half is said in that half', () => {
    const loop = rowOf('loop-spread');
    expect(isGettingIn(loop.voice.cue)).toBe(true);
    expect(aloud(loop)[0]).toBe(loop.voice.cue);
    const opening = rowOf('open-close', { count: { mode: 'breaths', breaths: 6 }, breathMs: 8_000 });
    const beats = counted(opening);
    const cue = sayingsOf(beats, USUAL_STYLE, opening.voice).find((s) => s.word === 'Wide on the way in')!;
    const beat = beatAtTime(beats, cue.atMs)!;
    expect(breathAt(beat, cue.atMs, opening.voice)!.way).toBe('in');
  });

  test('for every movement nothing is said over anything else, and the count-in leaves time for its words', () => {
    for (const m of MOVEMENTS) {
      const row = rowOf(m.id);
      const said = sayingsOf(counted(row), USUAL_STYLE, row.voice);
      said.slice(1).forEach((s, i) => expect(s.atMs).toBeGreaterThanOrEqual(said[i]!.atMs + said[i]!.sayMs));
      expect(said.some((s) => s.word === 'and')).toBe(!isNotCountedIn(row.beats[0]!, row.voice));
      expect(countInBeat(row.beats[0]!, countInMs(row.beats[0]!, row.voice)).durationMs).toBeLessThan(6_000);
    }
  });
});

test('the screen counts down where the voice does', () => {
  const beats = reps(5);
  const down: CountStyle = { order: 'down', unit: 'usual' };
  expect(faceOf(beatAtTime(beats, 3_100)!, 3_100, down)).toMatchObject({ big: '4', of: 'to go, of 5' });
  const hold = script(doseOf({ mode: 'hold', holds: 1, holdMs: 5_000, relaxMs: 0 }));
  expect(faceOf(beatAtTime(hold, 1_200)!, 1_200, down).big).toBe('4');
});

test('a breath swells in and falls out, in two parts to three; work on the out-breath begins out', () => {
  const [breath] = script(doseOf({ mode: 'breaths', breaths: 1 }));
  const half = (way: string) => ({ way, full: expect.closeTo(0.5, 9) as number });
  expect(breathAt(breath!, 1_000, NO_VOICE)).toEqual(half('in'));
  expect(breathAt(breath!, 3_500, NO_VOICE)).toEqual(half('out'));
  const [rep] = reps(1, 4_000);
  expect(breathAt(rep!, 1_000, { ...NO_VOICE, breathFirst: 'out' })).toEqual(half('out'));
  expect(breathAt(rep!, 1_000, NO_VOICE)).toBeNull();
});
