import { EACH_WAY, passesOf } from '@/core/dose';
import fc from 'fast-check';
import { boutsOf } from '@/core/dose/bouts';
import { doseOf, type Dose } from '@/core/dose/dose';
import { COUNTED, scriptLength, scriptOf, type Beat } from '@/core/dose/script';
import { doseTiming } from '@/core/dose/timing';
import { doseTotals } from '@/core/dose/totals';
import { USUAL_STYLE } from '@/core/teach/count-style';
import { NO_VOICE, ticksOf } from '@/core/teach/ticks';
import { anyDose } from './arbitrary';
import { runs } from '../runs';

const context = { breathMs: 5_000, slowFirst: false };
const ticked = (dose: Dose) => ticksOf(scriptOf(dose, context), USUAL_STYLE, NO_VOICE);
const anyContext = fc.record({ breathMs: fc.constantFrom(4_000, 5_000, 7_500), slowFirst: fc.boolean() });
const counted = (beats: readonly Beat[]) => beats.filter((b) => COUNTED.has(b.kind));

test('the script is exactly as long as the arithmetic says', () => {
  fc.assert(
    fc.property(anyDose, anyContext, (dose, ctx) => {
      expect(scriptLength(scriptOf(dose, ctx))).toBe(doseTiming(dose, ctx).totalMs);
    }),
    { numRuns: runs(2_000, 0.1) },
  );
});

test('expanded beats equal repetitions x sets x sides x passes x items', () => {
  fc.assert(
    fc.property(anyDose, (dose) => {
      expect(counted(scriptOf(dose, context))).toHaveLength(doseTotals(dose).beats);
    }),
    { numRuns: runs(2_000, 0.1) },
  );
});

test('beats follow each other without gap or overlap', () => {
  fc.assert(
    fc.property(anyDose, anyContext, (dose, ctx) => {
      let end = 0;
      for (const beat of scriptOf(dose, ctx)) {
        expect(beat.startMs).toBe(end);
        end += beat.durationMs;
      }
    }),
  );
});

test('in every bout the numbers run from 1 to the last with none skipped or said twice', () => {
  fc.assert(
    fc.property(anyDose, (dose) => {
      const beats = counted(scriptOf(dose, context));
      boutsOf(dose).forEach((_, bout) => {
        const mine = beats.filter((b) => b.bout === bout);
        const perHand = dose.sides === 'alternating' && dose.perSide && dose.count.mode !== 'time';
        for (const side of new Set(mine.map((b) => (perHand ? b.side : 'any')))) {
          const numbers = mine.filter((b) => !perHand || b.side === side).map((b) => b.number);
          const distinct = [...new Set(numbers)];
          expect(distinct).toEqual(Array.from({ length: distinct.length }, (_, i) => i + 1));
          expect(mine.at(-1)!.number).toBe(mine.at(-1)!.of);
        }
      });
    }),
    { numRuns: runs(1_200, 0.1) },
  );
});

test('each round of a sequence names every step once, and backwards names them in reverse', () => {
  const steps = ['thumb', 'index', 'middle', 'ring', 'little'];
  const dose = doseOf(
    { mode: 'sequence', rounds: 2, steps, stepMs: 500 },
    { sides: 'each', passes: EACH_WAY },
  );
  const said = counted(scriptOf(dose, context)).map((b) => b.step);
  const back = [...steps].reverse();
  const hand = [...steps, ...steps, ...back, ...back];
  expect(said).toEqual([...hand, ...hand]);
});

test('the second side and every pass always come', () => {
  fc.assert(
    fc.property(anyDose, (dose) => {
      const beats = counted(scriptOf(dose, context));
      expect([...new Set(beats.map((b) => b.pass.name))]).toEqual(passesOf(dose).map((p) => p.name));
      expect(new Set(beats.map((b) => b.set)).size).toBe(dose.sets);
      if (dose.sides === 'each') expect(new Set(beats.map((b) => b.side))).toEqual(new Set(['L', 'R']));
    }),
  );
});

test('hand by hand starts with the first side and never does one twice running', () => {
  const dose = doseOf({ mode: 'reps', reps: 3, tempoMs: 1_000 }, { sides: 'alternating', firstSide: 'R' });
  const beats = scriptOf(dose, context);
  expect(beats.map((b) => b.side)).toEqual(['R', 'L', 'R', 'L', 'R', 'L']);
  expect(beats.map((b) => b.number)).toEqual([1, 1, 2, 2, 3, 3]);
});

test('the change to the other side is said before it begins', () => {
  const dose = doseOf({ mode: 'reps', reps: 2, tempoMs: 1_000 }, { sides: 'each', passes: EACH_WAY });
  const words = ticked(dose).map((t) => t.word);
  expect(words).toEqual([
    '1',
    '2',
    'the other way',
    '1',
    '2',
    'now the right',
    '',
    'and',
    '1',
    '2',
    'the other way',
    '1',
    '2',
  ]);
});

test('a hold counts its own seconds, a breath says in and out', () => {
  const hold = doseOf({ mode: 'hold', holds: 1, holdMs: 3_000, relaxMs: 2_000 });
  expect(ticked(hold).map((t) => [t.atMs, t.word])).toEqual([
    [0, 'hold'],
    [1_000, '2'],
    [2_000, '3'],
    [3_000, 'ease off'],
  ]);
  const breath = doseOf({ mode: 'breaths', breaths: 2 });
  expect(ticked(breath).map((t) => [t.atMs, t.word])).toEqual([
    [0, 'in'],
    [2_000, 'out'],
    [5_000, 'in'],
    [7_000, 'out'],
  ]);
});

test('counts too quick to speak are left to the clicks', () => {
  const taps = doseOf({ mode: 'reps', reps: 4, tempoMs: 400 });
  expect(ticked(taps).map((t) => t.word)).toEqual(['', '', '', '']);
});
