import { CAUTIONS } from '@/catalogue/cautions/cautions';
import { CATALOGUE, MOVEMENTS } from '@/catalogue/movements';
import { findMovements } from '@/core/shelf/search';
import { ANY_MOVEMENT, shelved } from '@/core/shelf/shelf';
import { loopPose } from '@/core/hand/motion';
import { sceneShapes } from '@/core/hand/scene';
import { stillOf } from '@/core/hand/still';
import { checkPlan, contextOf } from '@/core/plan/check/check';
import { mendEffect } from '@/core/plan/check/mend-effect';
import { emptyPlan, type Row } from '@/core/plan/plan';
import { classAsks, reservesOf } from '@/core/plan/check/reserve';
import { person } from '../core/people';
import { facts as classFacts } from '../core/plans';
import { anyGroup } from './group';
import { report } from './report';

const QUERIES = [
  'ball',
  'sqeeze',
  'thumb web',
  'table',
  'forearm',
  'qqqq',
  'finger',
  'lean',
  'cloth',
  'wrist circles',
];

test('catalogue search', () => {
  report('search by word', 2_000, (i) => void findMovements(CATALOGUE, QUERIES[i % QUERIES.length]!));
  const facts = {
    screening: { table: CAUTIONS, catalogue: CATALOGUE, today: '2026-11-25' },
    lastDone: {},
    restedBefore: '2026-11-04',
  };
  report('search with every filter', 200, (i) => {
    const words = QUERIES[i % QUERIES.length]!;
    void shelved(MOVEMENTS, { ...ANY_MOVEMENT, words, safeFor: 'median-nerve', rested: true }, facts);
  });
});

test('the figure', () => {
  const figure = CATALOGUE.figure('clasped-circles')!;
  report('one frame of two hands that touch', 2_000, (i) => {
    const pose = figure.motion.kind === 'loop' ? loopPose(figure.motion.keys, (i % 100) / 100) : undefined;
    if (pose)
      void sceneShapes(figure, {
        poses: { L: pose, R: pose },
        working: 'both',
        swapped: false,
        order: ['L', 'R'],
      });
  });
  report('one still picture', 1_000, (i) => {
    void stillOf(CATALOGUE.figure(MOVEMENTS[i % MOVEMENTS.length]!.id)!);
  });
});

test('the check of a plan', () => {
  const people = anyGroup(40);
  const rows = MOVEMENTS.slice(0, 60).map((m): Row => ({
    kind: 'movement',
    id: m.id,
    movementId: m.id,
    dose: m.dose,
    note: '',
  }));
  const plan = emptyPlan();
  const full = { ...plan, sections: plan.sections.map((s, i) => (i === 0 ? { ...s, rows } : s)) };
  const facts = classFacts({ people, helpers: 2, slotMs: 60 * 60_000, bag: {}, shown: [] });
  const start = performance.now();
  void checkPlan(full, facts);
  process.stdout.write(
    `  first check of 60 rows x 40 people: ${(performance.now() - start).toFixed(0)} ms\n`,
  );
  const grown = (i: number, change = longer) => ({
    ...full,
    sections: full.sections.map((s, at) =>
      at === 0 ? { ...s, rows: s.rows.map((r, j) => (j === 7 ? change(r, i) : r)) } : s,
    ),
  });
  report('check again after one dose changed, 60 rows x 40 people', 100, (i) => {
    void checkPlan(grown(i), facts);
  });
  report(
    'verdicts and times after one count changed, 60 rows x 40 people',
    100,
    (i) => void contextOf(grown(i), facts),
  );
  report('a row judged anew, 40 people', 100, (i) => void contextOf(grown(i, held), facts));
  report('what the same asks of every grip', 20, (i) => void classAsks(contextOf(grown(i), facts)));
  report('a mend tried out, 60 rows x 40 people', 10, (i) => {
    const plan = grown(i);
    const check = checkPlan(plan, facts);
    const { mend } = check.findings.find((f) => f.mend) ?? {};
    if (mend) void mendEffect(plan, facts, check, mend);
  });
});

test('the reserve of a class', () => {
  const people = Array.from({ length: 20 }, (_, i) =>
    person({
      conditions: i % 2 ? [] : [{ conditionId: 'hand-oa', side: 'R', state: 'sore', since: null, spots: [] }],
    }),
  );
  const grips = MOVEMENTS.filter((m) => m.effort === 'grip' || m.effort === 'pinch');
  const rows = Array.from({ length: 30 }, (_, i): Row => {
    const m = grips[i % grips.length]!;
    return { kind: 'movement', id: `g${i}`, movementId: m.id, dose: { ...m.dose, sets: 2 }, note: '' };
  });
  const plan = emptyPlan();
  const gripping = { ...plan, sections: plan.sections.map((s, i) => (i === 4 ? { ...s, rows } : s)) };
  const given = classFacts({ people });
  const context = contextOf(gripping, given);
  const minutes = Math.round(context.timing.totalMs / 60_000);
  report(`reserves of 20 people, ${minutes} minutes of nothing but grip`, 10, () => void reservesOf(context));
});

const longer = (row: Row, i: number): Row =>
  row.kind === 'movement' ? { ...row, dose: { ...row.dose, restMs: 1_000 + i * 100 } } : row;

/** Another hold each time, which the cautions ask about: every verdict on the row is worked out again. */
const held = (row: Row, i: number): Row =>
  row.kind === 'movement'
    ? {
        ...row,
        dose: { ...row.dose, count: { mode: 'hold', holds: 3, holdMs: 1_000 + i * 100, relaxMs: 0 } },
      }
    : row;
