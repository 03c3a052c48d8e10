import { fullName, type Person } from '../../people/person';
import { nameList } from '../../words';
import { movementOfRow } from '../at-rung';
import type { Plan } from '../plan';
import { finding, movementPlaces, type Mend, type RuleContext, type SequencingRule } from '../finding';
import { MOST_STEPS } from '../step';
import { planVolume, rowVolume, type Volume } from '../volume';
import { lastRow, setRow } from './g1-one-change';

const GROUP_RISE = 1.2;
const GENTLE_RISE = 1.1;
/** Someone's first classes: four weeks at one class a week. */
export const FIRST_CLASSES = 4;

const KINDS: readonly (readonly [keyof Volume, string])[] = [
  ['resisted', 'Resisted repetitions by effort rise'],
  ['loading', 'The loading index rises'],
];

/** A rise over what is gentle: of the whole plan, or of what it asks of some people. */
export type SteepRise = {
  readonly kind: keyof Volume;
  readonly words: string;
  /** The steepest, as a ratio. */
  readonly ratio: number;
  /** Those who are to rise more gently, steepest first; empty for the group as a whole. */
  readonly people: readonly Person[];
};

/** Rises of over 20 % for the group, and over 10 % for anyone in their first four weeks or after a flare. */
export function steepRises(context: RuleContext): readonly SteepRise[] {
  const { last, plan, catalogue } = context;
  if (!last) return [];
  const [now, then] = [planVolume(plan, catalogue), planVolume(last, catalogue)];
  return KINDS.flatMap(([kind, words]) => {
    const ratio = then[kind] > 0 ? now[kind] / then[kind] : 0;
    const over = gentleOnes(context, last, kind);
    return [
      ...(ratio > GROUP_RISE ? [{ kind, words, ratio, people: [] }] : []),
      ...(over.length > 0 ? [{ kind, words, ratio: over[0]!.ratio, people: over.map((o) => o.person) }] : []),
    ];
  });
}

/** People who began lately or whose hands flared, when they are asked over ten in a hundred more; steepest first. */
const gentleOnes = (context: RuleContext, last: Plan, kind: keyof Volume) =>
  context.people
    .filter((p) => needsGentleRise(p, context))
    .flatMap((person) => {
      const own = (p: Plan) =>
        planVolume(p, context.catalogue, (m, row) => context.judge(m, row.dose).get(person.id) ?? null)[kind];
      const [now, then] = [own(context.plan), own(last)];
      return then > 0 && now > then * GENTLE_RISE ? [{ person, ratio: now / then }] : [];
    })
    .sort((a, b) => b.ratio - a.ratio);

/**
 * G2 The rise in resisted repetitions x effort, and in the loading index, is at most 20 % for the group
 * and 10 % for anyone in their first four weeks or after a flare.
 */
export const gentleRise: SequencingRule = (context) =>
  steepRises(context).map(({ kind, words, ratio, people }) => {
    const isGroup = people.length === 0;
    return finding(
      'G2',
      'must',
      isGroup
        ? `${words} by ${percent(ratio)} from the last class.`
        : `${words} by ${percent(ratio)} for ${nameList(people.map(fullName))}.`,
      isGroup
        ? 'A rise of more than 20 % in one step is more than older hands and wrists are used to.'
        : 'In the first four weeks, and after a flare, a rise stays within 10 %.',
      { rowIds: risenRows(context, kind), personIds: people.map((p) => p.id), mend: putBack(context, kind) },
    );
  });

const needsGentleRise = (person: Person, { attended }: RuleContext): boolean =>
  (attended[person.id] ?? 0) < FIRST_CLASSES ||
  person.conditions.some((c) => c.state === 'flare' || c.state === 'sore');

const percent = (ratio: number): string => `${Math.round((ratio - 1) * 100)} %`;

/** Rows that ask more of this kind than the last class did, new ones included. */
function risen(context: RuleContext, kind: keyof Volume) {
  return movementPlaces(context).flatMap(({ row, movement }) => {
    const before = lastRow(context, row);
    const then = before ? rowVolume(movementOfRow(before, context.catalogue)!, before.dose, null)[kind] : 0;
    return rowVolume(movement, row.dose, null)[kind] > then ? [{ row, before }] : [];
  });
}

const risenRows = (context: RuleContext, kind: keyof Volume): readonly string[] =>
  risen(context, kind).map(({ row }) => row.id);

/** Rows that were there last time go back to what they were; new ones are left to the instructor. */
function putBack(context: RuleContext, kind: keyof Volume): Mend | null {
  const rows = risen(context, kind).flatMap(({ row, before }) => {
    const step = before && setRow({ ...before, id: row.id });
    return step?.type === 'several' ? [step.steps] : [];
  });
  rows.splice(Math.floor(MOST_STEPS / 3));
  if (rows.length === 0) return null;
  return {
    label: `Put ${rows.length === 1 ? 'it' : `${rows.length} rows`} back to the last class`,
    step: { type: 'several', steps: rows.flat() },
  };
}
