/** The way of one class, from who comes to what they do at home, in its usual order. */
const CLASS_STEPS = [
  'people',
  'plan',
  'print',
  'door',
  'teach',
  'wrap-up',
  'decide',
  'next week',
  'cards',
] as const;
export type ClassStep = (typeof CLASS_STEPS)[number];

/** How far one class has come. */
export type ClassProgress = {
  readonly status: 'planned' | 'teaching' | 'taught' | 'written up';
  /** People expected, rows planned, people asked at the door, home cards made. */
  readonly people: number;
  readonly rows: number;
  readonly asked: number;
  readonly cards: number;
  /** Somebody said who moves on. */
  readonly decided: boolean;
  /** The class after it in its series. */
  readonly nextId: string | null;
};

export type StepState = 'done' | 'next' | 'open';

/** Which steps are done, which comes next, and which can be taken at any time. Printing, the door and cards hold nobody up. */
export function stepsOfClass(progress: ClassProgress): readonly { step: ClassStep; state: StepState }[] {
  const isDone = (step: ClassStep) => DONE[step](progress);
  const next = NEEDED.find((step) => !isDone(step));
  return CLASS_STEPS.map((step) => ({
    step,
    state: isDone(step) ? 'done' : step === next ? 'next' : 'open',
  }));
}

const NEEDED: readonly ClassStep[] = ['people', 'plan', 'teach', 'wrap-up', 'decide', 'next week'];

const isOver = ({ status }: ClassProgress): boolean => status === 'taught' || status === 'written up';

const DONE: Readonly<Record<ClassStep, (progress: ClassProgress) => boolean>> = {
  people: ({ people }) => people > 0,
  plan: ({ rows }) => rows > 0,
  // Nobody can know what was printed.
  print: () => false,
  door: ({ asked }) => asked > 0,
  teach: isOver,
  'wrap-up': ({ status }) => status === 'written up',
  decide: ({ decided }) => decided,
  'next week': ({ nextId }) => nextId !== null,
  cards: ({ cards }) => cards > 0,
};
