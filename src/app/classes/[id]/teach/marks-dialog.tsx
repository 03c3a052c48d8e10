'use client';

import { Dialog } from 'radix-ui';
import { fullName, type Person } from '@/core/people';
import { MARK_WORDS, MARKS, type Mark, type MarkKind, type RungShift, type TaughtRow } from '@/core/teach';
import { capital } from '@/core/words';
import { Button } from '@/ui/form/button';
import { Sheet } from './sheet';

type Props = {
  open: boolean;
  onClose: () => void;
  people: readonly Person[];
  row: TaughtRow | undefined;
  marks: readonly Mark[];
  onMark: (personId: string, kind: MarkKind) => void;
  rungShifts: readonly RungShift[];
  onShift: (personId: string, to: RungShift['to']) => void;
  /** People whom a caution holds back in this row; they are offered nothing stronger. */
  heldBack: ReadonlySet<string>;
};

/** Mark anyone on the current row; each mark is stored as it is made. */
export function MarksDialog({
  open,
  onClose,
  people,
  row,
  marks,
  onMark,
  rungShifts,
  onShift,
  heldBack,
}: Props) {
  const latest = (personId: string) =>
    marks.findLast((m) => m.personId === personId && m.rowId === row?.rowId)?.mark ?? null;
  const wayOf = (personId: string) =>
    rungShifts.find((w) => w.rowId === row?.rowId && w.personId === personId)?.to ?? null;
  return (
    <Sheet open={open} onClose={onClose}>
      <div className="flex items-center justify-between gap-4">
        <Dialog.Title className="text-xl font-bold">{row?.title ?? 'Marks'}</Dialog.Title>
        <Dialog.Close asChild>
          <Button>Done</Button>
        </Dialog.Close>
      </div>
      <Dialog.Description className="text-soft">
        Tap what happened; it is stored at once. Easier and stronger are a rung for this person alone.
      </Dialog.Description>
      <ul className="mt-2">
        {people.map((person) => (
          <li key={person.id} className="flex flex-wrap items-center gap-1.5 border-b py-px">
            <span className="w-32 font-semibold">{fullName(person)}</span>
            {MARKS.map((kind) => (
              <Choice
                key={kind}
                name={MARK_WORDS[kind]}
                who={fullName(person)}
                on={latest(person.id) === kind}
                onClick={() => onMark(person.id, kind)}
              />
            ))}
            {row?.kind === 'movement' &&
              (heldBack.has(person.id) ? EASIER : BOTH).map((to) => (
                <Choice
                  key={to}
                  name={capital(to)}
                  who={fullName(person)}
                  on={wayOf(person.id) === to}
                  onClick={() => onShift(person.id, to)}
                />
              ))}
          </li>
        ))}
      </ul>
    </Sheet>
  );
}

const EASIER = ['easier'] as const;
const BOTH = ['easier', 'stronger'] as const;

type ChoiceProps = { name: string; who: string; on: boolean; onClick: () => void };

const Choice = ({ name, who, on, onClick }: ChoiceProps) => (
  <button
    type="button"
    aria-pressed={on}
    aria-label={`${who}: ${name}`}
    onClick={onClick}
    className="min-h-11 rounded-lg border-2 border-edge px-3 hover:border-ink aria-pressed:border-ink aria-pressed:bg-ink aria-pressed:font-bold aria-pressed:text-paper"
  >
    {name}
  </button>
);
