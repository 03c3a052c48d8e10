'use client';

import { STARTERS } from '@/catalogue/starters';
import { CATALOGUE } from '@/catalogue/movements';
import { planOfStarter, type Starter } from '@/core/draft';
import { movementRows } from '@/core/plan';
import { plural } from '@/core/words';
import { BagFirst } from './bag-first';
import { Button } from '@/ui/form/button';

type Props = {
  slotMinutes: number;
  /** Nothing has been taught to this group yet. */
  isFirst: boolean;
  /** How many of each prop are in the bag, and how many people come. */
  bag: Readonly<Record<string, number>>;
  people: number;
  onTake: (starter: Starter) => void;
};

/** Ready classes for a plan that is empty: one tap, and the class is there, fitted to who comes. */
export function StarterChoice({ slotMinutes, isFirst, bag, people, onTake }: Props) {
  const fitting = STARTERS.filter((s) => s.minutes <= slotMinutes).sort(
    (a, b) => Number(b.isFirst === isFirst) - Number(a.isFirst === isFirst),
  );
  if (fitting.length === 0) return null;
  return (
    <section aria-label="Ready classes" className="my-3 rounded-2xl border-2 border-ink bg-paper px-5 py-4">
      <h2 className="text-lg">Begin with a ready class</h2>
      <p className="text-soft">
        It is fitted to who comes and to what is in the bag, and every row can be changed. Or draft one, or
        put rows in one by one.
      </p>
      <BagFirst propIds={propsOfStarters(fitting)} bag={bag} people={people} />
      <ul className="mt-3 grid gap-2 sm:grid-cols-2 xl:grid-cols-3">
        {fitting.map((starter, i) => (
          <li key={starter.id}>
            <Button
              look={i === 0 ? 'main' : 'plain'}
              className="h-full w-full flex-col rounded-2xl! items-start! justify-start! py-2! text-left leading-snug"
              onClick={() => onTake(starter)}
            >
              <span>
                {starter.name}, {plural(starter.minutes, 'minute')}
              </span>
              <span className={`text-sm font-normal ${i === 0 ? '' : 'text-soft'}`}>{starter.what}</span>
            </Button>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** What the ready classes use, the most used first. */
function propsOfStarters(starters: readonly Starter[]): readonly string[] {
  const used = starters.flatMap((starter) =>
    movementRows(planOfStarter(starter, CATALOGUE)).flatMap(
      ({ movementId }) => CATALOGUE.movement(movementId)?.propId ?? [],
    ),
  );
  const times = (id: string) => used.filter((u) => u === id).length;
  return [...new Set(used)].sort((a, b) => times(b) - times(a));
}
