'use client';

import { Dialog } from 'radix-ui';
import { useState } from 'react';
import type { Hand } from '@/core/dose';
import { fullName, type Person } from '@/core/people';
import {
  MARKS,
  markWords,
  type Away,
  type Mark,
  type RungShift,
  type SentMark,
  type TaughtRow,
} from '@/core/teach';
import { capital } from '@/core/words';
import { Button } from '@/ui/form/button';
import { Sheet } from './sheet';

type Props = {
  open: boolean;
  onClose: () => void;
  people: readonly Person[];
  away: readonly Away[];
  /** Null where another screen teaches, which says who is here. */
  onAway: ((personId: string, how: Away['how'] | null) => void) | null;
  rows: readonly TaughtRow[];
  /** Where the class is now. */
  rowIndex: number;
  marks: readonly Mark[];
  onMark: (sent: Pick<SentMark, 'rowId' | 'personId' | 'mark' | 'hand'>) => void;
  rungShifts: readonly RungShift[];
  /** Null where another screen teaches. */
  onShift: ((personId: string, to: RungShift['to']) => void) | null;
  /** People whom a caution holds back in this row; they are offered nothing stronger. */
  heldBack: ReadonlySet<string>;
};

/** Mark anyone on the row on which it was opened, or the one before; each mark is stored as it is made. */
export function MarksDialog(props: Props) {
  return (
    <Sheet open={props.open} onClose={props.onClose}>
      {props.open && <Marks {...props} />}
    </Sheet>
  );
}

function Marks({
  people,
  away,
  onAway,
  rows,
  rowIndex,
  marks,
  onMark,
  rungShifts,
  onShift,
  heldBack,
}: Props) {
  // The class goes on meanwhile; what is marked stays what was seen.
  const [openedAt] = useState(Math.min(rowIndex, rows.length - 1));
  const [isBefore, setBefore] = useState(false);
  const [asksWho, setAsksWho] = useState(false);
  const row = rows[openedAt - (isBefore ? 1 : 0)];
  const before = rows[openedAt - 1];
  const isNow = row === rows[rowIndex];
  const latest = (personId: string) =>
    marks.findLast((m) => m.personId === personId && m.rowId === row?.rowId) ?? null;
  /** A mark that is tapped again is taken back; another hand takes the place of the one before. */
  const put = (personId: string, kind: Mark['mark'], hand?: Hand) => {
    if (!row) return;
    const [of, was] = [{ rowId: row.rowId, personId }, latest(personId)];
    const isSame = was?.mark === kind && was.hand === hand;
    if (was?.mark === kind) onMark({ ...of, mark: 'taken back' });
    if (!isSame) onMark({ ...of, mark: kind, ...(hand && { hand }) });
  };
  const look = (atBefore: boolean, who: boolean) => {
    setBefore(atBefore);
    setAsksWho(who);
  };
  const awayOf = (personId: string) => away.find((a) => a.personId === personId)?.how ?? null;
  const wayOf = (personId: string) =>
    rungShifts.find((w) => w.rowId === row?.rowId && w.personId === personId)?.to ?? null;
  return (
    <>
      <div className="flex items-center justify-between gap-4">
        <Dialog.Title className="text-xl font-bold">{row?.title ?? 'Marks'}</Dialog.Title>
        <Dialog.Close asChild>
          <Button>Done</Button>
        </Dialog.Close>
      </div>
      <Dialog.Description className="text-soft">
        Tap what happened; it is stored at once, and taken back when it is tapped again.
        {onShift && ' Easier and stronger are for this person alone.'}
      </Dialog.Description>
      <div className="mt-2 flex flex-wrap gap-2">
        <Choice
          name={`This row: ${rows[openedAt]?.title ?? ''}`}
          on={!asksWho && !isBefore}
          onClick={() => look(false, false)}
        />
        {before && (
          <Choice
            name={`The one before: ${before.title}`}
            on={!asksWho && isBefore}
            onClick={() => look(true, false)}
          />
        )}
        {onAway && <Choice name="Who is here" on={asksWho} onClick={() => look(isBefore, true)} />}
      </div>
      <ul className="mt-2">
        {people.map((person) => (
          <li key={person.id} className="flex flex-wrap items-center gap-1.5 border-b py-px">
            <span className="w-32 font-semibold">{fullName(person)}</span>
            {asksWho &&
              onAway &&
              AWAY.map((how) => (
                <Choice
                  key={how}
                  name={capital(how)}
                  who={fullName(person)}
                  on={awayOf(person.id) === how}
                  onClick={() => onAway(person.id, awayOf(person.id) === how ? null : how)}
                />
              ))}
            {!asksWho && awayOf(person.id) && <span className="text-soft">{awayOf(person.id)}</span>}
            {!asksWho &&
              awayOf(person.id) === null &&
              MARKS.map((kind) => (
                <Choice
                  key={kind}
                  name={markWords({ mark: kind })}
                  who={fullName(person)}
                  on={latest(person.id)?.mark === kind}
                  onClick={() => put(person.id, kind, sameHand(latest(person.id), kind))}
                />
              ))}
            {!asksWho &&
              awayOf(person.id) === null &&
              isNow &&
              onShift &&
              row?.kind === 'movement' &&
              (heldBack.has(person.id) ? EASIER : BOTH).map((to) => (
                <Choice
                  key={to}
                  name={capital(to)}
                  who={fullName(person)}
                  on={wayOf(person.id) === to}
                  onClick={() => onShift(person.id, to)}
                />
              ))}
            {!asksWho && ofAHand(latest(person.id)) && (
              <span className="flex w-full gap-1.5 pl-33.5">
                {HANDS.map(([hand, name]) => (
                  <Choice
                    key={hand}
                    name={name}
                    who={fullName(person)}
                    on={latest(person.id)?.hand === hand}
                    onClick={() => {
                      const was = latest(person.id);
                      if (was) put(person.id, was.mark, was.hand === hand ? undefined : hand);
                    }}
                  />
                ))}
              </span>
            )}
          </li>
        ))}
      </ul>
    </>
  );
}

/** Tapped again, a mark goes with its hand; a new one is of both until a hand is named. */
const sameHand = (was: Mark | null, kind: Mark['mark']): Hand | undefined =>
  was?.mark === kind ? was.hand : undefined;
const ofAHand = (mark: Mark | null): boolean => mark !== null && mark.mark !== 'did';
const HANDS = [
  ['L', 'left hand'],
  ['R', 'right hand'],
] as const;
const AWAY = ['not here', 'left'] as const;
const EASIER = ['easier'] as const;
const BOTH = ['easier', 'stronger'] as const;

type ChoiceProps = { name: string; who?: string; on: boolean; onClick: () => void };

const Choice = ({ name, who, on, onClick }: ChoiceProps) => (
  <button
    type="button"
    aria-pressed={on}
    aria-label={who ? `${who}: ${name}` : name}
    onClick={onClick}
    className="min-h-11 rounded-lg border-2 border-edge px-3 hover:border-ink aria-pressed:border-ink aria-pressed:bg-ink aria-pressed:text-paper"
  >
    {name}
  </button>
);
