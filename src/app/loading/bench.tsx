'use client';

import { useMemo, useState } from 'react';
import { CAUTIONS } from '@/catalogue/cautions/cautions';
import type { LoadSetUp } from '@/core/catalogue';
import { loadLadder, loadOfStance, ON_THE_FLOOR, usualStance, type Stance } from '@/core/stance';
import type { Person } from '@/core/people';
import { takesPart, verdictFor, type Verdict } from '@/core/screening';
import { useCatalogue } from '@/ui/catalogue';
import { AddToClass, type ClassChoice } from './add-to-class';
import { BodyFields, type BodyOf } from './body-fields';
import { IndexPanel } from './index-panel';
import { WeightOnWrists } from './weight-on-wrists';
import { Ladder } from './ladder';
import { LeanFigure } from './lean-figure';
import { ScaleCheck } from './scale-check';
import { SET_UP_MOVEMENT } from './set-up-words';
import { StanceFields } from './stance-fields';
import { WhoseBody } from './whose-body';

type Props = {
  floor: boolean;
  classes: readonly ClassChoice[];
  people: readonly Person[];
  today: string;
  /** How much faster the class clock runs. */
  rate: number;
};

const FIRST: BodyOf = { statureCm: 165, massKg: 68, leftPercent: 50 };

/** A set-up, the body that takes it up, and what comes of it; the figure is drawn from the same geometry that computes. */
export function Bench({ floor, classes, people, today, rate }: Props) {
  const [body, setBody] = useState(FIRST);
  const [person, setPerson] = useState<Person | null>(null);
  const [setUp, setSetUp] = useState<LoadSetUp>('table, seated');
  const statureM = body.statureCm / 100;
  const [own, setOwn] = useState<Stance | null>(null);
  const stance = own ?? usualStance(setUp, statureM);
  const load = loadOfStance(stance, statureM);
  const verdictOf = useVerdicts(person, today);
  const ladder = loadLadder(statureM).filter((r) => floor || !ON_THE_FLOOR.has(r.setUp));
  const choose = (next: LoadSetUp) => {
    setSetUp(next);
    setOwn(null);
  };
  return (
    <div className="grid items-start gap-x-8 gap-y-6 lg:grid-cols-[minmax(26rem,1fr)_28rem]">
      <div className="grid content-start gap-4 self-stretch">
        {/* It stays in sight while a set-up is chosen further down. */}
        <div className="lg:sticky lg:top-2 lg:z-10">
          <LeanFigure stance={stance} load={load} statureM={statureM} onChange={setOwn} />
        </div>
        <StanceFields stance={stance} statureM={statureM} onChange={setOwn} />
        <WhoseBody people={people} person={person} body={body} onPerson={setPerson} onBody={setBody} />
        <BodyFields body={body} onChange={setBody} />
      </div>
      <div className="grid gap-6">
        <WeightOnWrists
          stance={stance}
          load={load}
          body={body}
          ladder={ladder.filter((r) => isOpen(verdictOf(r.setUp)))}
        />
        <Ladder
          ladder={ladder}
          setUp={setUp}
          massKg={body.massKg}
          floor={floor}
          firstName={person?.firstName ?? null}
          verdictOf={verdictOf}
          onChoose={choose}
        />
      </div>
      {load.ok && (
        <>
          <ScaleCheck planned={load.value.scale} massKg={body.massKg} rate={rate} />
          <div className="grid gap-6">
            <IndexPanel share={load.value.wrist.middle} leftPercent={body.leftPercent} />
            <AddToClass
              setUp={setUp}
              press={
                own || body.leftPercent !== 50
                  ? { stance, statureM, leftShare: body.leftPercent / 100 }
                  : undefined
              }
              classes={classes}
            />
          </div>
        </>
      )}
    </div>
  );
}

/** What the cautions say of each set-up for the chosen person; null while nobody is chosen. */
function useVerdicts(person: Person | null, today: string): (setUp: LoadSetUp) => Verdict | null {
  const catalogue = useCatalogue();
  return useMemo(
    () => (setUp) => {
      const movement = catalogue.movement(SET_UP_MOVEMENT[setUp]);
      if (!person || !movement) return null;
      return verdictFor(person, movement, movement.dose, { table: CAUTIONS, catalogue, today });
    },
    [person, catalogue, today],
  );
}

/** At least one hand takes it up, as it is or adapted. */
const isOpen = (verdict: Verdict | null): boolean => verdict === null || takesPart(verdict);
