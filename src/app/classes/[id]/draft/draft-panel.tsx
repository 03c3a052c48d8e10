'use client';

import { useState } from 'react';
import { FOCUSES, plainWish, type Draft, type DraftWish, type Focus } from '@/core/draft';
import type { Catalogue } from '@/core/catalogue';
import { movementRows, replaceRows } from '@/core/plan';
import { capital, clockText, nameList, plural } from '@/core/words';
import type { Classroom } from '@/server/classes/classroom';
import { CheckBox } from '@/ui/form/check-box';
import { Button } from '@/ui/form/button';
import { NumberField } from '@/ui/form/dose/number-field';
import { Trouble } from '@/ui/form/field';
import { DraftRows } from './draft-rows';
import { useDraft } from './use-draft';
import type { OrderEditor } from '../use-plan';
import { WorkedOut } from '@/ui/page/worked-out';

type Props = {
  editor: OrderEditor;
  room: Omit<Classroom, 'stored'>;
  catalogue: Catalogue;
  slotMs: number;
  onClose: () => void;
};

const FOCUS_WORDS: Record<Focus, string> = {
  stiffness: 'stiffness',
  grip: 'grip',
  bone: 'bone loading',
  calm: 'calm',
};

/** Wishes for a class, the draft that meets them best, and what each row is there for. Nothing changes until it is used. */
export function DraftPanel({ editor, room, catalogue, slotMs, onClose }: Props) {
  const { plan } = editor;
  const planned = movementRows(plan).map((r) => r.movementId);
  const [wish, setWish] = useState(() => plainWish(slotMs));
  const [keep, setKeep] = useState(planned.length > 0);
  const [stayed, setStayed] = useState<readonly string[]>([]);
  const { result, asked, start, stop } = useDraft();
  const draft = (next: DraftWish, stays: readonly string[] = []) => {
    setWish(next);
    setStayed(stays);
    const { info, people, bag, shown, baseline, attended, own, checkIns } = room;
    start({
      room: { info, people, bag, shown, baseline, attended, own, checkIns },
      lately: room.recent,
      breathMs: plan.breathMs,
      wayIn: plan.wayIn,
      wish: { ...next, stays, kept: keep ? planned : [] },
    });
  };
  const use = ({ plan: drafted }: Draft) => {
    const step = replaceRows(plan, drafted);
    if (step) editor.edit(step, 'Use the draft');
    onClose();
  };
  return (
    <section aria-label="Draft" className="my-3 rounded-2xl border-2 border-ink bg-paper px-5 py-4">
      <h2 className="text-lg">Draft a class</h2>
      <div className="mt-2 flex flex-wrap items-end gap-x-8 gap-y-3">
        <fieldset className="flex flex-wrap gap-4">
          <legend className="mb-1 font-semibold">More of</legend>
          {FOCUSES.map((focus) => (
            <CheckBox
              key={focus}
              label={FOCUS_WORDS[focus]}
              on={wish.focus.includes(focus)}
              onChange={(on) =>
                setWish({
                  ...wish,
                  focus: on ? [...wish.focus, focus] : wish.focus.filter((f) => f !== focus),
                })
              }
            />
          ))}
        </fieldset>
        <NumberField
          label="Minutes"
          value={Math.round(wish.lengthMs / 60_000)}
          min={15}
          max={Math.round(slotMs / 60_000)}
          onChange={(minutes) => setWish({ ...wish, lengthMs: minutes * 60_000 })}
        />
        <CheckBox
          label="without props"
          on={wish.withoutProps}
          onChange={(withoutProps) => setWish({ ...wish, withoutProps })}
        />
        {planned.length > 0 && (
          <CheckBox label="keep what is in the plan as far as it fits" on={keep} onChange={setKeep} />
        )}
      </div>
      <div className="mt-3 flex flex-wrap items-center gap-3">
        {asked === null ? (
          <Button look="main" onClick={() => draft(wish)}>
            {result ? 'Draft again' : 'Draft'}
          </Button>
        ) : (
          <Button onClick={stop}>Stop</Button>
        )}
        {result && asked === null && (
          <Button onClick={() => draft({ ...wish, seed: wish.seed + 1 })}>Another one</Button>
        )}
        <Button look="quiet" onClick={onClose}>
          Close
        </Button>
        <p role="status">
          {asked !== null && `Working it out: the solver has been asked ${plural(asked, 'time')}.`}
        </p>
      </div>
      <Trouble message={result && !result.ok ? result.message : null} />
      {result?.ok && (
        <>
          <Summary
            draft={result.value}
            moved={movedFor(stayed, result.value, catalogue)}
            onUse={() => use(result.value)}
          />
          <DraftRows
            draft={result.value}
            catalogue={catalogue}
            pinned={wish.pinned}
            onWish={(change) => draft({ ...wish, ...change(wish) })}
            onSwap={(id, other) => {
              const stays = result.value.rows.map((r) => r.movementId).filter((r) => r !== id);
              const pinned = [...wish.pinned.filter((p) => p !== id), other];
              draft({ ...wish, pinned, banned: [...wish.banned, id] }, stays);
            }}
          />
        </>
      )}
    </section>
  );
}

/** After a swap, what it came to for the other rows; empty where nothing was swapped. */
function movedFor(stayed: readonly string[], { rows }: Draft, catalogue: Catalogue): string {
  if (stayed.length === 0) return '';
  const left = stayed.filter((id) => !rows.some((r) => r.movementId === id));
  const names = left.flatMap((id) => catalogue.movement(id)?.name.toLowerCase() ?? []);
  return names.length === 0
    ? 'Swapped; every other movement stays.'
    : `Swapped; with it ${nameList(names)} had to go.`;
}

/** Who could do hardly anything that these people could do together, as the end of a sentence. */
const tooLittleWords = (names: readonly string[]): string =>
  names.length === 0
    ? ''
    : ` but P1: ${nameList(names, names.length)} would have too little to do in any class of these people`;

type SummaryProps = { draft: Draft; moved: string; onUse: () => void };

/** The score, how sure it is, what kept it from being higher, and what is not in. */
function Summary({ draft, moved, onUse }: SummaryProps) {
  const { score, holds, proven, limits, lengthMs, rows, tasksNotIn, tooLittleFor } = draft;
  return (
    <div className="mt-4 flex flex-wrap items-center gap-x-6 gap-y-2 border-t border-line pt-3">
      <p className="min-w-0 flex-1 basis-96">
        {plural(rows.length, 'movement')}, {clockText(lengthMs)}, no must broken{tooLittleWords(tooLittleFor)}
        . <strong>{holds}.</strong> Score {score.toFixed(1)},{' '}
        {proven ? 'proven to be within 1 % of the best there is' : 'the best found in the time given'}.
        {limits.length > 0 && ` Held back by ${limits.join('; ')}.`}
        {moved && (
          <strong role="status" className="block">
            {moved}
          </strong>
        )}
        <span className="block text-sm text-soft">
          The score counts minutes of each purpose and places of the hand, each time for less, people with
          something to do, what other movements build on, what is in the plan, goes on from last time or asks
          more, and wished-for tasks; a minute without the hands counts half. What is proven is the choice of
          rows for these limits; what is mended afterwards is not looked at again. <WorkedOut id="draft" />
        </span>
      </p>
      <Button look="main" onClick={onUse}>
        Use this draft
      </Button>
      {tasksNotIn.length > 0 && (
        <details className="basis-full">
          <summary className="min-h-11 cursor-pointer py-2 font-semibold">
            Wished for and not in: {plural(tasksNotIn.length, 'task')}
          </summary>
          <ul className="list-disc pl-5">
            {tasksNotIn.map((words) => (
              <li key={words}>{capital(words)}.</li>
            ))}
          </ul>
        </details>
      )}
    </div>
  );
}
