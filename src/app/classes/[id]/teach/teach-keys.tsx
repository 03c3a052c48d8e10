'use client';

import type { TeachState } from '@/core/teach/state';
import type { MirrorChoice } from './hand-pair';
import type { SoundChoice } from './use-count-sound';
import type { TeachAction } from './use-teach-keys';

type Props = {
  state: TeachState;
  onAction: (action: TeachAction) => void;
  mirror: MirrorChoice;
  onMirror: (choice: MirrorChoice) => void;
  sound: { choice: SoundChoice; setChoice: (choice: SoundChoice) => void };
};

/** Every control with the key that does the same. */
export function TeachKeys({ state, onAction, sound, mirror, onMirror }: Props) {
  const counting = state.phase === 'count';
  const go = counting && state.running ? 'Pause' : counting ? 'Go on' : 'Start';
  const keys: readonly (readonly [TeachAction, string, string])[] = [
    ['goOrPause', go, 'space'],
    ['back', 'Back', 'left'],
    ['next', 'Next', 'right'],
    ['repeat', 'Repeat', 'R'],
    ['more', 'One more', '+'],
    ['skip', 'Skip', 'S'],
    ['marks', 'Mark', 'M'],
  ];
  return (
    <div className="sticky bottom-0 flex flex-wrap items-stretch gap-2.5 bg-linen py-2 lg:static lg:py-0">
      {keys.map(([action, name, key]) => (
        <button
          key={action}
          type="button"
          onClick={(e) => {
            onAction(action);
            // Leave the keys to the class, so that space does not press this button again.
            e.currentTarget.blur();
          }}
          className="min-h-14 min-w-24 flex-1 rounded-xl border-2 border-ink bg-paper px-1 leading-tight font-bold whitespace-nowrap hover:bg-line"
        >
          {name}
          <span className="block text-sm font-normal text-soft">{key}</span>
        </button>
      ))}
      <Choice
        label="Sound"
        value={sound.choice}
        options={['silent', 'clicks', 'voice']}
        onChange={sound.setChoice}
      />
      <Choice label="Hands" value={mirror} options={['as in a mirror', 'as seen']} onChange={onMirror} />
      <button
        type="button"
        onClick={() => onAction('help')}
        className="min-h-14 rounded-xl border-2 border-load bg-load px-5 leading-tight font-bold text-paper"
      >
        Stop and get help
        <span className="block text-sm font-normal">H</span>
      </button>
    </div>
  );
}

type ChoiceProps<T extends string> = {
  label: string;
  value: T;
  options: readonly T[];
  onChange: (value: T) => void;
};

function Choice<T extends string>({ label, value, options, onChange }: ChoiceProps<T>) {
  return (
    <label className="flex min-h-14 flex-col justify-center rounded-xl border-2 border-ink bg-paper px-2">
      <span className="text-sm text-soft">{label}</span>
      <select className="bg-paper font-bold" value={value} onChange={(e) => onChange(e.target.value as T)}>
        {options.map((option) => (
          <option key={option}>{option}</option>
        ))}
      </select>
    </label>
  );
}
