'use client';

import { useState } from 'react';
import { MARK_WORDS, MARKS, type Mark, type MarkKind } from '@/core/teach';
import { Button, buttonClass } from '@/ui/form/button';
import { requestJson } from '@/ui/request-json';
import { Field, inputClass, Trouble } from '@/ui/form/field';
import { newId } from '@/ui/new-id';

type Props = {
  classId: string;
  rowNow: number;
  /** The class clock, ms, read when something is marked. */
  now: () => number;
  rows: readonly { readonly rowId: string; readonly title: string }[];
  people: readonly { readonly id: string; readonly name: string }[];
  marks: readonly Mark[];
};

/** Everybody of a class with what can be marked of them in one row. */
export function HelperMarks({ classId, rowNow, now, rows, people, marks }: Props) {
  const [chosen, setChosen] = useState<string | null>(null);
  const [made, setMade] = useState<readonly Mark[]>([]);
  const [trouble, setTrouble] = useState<string | null>(null);
  const rowId = chosen ?? rows[Math.min(rowNow, rows.length - 1)]?.rowId ?? '';
  const latest = (personId: string): MarkKind | null =>
    [...marks, ...made].findLast((m) => m.personId === personId && m.rowId === rowId)?.mark ?? null;
  const mark = async (personId: string, kind: MarkKind) => {
    const one: Mark = { id: newId(), personId, rowId, mark: kind, atMs: Math.round(now()) };
    const kept = await requestJson('POST', `/api/classes/${classId}/marks`, one);
    setTrouble(kept.ok ? null : kept.message);
    if (kept.ok) setMade([...made, one]);
  };
  return (
    <>
      <div className="mb-4 flex flex-wrap items-end gap-4">
        <Field label="Row" className="w-full max-w-md">
          {(field) => (
            <select
              {...field}
              className={inputClass}
              value={rowId}
              onChange={(e) => setChosen(e.target.value)}
            >
              {rows.map((row, i) => (
                <option key={row.rowId} value={row.rowId}>
                  {row.title}
                  {i === rowNow ? ' (now)' : ''}
                </option>
              ))}
            </select>
          )}
        </Field>
        {chosen !== null && <Button onClick={() => setChosen(null)}>Follow the class again</Button>}
      </div>
      <Trouble message={trouble} />
      <ul>
        {people.map(({ id, name }) => (
          <li key={id} className="flex flex-wrap items-center gap-2 border-b py-1.5">
            <span className="w-36 font-semibold">{name}</span>
            {MARKS.map((kind) => (
              <button
                key={kind}
                type="button"
                aria-label={`${MARK_WORDS[kind]}: ${name}`}
                aria-pressed={latest(id) === kind}
                className={buttonClass(latest(id) === kind ? 'main' : 'plain')}
                onClick={() => void mark(id, kind)}
              >
                {MARK_WORDS[kind]}
              </button>
            ))}
          </li>
        ))}
      </ul>
    </>
  );
}
