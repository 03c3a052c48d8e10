import { measureName, measureText, simulatedMark } from './measures';
import { METRIC, type Units } from '../units';
import { fullName, type Person } from './person';
import { type Measure } from './measures';

/** One class of somebody's record, as the note needs it. */
export type ClassLine = {
  readonly day: string;
  readonly present: boolean;
  readonly painBefore: readonly [left: number | null, right: number | null];
  readonly painAfter: readonly [left: number | null, right: number | null];
  readonly effort: number | null;
  /** How long the class is booked for; left out where nobody asks. */
  readonly minutes?: number;
  readonly adapted: string;
};

type NoteFacts = {
  readonly person: Person;
  readonly today: string;
  /** Oldest first. */
  readonly classes: readonly ClassLine[];
  /** What asks for advice, a clause each. */
  readonly signs: readonly string[];
  readonly incidents: readonly { readonly day: string; readonly sign: string; readonly what: string }[];
  readonly units?: Units;
  /** Said at the end, in the venue's own words; may be empty. */
  readonly from: string;
};

/**
 * A short plain note for the person to take along: what was seen and measured, in the order it
 * happened. No diagnosis, no advice of its own.
 */
export function adviceNote({
  person,
  today,
  classes,
  signs,
  incidents,
  units = METRIC,
  from,
}: NoteFacts): string {
  const came = classes.filter((c) => c.present);
  return [
    `Note for ${fullName(person)} to take along, ${today}`,
    '',
    'From a seated hand and wrist exercise class. This note holds facts and measures only; it is not a diagnosis.',
    '',
    ...(signs.length > 0 ? ['Why this note:', ...signs.map((s) => `- ${s}`), ''] : []),
    `Classes: came to ${came.length} of ${classes.length}.`,
    ...came.map(classLine),
    ...(person.measures.length > 0 ? ['', 'Measured:', ...measureLines(person.measures, units)] : []),
    ...(incidents.length > 0
      ? ['', 'Happened in class:', ...incidents.map((i) => `- ${i.day}: ${i.sign}. ${i.what}`)]
      : []),
    ...(person.wantedTask ? ['', `Would like to be able to: ${person.wantedTask}.`] : []),
    '',
    'We would be glad to know what this person may do with each hand, and until when.',
    ...(from ? ['', from] : []),
  ].join('\n');
}

function classLine({ day, painBefore, painAfter, effort, adapted }: ClassLine): string {
  const pain = (when: string, [left, right]: readonly [number | null, number | null]): string[] => {
    const hands = [...(left === null ? [] : [`left ${left}`]), ...(right === null ? [] : [`right ${right}`])];
    return hands.length > 0 ? [`pain ${when} ${hands.join(', ')} of 10`] : [];
  };
  const parts = [
    ...pain('before', painBefore),
    ...pain('after', painAfter),
    ...(effort === null ? [] : [`effort ${effort} of 10`]),
    ...(adapted ? [adapted] : []),
  ];
  return `- ${day}: ${parts.join('; ') || 'came'}`;
}

function measureLines(measures: readonly Measure[], units: Units): string[] {
  const sorted = [...measures].sort((a, b) => a.on.localeCompare(b.on) || a.kind.localeCompare(b.kind));
  return sorted.map(
    (m) => `- ${m.on}: ${measureName(m)}: ${measureText(m.kind, m.value, units)}${simulatedMark(m)}`,
  );
}
