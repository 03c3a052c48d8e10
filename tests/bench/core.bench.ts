import { CAUTIONS } from '@/catalogue/cautions';
import { CATALOGUE, MOVEMENTS } from '@/catalogue/movements';
import { findMovements } from '@/core/catalogue/search';
import { ANY_MOVEMENT, shelved } from '@/core/catalogue/shelf';
import { loopPose } from '@/core/hand/motion';
import { sceneShapes } from '@/core/hand/scene';
import { stillOf } from '@/core/hand/still';
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
