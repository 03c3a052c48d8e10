import type { OwnMovement } from '@/core/catalogue';
import { termClasses, weekPlan, type PlayFacts } from '@/core/term';
import type { Db } from '@/store/db';
import { listOwn } from '@/store/own-movements';
import { peopleOfClass } from '@/store/people';
import { catalogueNow } from '../catalogue/catalogue';
import { planOf } from '../classes/plans';
import { classesInTerm, termFrom, usualPattern } from './terms';

export type TermToPlay = {
  readonly id: string;
  readonly name: string;
  readonly term: Omit<PlayFacts, 'catalogue' | 'cautions'>;
  readonly own: readonly OwnMovement[];
  /** Classes that are not planned yet and are played as planning them would make them. */
  readonly assumed: number;
};

/** A term with a plan for each of its classes: its own, or made as planning the rest would. */
export async function termToPlay(db: Db, rawId: string): Promise<TermToPlay | null> {
  const stored = await termFrom(db, rawId);
  if (!stored.ok) return null;
  const term = stored.value;
  const infos = await classesInTerm(db, term);
  const latest = usualPattern(term.weeks, infos);
  const { catalogue } = await catalogueNow(db);
  const plans = new Map(
    await Promise.all(
      infos.map(async (info) => {
        const found = await planOf(db, info.id);
        return [info.day, found.ok ? found.value.plan : null] as const;
      }),
    ),
  );
  const pattern = latest ? plans.get(latest.day) : null;
  if (!latest || !pattern) return null;
  const classes = termClasses(term).map(({ week, day }) => ({
    week,
    day,
    plan: plans.get(day) ?? weekPlan(pattern, term.weeks, week, catalogue),
  }));
  return {
    id: term.id,
    name: term.name,
    term: {
      people: await peopleOfClass(db, latest.id),
      weeks: term.weeks,
      classes,
      slotMs: latest.slotMinutes * 60_000,
      helpers: latest.helpers.length,
    },
    own: await listOwn(db),
    assumed: classes.filter((c) => !plans.has(c.day)).length,
  };
}
