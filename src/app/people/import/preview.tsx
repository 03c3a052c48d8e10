import { CONDITIONS } from '@/catalogue/conditions';
import type { ImportRow } from '@/core/formats';
import { fullName, type Person } from '@/core/people';
import { plural } from '@/core/words';
import { inputClass } from '@/ui/form/field';
import { Table } from '@/ui/page/table';

export type Choice = 'add' | 'merge' | 'leave';
type Line = ImportRow & { readonly same: Person | null; readonly choice: Choice };

type Props = { lines: readonly Line[]; onChoose: (line: number, choice: Choice) => void };

const SHOWN = 200;

/** Every row as it would be kept, with what is wrong with it; rows that cannot be kept come first. */
export function Preview({ lines, onChoose }: Props) {
  const bad = lines.filter((l) => !l.fields);
  const noted = lines.filter((l) => l.fields && l.problems.length > 0);
  const ordered = [...bad, ...noted, ...lines.filter((l) => l.fields && l.problems.length === 0)];
  return (
    <section aria-label="Preview">
      <p>
        {plural(lines.length, 'row')}: {lines.length - bad.length} can be kept, {bad.length} cannot,{' '}
        {lines.filter((l) => l.same).length} are on the list already.
        {lines.length > SHOWN && ` The first ${SHOWN} are shown, those with problems before the others.`}
      </p>
      <Table className="mt-2 w-full" columns={['Line', 'Person', 'Conditions', 'Problems', 'What to do']}>
        {ordered.slice(0, SHOWN).map((line) => (
          <PreviewRow key={line.line} line={line} onChoose={onChoose} />
        ))}
      </Table>
    </section>
  );
}

function PreviewRow({ line, onChoose }: { line: Line; onChoose: Props['onChoose'] }) {
  const { fields, problems, same, choice } = line;
  const names =
    fields?.conditions.map((c) => CONDITIONS.find((k) => k.id === c.conditionId)?.name ?? '') ?? [];
  return (
    <tr className="border-b align-top">
      <td className="tabular py-2 pr-4">{line.line}</td>
      <th scope="row" className="py-2 pr-4 font-semibold">
        {fields ? fullName(fields) : 'cannot be kept'}
      </th>
      <td className="py-2 pr-4">{names.join(', ')}</td>
      <td className="py-2 pr-4 text-load">{problems.join('. ')}</td>
      <td className="py-1">
        {fields && (
          <select
            aria-label={`What to do with line ${line.line}`}
            className={inputClass}
            value={choice}
            onChange={(e) => onChoose(line.line, e.target.value as Choice)}
          >
            {same && <option value="merge">merge with {fullName(same)}</option>}
            <option value="add">{same ? 'add as somebody else' : 'add'}</option>
            <option value="leave">leave out</option>
          </select>
        )}
      </td>
    </tr>
  );
}
