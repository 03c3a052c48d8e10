import { nameList, sentences } from '../words';
import { doneWith, waysForAll, type Movement, type Purpose, type WayForAll } from '../catalogue';
import { type DoneWith, type Dose, toldDose } from '../dose';
import type { MovementFigure } from '../hand';
import { fullName, type Person } from '../people';
import {
  movementOfRow,
  placedRows,
  rowTitle,
  rungOf,
  type ClassFacts,
  type Plan,
  type PlanCheck,
  type MovementRow,
  type Row,
  propsWords,
  remindersByRow,
  rowNote,
} from '../plan';
import {
  askedThroughout,
  shortAdaptation,
  throughoutWords,
  type KnownAdaptations,
  type Verdict,
} from '../screening';

/** People who do a row in the same way of their own. */
export type OwnWayLine = { readonly way: string; readonly names: readonly string[] };

/** One row of the running order as it is read off paper in front of a class. */
export type CueLine = {
  readonly rowId: string;
  readonly startMs: number;
  readonly title: string;
  /** Null for talk and breaks. */
  readonly count: {
    readonly dose: Dose;
    readonly words: string;
    readonly purpose: Purpose;
    readonly of: DoneWith;
  } | null;
  /** What is done, in one sentence, and how it looks; empty and null for talk and breaks. */
  readonly what: string;
  readonly figure: MovementFigure | null;
  readonly say: string;
  readonly watch: string;
  readonly note: string;
  /** What everyone may do instead, each with its name. */
  readonly otherWays: readonly WayForAll[];
  readonly ownWays: readonly OwnWayLine[];
  readonly handOut: string | null;
  readonly collect: string | null;
};

type CueSection = {
  readonly name: string;
  readonly lines: readonly CueLine[];
};

type CueLines = {
  /** What somebody is asked from beginning to end, said once. */
  readonly throughout: readonly OwnWayLine[];
  readonly sections: readonly CueSection[];
};

/** A plan as a cue sheet: every row with its time, its count, what to say, who does it their own way, what changes hands. */
export function cueLines(
  plan: Plan,
  check: Pick<PlanCheck, 'timing' | 'verdicts'>,
  facts: ClassFacts,
): CueLines {
  const throughout = askedThroughout(check.verdicts.values(), facts.people);
  const reminders = remindersByRow(plan, check.timing, facts.catalogue);
  const lines = placedRows(plan).map(({ row, section }, i) => ({
    section,
    line: cueLine(row, check, facts, i, throughout, reminders.get(row.id) ?? ''),
  }));
  return {
    throughout: facts.people.flatMap((p) => {
      const way = throughoutWords(throughout.get(p.id)!);
      return way ? [{ way, names: [fullName(p)] }] : [];
    }),
    sections: plan.sections.flatMap((section) => {
      const own = lines.filter((l) => l.section.id === section.id).map((l) => l.line);
      return own.length > 0 ? [{ name: section.name, lines: own }] : [];
    }),
  };
}

function cueLine(
  row: Row,
  { timing, verdicts }: Pick<PlanCheck, 'timing' | 'verdicts'>,
  { catalogue, people }: ClassFacts,
  index: number,
  throughout: ReadonlyMap<string, KnownAdaptations>,
  reminder: string,
): CueLine {
  const { startMs, handOut, collect } = timing.rows[index]!;
  const propWords = (ids: readonly string[]): string | null =>
    ids.length === 0 ? null : nameList(ids.map((id) => catalogue.prop(id)?.plural ?? id));
  const shared = {
    rowId: row.id,
    startMs,
    title: rowTitle(row, catalogue),
    handOut: propWords(handOut),
    collect: propWords(collect),
  };
  const movement = row.kind === 'movement' ? movementOfRow(row, catalogue) : undefined;
  if (row.kind !== 'movement' || !movement)
    return {
      ...shared,
      count: null,
      what: '',
      figure: null,
      say: wordsOf(row),
      watch: '',
      note: '',
      otherWays: [],
      ownWays: [],
    };
  return {
    ...shared,
    count: {
      dose: row.dose,
      words: [toldDose(row.dose, doneWith(movement)), propsWords(row, catalogue), rowNote(row, movement)]
        .filter(Boolean)
        .join('; '),
      purpose: movement.purpose,
      of: doneWith(movement),
    },
    what: firstSentence(movement.what),
    figure: figureOfRow(row, catalogue),
    say: inSentences([reminder, ...saidOf(row, movement)]),
    watch: movement.watch[0] ?? '',
    note: row.note,
    otherWays: waysForAll(movement),
    ownWays: waysOf(row.dose, verdicts.get(row.id), people, throughout),
  };
}

/** As it looks on the rung that is chosen for all. */
function figureOfRow(
  { movementId, rung }: MovementRow,
  catalogue: ClassFacts['catalogue'],
): MovementFigure | null {
  const movement = catalogue.movement(movementId);
  const chosen = movement && rung !== undefined ? movement.rungs[rungOf(movement, rung)] : undefined;
  return (chosen && catalogue.figureOnRung(movementId, chosen)) ?? catalogue.figure(movementId) ?? null;
}

const firstSentence = (text: string): string => text.split(/(?<=\.)\s/)[0] ?? text;

/** What there is to say of a row: its first cue, and what the instructor wrote of where it is felt and what it is for. */
const saidOf = ({ words }: MovementRow, { cues }: Movement): readonly string[] => [
  cues[0] ?? '',
  words?.felt ? `Felt: ${words.felt}` : '',
  words?.goodFor ? `Good for ${words.goodFor}` : '',
];

const inSentences = (said: readonly string[]): string => {
  const there = said.filter(Boolean);
  return there.length > 1 ? sentences(there) : (there[0] ?? '');
};

/** What is said in a talk row. */
const wordsOf = (row: Row): string => (row.kind === 'talk' ? (row.text ?? '') : '');

/** Who does it otherwise, those with the same way together, in the order of the list; what holds throughout is not said again. */
function waysOf(
  dose: Dose,
  verdicts: ReadonlyMap<string, Verdict> | undefined,
  people: readonly Person[],
  throughout: ReadonlyMap<string, KnownAdaptations>,
): readonly OwnWayLine[] {
  const byWay = new Map<string, string[]>();
  for (const person of people) {
    const verdict = verdicts?.get(person.id);
    const way = verdict ? shortAdaptation(verdict, dose, throughout.get(person.id)!) : '';
    if (way) byWay.set(way, [...(byWay.get(way) ?? []), fullName(person)]);
  }
  return [...byWay].map(([way, names]) => ({ way, names }));
}
