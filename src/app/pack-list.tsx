'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { gradeCounts, type KitLine } from '@/core/plan';
import { plural } from '@/core/words';
import { requestJson } from '@/ui/request-json';
import { Trouble } from '@/ui/form/field';

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
              line={line}
              packed={packed.includes(line.prop.id)}
            />
          ))}
        </ul>
      )}
    </div>
  );
}

function PackLine({ classId, line, packed }: { classId: string; line: KitLine; packed: boolean }) {
  const router = useRouter();
  const [shown, setShown] = useState(packed);
  const [trouble, setTrouble] = useState<string | null>(null);
  const { prop, needed, spares, short } = line;
  const tick = async (on: boolean) => {
    setShown(on);
    const result = await requestJson('PUT', `/api/classes/${classId}/packed`, {
      propId: prop.id,
      packed: on,
    });
    setTrouble(result.ok ? null : result.message);
    if (!result.ok) setShown(!on);
    else router.refresh();
  };
  return (
    <li className="border-b">
      <label className="flex min-h-11 items-center gap-3">
        <input
          type="checkbox"
          className="size-6 shrink-0 accent-ink"
          checked={shown}
          onChange={(e) => void tick(e.target.checked)}
        />
        <span className={shown ? 'text-soft line-through' : ''}>
          {needed} {prop.plural}
          {gradeWords(line)}, {plural(spares, 'spare')}
          {short > 0 && (
            <>
              , <strong className="text-load">{short} short</strong>: bring {prop.substitute} for each
            </>
          )}
          {prop.latex && <strong>, latex</strong>}
        </span>
      </label>
      <Trouble message={trouble} />
    </li>
  );
}

/** " (9 soft, 5 firm)" where grades differ in force. */
function gradeWords(line: KitLine): string {
  if (line.grades.length === 0) return '';
  const parts = gradeCounts(line).counts.filter((c) => c.people > 0);
  return parts.length === 0 ? '' : ` (${parts.map((c) => `${c.people} ${c.name}`).join(', ')})`;
}
