'use client';

import type { Movement } from '@/core/catalogue';
import { doseTotals, primaryCount, withPrimaryCount, type Count, type Dose } from '@/core/dose';
import { Field, inputClass } from '@/ui/form/field';
import { countOfMode, MODE_WORDS } from './count-of-mode';
import { NumberField } from './number-field';
import { LayerFields } from './layer-fields';
import { PassFields } from './pass-fields';
import { StepMoreFields } from './step-more-fields';
import { CheckBox } from '@/ui/form/check-box';
import { Meant } from '@/ui/page/word';
import { StepsField } from './steps-field';
import { TextCommit } from './text-commit';

type Props = {
  dose: Dose;
  movement: Movement | undefined;
  onChange: (dose: Dose) => void;
  /** The count itself is asked elsewhere. */
  withoutCount?: boolean;
};

/** The whole dose: how it is counted, then sides, passes and sets. */
export function DoseFields({ dose, movement, onChange, withoutCount = false }: Props) {
  const set = (part: Partial<Dose>) => onChange({ ...dose, ...part });
  const totals = doseTotals(dose);
  const uneven = totals.left !== totals.right;
  return (
    <div className="flex flex-wrap items-start gap-x-5 gap-y-3">
      <Field label="Counted in" className="w-52">
        {(field) => (
          <select
            {...field}
            className={inputClass}
            value={dose.count.mode}
            onChange={(e) => set({ ...freshRange(countOfMode(e.target.value as Count['mode'], dose.count)) })}
          >
            {Object.entries(MODE_WORDS).map(([mode, words]) => (
              <option key={mode} value={mode}>
                {words}
              </option>
            ))}
          </select>
        )}
      </Field>
      {!withoutCount && <CountFields dose={dose} onChange={onChange} />}
      {dose.count.mode !== 'sequence' && (
        <CheckBox
          className="self-end"
          label="until told"
          on={dose.count.untilTold === true}
          onChange={(on) => set({ count: openEnded(dose.count, on) })}
        />
      )}
      <Field label="Sides" className="w-52">
        {(field) => (
          <select
            {...field}
            className={inputClass}
            value={dose.sides}
            onChange={(e) => set({ sides: e.target.value as Dose['sides'] })}
          >
            <option value="both">both together</option>
            <option value="each">each in turn</option>
            <option value="alternating">alternating</option>
            <option value="left">left only</option>
            <option value="right">right only</option>
          </select>
        )}
      </Field>
      {dose.sides === 'each' && dose.count.mode !== 'time' && (
        <>
          <NumberField
            label="Extra left"
            value={dose.extraLeft}
            min={0}
            max={10}
            onChange={(n) => set({ extraLeft: n })}
          />
          <NumberField
            label="Extra right"
            value={dose.extraRight}
            min={0}
            max={10}
            onChange={(n) => set({ extraRight: n })}
          />
        </>
      )}
      {dose.sides === 'alternating' && (
        <CheckBox
          className="self-end"
          label="count per hand"
          on={dose.perSide}
          onChange={(perSide) => set({ perSide })}
        />
      )}
      {dose.count.mode === 'breaths' && (
        <BreathField breathMs={dose.breathMs} onChange={(breathMs) => onChange(breathed(dose, breathMs))} />
      )}
      <PassFields dose={dose} all={movement?.passes ?? []} onChange={(passes) => set({ passes })} />
      <LayerFields dose={dose} onChange={onChange} />
      <NumberField label="Sets" value={dose.sets} min={1} max={6} onChange={(sets) => set({ sets })} />
      {dose.sets > 1 && (
        <NumberField
          label="Rest, seconds"
          value={dose.restMs / 1000}
          min={0}
          max={300}
          step={5}
          onChange={(s) => set({ restMs: s * 1000 })}
        />
      )}
      {dose.count.mode !== 'time' && (
        <>
          <NumberField
            label="Fewest"
            value={dose.fewest}
            min={1}
            max={primaryCount(dose.count)}
            onChange={(fewest) => set({ fewest })}
          />
          <NumberField
            label="Most"
            value={dose.most}
            min={primaryCount(dose.count)}
            max={200}
            onChange={(most) => set({ most })}
          />
        </>
      )}
      <CheckBox
        className="self-end"
        label="beads in eights, for music"
        on={dose.grouping === 8}
        onChange={(on) => set({ grouping: on ? 8 : 5 })}
      />
      <p className="tabular flex min-h-11 items-center self-end" aria-live="polite">
        Left {totals.left}, right {totals.right}
        {dose.passes.length > 1 &&
          `; ${[...totals.byPass].map(([name, n]) => `${n.beats} ${name}`).join(', ')}`}
      </p>
      {(uneven || dose.unevenReason !== '') && (
        <TextCommit
          label="Why uneven"
          hint="Recorded, so that it counts as a choice"
          most={200}
          value={dose.unevenReason}
          onChange={(unevenReason) => set({ unevenReason })}
        />
      )}
      <Meant of={['dose', 'range', 'pass', 'layer', 'until-told', 'cord']} />
    </div>
  );
}

/** With an end that the instructor tells, or with the one that is written. */
function openEnded(count: Count, on: boolean): Count {
  if (count.mode === 'sequence') return count;
  const { untilTold: _, ...rest } = count;
  return on ? { ...rest, untilTold: true } : rest;
}

/** A breath of its own for this row; the class has one for all. */
function BreathField({
  breathMs,
  onChange,
}: {
  breathMs: number | undefined;
  onChange: (breathMs: number | undefined) => void;
}) {
  return (
    <Field label="One breath" className="w-52">
      {(field) => (
        <select
          {...field}
          className={inputClass}
          value={breathMs ?? ''}
          onChange={(e) => onChange(e.target.value === '' ? undefined : Number(e.target.value))}
        >
          <option value="">as in the class</option>
          {BREATHS_S.map((s) => (
            <option key={s} value={s * 1000}>
              {s} seconds
            </option>
          ))}
        </select>
      )}
    </Field>
  );
}

const BREATHS_S = [4, 5, 6, 7, 8, 9, 10, 11, 12] as const;

function breathed({ breathMs: _, ...dose }: Dose, breathMs: number | undefined): Dose {
  return breathMs === undefined ? dose : { ...dose, breathMs };
}

/** A new way of counting has a new range. */
function freshRange(count: Count): Pick<Dose, 'count' | 'fewest' | 'most'> {
  const usual = primaryCount(count);
  return { count, fewest: Math.max(1, Math.floor(usual * 0.6)), most: Math.ceil(usual * 1.5) };
}

/** How often, and how long each takes. */
export function CountFields({ dose, onChange }: Pick<Props, 'dose' | 'onChange'>) {
  const { count } = dose;
  const setCount = (next: Count) => {
    const usual = primaryCount(next);
    onChange({
      ...dose,
      count: next,
      fewest: Math.min(dose.fewest, usual),
      most: Math.max(dose.most, usual),
    });
  };
  const primary = (label: string, max: number) => (
    <NumberField
      label={label}
      value={primaryCount(count)}
      min={1}
      max={max}
      onChange={(n) => setCount(withPrimaryCount(count, n))}
    />
  );
  const seconds = (
    label: string,
    ms: number,
    min: number,
    max: number,
    step: number,
    to: (ms: number) => Count,
  ) => (
    <NumberField
      label={label}
      value={ms / 1000}
      min={min}
      max={max}
      step={step}
      whole={false}
      onChange={(s) => setCount(to(Math.round(s * 1000)))}
    />
  );
  switch (count.mode) {
    case 'reps':
      return (
        <>
          {primary('Repetitions', 100)}
          {seconds('Seconds each', count.tempoMs, 0.2, 60, 0.5, (tempoMs) => ({ ...count, tempoMs }))}
        </>
      );
    case 'hold':
      return (
        <>
          {primary('Holds', 30)}
          {seconds('Hold, seconds', count.holdMs, 1, 180, 1, (holdMs) => ({ ...count, holdMs }))}
          {seconds('Pause, seconds', count.relaxMs, 0, 60, 1, (relaxMs) => ({ ...count, relaxMs }))}
        </>
      );
    case 'breaths':
      return primary('Breaths', 40);
    case 'time':
      return seconds('Seconds', count.timeMs, 5, 600, 5, (timeMs) => ({ ...count, timeMs }));
    case 'sequence':
      return (
        <>
          {primary('Rounds', 20)}
          {seconds('Seconds a step', count.stepMs, 0.2, 60, 0.5, (stepMs) => ({ ...count, stepMs }))}
          <StepsField steps={count.steps} onChange={(steps) => setCount({ ...count, steps })} />
          <CheckBox
            className="self-end"
            label="there and back in each round"
            on={count.thereAndBack === true}
            onChange={(on) => {
              const { thereAndBack: _, ...rest } = count;
              setCount(on ? { ...rest, thereAndBack: true } : rest);
            }}
          />
          <StepMoreFields count={count} onChange={setCount} />
        </>
      );
  }
}
