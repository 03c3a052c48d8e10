'use client';

import { Link } from '@/ui/page/link';
import { useDeferredValue, useMemo, useState } from 'react';
import { CAUTIONS } from '@/catalogue/cautions/cautions';
import { DECLINED } from '@/catalogue/declined';
import { SECTION_KINDS, type Movement, doneWith } from '@/core/catalogue';
import { ANY_MOVEMENT, findDeclined, settledVerdict, shelved, type ShelfFacts } from '@/core/shelf';
import { doseWords } from '@/core/dose';
import { SECTION_NAMES } from '@/core/plan';
import type { VerdictKind } from '@/core/screening';
import { useCatalogue } from '@/ui/catalogue';
import { LazyPicture } from '@/ui/hand/lazy-picture';
import { PurposeMark, VERDICT_WORDS, VerdictMark } from '@/ui/verdict-signs';
import { ShelfFilters } from './shelf-filters';

type Props = { today: string; lastDone: Readonly<Record<string, string>>; restedBefore: string };

/** Every movement with its picture, narrowed by words, purpose, joint, position, prop, condition and rest. */
export function Shelf({ today, lastDone, restedBefore }: Props) {
  const catalogue = useCatalogue();
  const [filter, setFilter] = useState(ANY_MOVEMENT);
  const wanted = useDeferredValue(filter);
  const facts: ShelfFacts = useMemo(
    () => ({ screening: { table: CAUTIONS, catalogue, today }, lastDone, restedBefore }),
    [catalogue, today, lastDone, restedBefore],
  );
  const found = useMemo(() => shelved(catalogue.movements, wanted, facts), [catalogue, wanted, facts]);
  const declined = findDeclined(DECLINED, wanted.words);
  const { safeFor } = wanted;
  return (
    <>
      <ShelfFilters
        filter={filter}
        onChange={setFilter}
        counted={`${found.length} of ${catalogue.movements.length}`}
      />
      {SECTION_KINDS.map((kind) => {
        const here = found.filter((m) => m.section === kind);
        return (
          here.length > 0 && (
            <section key={kind} className="mb-6">
              <h2 className="mb-2 border-b text-lg">{SECTION_NAMES[kind]}</h2>
              <ul className="grid grid-cols-[repeat(auto-fill,minmax(21rem,1fr))] gap-x-6">
                {here.map((m) => (
                  <Entry
                    key={m.id}
                    movement={m}
                    verdict={safeFor ? settledVerdict(m, safeFor, facts.screening) : null}
                  />
                ))}
              </ul>
            </section>
          )
        );
      })}
      {found.length === 0 && (
        <p className="mb-6">No movement fits all of this. Try fewer words, or set a choice back to any.</p>
      )}
      {declined.length > 0 && <DeclinedList declined={declined} />}
    </>
  );
}

function Entry({ movement, verdict }: { movement: Movement; verdict: VerdictKind | null }) {
  const figure = useCatalogue().figure(movement.id);
  return (
    <li>
      <Link
        href={`/movements/${movement.id}`}
        className="flex items-center gap-4 rounded-xl py-2 pr-2 hover:bg-paper"
      >
        <span className="flex w-36 shrink-0 justify-center">
          {figure && <LazyPicture figure={figure} height={96} />}
        </span>
        <span>
          <span className="flex items-start gap-2 leading-tight font-semibold">
            <PurposeMark purpose={movement.purpose} /> {movement.name}
          </span>
          <span className="text-sm text-soft">{doseWords(movement.dose, doneWith(movement))}</span>
          {movement.id.startsWith('own-') && <span className="block text-sm">Your own</span>}
          {movement.clearanceReason && <span className="block text-sm">Off until cleared</span>}
          {verdict && (
            <span className="flex items-center gap-1 text-sm">
              <VerdictMark kind={verdict} /> {VERDICT_WORDS[verdict]}
            </span>
          )}
        </span>
      </Link>
    </li>
  );
}

function DeclinedList({ declined }: { declined: typeof DECLINED }) {
  return (
    <section className="mb-6">
      <h2 className="mb-2 border-b text-lg">Left out on purpose</h2>
      <dl className="grid gap-x-10 gap-y-3 md:grid-cols-2">
        {declined.map((d) => (
          <div key={d.id}>
            <dt className="font-semibold">{d.name}</dt>
            <dd>{d.why}</dd>
          </div>
        ))}
      </dl>
    </section>
  );
}
