import { Link } from '@/ui/page/link';
import type { TermColumn } from '@/server/terms/term-view';
import { plural } from '@/core/words';

/** What the rules across weeks say, class by class. */
export function AcrossWeeks({ columns }: { columns: readonly TermColumn[] }) {
  const open = columns.filter((c) => c.info.status === 'planned');
  const found = open.flatMap(({ info, findings }) => findings.map((finding) => ({ info, finding })));
  return (
    <section aria-label="From week to week" className="mt-8">
      <h2 className="text-xl">From week to week</h2>
      {found.length === 0 ? (
        <p>
          {open.length === 0
            ? 'Every class of the term is taught.'
            : `Each of the ${plural(open.length, 'class', 'classes')} to come follows the one before it gently: one change at a time, no steep rise, few new movements.`}
        </p>
      ) : (
        <ul className="mt-2">
          {found.map(({ info, finding }, i) => (
            <li key={i} className="flex flex-wrap gap-x-4 border-b py-1.5">
              <Link
                href={`/classes/${info.id}`}
                className="w-20 shrink-0 font-semibold underline underline-offset-4"
              >
                Week {info.week}
              </Link>
              <span className="min-w-60 flex-1">
                {finding.severity === 'must' && <strong className="text-load">To put right: </strong>}
                {finding.text} <span className="text-soft">{finding.because}</span>
              </span>
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}
