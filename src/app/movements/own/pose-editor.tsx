'use client';

import { useState } from 'react';
import { NAMED_SHAPES } from '@/catalogue/figures/named-shapes';
import type { Movement } from '@/core/catalogue';
import {
  asKind,
  fullPose,
  listPoses,
  PROP_SHAPES,
  SCENE_KINDS,
  withListedPose,
  withoutPose,
  withPoseAfter,
  type FigureView,
  type Motion,
  type MovementFigure,
  type PropShape,
  type SceneKind,
} from '@/core/hand';
import { Button } from '@/ui/form/button';
import { Field, inputClass } from '@/ui/form/field';
import { SelectField } from '@/ui/form/select-field';
import { MovingHands } from '../[id]/moving-hands';
import { DraggableHand } from './draggable-hand';
import { JointSliders } from './joint-sliders';
import { PersonFields } from './person-fields';
import { PosedPerson } from './posed-person';

type Props = {
  movement: Movement;
  figure: MovementFigure;
  onChange: (figure: MovementFigure) => void;
};

const KINDS: Readonly<Record<Motion['kind'], string>> = {
  loop: 'goes round its poses',
  held: 'goes to a pose and stays',
  steps: 'step by step, a pose for each',
};

/** The poses one by one, by dragging or by slider, beside the movement as it will look. */
export function PoseEditor({ movement, figure, onChange }: Props) {
  const { motion } = figure;
  const poses = listPoses(motion);
  const [chosen, setChosen] = useState(0);
  const index = Math.min(chosen, poses.length - 1);
  const pose = fullPose(poses[index]!.pose);
  const { count } = movement.dose;
  const steps = count.mode === 'sequence' ? count.steps : [];
  const isPerson = figure.person?.main === true;
  const setMotion = (next: Motion) => onChange({ ...figure, motion: next });
  const setPose = (next: typeof pose) => setMotion(withListedPose(motion, index, next));

  return (
    <section aria-label="How it looks" className="grid gap-4">
      <h2 className="text-xl">How it looks</h2>
      <div className="flex flex-wrap gap-4">
        <SelectField
          label="Moves"
          value={motion.kind}
          choices={Object.entries(KINDS).filter(([kind]) => kind !== 'steps' || steps.length > 0)}
          onChange={(kind) => setMotion(asKind(motion, kind as Motion['kind'], steps))}
        />
        {!isPerson && (
          <SelectField
            label="The two hands"
            value={figure.scene ?? 'apart'}
            choices={SCENE_KINDS.map((s) => [s, s])}
            onChange={(scene) => onChange({ ...figure, scene: scene as SceneKind })}
          />
        )}
        {!isPerson && (
          <SelectField
            label="Seen from"
            value={figure.view}
            choices={[
              ['palm', 'the palm'],
              ['back', 'the back'],
              ['side', 'the thumb side'],
            ]}
            onChange={(view) => onChange({ ...figure, view: view as FigureView })}
          />
        )}
        <SelectField
          label="Holding"
          value={figure.prop ?? ''}
          choices={[['', 'nothing'], ...PROP_SHAPES.map((p): [string, string] => [p, p])]}
          onChange={(prop) => onChange(withProp(figure, prop as PropShape | ''))}
        />
        <label className="flex min-h-11 items-center gap-2 self-end">
          <input
            type="checkbox"
            className="size-6 accent-ink"
            checked={figure.counter ?? false}
            onChange={(e) => onChange(withCounter(figure, e.target.checked))}
          />
          The other hand does the opposite
        </label>
      </div>

      <PersonFields figure={figure} onChange={onChange} />

      <div className="flex flex-wrap items-end gap-2">
        <div role="tablist" aria-label="Poses" className="flex flex-wrap gap-2">
          {poses.map(({ name }, i) => (
            <button
              key={`${name}-${i}`}
              type="button"
              role="tab"
              aria-selected={i === index}
              onClick={() => setChosen(i)}
              className={`min-h-11 rounded-full border-2 px-4 ${i === index ? 'border-ink bg-ink text-paper' : 'border-edge bg-paper hover:border-ink'}`}
            >
              {name}
            </button>
          ))}
        </div>
        {motion.kind === 'loop' && (
          <>
            <Button
              onClick={() => {
                setMotion(withPoseAfter(motion, index));
                setChosen(index + 1);
              }}
              disabled={motion.keys.length >= 12}
            >
              Add a pose after this
            </Button>
            <Button
              look="quiet"
              onClick={() => setMotion(withoutPose(motion, index))}
              disabled={motion.keys.length <= 2}
            >
              Remove this pose
            </Button>
          </>
        )}
        <Field label="Start from a shape" className="w-52">
          {(field) => (
            <select
              {...field}
              className={inputClass}
              value=""
              onChange={(e) => {
                const shape = NAMED_SHAPES[e.target.value];
                if (shape) setPose(fullPose({ ...pose, ...shape }));
              }}
            >
              <option value="">choose one</option>
              {Object.keys(NAMED_SHAPES).map((name) => (
                <option key={name} value={name}>
                  {name}
                </option>
              ))}
            </select>
          )}
        </Field>
      </div>

      <div className="grid items-start gap-6 lg:grid-cols-[minmax(0,22rem)_minmax(0,1fr)_minmax(0,22rem)]">
        {isPerson ? (
          <PosedPerson figure={figure} pose={pose} />
        ) : (
          <DraggableHand pose={pose} view={figure.view} onChange={setPose} />
        )}
        <JointSliders pose={pose} onChange={setPose} body={isPerson} />
        <div>
          <h3 className="text-center">As it will move</h3>
          <MovingHands movement={movement} figure={figure} />
        </div>
      </div>
    </section>
  );
}

function withProp(figure: MovementFigure, prop: PropShape | ''): MovementFigure {
  return prop ? { ...figure, prop } : without(figure, 'prop');
}

function withCounter(figure: MovementFigure, on: boolean): MovementFigure {
  return on ? { ...figure, counter: true } : without(figure, 'counter');
}

function without(figure: MovementFigure, key: 'prop' | 'counter'): MovementFigure {
  return Object.fromEntries(Object.entries(figure).filter(([k]) => k !== key)) as MovementFigure;
}
