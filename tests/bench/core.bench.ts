import { CAUTIONS } from '@/catalogue/cautions';
import { CATALOGUE, MOVEMENTS } from '@/catalogue/movements';
import { findMovements } from '@/core/catalogue/search';
import { ANY_MOVEMENT, shelved } from '@/core/catalogue/shelf';
import { loopPose } from '@/core/hand/motion';
import { sceneShapes } from '@/core/hand/scene';
import { stillOf } from '@/core/hand/still';
import type { PersonCondition } from '@/core/people/person';
import { checkPlan } from '@/core/plan/check';
import { emptyPlan } from '@/core/plan/plan';
import { person } from '../core/people';
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
  report('search by word', 2_000, (i) => void findMovements(MOVEMENTS, QUERIES[i % QUERIES.length]!));
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
      void sceneShapes(figure, { poses: { L: pose, R: pose }, working: 'both', lead: 1, order: ['L', 'R'] });
  });
  report('one still picture', 1_000, (i) => {
    void stillOf(CATALOGUE.figure(MOVEMENTS[i % MOVEMENTS.length]!.id)!);
  });
});

test('the check of a plan', () => {
  const conditions = CAUTIONS.conditions.map((c): PersonCondition => ({
    conditionId: c.id,
    side: c.sided ? 'R' : 'none',
    state: 'settled',
    since: null,
    spots: [],
  }));
  const people = Array.from({ length: 40 }, (_, i) =>
    person({ conditions: [conditions[i % conditions.length]!, conditions[(i * 7) % conditions.length]!] }),
  );
  const rows = MOVEMENTS.slice(0, 60).map((m) => ({
    kind: 'movement' as const,
    id: m.id,
    movementId: m.id,
    dose: m.dose,
    note: '',
  }));
  const plan = emptyPlan();
  const full = { ...plan, sections: plan.sections.map((s, i) => (i === 0 ? { ...s, rows } : s)) };
  const facts = {
    catalogue: CATALOGUE,
    cautions: CAUTIONS,
    people,
    helpers: 2,
    slotMs: 60 * 60_000,
    bag: {},
    shown: [],
    day: '2026-11-25',
    week: 4,
    last: null,
    attended: {},
  };
  const start = performance.now();
  void checkPlan(full, facts);
  process.stdout.write(
    `  first check of 60 rows x 40 people: ${(performance.now() - start).toFixed(0)} ms\n`,
  );
  report('check again after an edit, 60 rows x 40 people', 10, (i) => {
    const edited = { ...full, breathMs: 4_000 + i };
    void checkPlan(edited, facts);
  });
});
