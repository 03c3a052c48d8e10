import { rungNoteOf, type Purpose } from '../catalogue';
import { doseWords, type Dose, type Hand } from '../dose';
import { HANDS } from '../measure';
import { fullName, type Person } from '../people';
import {
  movementOfRow,
  placedRows,
  rowTitle,
  type ClassFacts,
  type Plan,
  type PlanCheck,
  type Row,
} from '../plan';
import { shortAdaptation, adaptationsAsked, type KnownAdaptations, type Verdict } from '../screening';

/** People who do a row in the same way of their own. */
export type OwnWayLine = { readonly way: string; readonly names: readonly string[] };

/** One row of the running order as it is read off paper in front of a class. */
export type CueLine = {
  readonly rowId: string;
  readonly startMs: number;
  readonly title: string;
  /** Null for talk and breaks. */
  readonly count: { readonly dose: Dose; readonly words: string; readonly purpose: Purpose } | null;
  readonly say: string;
  readonly watch: string;
  readonly note: string;
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
  const throughout = askedThroughout(check.verdicts, facts.people);
  const lines = placedRows(plan).map(({ row, section }, i) => ({
    section,
    line: cueLine(row, check, facts, i, throughout),
  }));
  return {
    throughout: facts.people.flatMap((p) => {
      const { asked, rests } = throughout.get(p.id)!;
      const own = [...[...rests].map((hand) => REST_WORDS[hand]), ...asked];
      return own.length > 0 ? [{ way: own.join('; '), names: [fullName(p)] }] : [];
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
): CueLine {
  const { startMs, handOut, collect } = timing.rows[index]!;
  const propWords = (id: string | null): string | null =>
    id === null ? null : (catalogue.prop(id)?.plural ?? id);
  const shared = {
    rowId: row.id,
    startMs,
    title: rowTitle(row, catalogue),
    handOut: propWords(handOut),
    collect: propWords(collect),
  };
  const movement = row.kind === 'movement' ? movementOfRow(row, catalogue) : undefined;
  if (row.kind !== 'movement' || !movement)
    return { ...shared, count: null, say: '', watch: '', note: '', ownWays: [] };
  const rung = rungNoteOf(movement);
  return {
    ...shared,
    count: {
      dose: row.dose,
      words: rung ? `${doseWords(row.dose)}; ${rung}` : doseWords(row.dose),
      purpose: movement.purpose,
    },
    say: movement.cues[0] ?? '',
    watch: movement.watch[0] ?? '',
    note: row.note,
    ownWays: waysOf(row.dose, verdicts.get(row.id), people, throughout),
  };
}

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

/** Share of the rows from which something asked of a person is said once for all of them. */
const THROUGHOUT_SHARE = 0.35;
/** A hand that rests in so many rows rests unless it is said to do something. */
const REST_SHARE = 0.5;
const REST_WORDS = {
  L: 'left rests where nothing else is said',
  R: 'right rests where nothing else is said',
} as const;

/** What each person is asked in most rows, by person id. */
function askedThroughout(
  verdicts: PlanCheck['verdicts'],
  people: readonly Person[],
): ReadonlyMap<string, KnownAdaptations> {
  const rows = [...verdicts.values()];
  return new Map(
    people.map((p) => {
      const asked = rows.flatMap((of) => [...adaptationsAsked(of.get(p.id) ?? null)]);
      const often = asked.filter(
        (a) => asked.filter((b) => b === a).length >= rows.length * THROUGHOUT_SHARE,
      );
      const resting = (hand: Hand) => rows.filter((of) => of.get(p.id)?.[hand].kind === 'leaveOut').length;
      const rests = HANDS.filter((hand) => rows.length > 0 && resting(hand) >= rows.length * REST_SHARE);
      return [p.id, { asked: new Set(often), rests: new Set(rests) }] as const;
    }),
  );
}
