'use client';

import { ArrowUp } from 'lucide-react';
import type { Dose, Pass } from '@/core/dose';
import { CheckBox } from '@/ui/form/check-box';
import { NumberField } from './number-field';

type Props = {
  dose: Dose;
  /** The passes that the movement has. */
  all: readonly Pass[];
  onChange: (passes: Dose['passes']) => void;
};

/** Which ways a dose is done, in their order, each with more of the same where one is stiffer or tighter. */
export function PassFields({ dose, all, onChange }: Props) {
  const { passes } = dose;
  const on = (pass: Pass) => passes.some((p) => p.name === pass.name);
  const shown = [...passes, ...all.filter((pass) => !on(pass))];
  if (shown.length < 2) return null;
  const change = (name: string, to: (pass: Pass) => Pass) =>
    onChange(passes.map((p) => (p.name === name ? to(p) : p)));
  return (
    <fieldset className="grid w-full gap-1">
      <legend className="font-semibold">Done</legend>
      {shown.map((pass, i) => (
        <div key={pass.name} className="flex flex-wrap items-end gap-x-4 gap-y-1">
          <CheckBox
            className="min-w-64"
            label={pass.name}
            on={on(pass)}
            onChange={(yes) => onChange(yes ? [...passes, pass] : passes.filter((p) => p.name !== pass.name))}
          />
          {on(pass) && i > 0 && (
            <button
              type="button"
              aria-label={`${pass.name} earlier`}
              className="flex size-11 items-center justify-center rounded-full border-2 border-edge bg-paper hover:border-ink"
              onClick={() => onChange(earlier(passes, i))}
            >
              <ArrowUp size={20} aria-hidden="true" />
            </button>
          )}
          {on(pass) && dose.count.mode !== 'time' && (
            <NumberField
              label={`More ${pass.name}`}
              value={pass.extra ?? 0}
              min={0}
              max={10}
              onChange={(extra) =>
                change(pass.name, ({ extra: _, ...rest }) => (extra ? { ...rest, extra } : rest))
              }
            />
          )}
          {on(pass) && usualMs(dose) !== null && (
            <NumberField
              label={`Seconds ${pass.name}`}
              value={(pass.ms ?? usualMs(dose)!) / 1000}
              min={dose.count.mode === 'time' ? 5 : 0.5}
              max={180}
              step={dose.count.mode === 'time' ? 5 : 0.5}
              whole={false}
              onChange={(s) => change(pass.name, (p) => lasting(p, Math.round(s * 1000), usualMs(dose)!))}
            />
          )}
        </div>
      ))}
    </fieldset>
  );
}

const earlier = (passes: readonly Pass[], i: number): readonly Pass[] =>
  passes.map((p, at) => (at === i - 1 ? passes[i]! : at === i ? passes[i - 1]! : p));

const lasting = ({ ms: _, ...pass }: Pass, ms: number, usual: number): Pass =>
  ms === usual ? pass : { ...pass, ms };

/** One repetition, hold, step or free time, ms; a breath is as long as a breath is. */
function usualMs({ count }: Dose): number | null {
  switch (count.mode) {
    case 'reps':
      return count.tempoMs;
    case 'hold':
      return count.holdMs;
    case 'time':
      return count.timeMs;
    case 'sequence':
      return count.stepMs;
    case 'breaths':
      return null;
  }
}
