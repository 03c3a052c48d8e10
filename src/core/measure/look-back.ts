import { daysBetween } from '../days';
import { measureName, type ClassLine } from '../people';
import { mean } from '../statistics';
import { plural } from '../words';
import type { MeasureResult } from './results';

/** How it has gone after three to four weeks. */
export type LookBack = {
  readonly kind: 'too early' | 'going well' | 'unchanged' | 'worse';
  readonly reasons: readonly string[];
};

/** From so many days after the first class there is something to look back on. */
export const LOOK_BACK_FROM_DAYS = 21;
/** Pain is told by so many of the first classes against so many of the last. */
export const CLASSES_LOOKED_AT = 4;
const MIN_CLASSES = 2;
/** Mean pain before class has to move by so much, of ten, to say anything. */
const PAIN_MOVES = 1;
const PAIN_ROSE = 2;

/** A person's classes and measures since their first class: going well, unchanged, or worse. The worse of two answers is given. */
export function lookBack(
  classes: readonly ClassLine[],
  results: readonly MeasureResult[],
  today: string,
): LookBack {
  const came = classes.filter((c) => c.present);
  const first = came[0];
  const early = first ? LOOK_BACK_FROM_DAYS - daysBetween(first.day, today) : 0;
  if (!first || early > 0)
    return {
      kind: 'too early',
      reasons: [first ? `three weeks are over in ${plural(early, 'day')}` : 'no class yet'],
    };
  const worse = [...results.filter((r) => r.change === 'worse').map(measureSign), ...painWorse(came)];
  const reasons = worse.map((s) => s.words);
  if (worse.length > 1 || worse.some((s) => s.isLarge)) return { kind: 'worse', reasons };
  if (worse.length === 1)
    return {
      kind: 'unchanged',
      reasons: [...reasons, 'it is one sign alone, and less than twice what counts; a second would be worse'],
    };
  const better = [
    ...results
      .filter((r) => r.change === 'better')
      .map((r) => `${measureName(r).toLowerCase()} is really better`),
    ...painBetter(came),
  ];
  if (better.length > 0) return { kind: 'going well', reasons: better };
  return { kind: 'unchanged', reasons: ['nothing measured or told has really changed'] };
}

/** One thing that is worse; alone it has to be twice what counts as a change, since of many measures one is off by chance. */
type Sign = { readonly words: string; readonly isLarge: boolean };
const LARGE = 2;

const measureSign = (r: MeasureResult): Sign => ({
  words: `${measureName(r).toLowerCase()} is really worse`,
  isLarge: r.now !== null && Math.abs(r.now - r.baseline) >= LARGE * r.threshold,
});

const scores = (pair: readonly [number | null, number | null]): number[] => pair.filter((n) => n !== null);

function painBefore(
  came: readonly ClassLine[],
): { readonly then: number; readonly now: number; readonly classes: number } | null {
  const told = came.map((c) => scores(c.painBefore)).filter((s) => s.length > 0);
  if (told.length < MIN_CLASSES) return null;
  const half = Math.min(CLASSES_LOOKED_AT, Math.floor(told.length / 2));
  const worst = (lines: readonly number[][]) => mean(lines.map((s) => Math.max(...s)));
  return { then: worst(told.slice(0, half)), now: worst(told.slice(-half)), classes: half };
}

function painWorse(came: readonly ClassLine[]): Sign[] {
  const pain = painBefore(came);
  const last = came.slice(-CLASSES_LOOKED_AT);
  const rose = last.filter((c) => painRise(c) >= PAIN_ROSE).length;
  return [
    ...(pain && pain.now - pain.then >= PAIN_MOVES
      ? [
          {
            words: `pain before class rose from ${pain.then.toFixed(1)} to ${pain.now.toFixed(1)} of 10${ends(pain.classes)}`,
            isLarge: pain.now - pain.then >= LARGE * PAIN_MOVES,
          },
        ]
      : []),
    ...(rose >= 2
      ? [
          {
            words: `pain rose by two or more in ${plural(rose, 'class', 'classes')} of the last ${last.length}`,
            isLarge: rose > last.length / 2,
          },
        ]
      : []),
  ];
}

function painBetter(came: readonly ClassLine[]): string[] {
  const pain = painBefore(came);
  return pain && pain.then - pain.now >= PAIN_MOVES
    ? [
        `pain before class fell from ${pain.then.toFixed(1)} to ${pain.now.toFixed(1)} of 10${ends(pain.classes)}`,
      ]
    : [];
}

/** Over how many classes a mean was taken, and what counts. */
const ends = (classes: number): string =>
  classes === 1
    ? ', the first class against the last; 1 counts'
    : `, means of the first ${classes} classes and the last ${classes}; 1 counts`;

function painRise({ painBefore: before, painAfter: after }: ClassLine): number {
  const rises = [0, 1].flatMap((i) => {
    const [b, a] = [before[i], after[i]];
    return b === null || b === undefined || a === null || a === undefined ? [] : [a - b];
  });
  return rises.length > 0 ? Math.max(...rises) : 0;
}

export const LOOK_BACK_WORDS: Readonly<Record<LookBack['kind'], string>> = {
  'too early': 'Too early to look back',
  'going well': 'Going well',
  unchanged: 'Unchanged: consider advice',
  worse: 'Worse: seek advice',
};
