'use client';

import { useMemo, useState } from 'react';
import {
  classLength,
  isPaceKnown,
  lengthWords,
  CUT_WORDS,
  rankedCuts,
  wayInOf,
  WAYS_IN,
  type Plan,
  type RuleContext,
  type UsualWayIn,
} from '@/core/plan';
import { clockText } from '@/core/words';
import { Word } from '@/ui/page/word';
import { Button } from '@/ui/form/button';
import { SelectField } from '@/ui/form/select-field';
import type { PlanEditor } from '../use-plan';
import { timeParts } from './time-line';
import { wayInChoices } from '../way-in-choices';
import { WorkedOut } from '@/ui/page/worked-out';

type Props = { context: RuleContext; editor: PlanEditor };

/** What the time of the class is made of, its length at the instructor's own pace, and how it can be shorter. */
export function TimePanel({ context, editor }: Props) {
  const { timing, slotMs } = context;
  const [shortening, setShortening] = useState(false);
  const [leading, setLeading] = useState(false);
  const over = timing.totalMs - slotMs;
  return (
    <section aria-label="What the time is made of" className="pt-3">
      <p className="tabular">
        <strong className="text-lg">{clockText(timing.totalMs)}</strong> of {clockText(slotMs)},{' '}
        {over > 0 ? (
          <strong className="text-load">{clockText(over)} over</strong>
        ) : (
          <>
            {clockText(-over)} <Word of="in-hand">in hand</Word>
          </>
        )}
        {timing.endingMs > 0 && `, ending ${clockText(timing.endingMs)} kept`}
      </p>
      <ul className="tabular mt-1 grid gap-1">
        {timeParts(timing).map((p) => (
          <li key={p.name} className="flex items-center gap-2">
            <span aria-hidden="true" className="size-3 rounded-full" style={{ background: p.colour }} />
            {p.name} {clockText(p.ms)}
          </li>
        ))}
      </ul>
      {timing.rows.length > 0 && (
        <>
          <PaceLine context={context} />
          <p className="text-sm">
            What is meant by <Word of="way-in">way in</Word>. <WorkedOut id="time" />
          </p>
          <div className="mt-2 flex flex-wrap gap-3">
            <Button aria-expanded={leading} onClick={() => setLeading(!leading)}>
              Way in
            </Button>
            <Button aria-expanded={shortening} onClick={() => setShortening(!shortening)}>
              What to shorten
            </Button>
          </div>
        </>
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
    <p className="tabular mt-1">
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
      <ol className="mt-1">
        {cuts.map((cut) => (
          <li
            key={`${cut.rowId} ${cut.how}`}
            className="flex items-center justify-between gap-3 border-t border-line"
          >
            <span className="min-w-0 text-sm leading-tight">
              {cut.title}, {CUT_WORDS[cut.how]}
            </span>
            <Button
              look="quiet"
              className="tabular shrink-0 px-2! text-sm"
              aria-label={`${cut.title}, ${CUT_WORDS[cut.how]}, saves ${clockText(cut.savedMs)}`}
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
