import { Link } from '@/ui/page/link';
import { LOOK_BACK_WORDS, type LookBack } from '@/core/measure';
import { capital, sentences } from '@/core/words';

/** How it has gone after three to four weeks, why, and what follows from it. */
export function LookBackPanel({ personId, lookBack }: { personId: string; lookBack: LookBack }) {
  const { kind, reasons } = lookBack;
  const asks = kind === 'worse' || kind === 'unchanged';
  return (
    <section aria-label="Looking back" className="mb-5 rounded-2xl border-2 border-ink bg-paper p-4">
      <h2 className={`text-xl ${kind === 'worse' ? 'text-load' : ''}`}>{LOOK_BACK_WORDS[kind]}</h2>
      <p>{sentences(reasons.map(capital))}</p>
      {asks && (
        <p className="mt-1">
          <Link className="underline underline-offset-4" href={`/people/${personId}#note`}>
            A note to take along
          </Link>{' '}
          is drafted on the record, with facts and measures only.
        </p>
      )}
    </section>
  );
}
