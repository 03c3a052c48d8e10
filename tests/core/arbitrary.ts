import { EACH_WAY, type Pass } from '@/core/dose';
import fc from 'fast-check';
import { CATALOGUE } from '@/catalogue/movements';
import { doseOf, primaryCount, type Count, type Dose } from '@/core/dose/dose';
import type { LoadSetting } from '@/core/stance/load-setting';
import { emptyPlan, type MovementRow, type Plan, type Row } from '@/core/plan/plan';
import type { PlanStep } from '@/core/plan/edit/step-schema';

const ms = (min: number, max: number) => fc.integer({ min: min / 100, max: max / 100 }).map((n) => n * 100);

export const anyCount: fc.Arbitrary<Count> = fc.oneof(
  fc.record({
    mode: fc.constant('reps' as const),
    reps: fc.integer({ min: 1, max: 40 }),
    tempoMs: ms(200, 8_000),
  }),
  fc.record({
    mode: fc.constant('hold' as const),
    holds: fc.integer({ min: 1, max: 10 }),
    holdMs: ms(1_000, 30_000),
    relaxMs: ms(0, 10_000),
  }),
  fc.record({ mode: fc.constant('breaths' as const), breaths: fc.integer({ min: 1, max: 12 }) }),
  fc.record({ mode: fc.constant('time' as const), timeMs: ms(5_000, 180_000) }),
  fc.record({
    mode: fc.constant('sequence' as const),
    rounds: fc.integer({ min: 1, max: 6 }),
    steps: fc.uniqueArray(fc.constantFrom('thumb', 'index', 'middle', 'ring', 'little', 'all'), {
      minLength: 2,
    }),
    stepMs: ms(200, 5_000),
  }),
  fc.constant({ mode: 'hold' as const, holds: 2, holdMs: 12_000, relaxMs: 2_000, untilTold: true as const }),
  fc.constant({ mode: 'time' as const, timeMs: 15_000, untilTold: true as const }),
  fc.constant({
    mode: 'sequence' as const,
    rounds: 2,
    steps: ['index', 'middle', 'ring', 'little'],
    stepMs: 1_000,
    thereAndBack: true as const,
    more: [
      { step: 'ring', times: 2 },
      { step: 'little', ms: 4_000 },
    ],
  }),
);

/** The ways in which a dose can be gone through: one, two directions, positions with more of one, swapped hands. */
const anyPasses: fc.Arbitrary<readonly Pass[]> = fc.constantFrom<readonly Pass[]>(
  [],
  EACH_WAY,
  [{ name: 'palm down' }, { name: 'palm up', extra: 1, ms: 1_500 }, { name: 'thumb up' }],
  [{ name: 'right hand on top' }, { name: 'left hand on top', swapped: true }],
  [...EACH_WAY, ...EACH_WAY.map((p) => ({ ...p, name: `swapped, ${p.name}`, swapped: true as const }))],
);

export const anyDose: fc.Arbitrary<Dose> = fc
  .record({
    count: anyCount,
    sides: fc.constantFrom('both', 'each', 'alternating', 'left', 'right'),
    firstSide: fc.constantFrom('L', 'R'),
    passes: anyPasses,
    layers: fc.constantFrom(undefined, [{ name: 'small' }, { name: 'larger', n: 2 }]),
    breathMs: fc.constantFrom(undefined, 7_000),
    sets: fc.integer({ min: 1, max: 3 }),
    restMs: ms(0, 30_000),
    extraLeft: fc.integer({ min: 0, max: 2 }),
    extraRight: fc.integer({ min: 0, max: 2 }),
    perSide: fc.boolean(),
    grouping: fc.constantFrom(5 as const, 8 as const),
  })
  .map(({ count, layers, breathMs, ...rest }) =>
    doseOf(count, {
      ...rest,
      ...(layers && { layers }),
      ...(breathMs && { breathMs }),
      fewest: 1,
      most: Math.max(1, primaryCount(count)),
    }),
  );

const movementIds = CATALOGUE.movements.map((m) => m.id);

/** What a movement row may say besides its dose; most say nothing. */
const anySaying: fc.Arbitrary<Partial<MovementRow>> = fc.constantFrom<Partial<MovementRow>>(
  {},
  {},
  {},
  { words: { name: 'Piano player', felt: 'in the palm' }, effortOf10: 3 },
  { optional: true },
  { joinedId: 'ankle-bends', effortOf10: 8 },
  { ownSets: [{ personId: 'p1', sets: 2 }] },
);

export const anyRow = (id: string): fc.Arbitrary<Row> =>
  fc.oneof(
    fc
      .record({
        kind: fc.constant('movement' as const),
        id: fc.constant(id),
        movementId: fc.constantFrom(...movementIds),
        dose: anyDose,
        note: fc.string({ maxLength: 20 }).map((s) => s.trim()),
      })
      .chain((row) => anySaying.map((saying) => ({ ...row, ...saying }))),
    fc.record({
      kind: fc.constant('break' as const),
      id: fc.constant(id),
      what: fc.constantFrom('hand' as const, 'water' as const),
      durationMs: ms(10_000, 120_000),
    }),
    fc.record({
      kind: fc.constant('talk' as const),
      id: fc.constant(id),
      title: fc.constantFrom('Welcome', 'Chat', 'Closing line'),
      durationMs: ms(5_000, 120_000),
    }),
  );

/** A plan of up to a dozen rows spread over its sections, ids r0, r1, ... */
export const anyPlan: fc.Arbitrary<Plan> = fc
  .array(fc.nat({ max: 8 }), { maxLength: 12 })
  .chain((places) => fc.tuple(fc.constant(places), fc.tuple(...places.map((_, i) => anyRow(`r${i}`)))))
  .map(([places, rows]) => {
    const plan = emptyPlan();
    return {
      ...plan,
      sections: plan.sections.map((s, i) => ({ ...s, rows: rows.filter((_, j) => places[j] === i) })),
    };
  });

const share = fc.constantFrom(0, 0.25, 0.5, 1);
export const anyPress: fc.Arbitrary<LoadSetting> = fc.record({
  stance: fc.oneof(
    fc.record({
      kind: fc.constant('lean' as const),
      surface: fc.constantFrom('flat' as const, 'wall' as const),
      pivot: fc.constantFrom('toes' as const, 'knees' as const),
      handHeightM: fc.constantFrom(0, 0.45, 0.9),
    }),
    fc.record({ kind: fc.constant('unload' as const), handedOver: share }),
    fc.record({ kind: fc.constant('all fours' as const), forwardM: fc.constantFrom(-0.1, 0, 0.1) }),
    fc.record({ kind: fc.constant('feet back' as const) }),
  ),
  statureM: fc.constantFrom(1.5, 1.7),
  leftShare: share,
});

/** Steps that may or may not fit a plan: some speak of rows or sections that are not there. */
export const anyStep: fc.Arbitrary<PlanStep> = fc.nat({ max: 99 }).chain((n) => {
  const rowId = fc.nat({ max: 14 }).map((i) => `r${i}`);
  const sectionId = fc.constantFrom(
    'arrive',
    'wake',
    'move',
    'hold',
    'grip',
    'open',
    'load',
    'ease',
    'settle',
    'gone',
  );
  const index = fc.nat({ max: 6 });
  return fc.oneof(
    fc.record({ type: fc.constant('insertRow' as const), sectionId, index, row: anyRow(`new${n}`) }),
    fc.record({ type: fc.constant('removeRow' as const), rowId }),
    fc.record({ type: fc.constant('moveRow' as const), rowId, sectionId, index }),
    fc.record({ type: fc.constant('setDose' as const), rowId, dose: anyDose }),
    fc.record({ type: fc.constant('setDuration' as const), rowId, durationMs: ms(5_000, 900_000) }),
    fc.record({ type: fc.constant('setTitle' as const), rowId, title: fc.constantFrom('A word', 'Preview') }),
    fc.record({ type: fc.constant('setNote' as const), rowId, note: fc.constantFrom('', 'slowly') }),
    fc.record({
      type: fc.constant('setRung' as const),
      rowId,
      rung: fc.option(fc.nat({ max: 6 }), { nil: null }),
    }),
    fc.record({
      type: fc.constant('setMusic' as const),
      rowId,
      bpm: fc.option(fc.integer({ min: 40, max: 180 }), { nil: null }),
    }),
    fc.record({
      type: fc.constant('setSeries' as const),
      rowId,
      continuesPrevious: fc.constantFrom(true as const, null),
    }),
    fc.record({ type: fc.constant('setPress' as const), rowId, press: fc.option(anyPress, { nil: null }) }),
    fc.record({
      type: fc.constant('renameSection' as const),
      sectionId,
      name: fc.constantFrom('Begin', 'Work'),
    }),
    fc.record({ type: fc.constant('setBreath' as const), breathMs: ms(3_000, 12_000) }),
    fc.record({
      type: fc.constant('setWords' as const),
      rowId,
      words: fc.constantFrom({ name: 'Lighthouse' }, { felt: 'in the web' }, null),
    }),
    fc.record({
      type: fc.constant('setEffort' as const),
      rowId,
      effortOf10: fc.option(fc.integer({ min: 1, max: 10 }), { nil: null }),
    }),
    fc.record({
      type: fc.constant('setOptional' as const),
      rowId,
      optional: fc.constantFrom(true as const, null),
    }),
    fc.record({
      type: fc.constant('setJoined' as const),
      rowId,
      joinedId: fc.constantFrom('ankle-bends', null),
    }),
    fc.record({
      type: fc.constant('setOwnSets' as const),
      rowId,
      ownSets: fc.constantFrom([{ personId: 'p2', sets: 3 }], null),
    }),
    fc.record({
      type: fc.constant('setQuestion' as const),
      rowId,
      question: fc.constantFrom(true as const, null),
    }),
    fc.record({
      type: fc.constant('setReminders' as const),
      reminders: fc.constantFrom(['Tall', 'Shoulders low'], null),
    }),
    fc.record({ type: fc.constant('removeSection' as const), sectionId }),
    fc.record({ type: fc.constant('moveSection' as const), sectionId, index }),
    fc.record({
      type: fc.constant('addSection' as const),
      index,
      section: fc.constant({ id: 'grip-2', kind: 'grip' as const, name: 'Grip 2', rows: [] }),
    }),
  );
});
