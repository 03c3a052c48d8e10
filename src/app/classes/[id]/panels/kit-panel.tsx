'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { ASSUMED_GRIP_KG } from '@/core/load';
import { fullName } from '@/core/people';
import { gradeCounts, type KitLine, type PlanTiming } from '@/core/plan';
import { capital, clockText, nameList, plural } from '@/core/words';
import { amountText } from '@/core/units';
import { useUnits } from '@/ui/units';
import { requestJson } from '@/ui/request-json';
import { inputClass, Trouble } from '@/ui/form/field';
import { WorkedOut } from '@/ui/page/worked-out';

type Props = { kit: readonly KitLine[]; handing: PlanTiming; week: number };

/** What the class needs in the bag: how many, of which grade for whom, what stands in, and how it is kept clean. */
export function KitPanel({ kit, handing, week }: Props) {
  const units = useUnits();
  if (kit.length === 0) return <p className="mt-3">No row uses a prop.</p>;
  const handingMs = handing.rows.reduce((n, r) => n + r.propsMs, 0);
  const assumed = kit.some((k) => k.grades.some((g) => g.assumed));
  return (
    <section aria-label="Kit" className="mt-3">
      <ul className="mb-3">
        {kit.map((line) => (
          <KitRow key={line.prop.id} line={line} />
        ))}
      </ul>
      <p>
        {plural(handing.handOuts, 'hand-out')}, {clockText(handingMs)} of handing out and collecting, counted
        in the class. A spare is one for every ten.
      </p>
      <p className="mb-3 text-sm text-soft">
        A grade suits when half closing it asks no more than{' '}
        {week <= 3 ? '30 % of a hand’s greatest grip in the first weeks' : '50 % of a hand’s greatest grip'},
        15 % where a caution speaks.
        {assumed &&
          ` Where no grip was measured a cautious ${amountText(ASSUMED_GRIP_KG, 'kg', units, 0)} is assumed, and 30 % of it is the most.`}{' '}
        Beside a name stands what half closing their grade asks of them; props of one grade differ by about a
        fifth. <WorkedOut id="grip-demand" />
      </p>
    </section>
  );
}

function KitRow({ line }: { line: KitLine }) {
  const router = useRouter();
  const [pieces, setPieces] = useState(String(line.inBag));
  const [trouble, setTrouble] = useState<string | null>(null);
  const save = async () => {
    if (pieces === String(line.inBag)) return;
    const result = await requestJson('PUT', '/api/bag', {
      propId: line.prop.id,
      pieces: Number(pieces || 'x'),
    });
    setTrouble(result.ok ? null : result.message);
    if (result.ok) router.refresh();
  };
  return (
    <li className="grid gap-1 border-b py-2">
      <div className="flex flex-wrap items-center justify-between gap-x-4">
        <p className="tabular">
          <strong>{line.prop.plural}</strong>: {line.needed} needed at once, {plural(line.spares, 'spare')}
          {line.short > 0 && <strong className="text-load"> ({line.short} short)</strong>}
        </p>
        <label className="flex items-center gap-2 text-sm">
          in the bag
          <input
            aria-label={`${line.prop.plural} in the bag`}
            className={`${inputClass} max-w-20`}
            inputMode="numeric"
            value={pieces}
            onChange={(e) => setPieces(e.target.value)}
            onBlur={save}
            onKeyDown={(e) => e.key === 'Enter' && void save()}
          />
        </label>
      </div>
      <Trouble message={trouble} />
      <div className="text-sm">
        <Grades line={line} />
        <p className="text-soft">
          Instead: {line.prop.substitute}. {capital(line.prop.cleaning)}.
          {line.prop.latex && <strong> Latex.</strong>}
        </p>
      </div>
    </li>
  );
}

/** How many of each grade, with who takes it, and whom none suits. */
function Grades({ line }: { line: KitLine }) {
  if (line.grades.length === 0) return <span className="text-soft">by feel: effort is the guide</span>;
  const { counts, unsuited } = gradeCounts(line);
  const names = (grade: string) =>
    line.grades.flatMap(({ person, choice }) =>
      choice?.grade.name === grade ? `${fullName(person)} ${Math.round(choice.demand * 100)}\u00a0%` : [],
    );
  return (
    <ul>
      {counts
        .filter((c) => c.people > 0)
        .map((c) => (
          <li key={c.name}>
            <strong>
              {c.people} {c.name}
            </strong>
            : {nameList(names(c.name), 20)}
          </li>
        ))}
      {unsuited.length > 0 && (
        <li>
          <strong>none suits</strong> {nameList(unsuited.map(fullName), 20)}: {line.prop.substitute}
        </li>
      )}
    </ul>
  );
}
