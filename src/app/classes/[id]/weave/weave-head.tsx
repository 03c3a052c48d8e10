import { fullName, type Person } from '@/core/people';
import type { PlanCheck } from '@/core/plan';
import { VERDICTS, type HandVerdict } from '@/core/screening';
import { VERDICT_WORDS, VerdictMark, verdictWords } from '@/ui/verdict-signs';
import { capital } from '@/core/words';
import { RowHeads } from '../order/row-heads';

/** The cell of the weave that is pointed at. */
export type Told = { readonly rowId: string; readonly personId: string };

export type WeaveProps = {
  people: readonly Person[];
  told: Told | null;
  check: PlanCheck;
  titleOf: (rowId: string) => string;
};

/** Column heads; the space beside the names holds the legend, or the reasons of the cell pointed at. */
export function WeaveHead({ people, told, check, titleOf }: WeaveProps) {
  return (
    <thead className="sticky top-0 z-10 bg-linen">
      <tr>
        <td colSpan={6} className="h-28 max-w-0 pr-6 align-top">
          {told && (
            <div className="hidden xl:block">
              <Reasons told={told} people={people} check={check} titleOf={titleOf} />
            </div>
          )}
          <div className={told ? 'xl:hidden' : ''}>
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
            <span className="absolute bottom-2 left-1/2 block origin-bottom-left -rotate-[52deg] text-sm whitespace-nowrap">
              {fullName(person)}
            </span>
          </th>
        ))}
      </tr>
      <tr className="border-b-2 border-edge text-sm text-soft">
        <RowHeads />
      </tr>
    </thead>
  );
}

function Legend({ people }: { people: readonly Person[] }) {
  if (people.length === 0)
    return <p className="pt-2">Choose the people expected, and each row is judged for each of them here.</p>;
  return (
    <div className="pt-1">
      <ul className="flex flex-wrap gap-x-5 gap-y-1">
        <li className="font-semibold">Who may do what</li>
        {VERDICTS.map((kind) => (
          <li key={kind} className="flex items-center gap-1.5">
            <VerdictMark kind={kind} /> {VERDICT_WORDS[kind]}
          </li>
        ))}
        <li>two beads: left, right</li>
      </ul>
      <p className="text-sm text-soft">Point at a bead, or move to it with the arrow keys, to read why.</p>
    </div>
  );
}

/** What the verdict pointed at is, what to do, and why. */
export function Reasons({ told, people, check, titleOf }: Omit<WeaveProps, 'told'> & { told: Told }) {
  const verdict = check.verdicts.get(told.rowId)?.get(told.personId);
  const person = people.find((p) => p.id === told.personId);
  if (!verdict || !person) return null;
  const same = sentence(verdict.L) === sentence(verdict.R);
  return (
    <div
      role="status"
      className="max-h-28 overflow-y-auto rounded-xl border-2 border-ink bg-paper px-3 py-1.5 text-sm"
    >
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
