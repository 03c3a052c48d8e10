'use client';

import { isStaying, type TeachState } from '@/core/teach';
import type { TeachAction } from './use-teach-keys';

type Props = { state: TeachState; onAction: (action: TeachAction) => void };
type Key = readonly [action: TeachAction, name: string, key: string];

const CHANGES: readonly Key[] = [
  ['easier', 'Easier', 'E'],
  ['stronger', 'Stronger', 'G'],
  ['slower', 'Slower', 'down'],
  ['faster', 'Faster', 'up'],
  ['tap', 'Tap tempo', 'T'],
  ['hand', 'Hand break', 'B'],
  ['water', 'Water', 'W'],
  ['swap', 'Swap', 'C'],
  ['note', 'Note', 'N'],
  ['ways', 'Sound', 'V'],
];

/** Every control with the key that does the same: the class above, what changes it below. */
export function TeachKeys({ state, onAction }: Props) {
  const counting = state.phase === 'count';
  const go = counting && state.running ? 'Pause' : counting ? 'Go on' : 'Start';
  const main: readonly Key[] = [
    ['goOrPause', go, 'space'],
    ['back', 'Back', 'left'],
    ['next', 'Next', 'right'],
    ['repeat', 'Repeat', 'R'],
    ['more', 'One more', '+'],
    ['stay', isStaying(state) ? 'Go on from it' : 'Stay on it', 'L'],
    ['skip', 'Skip', 'S'],
    ['marks', 'Mark', 'M'],
  ];
  const help: Key = ['help', 'Stop and get help', 'H'];
  return (
    <>
      <div className="flex flex-wrap gap-2">
        {main.map((key) => (
          <TeachKey
            key={key[0]}
            of={key}
            onAction={onAction}
            className={`min-h-14 border-ink font-bold ${AT_HAND.has(key[0]) ? 'max-lg:hidden' : ''}`}
          />
        ))}
        <TeachKey of={help} onAction={onAction} className={`${HELP} max-lg:hidden`} />
      </div>
      <div className="flex flex-wrap gap-1.5 xl:gap-2">
        {CHANGES.map((key) => (
          <TeachKey key={key[0]} of={key} onAction={onAction} className="min-h-11 border-edge" inline />
        ))}
      </div>
      {/* On a small screen the rest scrolls, and these stay in reach. */}
      <div className="sticky bottom-0 flex gap-2 bg-linen py-2 lg:hidden">
        {main
          .filter(([action]) => AT_HAND.has(action))
          .map((key) => (
            <TeachKey key={key[0]} of={key} onAction={onAction} className="min-h-14 border-ink font-bold" />
          ))}
        <TeachKey of={help} onAction={onAction} className={HELP} />
      </div>
    </>
  );
}

const AT_HAND: ReadonlySet<TeachAction> = new Set(['goOrPause', 'next']);
const HELP = 'min-h-14 border-load bg-load px-5 font-bold text-paper hover:brightness-90';

type KeyProps = {
  of: Key;
  onAction: (action: TeachAction) => void;
  className: string;
  /** Name and key on one line. */
  inline?: boolean;
};

function TeachKey({ of: [action, name, key], onAction, className, inline = false }: KeyProps) {
  return (
    <button
      type="button"
      onClick={(e) => {
        onAction(action);
        // Leave the keys to the class, so that space does not press this button again.
        e.currentTarget.blur();
      }}
      className={`flex-1 rounded-xl border-2 px-1 leading-tight whitespace-nowrap xl:px-2 ${action === 'help' ? '' : 'bg-paper hover:bg-line'} ${className}`}
    >
      {name}
      <span
        className={`text-sm font-normal ${action === 'help' ? 'text-paper' : 'text-soft'} ${inline ? 'ml-1.5' : 'block'}`}
      >
        {key}
      </span>
    </button>
  );
}
