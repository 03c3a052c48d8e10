import type { Catalogue, Movement } from '@/core/catalogue';
import { LazyPicture } from '@/ui/hand/lazy-picture';
import { CHANGE_WORDS } from '../words';
import { capital } from '@/core/words';

/** The rungs, gentlest first; the usual form stands out by weight, each other says what it changes. */
export function Ladder({ movement, catalogue }: { movement: Movement; catalogue: Catalogue }) {
  const { id, rungs } = movement;
  const pictureOf = (rung: (typeof rungs)[number]) =>
    rung.changes === null ? catalogue.figure(id) : catalogue.figureOnRung(id, rung);
  return (
    <section className="mt-8">
      <h2 className="mb-2 text-xl">Rungs, gentlest first</h2>
      <ol className="grid max-w-3xl">
        {rungs.map((rung, i) => {
          const { changes, words } = rung;
          const figure = pictureOf(rung);
          return (
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
              <span className="ml-auto text-sm text-soft">
                {changes && `changes ${CHANGE_WORDS[changes]}`}
              </span>
              <span className="grid h-20 w-27 shrink-0 place-items-center">
                {figure && <LazyPicture figure={figure} height={80} />}
              </span>
            </li>
          );
        })}
      </ol>
    </section>
  );
}
