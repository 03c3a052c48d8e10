import { cueSheet, type CueLine } from '@/core/paper/cue-sheet';
import { fullName } from '@/core/people/person';
import { seatingOf } from '@/core/people/seating';
import type { ClassFacts, PlanCheck } from '@/core/plan/check';
import type { Plan } from '@/core/plan/plan';
import { clockText, nameList, sentences } from '@/core/words';
import { CordView } from '@/ui/cord';

type Props = { plan: Plan; check: PlanCheck; facts: ClassFacts; helpers: readonly string[] };

const MANY = 60;

/** The class on one or two sides: time, name, cord, what to say, who does it their own way, what changes hands. */
export function CueSheet({ plan, check, facts, helpers }: Props) {
  const { throughout, sections } = cueSheet(plan, check, facts);
  const seats = seatingOf(facts.people, helpers);
  return (
    <div className="print:leading-tight print:[zoom:0.54]">
      {seats.map((seat, i) => (
        <p key={i}>
          <strong>{seat.helper ?? 'Nobody yet'}</strong> sits beside{' '}
          {nameList(seat.people.map(fullName), MANY)}.
        </p>
      ))}
      {throughout.map(({ way, names }) => (
        <p key={names.join()}>
          <strong>{nameList(names, MANY)}</strong>, throughout: {way}.
        </p>
      ))}
      <table className="mt-2 w-full border-collapse text-left align-top">
        {sections.map((section) => (
          <tbody key={section.name}>
            <tr>
              <th scope="rowgroup" colSpan={4} className="border-b-2 border-ink pt-3 text-lg">
                {section.name}
              </th>
            </tr>
            {section.lines.map((line) => (
              <CueRow key={line.rowId} line={line} breathMs={plan.breathMs} />
            ))}
          </tbody>
        ))}
      </table>
      {sections.length === 0 && <p>There are no rows in this plan yet.</p>}
    </div>
  );
}

function CueRow({ line, breathMs }: { line: CueLine; breathMs: number }) {
  const { count } = line;
  return (
    <tr className="break-inside-avoid border-b align-top">
      <td className="tabular w-14 py-1 pr-3">{clockText(line.startMs)}</td>
      <th scope="row" className="w-64 py-1 pr-4 font-bold">
        {line.title}
        {line.note && <span className="block font-normal italic">{line.note}</span>}
        {line.collect && <span className="block font-normal">take back {line.collect}</span>}
        {line.handOut && <span className="block font-normal">hand out {line.handOut}</span>}
      </th>
      <td className="w-64 py-1 pr-4">
        {count && (
          <>
            {count.words}
            <CordView dose={count.dose} purpose={count.purpose} context={{ breathMs, isNew: false }} />
          </>
        )}
      </td>
      <td className="py-1">
        <span className="block">
          {line.say && sentences([line.say])}
          {line.watch && <span className="text-soft"> Watch: {line.watch.toLowerCase()}.</span>}
        </span>
        {line.ownWays.map(({ way, names }) => (
          <span key={way} className="mr-3 inline">
            <strong>{nameList(names, MANY)}:</strong> {way}.{' '}
          </span>
        ))}
      </td>
    </tr>
  );
}
