import { gradeCounts, type KitLine } from '@/core/plan';
import { plural } from '@/core/words';
import { PackLine } from './pack-line';

type Props = { classId: string; kit: readonly KitLine[]; packed: readonly string[] };

/** What goes into the bag for a class, ticked off as it is packed. */
export function PackList({ classId, kit, packed }: Props) {
  const left = kit.filter((k) => !packed.includes(k.prop.id)).length;
  return (
    <div>
      <h3 className="text-lg">To pack{kit.length > 0 && left === 0 && ': all in the bag'}</h3>
      {kit.length === 0 ? (
        <p>Nothing: this class needs no props.</p>
      ) : (
        <ul>
          {kit.map((line) => (
            <PackLine
              key={line.prop.id}
              classId={classId}
              propId={line.prop.id}
              packed={packed.includes(line.prop.id)}
            >
              <LineWords line={line} />
            </PackLine>
          ))}
        </ul>
      )}
    </div>
  );
}

function LineWords({ line }: { line: KitLine }) {
  const { prop, needed, spares, short } = line;
  return (
    <>
      {needed} {prop.plural}
      {gradeWords(line)}, {plural(spares, 'spare')}
      {short > 0 && (
        <>
          , <strong className="text-load">{short} short</strong>: bring {prop.substitute} for each
        </>
      )}
      {prop.latex && <strong>, latex</strong>}
    </>
  );
}

/** " (9 soft, 5 firm)" where grades differ in force. */
function gradeWords(line: KitLine): string {
  if (line.grades.length === 0) return '';
  const parts = gradeCounts(line).counts.filter((c) => c.people > 0);
  return parts.length === 0 ? '' : ` (${parts.map((c) => `${c.people} ${c.name}`).join(', ')})`;
}
