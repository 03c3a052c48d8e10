import type { Ladder as Rungs } from '@/core/catalogue';
import { CHANGE_WORDS } from '../words';
import { capital } from '@/core/words';

/** The rungs, gentlest first; the usual form stands out by weight, each other says what it changes. */
export function Ladder({ rungs }: { rungs: Rungs }) {
  return (
    <section className="mt-8">
      <h2 className="mb-2 text-xl">Rungs, gentlest first</h2>
      <ol className="grid max-w-3xl">
        {rungs.map(({ changes, words }, i) => (
          <li key={i} className="flex items-center gap-4 border-b py-1.5">
            <svg width="26" height="26" viewBox="0 0 26 26" aria-hidden="true" className="shrink-0">
              <circle
                cx="13"
                cy="13"
                r={changes === null ? 9 : 7}
                fill={changes === null ? 'var(--color-ink)' : 'var(--color-paper)'}
                stroke="var(--color-ink)"
                strokeWidth="2"
              />
            </svg>
            <span className={changes === null ? 'font-bold' : ''}>{capital(words)}</span>
            {changes && <span className="ml-auto text-sm text-soft">changes {CHANGE_WORDS[changes]}</span>}
          </li>
        ))}
      </ol>
    </section>
  );
}
