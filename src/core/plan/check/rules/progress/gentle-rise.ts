import { daysBetween } from '../../../../days';
import { fullName, lastSettled, type Person } from '../../../../people';
import { nameList } from '../../../../words';
import { movementOfRow } from '../../../at-rung';
import { baselineWords, movementPlaces, type RuleContext } from '../../finding';
import { FIRST_CLASSES } from '../../limits';
import type { Plan } from '../../../plan';
import { MAX_STEPS } from '../../../edit/step-schema';
import { ownVolumes, planVolume, rowVolume, type Volume } from '../../volume';
import { rule } from '../rule';
import { baselineRow, setRow } from './one-change';

/** As ratios. */
const GROUP_RISE = 1.2;
const GENTLE_RISE = 1.1;
/** The loading index that a group without any may begin with: one or two light seated rows. Teaching practice. */
export const FIRST_LOADING = 0.5;

export const gentleRise = rule({
  code: 'G2',
  severity: 'must',
  title: 'Resisted work and loading rise gently',
  reason:
    'A rise of more than 20 % in one step is more than older hands and wrists are used to; in the first four weeks, and after a flare, it stays within 10 %. Loading after none begins with one or two light seated rows.',
  source:
    'Resisted work is repetitions times effort, good to about a third where holds and free time are in it; loading index: Turner and Robling 2003; the limits of 20 and 10 %, and the first step of loading, are teaching practice',
  find: (context) =>
    steepRises(context).map(({ kind, words, ratio, people }) => ({
      text:
        ratio === null
          ? `${words}: there was none ${baselineWords(context.baseline!)}. One or two light seated rows are enough.`
          : people.length === 0
            ? `${words} by ${percent(ratio)} from ${baselineWords(context.baseline!)}.`
            : `${words} by ${percent(ratio)} for ${nameList(people.map(fullName))}.`,
      rowIds: risen(context, kind).map(({ row }) => row.id),
      personIds: people.map((p) => p.id),
      kind,
    })),
  /** Rows that were there before go back to what they were; new ones are left to the instructor. */
  mend: (context, { kind }) => {
    const rows = risen(context, kind).flatMap(({ row, before }) => {
      const step = before && setRow({ ...before, id: row.id });
      return step?.type === 'several' ? [step.steps] : [];
    });
    rows.splice(Math.floor(MAX_STEPS / 3));
    if (rows.length === 0) return null;
    const what = rows.length === 1 ? 'it' : `${rows.length} rows`;
    return {
      label: `Put ${what} back to ${baselineWords(context.baseline!)}`,
      step: { type: 'several', steps: rows.flat() },
    };
  },
});

const KINDS: readonly (readonly [keyof Volume, string])[] = [
  ['resisted', 'Resisted repetitions by effort rise'],
  ['loading', 'The loading index rises'],
];

/** A rise over what is gentle: of the whole plan, or of what it asks of some people. */
type SteepRise = {
  readonly kind: keyof Volume;
  readonly words: string;
  /** The steepest, as a ratio; null where there was none before. */
  readonly ratio: number | null;
  /** Those who are to rise more gently, steepest first; empty for the group as a whole. */
  readonly people: readonly Person[];
};

/** Rises of over 20 % for the group, and over 10 % for anyone in their first four weeks or after a flare. */
export function steepRises(context: RuleContext): readonly SteepRise[] {
  const { baseline, plan, catalogue } = context;
  if (!baseline) return [];
  const [now, then] = [planVolume(plan, catalogue), planVolume(baseline.plan, catalogue)];
  const gentle = gentleOnes(context, baseline.plan);
  return KINDS.flatMap(([kind, words]): readonly SteepRise[] => {
    if (then[kind] === 0) {
      const isFirst = kind === 'loading' && now.loading > FIRST_LOADING;
      return isFirst
        ? [{ kind, words: 'Loading begins with more than a first step', ratio: null, people: [] }]
        : [];
    }
    const ratio = now[kind] / then[kind];
    const over = gentle
      .flatMap(({ person, now, then }) =>
        then[kind] > 0 && now[kind] > then[kind] * GENTLE_RISE
          ? [{ person, ratio: now[kind] / then[kind] }]
          : [],
      )
      .sort((a, b) => b.ratio - a.ratio);
    return [
      ...(ratio > GROUP_RISE ? [{ kind, words, ratio, people: [] }] : []),
      ...(over.length > 0 ? [{ kind, words, ratio: over[0]!.ratio, people: over.map((o) => o.person) }] : []),
    ];
  });
}

/** People who began lately or whose hands flared, with what they are asked now and were asked before. */
function gentleOnes(context: RuleContext, before: Plan) {
  const people = context.people.filter((p) => needsGentleRise(p, context));
  const [now, then] = [context.plan, before].map((plan) =>
    ownVolumes(plan, context.catalogue, people, context.judge),
  ) as [readonly Volume[], readonly Volume[]];
  return people.map((person, i) => ({ person, now: now[i]!, then: then[i]! }));
}

/** After a flare as after the first class: four weeks. */
const AFTER_FLARE_DAYS = 28;

function needsGentleRise(person: Person, { attended, day }: RuleContext): boolean {
  const settled = lastSettled(person);
  return (
    (attended[person.id] ?? 0) < FIRST_CLASSES ||
    person.conditions.some((c) => c.state === 'flare' || c.state === 'sore') ||
    (settled !== null && daysBetween(settled, day) <= AFTER_FLARE_DAYS)
  );
}

const percent = (ratio: number): string => `${Math.round((ratio - 1) * 100)} %`;

/** Rows that ask more of this kind than the baseline did, new ones included. */
function risen(context: RuleContext, kind: keyof Volume) {
  return movementPlaces(context).flatMap(({ row, movement }) => {
    const before = baselineRow(context, row);
    const then = before ? rowVolume(movementOfRow(before, context.catalogue)!, before.dose, null)[kind] : 0;
    return rowVolume(movement, row.dose, null)[kind] > then ? [{ row, before }] : [];
  });
}
