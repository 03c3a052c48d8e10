'use client';

import { useMemo, useState } from 'react';
import { correctedMs, rankedCuts, type Cut, type Pace, type RuleContext } from '@/core/plan';
import { clockText } from '@/core/words';
import { Button } from '@/ui/form/button';
import type { PlanEditor } from '../use-plan';

type Props = { context: RuleContext; pace: Pace; editor: PlanEditor };

/** How long the class is, of its slot, and what the time is made of. The ending is always shown. */
export function TimePanel({ context, pace, editor }: Props) {
  const { timing, slotMs } = context;
  const [shortening, setShortening] = useState(false);
  const over = timing.totalMs - slotMs;
  const scale = Math.max(slotMs, timing.totalMs);
  const parts = [
    { name: 'working', ms: timing.workMs, colour: 'var(--color-ink)' },
    { name: 'talk', ms: timing.talkMs, colour: 'var(--color-edge)' },
    { name: 'rest', ms: timing.restMs, colour: 'var(--color-ease)' },
  ];
  return (
    <section
      aria-label="Time"
      className="w-[29rem] max-w-full rounded-2xl border-2 border-line bg-paper px-4 py-3"
    >
      <p className="tabular">
        <strong className="text-lg">{clockText(timing.totalMs)}</strong> of {clockText(slotMs)},{' '}
        {over > 0 ? (
          <strong className="text-load">{clockText(over)} over</strong>
        ) : (
          `${clockText(-over)} in hand`
        )}
        {timing.endingMs > 0 && `, ending ${clockText(timing.endingMs)} kept`}
      </p>
      <div aria-hidden="true" className="my-2 flex h-3.5 overflow-hidden rounded-full border border-edge">
        {parts.map((p) => (
          <span key={p.name} style={{ width: `${(p.ms / scale) * 100}%`, background: p.colour }} />
        ))}
      </div>
      <ul className="tabular flex flex-wrap gap-x-5 text-sm">
        {parts.map((p) => (
          <li key={p.name} className="flex items-center gap-2">
            <span aria-hidden="true" className="size-3 rounded-full" style={{ background: p.colour }} />
            {p.name} {clockText(p.ms)}
          </li>
        ))}
      </ul>
      {timing.rows.length > 0 && (
        <div className="no-print flex flex-wrap items-center justify-between gap-x-4">
          <PaceLine context={context} pace={pace} />
          <Button
            look="quiet"
            className="min-h-9! px-0! text-sm"
            aria-expanded={shortening}
            onClick={() => setShortening(!shortening)}
          >
            What to shorten
          </Button>
        </div>
      )}
      {shortening && <Shortening context={context} editor={editor} />}
    </section>
  );
}

/** The length at the pace of the classes taught so far. */
function PaceLine({ context, pace }: Omit<Props, 'editor'>) {
  const corrected = useMemo(() => correctedMs(context, pace), [context, pace]);
  if (pace.rows === 0 || Object.keys(pace.byEffort).length === 0)
    return <p className="text-sm text-soft">Your own pace shows after a few classes.</p>;
  return (
    <p className="tabular text-sm">
      At your own pace <strong>{clockText(corrected)}</strong>
      <span className="text-soft">, from {pace.rows} rows taught</span>
    </p>
  );
}

/** Cheapest loss first, each with what it gives back; the ending and the counter-stretches are not among them. */
function Shortening({ context, editor }: Pick<Props, 'context' | 'editor'>) {
  const cuts = useMemo(() => rankedCuts(context).slice(0, 12), [context]);
  if (cuts.length === 0) return <p className="text-sm">Nothing here can be shorter.</p>;
  return (
    <>
      <p className="text-sm text-soft">
        Least lost for its time first. The ending, counter-stretches and looks at the hands stay.
      </p>
      <ol className="mt-1 max-h-60 overflow-y-auto" tabIndex={-1}>
        {cuts.map((cut) => (
          <li
            key={`${cut.rowId} ${cut.how}`}
            className="flex items-center justify-between gap-3 border-t border-line"
          >
            <span className="min-w-0 text-sm leading-tight">
              {cut.title}, {HOW_WORDS[cut.how]}
            </span>
            <Button
              look="quiet"
              className="tabular shrink-0 px-2! text-sm"
              aria-label={`${cut.title}, ${HOW_WORDS[cut.how]}, saves ${clockText(cut.savedMs)}`}
              onClick={() => editor.edit(cut.step, `Shorten ${cut.title}`)}
            >
              saves {clockText(cut.savedMs)}
            </Button>
          </li>
        ))}
      </ol>
    </>
  );
}

const HOW_WORDS: Record<Cut['how'], string> = {
  'to the fewest': 'at its fewest',
  'one set less': 'one set less',
  'less talk': 'a minute of talk',
  'left out': 'left out',
};
