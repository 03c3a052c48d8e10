import type { SectionKind } from '../catalogue';
import { findRow, isFirstClass, type ClassFacts, type Plan, type Row } from '../plan';

/** A draft fills so much of its slot, as a share; what is left is for what nobody plans. */
const FULL = 0.96;
const STEP_MS = 15_000;

/** Talk in one piece stays so short, and the first movement comes early. */
const LONGEST_MS = 120_000;
const WELCOME_MOST_MS = 90_000;
/** What is asked between two parts of a class, where there is time for it: so many at the most, more in a first class. */
const QUESTIONS: readonly (readonly [before: SectionKind, title: string, text: string])[] = [
  ['ease', 'How the hands are so far', 'What has been easy, and what should go more gently?'],
  ['grip', 'What the hands are for', 'What would you like to do more easily with your hands?'],
  [
    'move',
    'What it should feel like',
    'How far is comfortable for you today, and how would you tell me that it is too much?',
  ],
  ['wake', 'Names', 'What is your name, and which hand do you write with?'],
  ['settle', 'What to take home', 'Which of these will you do again tomorrow, and at what time of the day?'],
];

/** The plan with the time that is left over given to talk, up to what talk is good for. */
export function withTalk(
  plan: Plan,
  facts: ClassFacts,
  lengthMs: number,
  totalMs: (plan: Plan) => number,
): Plan {
  const asked = QUESTIONS.slice(0, isFirstClass(facts) ? QUESTIONS.length : 2);
  const steps = [
    ...asked.map(
      ([before, title, text]) =>
        (now: Plan, ms: number) =>
          isIn(now, questionId(before))
            ? longerTalk(questionId(before))(now, ms)
            : withQuestion(now, before, title, text, ms),
    ),
    longerTalk('closing'),
    longerTalk('welcome'),
  ];
  return steps.reduce((now, step) => {
    const spare = Math.floor((lengthMs * FULL - totalMs(now)) / STEP_MS) * STEP_MS;
    return spare < 2 * STEP_MS ? now : step(now, spare);
  }, plan);
}

const questionId = (before: SectionKind): string => `asked-${before}`;
const isIn = (plan: Plan, id: string): boolean => findRow(plan, id) !== null;

const withQuestion = (
  plan: Plan,
  before: SectionKind,
  title: string,
  text: string,
  spareMs: number,
): Plan => ({
  ...plan,
  sections: plan.sections.map((s, i, all) => {
    const row: Row = {
      kind: 'talk',
      id: questionId(before),
      title,
      text,
      durationMs: Math.min(spareMs, LONGEST_MS),
      question: true,
    };
    return i === all.findIndex((other) => other.kind === before) ? { ...s, rows: [row, ...s.rows] } : s;
  }),
});

const longerTalk =
  (id: string) =>
  (plan: Plan, spareMs: number): Plan => ({
    ...plan,
    sections: plan.sections.map((s) => ({
      ...s,
      rows: s.rows.map((row) =>
        row.kind === 'talk' && row.id === id
          ? {
              ...row,
              durationMs: Math.min(id === 'welcome' ? WELCOME_MOST_MS : LONGEST_MS, row.durationMs + spareMs),
            }
          : row,
      ),
    })),
  });
