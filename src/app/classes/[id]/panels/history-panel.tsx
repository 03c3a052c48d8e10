import { Button } from '@/ui/form/button';
import type { PlanEditor } from '../use-plan';

const SHOWN = 60;

/** Every edit, the newest first; a tap goes back, or forward again, to just after it. */
export function HistoryPanel({ editor }: { editor: PlanEditor }) {
  const { labels, done, goTo } = editor;
  if (labels.length === 0) return <p className="mt-3">Nothing has been changed yet.</p>;
  const steps = labels.map((label, i) => ({ label, after: i + 1 })).slice(-SHOWN);
  return (
    <section aria-label="History" className="mt-3">
      <p className="text-soft">
        The newest is at the top. Going back to an edit keeps the later ones until something new is changed.
      </p>
      <ol className="mt-2 max-h-80 max-w-3xl overflow-y-auto" reversed start={labels.length}>
        {[...steps].reverse().map(({ label, after }) => (
          <li
            key={after}
            aria-current={after === done ? 'step' : undefined}
            className="flex items-center gap-3 border-b border-line"
          >
            <span className="tabular w-10 text-right text-sm text-soft">{after}</span>
            <span className={`flex-1 ${after > done ? 'text-soft line-through' : ''}`}>{label}</span>
            {after === done ? (
              <span className="py-2.5 font-semibold">The plan is here</span>
            ) : (
              <Button
                look="quiet"
                onClick={() => goTo(after)}
                aria-label={`Go to just after ${label}, ${after}`}
              >
                {after < done ? 'Back to here' : 'Forward to here'}
              </Button>
            )}
          </li>
        ))}
      </ol>
      {done > 0 && (
        <Button className="mt-2" onClick={() => goTo(0)}>
          Back to the beginning
        </Button>
      )}
    </section>
  );
}
