import type { ReactNode } from 'react';
import type { Played, PlayedClass, Quartiles } from '@/core/term';
import { VOLUME_LINES } from '../volume-lines';
import { WeeksTable } from '../weeks-table';

type Line = { readonly name: string; readonly cell: (c: PlayedClass) => ReactNode };

/** The middle, and between what half of the plays lie. */
const between = ({ low, middle, high }: Quartiles, digits = 0): ReactNode => {
  const [from, at, to] = [low, middle, high].map((n) => n.toFixed(digits));
  if (from === to) return at;
  return (
    <>
      {at}{' '}
      <span className="whitespace-nowrap">
        ({from}-{to})
      </span>
    </>
  );
};

const LINES: readonly Line[] = [
  { name: 'People who come', cell: (c) => between(c.came) },
  { name: 'Effort, of ten', cell: (c) => between(c.effort, 1) },
  { name: 'People sore afterwards', cell: (c) => between(c.sore) },
  { name: 'People who might move on', cell: (c) => between(c.movedOn) },
  { name: 'People who might step back', cell: (c) => between(c.steppedBack) },
  ...VOLUME_LINES.map((l): Line => ({ name: l.name, cell: (c) => l.of(c.planned).toFixed(l.digits) })),
];

/** Class by class: what happens and what is asked, then which rules are broken. */
export function PlayedWeeks({ played: { classes, plays } }: { played: Played }) {
  const broken = classes.flatMap((c, i) => c.breaches.map((breach) => ({ ...breach, week: c.week, at: i })));
  return (
    <section aria-label="Class by class" className="mt-8">
      <h2 className="text-xl">Class by class</h2>
      <p className="text-soft">
        The middle of {plays} plays, and in brackets between what half of them lie; what is asked is that of
        the first.
      </p>
      <WeeksTable
        label="Numbers class by class"
        corner="Week"
        heads={classes.map((c) => c.week)}
        lines={LINES.map(({ name, cell }) => ({ name, cells: classes.map(cell) }))}
      />
      <h3 className="mt-6 text-lg">Rules across weeks</h3>
      {broken.length === 0 ? (
        <p>No class rises too steeply, changes too much at once or brings too much that is new.</p>
      ) : (
        <ul>
          {broken.map(({ week, at, text, share }) => (
            <li key={`${at} ${text}`} className="flex flex-wrap gap-x-4 border-b py-1.5">
              <span className="w-20 font-semibold">Week {week}</span>
              <span className="min-w-60 flex-1">{text}</span>
              <span className="tabular text-soft">
                {share === 1 ? 'every play' : `${Math.round(share * plays)} of ${plays} plays`}
              </span>
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}
