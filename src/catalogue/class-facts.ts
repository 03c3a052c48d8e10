import { withOwn, type OwnMovement } from '@/core/catalogue/own';
import type { Person } from '@/core/people/person';
import { asToday, type CheckIn } from '@/core/screening/check-in';
import type { ClassFacts } from '@/core/plan/check';
import { CAUTIONS } from './cautions';
import { CATALOGUE } from './movements';

/** What is known of a class besides its plan. */
type Room = {
  readonly info: { readonly helpers: readonly string[]; readonly slotMinutes: number; readonly day: string };
  readonly people: readonly Person[];
  readonly bag: Readonly<Record<string, number>>;
  readonly shown: readonly string[];
  readonly own: readonly OwnMovement[];
  readonly checkIns: Readonly<Record<string, CheckIn>>;
};

/** What a plan of this class is judged against, in the page and on the server alike. */
export const factsOf = ({ info, people, bag, shown, own, checkIns }: Room): ClassFacts => ({
  catalogue: withOwn(CATALOGUE, own),
  cautions: CAUTIONS,
  people: people.map((p) => asToday(p, checkIns[p.id])),
  helpers: info.helpers.length,
  slotMs: info.slotMinutes * 60_000,
  bag,
  shown,
  day: info.day,
});
