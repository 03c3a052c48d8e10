'use client';

import { useState } from 'react';
import type { LoadSetUp } from '@/core/catalogue/movement';
import { loadLadder, ON_THE_FLOOR, usualStance } from '@/core/load/set-ups';
import { loadOfStance, type Stance } from '@/core/load/stance';
import { AddToClass, type ClassChoice } from './add-to-class';
import { BodyFields, type BodyOf } from './body-fields';
import { IndexPanel } from './index-panel';
import { Kilograms } from './kilograms';
import { Ladder } from './ladder';
import { LeanFigure } from './lean-figure';
import { ScaleCheck } from './scale-check';
import { StanceFields } from './stance-fields';

type Props = { floor: boolean; classes: readonly ClassChoice[] };

const FIRST: BodyOf = { statureCm: 165, massKg: 68, leftPercent: 50 };

/** A set-up, the body that takes it up, and what comes of it; the figure is drawn from the same geometry that computes. */
export function Bench({ floor, classes }: Props) {
  const [body, setBody] = useState(FIRST);
  const [setUp, setSetUp] = useState<LoadSetUp>('table, seated');
  const statureM = body.statureCm / 100;
  const [own, setOwn] = useState<Stance | null>(null);
  const stance = own ?? usualStance(setUp, statureM);
  const load = loadOfStance(stance, statureM);
  const ladder = loadLadder(statureM).filter((r) => floor || !ON_THE_FLOOR.has(r.setUp));
  const choose = (next: LoadSetUp) => {
    setSetUp(next);
    setOwn(null);
  };
  return (
    <div className="grid items-start gap-x-8 gap-y-6 lg:grid-cols-[minmax(26rem,1fr)_26rem]">
      <div className="grid gap-4">
        <LeanFigure stance={stance} load={load} statureM={statureM} onChange={setOwn} />
        <StanceFields stance={stance} statureM={statureM} onChange={setOwn} />
        <BodyFields body={body} onChange={setBody} />
      </div>
      <div className="grid gap-6">
        <Kilograms load={load} body={body} ladder={ladder} />
        <Ladder ladder={ladder} setUp={setUp} massKg={body.massKg} floor={floor} onChoose={choose} />
      </div>
      {load.ok && (
        <>
          <ScaleCheck plannedKg={load.value.middle * body.massKg} />
          <div className="grid gap-6">
            <IndexPanel share={load.value.middle} leftPercent={body.leftPercent} />
            <AddToClass setUp={setUp} classes={classes} />
          </div>
        </>
      )}
    </div>
  );
}
