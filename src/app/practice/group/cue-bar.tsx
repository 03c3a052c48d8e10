import { useEffect } from 'react';
import { CUES, type CueId } from '@/core/practice';

/** Keys of the cues, in their order: the digits, which the class itself leaves free. */
const KEYS = ['1', '2', '3', '4', '5', '6', '7', '8', '9', '0', '-'];

/** What can be said, one tap each. */
export function CueBar({ onSay }: { onSay: (cue: CueId) => void }) {
  useEffect(() => {
    const onKey = (e: KeyboardEvent) => {
      const at = KEYS.indexOf(e.key);
      if (at < 0 || e.ctrlKey || e.metaKey || e.altKey || isTyped(e.target)) return;
      e.preventDefault();
      onSay(CUES[at]!.id);
    };
    document.addEventListener('keydown', onKey);
    return () => document.removeEventListener('keydown', onKey);
  });
  return (
    <ul aria-label="Say" className="grid grid-cols-4 gap-1 md:grid-cols-6 md:gap-1.5">
      {CUES.map(({ id, words }, i) => (
        <li key={id}>
          <button
            type="button"
            onClick={() => onSay(id)}
            className="min-h-11 w-full rounded-xl border-2 border-edge bg-paper px-0 text-sm leading-tight md:text-base hover:border-ink"
          >
            {words} <span className="text-sm text-soft pointer-coarse:hidden">{KEYS[i]}</span>
          </button>
        </li>
      ))}
    </ul>
  );
}

const isTyped = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement &&
  (target.closest('[role=dialog]') !== null || /^(INPUT|TEXTAREA|SELECT)$/.test(target.tagName));
