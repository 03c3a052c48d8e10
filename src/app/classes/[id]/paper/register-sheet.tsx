import { fullName, type Person } from '@/core/people/person';
import { nameList } from '@/core/words';

const COLUMNS = ['Came', 'Pain before, L', 'R', 'Pain after, L', 'R', 'Effort', 'What was done otherwise'];
const SPARE_LINES = 4;

/** Who is expected, with room to write down what the wrap-up asks. */
export function RegisterSheet({
  people,
  helpers,
}: {
  people: readonly Person[];
  helpers: readonly string[];
}) {
  return (
    <>
      {helpers.length > 0 && <p>Helping: {nameList(helpers, 10)}</p>}
      <p className="mb-2">Pain and effort from 0, none, to 10.</p>
      <table className="w-full border-collapse text-left">
        <thead>
          <tr className="border-b-2 border-ink align-bottom text-sm">
            <th scope="col" className="py-1 pr-3">
              Name
            </th>
            {COLUMNS.map((c, i) => (
              <th key={i} scope="col" className="px-2 py-1">
                {c}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {people.map((p) => (
            <BlankLine key={p.id} name={fullName(p)} />
          ))}
          {Array.from({ length: SPARE_LINES }, (_, i) => (
            <BlankLine key={i} name="" />
          ))}
        </tbody>
      </table>
    </>
  );
}

function BlankLine({ name }: { name: string }) {
  return (
    <tr className="h-11 border-b border-edge print:h-9">
      {name ? (
        <th scope="row" className="pr-3 font-semibold whitespace-nowrap">
          {name}
        </th>
      ) : (
        <td />
      )}
      {COLUMNS.map((_, i) => (
        <td key={i} className={`border-l border-line ${i === COLUMNS.length - 1 ? 'w-2/5' : 'w-14'}`} />
      ))}
    </tr>
  );
}
