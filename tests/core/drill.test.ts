import { drillFacts } from '@/catalogue/drill-facts';
import { MOVEMENTS } from '@/catalogue/movements';
import { dice } from '@/core/dice';
import { DRILLS, drillOf, type DrillId } from '@/core/drill/drills';
import { fingerQuestion } from '@/core/drill/finger-orders';
import { gentlerQuestion } from '@/core/drill/gentler';
import type { Question } from '@/core/drill/question';
import { sittersPicture } from '@/core/drill/sitters';
import { boundsOfShapes, holds } from '@/core/draw/bounds';
import { nobodyKnown } from '@/core/people/person';
import { verdictFor } from '@/core/screening/verdict';
import { runs, SEED } from '../runs';

const facts = drillFacts();
const questions = (id: DrillId, n: number, seed = SEED): readonly Question[] => {
  const next = drillOf(id, facts, seed);
  return Array.from({ length: n }, next);
};
const answerTo = ({ choices, right }: Question): string => choices[right]!;
const seconds = (clock: string): number => clock.split(':').reduce((sum, part) => 60 * sum + Number(part), 0);

describe.each(DRILLS.map((d) => d.id))('the drill %s', (id) => {
  const n = runs(200, 0.15);

  test('asks the same for the same seed, nothing twice running, with answers that differ and one that is right', () => {
    const asked = questions(id, n);
    expect(questions(id, n)).toEqual(asked);
    expect(questions(id, 8, SEED + 1)).not.toEqual(asked.slice(0, 8));
    for (const [i, q] of asked.entries()) {
      expect(new Set(q.choices).size).toBe(q.choices.length);
      expect(q.choices.length).toBeGreaterThanOrEqual(2);
      expect(q.choices).toContain(answerTo(q));
      expect(q.text).toMatch(/[.?]$/);
      expect(q.because).toMatch(/^[A-Z].*[.”]$/);
      if (i > 0) expect(q.text + q.because).not.toBe(asked[i - 1]!.text + asked[i - 1]!.because);
    }
    // Whoever always presses the same is not right always.
    expect(new Set(asked.map((q) => q.right)).size).toBeGreaterThan(1);
  });
});

test('facing the group, sides are opposite; with one’s back to it they are the same', () => {
  const answers = new Map(questions('sides', 200).map((q) => [q.text, answerTo(q)]));
  const asked = (text: RegExp) =>
    [...answers].filter(([t]) => text.test(t)).map(([t, a]) => [/left/.test(t), a]);
  expect(answers.size).toBe(12);
  for (const text of [/^You face .* They are to use/, /have used/, /has to rest/, /drop/])
    expect(asked(text)).toEqual(
      expect.arrayContaining([
        [true, 'right'],
        [false, 'left'],
      ]),
    );
  for (const text of [/with your back/, /has been given/])
    expect(asked(text)).toEqual(
      expect.arrayContaining([
        [true, 'left'],
        [false, 'right'],
      ]),
    );
});

test('what was counted so far leaves one finger that can be next, and it is that of the order', () => {
  const after = new Map<string, Set<string>>();
  for (let seed = 0; seed < 400; seed++) {
    const q = fingerQuestion(dice(seed));
    after.set(q.text, (after.get(q.text) ?? new Set()).add(answerTo(q)));
  }
  for (const [text, answers] of after) expect([text, [...answers]]).toEqual([text, [expect.any(String)]]);
  const told = [...after].find(([t]) =>
    /there and back, the finger at each end once.*: ring, little, ring\./.test(t),
  );
  expect([...told![1]]).toEqual(['middle']);
});

test('one of five strains: more than anybody sways, told in words too, and everybody is drawn whole', () => {
  for (const { sitters = [], right, because } of questions('strain', 20)) {
    expect(sitters).toHaveLength(5);
    expect(sitters.map((s) => s.seen === 'at ease')).toEqual(sitters.map((_, i) => i !== right));
    expect(because.toLowerCase()).toContain(sitters[right]!.seen);
    const most = (i: number) => Math.max(...Object.values(sitters[i]!.pose).map(Math.abs));
    for (const i of sitters.keys()) if (i !== right) expect(most(i)).toBeLessThan(most(right) + 1);
    const { each, box } = sittersPicture(sitters);
    for (const shapes of each) expect(holds(box, boundsOfShapes(shapes))).toBe(true);
  }
});

test('the gentler way is the verdict itself, and is never “as shown”', () => {
  const ball = MOVEMENTS.find((m) => m.id === 'ball-squeeze')!;
  const thumb = facts.conditions.find((c) => c.id === 'thumb-base')!;
  const seen = new Set<string>();
  for (let seed = 0; seed < 60; seed++) {
    const q = gentlerQuestion(dice(seed), { ...facts, movements: [ball], conditions: facts.conditions });
    if (!q || !q.text.includes('thumb-base arthritis')) continue;
    const state = ['settled', 'sore', 'flare', 'not cleared'].find((s) =>
      q.text.includes(`, ${s === 'flare' ? 'in flare' : s}.`),
    )!;
    const { R } = verdictFor(
      {
        ...nobodyKnown({ firstName: 'Somebody', initial: '' }),
        id: 'somebody',
        archived: false,
        screened: true,
        conditions: [{ conditionId: thumb.id, side: 'R', state: state as 'sore', since: null, spots: [] }],
      },
      ball,
      ball.dose,
      facts.context,
    );
    const words = R.kind === 'leaveOut' ? 'rests' : R.kind === 'swap' ? 'instead' : R.how[0]!;
    expect(answerTo(q).toLowerCase()).toContain(words);
    seen.add(state);
  }
  expect(seen.size).toBeGreaterThan(0);
  for (const q of questions('gentler', 20)) expect(answerTo(q)).not.toBe('As shown');
});

test('what makes the rest fit gives back enough, the others too little, and the ending is never it', () => {
  for (const q of questions('time', 30)) {
    expect(q.choices).toContain('The ending, left out');
    expect(answerTo(q)).not.toBe('The ending, left out');
    const [, back, missing, ...others] = q.because
      .match(
        /^It gives back ([\d:]+), and ([\d:]+) are missing; the others give back ([\d:]+) and ([\d:]+)\./,
      )!
      .map(String);
    expect(seconds(back!)).toBeGreaterThanOrEqual(seconds(missing!));
    for (const other of others) expect(seconds(other)).toBeLessThan(0.85 * seconds(missing!));
    const [, need, left] = q.text.match(/takes ([\d:]+), and ([\d:]+) are left/)!;
    expect(Math.abs(seconds(need!) - seconds(left!) - seconds(missing!))).toBeLessThanOrEqual(1);
  }
});
