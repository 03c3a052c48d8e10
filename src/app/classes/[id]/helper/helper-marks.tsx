'use client';

import { useState } from 'react';
import type { OwnWay } from '@/core/progress';
import { callsToCome, MARKS, markWords, standingMarks, type Mark, type SentMark } from '@/core/teach';
import { Button, buttonClass } from '@/ui/form/button';
import { requestJson } from '@/ui/request-json';
import { Trouble } from '@/ui/form/field';
import { SelectField } from '@/ui/form/select-field';
import { HandsMark } from '@/ui/verdict-signs';
import { newId } from '@/ui/new-id';
import { CallInstructor } from './call-instructor';

type PersonName = { readonly id: string; readonly name: string };
type Props = {
  classId: string;
  rowNow: number;
  /** The class clock, ms, read when something is marked. */
  now: () => number;
  rows: readonly { readonly rowId: string; readonly title: string }[];
  /** Whom a helper sits beside come first. */
  people: readonly (PersonName & { readonly helper: string | null })[];
  /** Everything that was marked by whichever screen. */
  marks: readonly SentMark[];
  /** Who does the row under way in their own way. */
  ways: { readonly rowId: string; readonly of: readonly OwnWay[] };
};

/** The row under way in a head that stays, whom to sit beside, and everybody with what can be marked of them. */
export function HelperMarks({ classId, rowNow, now, rows, people, marks, ways }: Props) {
  const [chosen, setChosen] = useState<string | null>(null);
  const [made, setMade] = useState<readonly SentMark[]>([]);
  const [trouble, setTrouble] = useState<string | null>(null);
  const rowId = chosen ?? rows[Math.min(rowNow, rows.length - 1)]?.rowId ?? '';
  const sent = [...marks, ...made.filter((m) => !marks.some((known) => known.id === m.id))];
  const standing = standingMarks(sent);
  const latest = (personId: string): Mark | null =>
    standing.findLast((m) => m.personId === personId && m.rowId === rowId) ?? null;
  const send = async (personId: string, kind: SentMark['mark']) => {
    const one: SentMark = { id: newId(), personId, rowId, mark: kind, atMs: Math.round(now()) };
    const kept = await requestJson('POST', `/api/classes/${classId}/marks`, one);
    setTrouble(kept.ok ? null : kept.message);
    if (kept.ok) setMade((all) => [...all, one]);
  };
  return (
    <>
      <div className="sticky top-0 z-10 -mx-2 border-b-2 border-edge bg-linen px-2 py-2">
        <div className="flex flex-wrap items-end justify-between gap-3">
          <SelectField
            label="Row"
            value={rowId}
            choices={rows.map(
              (row, i) => [row.rowId, i === rowNow ? `${row.title} (now)` : row.title] as const,
            )}
            onChange={setChosen}
            className="w-72"
          />
          <CallInstructor
            people={people}
            asked={callsToCome(sent)}
            isSeen={sent.some((m) => m.mark === 'seen' && m.rowId === rowId)}
            onCall={(personId) => void send(personId, 'come')}
          />
        </div>
        {chosen !== null && (
          <Button className="mt-2" onClick={() => setChosen(null)}>
            Follow the class again
          </Button>
        )}
        <Trouble message={trouble} />
      </div>
      <ul>
        {people.map(({ id, name, helper }) => (
          <li key={id} className="border-b py-1.5">
            <details open={helper !== null}>
              <summary className="min-h-11 content-center text-lg">
                <strong>{name}</strong>
                {helper && <span className="text-soft"> with {helper}, open padded palm</span>}
                {latest(id) && <span>: {markWords(latest(id)!).toLowerCase()}</span>}
                <TheirWay way={ways.rowId === rowId ? ways.of.find((w) => w.personId === id) : undefined} />
              </summary>
              <div className="flex flex-wrap gap-2 pt-1 pb-2">
                {MARKS.map((kind) => (
                  <button
                    key={kind}
                    type="button"
                    aria-label={`${markWords({ mark: kind })}: ${name}`}
                    aria-pressed={latest(id)?.mark === kind}
                    className={buttonClass(latest(id)?.mark === kind ? 'main' : 'plain')}
                    onClick={() => void send(id, latest(id)?.mark === kind ? 'taken back' : kind)}
                  >
                    {markWords({ mark: kind })}
                  </button>
                ))}
              </div>
            </details>
          </li>
        ))}
      </ul>
    </>
  );
}

function TheirWay({ way }: { way: OwnWay | undefined }) {
  if (!way) return null;
  return (
    <span className="flex gap-2 pl-5">
      <span className="w-8 shrink-0">
        <HandsMark verdict={way.hands} />
      </span>
      {way.words}
    </span>
  );
}
