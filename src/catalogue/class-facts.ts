import { freezeValues, frozen } from '@/core/frozen';
import { withOwn, type OwnMovement } from '@/core/catalogue';
import type { Person } from '@/core/people';
import { oneOfEqual } from '@/core/remember';
import { asToday, type CheckIn } from '@/core/screening';
import type { Baseline, ClassFacts, Pace } from '@/core/plan';
import type { Snapshot } from '@/core/teach';
import { CAUTIONS } from './cautions/cautions';
import { CATALOGUE } from './movements';

if (process.env.NODE_ENV === 'development') freezeValues();

/** What is known of a class besides its plan: one shape from the database to the rules, in the page and on the server. */
export type KnownOfClass = {
  readonly info: {
    readonly helpers: readonly string[];
    readonly slotMinutes: number;
    readonly day: string;
    readonly week: number;
  };
  readonly people: readonly Person[];
  readonly bag: Readonly<Record<string, number>>;
  readonly shown: readonly string[];
  /** What increases are measured against. */
  readonly baseline: Baseline | null;
  readonly attended: Readonly<Record<string, number>>;
  readonly own: readonly OwnMovement[];
  readonly checkIns: Readonly<Record<string, CheckIn>>;
  readonly pace?: Pace | undefined;
};

/** A page that is loaded again has its people anew; what was judged of them still holds. */
const samePeople = oneOfEqual<readonly Person[]>(50);

/** What a plan of this class is judged against, in the page and on the server alike. */
export const factsOf = ({
  info,
  people,
  bag,
  shown,
  baseline,
  attended,
  own,
  checkIns,
  pace,
}: KnownOfClass): ClassFacts =>
  frozen({
    catalogue: withOwn(CATALOGUE, own),
    cautions: CAUTIONS,
    people: samePeople(people.map((p) => asToday(p, checkIns[p.id]))),
    helpers: info.helpers.length,
    slotMs: info.slotMinutes * 60_000,
    bag,
    shown,
    day: info.day,
    week: info.week,
    baseline,
    attended,
    pace,
  });

/** What a class under way is judged against: the people and movements it began with. */
export const factsOfTaught = (
  snapshot: Snapshot,
  { day, week }: { day: string; week: number },
): ClassFacts => ({
  catalogue: withOwn(CATALOGUE, snapshot.own ?? []),
  cautions: CAUTIONS,
  people: samePeople(snapshot.people),
  helpers: snapshot.helpers.length,
  slotMs: snapshot.slotMs,
  bag: {},
  shown: snapshot.shown,
  day,
  week,
  baseline: null,
  attended: {},
  pace: snapshot.pace,
});
