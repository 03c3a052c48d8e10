import fc from 'fast-check';
import { CATALOGUE, MOVEMENTS } from '@/catalogue/movements';
import { doseOf, FINGERS, primaryCount, type Dose } from '@/core/dose/dose';
import { doseTiming } from '@/core/dose/timing';
import { fitToMusic } from '@/core/dose/music';
import { stretched, withBeads } from '@/core/dose/nudge';
import { CAUTIONS } from '@/catalogue/cautions/cautions';
import { easierOf, rungNoteOf, usualRungOf } from '@/core/catalogue/rung';
import { verdictFor } from '@/core/screening/verdict';
import { atRung, rungOf } from '@/core/plan/at-rung';
import { contextOf } from '@/core/plan/check/check';
import { comparePlans } from '@/core/plan/look/compare';
import { duplicateRows, insertRows, moveRows, otherSideRows, removeRows } from '@/core/plan/edit/copy-rows';
import { shortForm } from '@/core/plan/edit/short-form';
import { coverageGaps, fillersFor, planMoves, usualMoves } from '@/core/plan/check/coverage-gaps';
import { edit, goTo, type PlanHistory } from '@/core/plan/edit/history';
import { gradeCounts, kitFor } from '@/core/plan/check/kit';
import { placedRows, planSchema, type Plan } from '@/core/plan/plan';
import { applyStep } from '@/core/plan/edit/step';
import type { PlanStep } from '@/core/plan/edit/step-schema';
import { anyDose, anyPlan } from './arbitrary';
import { person } from './people';
import { facts, planWith } from './plans';

const after = (plan: Plan, step: PlanStep | null): Plan => {
  const result = step && applyStep(plan, step);
  if (!result?.ok) throw new Error('The step does not apply');
  return result.value.plan;
};
const idsOf = (plan: Plan) => placedRows(plan).map((p) => p.row.id);

describe('musical fit', () => {
  const reps = (n: number, tempoMs: number) => doseOf({ mode: 'reps', reps: n, tempoMs });
  const fingers = (rounds: number, stepMs: number) =>
    doseOf({ mode: 'sequence', rounds, steps: [...FINGERS], stepMs });

  test.each([
    [reps(8, 1_200), 100, 2, 8, 2],
    [reps(10, 500), 120, 1, 8, 1],
    [reps(3, 4_000), 60, 4, 3, 1.5],
    [reps(5, 8_000), 60, 8, 5, 5],
    [reps(30, 600), 96, 1, 32, 4],
    // Five rounds of five fingers: eight rounds are the next whole phrases, four are half a phrase less.
    [fingers(5, 1_000), 60, 1, 4, 2.5],
    [fingers(5, 800), 60, 1, 4, 2.5],
    [fingers(3, 1_500), 40, 1, 4, 2.5],
  ])('%j at %i beats a minute: %i beats each, %i of them, %i phrases', (dose, bpm, beats, count, phrases) => {
    const fit = fitToMusic(dose, bpm)!;
    expect(fit.beatsEach).toBe(beats);
    expect(primaryCount(fit.dose.count)).toBe(count);
    expect(fit.phrases).toBe(phrases);
    expect(fit.dose.grouping).toBe(8);
  });

  test('a hold, a breath and free time keep their own time', () => {
    expect(fitToMusic(doseOf({ mode: 'hold', holds: 3, holdMs: 5_000, relaxMs: 0 }), 90)).toBeNull();
    expect(fitToMusic(doseOf({ mode: 'breaths', breaths: 4 }), 90)).toBeNull();
    expect(fitToMusic(doseOf({ mode: 'time', timeMs: 30_000 }), 90)).toBeNull();
  });

  test('no movement of the catalogue gets over twice as long or half as long by music at a moderate beat', () => {
    for (const { id, dose } of MOVEMENTS)
      for (const bpm of [60, 80, 96, 120, 180]) {
        const fit = fitToMusic(dose, bpm);
        if (!fit) continue;
        const workMs = (d: Dose) => doseTiming(d, { breathMs: 6_000, slowFirst: false }).workMs;
        const ratio = workMs(fit.dose) / workMs(dose);
        expect([id, bpm, ratio >= 0.5 && ratio <= 2]).toEqual([id, bpm, true]);
        // Nothing is hurried for music.
        const each = (d: Dose) =>
          d.count.mode === 'reps' ? d.count.tempoMs : d.count.mode === 'sequence' ? d.count.stepMs : 0;
        expect([id, bpm, each(fit.dose) >= 0.69 * each(dose)]).toEqual([id, bpm, true]);
      }
  });

  test('whatever the dose and the music, phrases are whole or halved and fitting again changes nothing', () => {
    fc.assert(
      fc.property(anyDose, fc.integer({ min: 40, max: 180 }), (dose, bpm) => {
        const fit = fitToMusic(dose, bpm);
        if (!fit) return;
        expect(Number.isInteger(fit.phrases * 2)).toBe(true);
        expect(fit.phrases).toBeGreaterThan(0);
        expect(fitToMusic(fit.dose, bpm)!.dose.count).toEqual(fit.dose.count);
      }),
    );
  });
});

describe('a dose changed on its cord', () => {
  test('a bead on, a bead off; the last one stays, the range follows', () => {
    const dose = doseOf({ mode: 'reps', reps: 2, tempoMs: 1_000 }, { fewest: 2, most: 2 });
    expect(withBeads(dose, 1)).toMatchObject({ count: { reps: 3 }, fewest: 2, most: 3 });
    const one = withBeads(dose, -1)!;
    expect(one).toMatchObject({ count: { reps: 1 }, fewest: 1, most: 2 });
    expect(withBeads(one, -1)).toBeNull();
    expect(withBeads(doseOf({ mode: 'time', timeMs: 20_000 }), 1)).toBeNull();
  });

  test('a bar is stretched inside the movement’s range and no further', () => {
    const dose = doseOf({ mode: 'hold', holds: 2, holdMs: 5_000, relaxMs: 0 });
    expect(stretched(dose, 1_000, [3_000, 6_000])).toMatchObject({ count: { holdMs: 6_000 } });
    expect(stretched(dose, 2_000, [3_000, 6_000])).toBeNull();
    expect(stretched(dose, -4_000, null)).toMatchObject({ count: { holdMs: 1_000 } });
    expect(stretched(dose, -5_000, null)).toBeNull();
    expect(stretched(doseOf({ mode: 'breaths', breaths: 3 }), 1_000, null)).toBeNull();
  });
});

describe('rungs', () => {
  const ball = CATALOGUE.movement('ball-squeeze')!;
  const usual = usualRungOf(ball.rungs);
  test('a rung up is one of ten more effort, a rung down one less; gliding work has none to change', () => {
    expect(atRung(ball, undefined)).toBe(ball);
    expect(atRung(ball, usual + 1).effortOf10).toBe(ball.effortOf10 + 1);
    expect(atRung(ball, usual - 1).effortOf10).toBe(ball.effortOf10 - 1);
    expect(atRung(ball, usual + 1)).toBe(atRung(ball, usual + 1));
    const glide = CATALOGUE.movement('open-close')!;
    expect(atRung(glide, glide.rungs.length - 1).effortOf10).toBe(glide.effortOf10);
  });
  test('easier is easier than where the class stands, and never above it', () => {
    const rungs = ball.rungs.map((r) => r.words);
    for (let at = 0; at < rungs.length; at++)
      expect(easierOf(atRung(ball, at))).toBe(rungs[Math.max(0, at - 1)]);
    expect(rungNoteOf(ball)).toBe('');
    expect(rungNoteOf(atRung(ball, 0))).toBe(rungs[0]);
  });

  test('somebody who adapts is told a rung under the class’s own', () => {
    const sore = person({
      conditions: [{ conditionId: 'hand-oa', side: 'both', state: 'sore', since: null, spots: [] }],
    });
    const low = atRung(ball, 1);
    const screening = { table: CAUTIONS, catalogue: CATALOGUE, today: '2026-11-25' };
    const how = (m: typeof ball) => verdictFor(sore, m, m.dose, screening).R.how.join('; ');
    expect(how(low)).toContain(`easier: ${ball.rungs[0]!.words}`);
    expect(how(low)).not.toContain(`easier: ${ball.rungs[1]!.words}`);
    expect(how(ball)).toContain(`easier: ${ball.rungs[usual - 1]!.words}`);
  });

  test('a rung the ladder no longer has is its highest', () => {
    expect(rungOf(ball, 11)).toBe(ball.rungs.length - 1);
  });
});

describe('rows copied, moved and taken out together', () => {
  const plan = planWith({ move: ['wrist-bend', 'open-close', 'palms-turn'], grip: ['ball-squeeze'] });

  test('duplicates follow the last of the chosen, under ids of their own', () => {
    const twice = after(plan, duplicateRows(plan, ['wrist-bend', 'open-close']));
    expect(idsOf(twice)).toEqual([
      'wrist-bend',
      'open-close',
      'wrist-bend~2',
      'open-close~2',
      'palms-turn',
      'ball-squeeze',
    ]);
    const thrice = after(twice, duplicateRows(twice, ['wrist-bend~2']));
    expect(idsOf(thrice)).toContain('wrist-bend~3');
  });

  test('moving together keeps their order and stops at the end of the section', () => {
    const down = after(plan, moveRows(plan, ['wrist-bend', 'open-close'], 1));
    expect(idsOf(down).slice(0, 3)).toEqual(['palms-turn', 'wrist-bend', 'open-close']);
    expect(moveRows(down, ['wrist-bend', 'open-close'], 1)).toBeNull();
    expect(idsOf(after(down, moveRows(down, ['wrist-bend', 'open-close'], -1)))).toEqual(idsOf(plan));
  });

  test('nothing chosen, or rows that are gone, is no step', () => {
    expect(duplicateRows(plan, [])).toBeNull();
    expect(moveRows(plan, ['gone'], 1)).toBeNull();
    expect(removeRows(plan, ['gone'])).toBeNull();
    expect(insertRows(plan, 'move', 0, [])).toBeNull();
  });

  test('over any two plans, rows of one put into the other keep both whole, and undo', () => {
    fc.assert(
      fc.property(anyPlan, anyPlan, (into, from) => {
        const rows = placedRows(from).map((p) => p.row);
        const step = insertRows(into, 'move', 2, rows);
        if (!step) return;
        const applied = applyStep(into, step);
        if (!applied.ok) throw new Error(applied.message);
        const ids = idsOf(applied.value.plan);
        expect(new Set(ids).size).toBe(ids.length);
        expect(ids).toHaveLength(placedRows(into).length + rows.length);
        expect(planSchema.safeParse(applied.value.plan).success).toBe(true);
        expect(after(applied.value.plan, applied.value.inverse)).toEqual(into);
      }),
    );
  });
});

describe('against another class', () => {
  test('new, gone, another dose, another rung', () => {
    const earlier = planWith({ move: ['wrist-bend', 'open-close'], grip: ['ball-squeeze'] });
    const longer: Partial<Dose> = { count: { mode: 'reps', reps: 9, tempoMs: 1_200 } };
    const plan = after(planWith({ move: ['palms-turn', ['open-close', longer]], grip: ['ball-squeeze'] }), {
      type: 'setRung',
      rowId: 'ball-squeeze',
      rung: 0,
    });
    const { added, gone, changed, same } = comparePlans(plan, earlier, CATALOGUE);
    expect(added).toEqual(['Palms turn up and down']);
    expect(gone).toEqual(['Wrist bends up and down']);
    expect(changed.map((c) => [c.rowId, c.differs])).toEqual([
      ['open-close', [[expect.any(String), expect.stringContaining('9 times')]]],
      ['ball-squeeze', [['as described', 'half a squeeze']]],
    ]);
    expect(same).toBe(0);
  });

  test('any plan against itself is the same throughout', () => {
    fc.assert(
      fc.property(anyPlan, (plan) => {
        const { added, gone, changed } = comparePlans(plan, plan, CATALOGUE);
        expect([...added, ...gone, ...changed]).toEqual([]);
      }),
    );
  });
});

describe('what the class leaves out', () => {
  const full = planWith({ move: ['wrist-bend', 'palms-turn', 'open-close', 'thumb-to-tips'] });

  test('still places are named; what the weeks before moved more is less than usual', () => {
    const wrists = planMoves(planWith({ move: ['wrist-bend'] }), CATALOGUE);
    const gaps = coverageGaps(wrists, null);
    expect(gaps.map((g) => g.spotId)).not.toContain('wrist');
    expect(gaps.every((g) => g.kind === 'still')).toBe(true);
    const much = usualMoves(
      [planWith({ move: ['wrist-bend', 'wrist-bend', 'wrist-bend', 'wrist-bend'] })],
      CATALOGUE,
    );
    expect(coverageGaps(wrists, much)).toContainEqual({
      spotId: 'wrist',
      name: expect.any(String),
      kind: 'less than usual',
    });
    expect(usualMoves([], CATALOGUE)).toBeNull();
  });

  test('one hand left still is a gap, though the other moves', () => {
    const left = planWith({ move: [['wrist-bend', { sides: 'left' }]] });
    expect(coverageGaps(planMoves(left, CATALOGUE), null).map((g) => g.spotId)).toContain('wrist');
  });

  test('fillers are gentle, not planned yet, and truly fill', () => {
    const gaps = coverageGaps(planMoves(planWith({ move: ['wrist-bend'] }), CATALOGUE), null);
    const ids = gaps.map((g) => g.spotId);
    const [best] = fillersFor(CATALOGUE, full, ids);
    expect(['wrist-bend', 'open-close']).not.toContain(best!.movement.id);
    expect(best!.movement.effort).toBe('active');
    const filled = planMoves(planWith({ move: ['wrist-bend', best!.movement.id] }), CATALOGUE);
    for (const id of best!.fills) expect(coverageGaps(filled, null).map((g) => g.spotId)).not.toContain(id);
  });
});

describe('the grade that suits', () => {
  const grip = (kg: number) =>
    person({
      measures: [
        { hand: 'L', kind: 'grip', value: kg, on: '2026-11-01' },
        { hand: 'R', kind: 'grip', value: kg, on: '2026-11-01' },
      ],
    });
  const plan = planWith({ grip: ['ball-squeeze'] });
  const [strong, weak, unknown] = [grip(30), grip(3), person()];
  const line = (week: number) =>
    kitFor(contextOf(plan, facts({ people: [strong, weak, unknown], week })))[0]!;

  test('a strong hand takes the firm one later on, a weak one the soft or none', () => {
    const of = (who: typeof strong, week: number) =>
      line(week).grades.find((g) => g.person.id === who.id)?.choice?.grade.name ?? null;
    expect(of(strong, 6)).toBe('firm');
    expect(of(weak, 6)).toBeNull();
    expect(of(unknown, 6)).toBe('soft');
    expect(line(6).grades.find((g) => g.person.id === unknown.id)!.assumed).toBe(true);
  });

  test('half closing a grade never asks over the target', () => {
    for (const week of [1, 3, 4, 12])
      for (const { choice, targetDemand } of line(week).grades)
        if (choice) expect(choice.demand).toBeLessThanOrEqual(targetDemand);
  });

  test('the counts and the unsuited add up to everyone who holds one; a spare for every ten', () => {
    const { counts, unsuited } = gradeCounts(line(6));
    expect(counts.reduce((n, c) => n + c.people, 0) + unsuited.length).toBe(3);
    expect(line(6)).toMatchObject({ needed: 4, spares: 1 });
  });
});

describe('history', () => {
  const start: PlanHistory = { plan: planWith({ move: ['wrist-bend'] }), entries: [], done: 0 };
  const breaths = [6_000, 7_000, 8_000].reduce<PlanHistory>((h, breathMs) => {
    const next = edit(h, { type: 'setBreath', breathMs }, `Breath ${breathMs}`);
    if (!next.ok) throw new Error(next.message);
    return next.value;
  }, start);

  test.each([0, 1, 2, 3])('going to edit %i and back gives the same plan', (done) => {
    const there = goTo(breaths, done);
    if (!there.ok) throw new Error(there.message);
    expect(there.value.plan.breathMs).toBe([5_000, 6_000, 7_000, 8_000][done]);
    expect(goTo(there.value, 3)).toMatchObject({ ok: true, value: { plan: breaths.plan } });
  });

  test('an edit that is not kept is refused in words', () => {
    expect(goTo(breaths, 4)).toMatchObject({ ok: false, message: 'That edit is no longer in the history.' });
  });
});

test('a block for one side is there once more for the other, after it; what is for both sides is not', () => {
  const left = { sides: 'left', extraLeft: 2 } as const;
  const plan = planWith({
    ease: [['wrist-stretch-palm', left], ['press-hollow', { sides: 'left' }], 'roll-each-finger'],
  });
  const both = after(plan, otherSideRows(plan, ['wrist-stretch-palm', 'press-hollow', 'roll-each-finger']));
  const rows = placedRows(both).map(({ row }) => row);
  expect(rows.map((r) => r.kind === 'movement' && [r.movementId, r.dose.sides])).toEqual([
    ['wrist-stretch-palm', 'left'],
    ['press-hollow', 'left'],
    ['roll-each-finger', 'each'],
    ['wrist-stretch-palm', 'right'],
    ['press-hollow', 'right'],
  ]);
  expect(rows[3]).toMatchObject({ dose: { extraLeft: 0, extraRight: 2 } });
  expect(otherSideRows(plan, ['roll-each-finger'])).toBeNull();
});

test('the short form has each movement once, every side and pass of it, and a length of its own', () => {
  fc.assert(
    fc.property(anyPlan, (plan) => {
      const brief = shortForm(plan);
      expect(planSchema.safeParse(brief).success).toBe(true);
      const before = placedRows(plan).flatMap(({ row }) => (row.kind === 'movement' ? [row] : []));
      const rows = placedRows(brief).flatMap(({ row }) => (row.kind === 'movement' ? [row] : []));
      expect(rows.map((r) => r.id)).toEqual(before.map((r) => r.id));
      expect(placedRows(brief)).toHaveLength(rows.length);
      rows.forEach(({ dose }, i) => {
        expect([primaryCount(dose.count), dose.fewest, dose.most]).toEqual([1, 1, 1]);
        expect(dose.sides).toBe(before[i]!.dose.sides);
        expect(dose.passes.map((p) => p.name)).toEqual(before[i]!.dose.passes.map((p) => p.name));
      });
    }),
  );
  const plan = planWith({ grip: ['ball-squeeze', 'ring-squeeze'] });
  expect(contextOf(shortForm(plan), facts()).timing.totalMs).toBeLessThan(
    contextOf(plan, facts()).timing.totalMs / 2,
  );
});
