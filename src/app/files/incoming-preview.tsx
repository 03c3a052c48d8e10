import { fullName, MEASURES, measureText, type Person } from '@/core/people';
import { matchRegister, sameAs, unknownRows, type Incoming, type TaughtRoll } from '@/core/formats';
import { shortDose } from '@/core/dose';
import { placedRows, rowTitle, type Plan } from '@/core/plan';
import { plural } from '@/core/words';
import { useCatalogue } from '@/ui/catalogue';
import { Table } from '@/ui/page/table';

type Props = { incoming: Incoming; people: readonly Person[]; rolls: readonly TaughtRoll[] };

/** What is in a file, before it is kept. */
export function IncomingPreview({ incoming, people, rolls }: Props) {
  switch (incoming.kind) {
    case 'plan':
      return <PlanPreview incoming={incoming} />;
    case 'term': {
      const { term, classes, series } = incoming.file;
      return (
        <>
          <h3 className="text-lg">A term: {term.name}</h3>
          <p>
            {series.name}, {plural(term.weeks.length, 'week')} from {term.firstDay}, with{' '}
            {plural(classes.length, 'planned class', 'planned classes')}.
          </p>
        </>
      );
    }
    case 'movement':
      return (
        <>
          <h3 className="text-lg">A movement: {incoming.file.movement.name}</h3>
          <p>{incoming.file.movement.what}</p>
        </>
      );
    case 'measures':
      return <LinesPreview name="Measures" lines={measureLines(incoming.lines, people)} />;
    case 'register':
      return (
        <>
          <LinesPreview name="Register" lines={registerLines(incoming.lines, rolls, people)} />
          <p className="mt-2">
            What these lines say takes the place of what was written up; people who are not in the file stay
            as they are.
          </p>
        </>
      );
    case 'people':
      return null;
  }
}

function PlanPreview({ incoming: { file, unknown } }: { incoming: Extract<Incoming, { kind: 'plan' }> }) {
  const catalogue = useCatalogue();
  const strange = unknownRows(file, (id) => catalogue.movement(id) !== undefined);
  const rows = placedRows(file.plan as Plan);
  return (
    <>
      <h3 className="text-lg">A class plan: {file.name}</h3>
      <p>
        {plural(rows.length, 'row')}, a slot of {file.slotMinutes} minutes.
        {unknown.length > 0 &&
          ` ${plural(unknown.length, 'field is', 'fields are')} not known here; they are kept and written out again.`}
        {file.movements.length > 0 && ` It brings ${plural(file.movements.length, 'own movement')} along.`}
      </p>
      {strange.length > 0 && (
        <p role="alert" className="mt-1 font-semibold text-load">
          {plural(strange.length, 'row')} of movements that are not in the catalogue here:{' '}
          {strange.map((s) => s.movementId).join(', ')}. The plan cannot be kept as it is.
        </p>
      )}
      <ol
        className="mt-2 max-h-72 list-decimal overflow-y-auto pl-8"
        tabIndex={0}
        aria-label="Rows of the plan"
      >
        {rows.map(({ row }) => (
          <li key={row.id}>
            {rowTitle(row, catalogue)}
            {row.kind === 'movement' && <span className="tabular text-soft">, {shortDose(row.dose)}</span>}
          </li>
        ))}
      </ol>
    </>
  );
}

type Judged = {
  readonly line: number;
  readonly who: string;
  readonly what: string;
  readonly day: string;
  readonly problems: readonly string[];
};

function measureLines(lines: Extract<Incoming, { kind: 'measures' }>['lines'], people: readonly Person[]) {
  return lines.map(({ line, row, problems }): Judged => {
    const person = row && sameAs(row, people);
    const strange = row && !person ? ['nobody of this name is on the list'] : [];
    return {
      line,
      who: person ? fullName(person) : row ? fullName(row) : '',
      what: row ? `${MEASURES[row.kind].name}, ${measureText(row.kind, row.value)}` : '',
      day: row?.on ?? '',
      problems: [...problems, ...strange],
    };
  });
}

const registerLines = (
  lines: Extract<Incoming, { kind: 'register' }>['lines'],
  rolls: readonly TaughtRoll[],
  people: readonly Person[],
) =>
  matchRegister(lines, rolls, people).map(({ line, row, problems }): Judged => ({
    line,
    who: row ? fullName(row) : '',
    what: row ? `${row.className}: ${row.came === 'yes' ? 'came' : 'away'}` : '',
    day: row?.day ?? '',
    problems,
  }));

const SHOWN = 100;

/** Lines of a table, those with something wrong before the others. */
function LinesPreview({ name, lines }: { name: string; lines: readonly Judged[] }) {
  const bad = lines.filter((l) => l.problems.length > 0);
  const ordered = [...bad, ...lines.filter((l) => l.problems.length === 0)];
  return (
    <>
      <h3 className="text-lg">{name}</h3>
      <p>
        {plural(lines.length, 'line')}: {lines.length - bad.length} can be kept, {bad.length} cannot.
        {lines.length > SHOWN && ` The first ${SHOWN} are shown, those with problems before the others.`}
      </p>
      <Table className="mt-2 w-full" columns={['Line', 'Person', 'What', 'Day', 'Problems']}>
        {ordered.slice(0, SHOWN).map(({ line, who, what, day, problems }) => (
          <tr key={line} className="border-b align-top">
            <td className="tabular py-1 pr-4">{line}</td>
            <td className="py-1 pr-4">{who}</td>
            <td className="tabular py-1 pr-4">{what}</td>
            <td className="tabular py-1 pr-4">{day}</td>
            <td className="py-1 text-load">{problems.join('. ')}</td>
          </tr>
        ))}
      </Table>
    </>
  );
}
