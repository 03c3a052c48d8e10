import { stepsOfClass, type ClassProgress, type ClassStep } from '@/core/teach/steps-of-class';

const NEW: ClassProgress = {
  status: 'planned',
  people: 0,
  rows: 0,
  asked: 0,
  cards: 0,
  decided: false,
  nextId: null,
};
const nextOf = (progress: Partial<ClassProgress>): ClassStep | undefined =>
  stepsOfClass({ ...NEW, ...progress }).find(({ state }) => state === 'next')?.step;
const doneOf = (progress: Partial<ClassProgress>): readonly ClassStep[] =>
  stepsOfClass({ ...NEW, ...progress }).flatMap(({ step, state }) => (state === 'done' ? [step] : []));

test.each<[Partial<ClassProgress>, ClassStep | undefined]>([
  [{}, 'people'],
  [{ people: 12 }, 'plan'],
  [{ people: 12, rows: 20 }, 'teach'],
  [{ rows: 20 }, 'people'],
  [{ people: 12, rows: 20, status: 'teaching' }, 'teach'],
  [{ people: 12, rows: 20, status: 'taught' }, 'wrap-up'],
  [{ people: 12, rows: 20, status: 'written up' }, 'decide'],
  [{ people: 12, rows: 20, status: 'written up', decided: true }, 'next week'],
  [{ people: 12, rows: 20, status: 'written up', decided: true, nextId: 'n' }, undefined],
])('%j goes on with %s', (progress, next) => {
  expect(nextOf(progress)).toBe(next);
});

test('the door and cards hold nobody up; they are ticked when they are done, printing never is', () => {
  expect(doneOf({ people: 3, rows: 4, asked: 2 })).toEqual(['people', 'plan', 'door']);
  expect(doneOf({ people: 3, rows: 4, status: 'written up', cards: 1 })).toEqual([
    'people',
    'plan',
    'teach',
    'wrap-up',
    'cards',
  ]);
});
