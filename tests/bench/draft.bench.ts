import { CAUTIONS } from '@/catalogue/cautions/cautions';
import { PROPS } from '@/catalogue/props';
import { TASKS } from '@/catalogue/tasks';
import { draftClass } from '@/core/draft/draft';
import { plainWish } from '@/core/draft/wish';
import { CONDITION_STATES, type PersonCondition } from '@/core/people/person';
import { solver } from '../core/draft-solver';
import { person } from '../core/people';
import { facts } from '../core/plans';
import { figuresOf } from './report';

const SEEDS = 100;
const MINUTES = 45;

test('a draft', async () => {
  const solve = await solver();
  const people = Array.from({ length: 20 }, (_, i) => {
    const of = CAUTIONS.conditions[(i * 5) % CAUTIONS.conditions.length]!;
    const condition: PersonCondition = {
      conditionId: of.id,
      side: of.sided ? 'R' : 'none',
      state: CONDITION_STATES[i % 2]!,
      since: null,
      spots: [],
    };
    return person({ conditions: i % 3 === 0 ? [] : [condition] });
  });
  const bag = Object.fromEntries(PROPS.map((p) => [p.id, 24]));
  const given = { facts: facts({ people, bag, helpers: 1 }), lately: [], breathMs: 5_000, tasks: TASKS };
  let proven = 0;
  const took = Array.from({ length: SEEDS }, (_, seed) => {
    const wish = { ...plainWish(MINUTES * 60_000), seed };
    const start = performance.now();
    const draft = draftClass(given, wish, solve);
    if (draft.ok && draft.value.proven) proven += 1;
    return performance.now() - start;
  });
  process.stdout.write(
    `  ${MINUTES} minutes for ${people.length} people, ${given.facts.catalogue.movements.length} movements: ` +
      `${figuresOf(took)}; ${proven} of ${SEEDS} proven within 1 %\n`,
  );
});
