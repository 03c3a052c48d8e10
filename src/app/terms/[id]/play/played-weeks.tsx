import type { Played, PlayedClass } from '@/core/term';
import { VOLUME_LINES } from '../volume-lines';
import { WeeksTable } from '../weeks-table';

type Line = { readonly name: string; readonly text: (c: PlayedClass) => string };

const LINES: readonly Line[] = [
  { name: 'People who come', text: (c) => c.came.toFixed(1) },
  { name: 'Effort of ten', text: (c) => c.effort.toFixed(1) },
  { name: 'Sore afterwards', text: (c) => c.sore.toFixed(1) },
  { name: 'Might move on', text: (c) => c.movedOn.toFixed(1) },
  { name: 'Might step back', text: (c) => c.steppedBack.toFixed(1) },
  ...VOLUME_LINES.map((l): Line => ({ name: l.name, text: (c) => l.of(c.planned).toFixed(l.digits) })),
];

/** Class by class: what happens and what is asked, then which rules are broken. */
export function PlayedWeeks({ played: { classes, plays } }: { played: Played }) {
  const broken = classes.flatMap((c, i) => c.breaches.map((breach) => ({ ...breach, week: c.week, at: i })));
  return (
    <section aria-label="Class by class" className="mt-8">
      <h2 className="text-xl">Class by class</h2>
      <p className="text-soft">Means over {plays} plays; what is asked is that of the first.</p>
      <WeeksTable
        label="Numbers class by class"
        corner="Week"
        heads={classes.map((c) => c.week)}
        lines={LINES.map(({ name, text }) => ({ name, cells: classes.map(text) }))}
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
