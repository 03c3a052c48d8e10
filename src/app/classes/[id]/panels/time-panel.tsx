'use client';

import { useMemo, useState } from 'react';
import {
  classLength,
  isPaceKnown,
  lengthWords,
  rankedCuts,
  wayInOf,
  WAYS_IN,
  type Cut,
  type Plan,
  type RuleContext,
  type UsualWayIn,
} from '@/core/plan';
import { clockText } from '@/core/words';
import { Button } from '@/ui/form/button';
import { SelectField } from '@/ui/form/select-field';
import type { PlanEditor } from '../use-plan';
import { wayInChoices } from '../way-in-choices';
import { WorkedOut } from '@/ui/page/worked-out';

type Props = { context: RuleContext; editor: PlanEditor };

/** How long the class is, of its slot, and what the time is made of. The ending is always shown. */
export function TimePanel({ context, editor }: Props) {
  const { timing, slotMs } = context;
  const [shortening, setShortening] = useState(false);
  const [leading, setLeading] = useState(false);
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
          <PaceLine context={context} />
          <span className="flex gap-5">
            <Button
              look="quiet"
              className="min-h-9! px-0! text-sm"
              aria-expanded={leading}
              onClick={() => setLeading(!leading)}
            >
              Way in
            </Button>
            <Button
              look="quiet"
              className="min-h-9! px-0! text-sm"
              aria-expanded={shortening}
              onClick={() => setShortening(!shortening)}
            >
              What to shorten
            </Button>
            <span className="self-center text-sm">
              <WorkedOut id="time" />
            </span>
          </span>
        </div>
      )}
      {leading && <WayInFields plan={context.plan} editor={editor} />}
      {shortening && <Shortening context={context} editor={editor} />}
    </section>
  );
}

/** How long it will take at the pace of the classes taught so far. */
function PaceLine({ context }: Omit<Props, 'editor'>) {
  const { pace } = context;
  const length = useMemo(() => pace && isPaceKnown(pace) && classLength(context, pace), [context, pace]);
  if (!pace || !length)
    return <p className="text-sm text-soft">Your own pace is the time after a class or two.</p>;
  return (
    <p className="tabular text-sm">
      At your own pace <strong>{lengthWords(length)}</strong>
      <span className="text-soft">
        , from {pace.rows} rows taught; as planned {clockText(context.planned.totalMs)}
      </span>
    </p>
  );
}

/** How this instructor usually leads into a movement; each row may say its own. */
function WayInFields({ plan, editor }: { plan: Plan; editor: PlanEditor }) {
  const now = wayInOf(plan);
  const choices = (ms: number) =>
    WAYS_IN.some(([, its]) => its === ms)
      ? wayInChoices()
      : [...wayInChoices(), [String(ms), `${ms / 1000} s`] as const];
  const set = (part: Partial<UsualWayIn>) =>
    editor.edit({ type: 'setUsualWayIn', wayIn: { ...now, ...part } }, 'The usual way in');
  return (
    <div className="mt-2 flex flex-wrap gap-3">
      <SelectField
        label="Into a new movement"
        className="w-52"
        value={String(now.newMs)}
        choices={choices(now.newMs)}
        onChange={(ms) => set({ newMs: Number(ms) })}
      />
      <SelectField
        label="Into a known one"
        className="w-52"
        value={String(now.knownMs)}
        choices={choices(now.knownMs)}
        onChange={(ms) => set({ knownMs: Number(ms) })}
      />
    </div>
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
  'for less long': 'at its shortest',
  'less talk': 'a minute of talk',
  'left out': 'left out',
};
