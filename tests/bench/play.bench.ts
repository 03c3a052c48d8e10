import { CAUTIONS } from '@/catalogue/cautions/cautions';
import { CATALOGUE } from '@/catalogue/movements';
import { wednesdayPlan } from '@/demo/plans';
import { addDays } from '@/core/days';
import { playOnce } from '@/core/term/play/play';
import { playTerm } from '@/core/term/play/played';
import { usualWeeks } from '@/core/term/term';
import { anyGroup } from './group';
import { report } from './report';

test('a term played forward: 12 weeks x 40 people', () => {
  const people = anyGroup(40);
  const facts = {
    catalogue: CATALOGUE,
    cautions: CAUTIONS,
    people,
    weeks: usualWeeks(12),
    classes: Array.from({ length: 12 }, (_, i) => ({
      week: i + 1,
      day: addDays('2026-11-11', 7 * i),
      plan: wednesdayPlan(Math.min(4, i + 1)),
    })),
    slotMs: 45 * 60_000,
    helpers: 2,
  };
  const options = {
    progression: 'as the rules propose',
    school: null,
    attendance: 0.85,
    seed: 1,
    plays: 10,
  } as const;
  const start = performance.now();
  void playOnce(facts, options, 1);
  process.stdout.write(`  the first play: ${(performance.now() - start).toFixed(0)} ms\n`);
  report('one play', 5, (i) => void playOnce(facts, options, i));
  report('ten plays, put together', 2, (i) => void playTerm(facts, { ...options, seed: i }));
});
