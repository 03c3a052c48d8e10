'use client';

import { useState } from 'react';
import { isStaying, type TeachState } from '@/core/teach';
import { capital } from '@/core/words';
import { TEACH_KEYS, type TeachAction, type TeachKeyEntry } from './teach-key-table';

type Props = {
  state: TeachState;
  /** The next side, pass or layer of the row under way; null where none is left. */
  coming: string | null;
  onAction: (action: TeachAction) => void;
  /** The keys of a screen that does not teach; null where all are there. */
  only: ReadonlySet<TeachAction> | null;
};

const at = (place: TeachKeyEntry['place']) => TEACH_KEYS.filter((k) => k.place === place);
const [CHANGES, MAIN, [HELP_KEY]] = [at('change'), at('class'), at('help')];

/** Every control with the key that does the same: the class above, what changes it below. */
export function TeachKeys({ state, coming, onAction, only }: Props) {
  const [all, setAll] = useState(false);
  const counting = state.phase === 'count';
  /** What these are called hangs on where the class is. */
  const labels: Partial<Record<TeachAction, string>> = {
    ...(counting && { goOrPause: state.running ? 'Pause' : 'Go on' }),
    ...(isStaying(state) && { stay: 'Go on from it' }),
    on: onWords(coming),
  };
  const isHere = ({ action }: TeachKeyEntry) => only === null || only.has(action);
  const main = MAIN.filter(isHere).map((key) => ({ ...key, label: labels[key.action] ?? key.label }));
  const help = HELP_KEY!;
  const shown = all ? '' : KEY_SHOWN;
  return (
    <div className="pb-2 lg:pb-3">
      <div className={`flex flex-wrap gap-1.5 xl:gap-2 ${IN_ROWS}`}>
        {main.map((key) => (
          <TeachKey
            key={key.action}
            of={key}
            onAction={onAction}
            className={`min-h-12 border-ink font-bold lg:min-h-14 ${AT_HAND.has(key.action) ? '' : shown}`}
          />
        ))}
        <button
          type="button"
          className="min-h-12 flex-1 rounded-xl border-2 border-edge bg-paper px-1 md:[@media(min-height:521px)]:hidden"
          aria-expanded={all}
          onClick={() => setAll(!all)}
        >
          {all ? 'Fewer keys' : 'All keys'}
        </button>
        <TeachKey of={help} onAction={onAction} className={`${HELP} md:max-lg:col-span-2`} />
      </div>
      <div className={`mt-1.5 flex-wrap gap-1.5 xl:gap-2 ${IN_ROWS} ${all ? 'flex' : CHANGES_SHOWN}`}>
        {CHANGES.filter(isHere).map((key) => (
          <TeachKey key={key.action} of={key} onAction={onAction} className="min-h-11 border-edge" inline />
        ))}
      </div>
    </div>
  );
}

/** As long as a button has room for. */
const MAX_ON = 18;
function onWords(coming: string | null): string {
  if (coming === null) return 'End the count';
  const words = coming.startsWith('now ') ? coming : `${coming} now`;
  return words.length > MAX_ON ? 'Next way now' : capital(words);
}

const AT_HAND: ReadonlySet<TeachAction> = new Set(['goOrPause', 'next', 'back', 'on', 'marks']);
/** On a small screen only what is at hand stands below the count; the rest is one tap away. */
const KEY_SHOWN = 'hidden md:[@media(min-height:521px)]:block';
const CHANGES_SHOWN = 'hidden md:[@media(min-height:521px)]:flex';
/** Upright on a tablet the keys stand in two rows of six. */
const IN_ROWS = 'md:max-lg:[@media(min-height:521px)]:grid md:max-lg:[@media(min-height:521px)]:grid-cols-6';
const HELP = 'min-h-12 border-load bg-load px-3 font-bold text-paper hover:brightness-90 lg:min-h-14 lg:px-5';

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
      className={`flex-1 rounded-xl border-2 px-1 leading-tight whitespace-nowrap ${inline ? '' : 'xl:px-2'} ${action === 'help' ? '' : 'bg-paper hover:bg-line'} ${className}`}
    >
      {label}
      <span
        className={`text-sm font-normal pointer-coarse:hidden ${action === 'help' ? 'text-paper' : 'text-soft'} ${inline ? 'ml-1.5' : 'block'}`}
      >
        {shown}
      </span>
    </button>
  );
}
