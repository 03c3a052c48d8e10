import type { ReactNode } from 'react';
import { fullName, type Person } from '@/core/people';
import type { PlanCheck } from '@/core/plan';
import { VERDICTS, type HandVerdict } from '@/core/screening';
import { VERDICT_WORDS, VerdictMark, verdictWords } from '@/ui/verdict-signs';
import { capital } from '@/core/words';
import { ROW_COLUMNS } from '../order/order-props';
import { RowHeads } from '../order/row-heads';

/** The cell of the weave that is pointed at. */
export type Told = { readonly rowId: string; readonly personId: string };

type HeadProps = { people: readonly Person[]; told: Told | null; children: ReactNode };

/** Column heads; beside the names stands how the rows are looked at, and what the marks say. */
export function WeaveHead({ people, told, children }: HeadProps) {
  return (
    <thead className="sticky top-(--desk-height) z-10 bg-linen">
      <tr>
        <td colSpan={ROW_COLUMNS} className="h-13 max-w-0 align-top sm:pr-10">
          <div className="flex flex-wrap items-center gap-x-4">
            {children}
            <Legend people={people} />
          </div>
        </td>
        {people.map((person) => (
          <th
            key={person.id}
            scope="col"
            rowSpan={2}
            className={`relative w-9 min-w-9 align-bottom font-normal ${told?.personId === person.id ? 'font-bold' : ''}`}
          >
            <span className="absolute bottom-1.5 left-1/2 block origin-bottom-left max-sm:sr-only -rotate-[50deg] text-[0.9375rem] whitespace-nowrap">
              {fullName(person)}
            </span>
          </th>
        ))}
      </tr>
      <tr className="border-b-2 border-edge text-sm leading-5 text-soft">
        <RowHeads />
      </tr>
    </thead>
  );
}

function Legend({ people }: { people: readonly Person[] }) {
  if (people.length === 0)
    return <p className="text-sm text-soft">Choose who comes, and each row is judged for each of them.</p>;
  return (
    <ul aria-label="Who may do what" className="flex flex-wrap gap-x-3 text-sm max-sm:hidden">
      {VERDICTS.map((kind) => (
        <li key={kind} className="flex items-center gap-1.5">
          <VerdictMark kind={kind} /> {VERDICT_WORDS[kind]}
        </li>
      ))}
    </ul>
  );
}

type ReasonsProps = {
  told: Told;
  people: readonly Person[];
  check: PlanCheck;
  titleOf: (rowId: string) => string;
};

/** What the verdict pointed at is, what to do, and why. */
export function Reasons({ told, people, check, titleOf }: ReasonsProps) {
  const verdict = check.verdicts.get(told.rowId)?.get(told.personId);
  const person = people.find((p) => p.id === told.personId);
  if (!verdict || !person) return null;
  const same = sentence(verdict.L) === sentence(verdict.R);
  return (
    <div role="status" className="rounded-xl border-2 border-ink bg-paper px-3 py-1.5 text-sm shadow-lg">
      <p>
        <strong>
          {fullName(person)}, {titleOf(told.rowId).toLowerCase()}:
        </strong>{' '}
        {verdictWords(verdict)}.
      </p>
      {same ? <p>{sentence(verdict.L)}</p> : <HandSentences L={verdict.L} R={verdict.R} />}
    </div>
  );
}

function HandSentences({ L, R }: { L: HandVerdict; R: HandVerdict }) {
  return (
    <>
      {sentence(L) && <p>Left: {sentence(L)}</p>}
      {sentence(R) && <p>Right: {sentence(R)}</p>}
    </>
  );
}

/** "Thumb off the ball. Because thumb-base arthritis: ...". Empty when there is nothing to say. */
export function sentence({ how, reasons, swapWhy }: HandVerdict): string {
  const parts = [];
  if (how.length > 0) parts.push(`${capital(how.join('; '))}${swapWhy && ` (${swapWhy})`}.`);
  if (reasons.length > 0) parts.push(`${capital(reasons.join('; '))}.`);
  return parts.join(' ');
}
