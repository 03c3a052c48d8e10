'use client';

import { isStaying, type TeachState } from '@/core/teach';
import { TEACH_KEYS, type TeachAction, type TeachKeyEntry } from './teach-key-table';

type Props = { state: TeachState; onAction: (action: TeachAction) => void };

const at = (place: TeachKeyEntry['place']) => TEACH_KEYS.filter((k) => k.place === place);
const [CHANGES, MAIN, [HELP_KEY]] = [at('change'), at('class'), at('help')];

/** Every control with the key that does the same: the class above, what changes it below. */
export function TeachKeys({ state, onAction }: Props) {
  const counting = state.phase === 'count';
  /** What these two are called hangs on where the class is. */
  const labels: Partial<Record<TeachAction, string>> = {
    ...(counting && { goOrPause: state.running ? 'Pause' : 'Go on' }),
    ...(isStaying(state) && { stay: 'Go on from it' }),
  };
  const main = MAIN.map((key) => ({ ...key, label: labels[key.action] ?? key.label }));
  const help = HELP_KEY!;
  return (
    <>
      <div className="flex flex-wrap gap-2">
        {main.map((key) => (
          <TeachKey
            key={key.action}
            of={key}
            onAction={onAction}
            className={`min-h-14 border-ink font-bold ${AT_HAND.has(key.action) ? 'max-lg:hidden' : ''}`}
          />
        ))}
        <TeachKey of={help} onAction={onAction} className={`${HELP} max-lg:hidden`} />
      </div>
      <div className="flex flex-wrap gap-1.5 xl:gap-2">
        {CHANGES.map((key) => (
          <TeachKey key={key.action} of={key} onAction={onAction} className="min-h-11 border-edge" inline />
        ))}
      </div>
      {/* On a small screen the rest scrolls, and these stay in reach. */}
      <div className="sticky bottom-0 flex gap-2 bg-linen py-2 lg:hidden">
        {main
          .filter(({ action }) => AT_HAND.has(action))
          .map((key) => (
            <TeachKey
              key={key.action}
              of={key}
              onAction={onAction}
              className="min-h-14 border-ink font-bold"
            />
          ))}
        <TeachKey of={help} onAction={onAction} className={HELP} />
      </div>
    </>
  );
}

const AT_HAND: ReadonlySet<TeachAction> = new Set(['goOrPause', 'next']);
const HELP = 'min-h-14 border-load bg-load px-5 font-bold text-paper hover:brightness-90';

type KeyProps = {
  of: TeachKeyEntry;
  onAction: (action: TeachAction) => void;
  className: string;
  /** Name and key on one line. */
  inline?: boolean;
};

function TeachKey({ of: { action, label, shown }, onAction, className, inline = false }: KeyProps) {
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
      {label}
      <span
        className={`text-sm font-normal ${action === 'help' ? 'text-paper' : 'text-soft'} ${inline ? 'ml-1.5' : 'block'}`}
      >
        {shown}
      </span>
    </button>
  );
}
