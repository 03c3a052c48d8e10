'use client';

import { useMemo, useState } from 'react';
import { queueAt, restOfDay, STATIONS, type RealVisit } from '@/core/measure';
import { clockText, plural } from '@/core/words';
import type { StoredVisit } from '@/store/visits';
import { NumberField } from '@/ui/form/dose/number-field';
import { Trouble } from '@/ui/form/field';
import { CheckBox } from '@/ui/form/check-box';
import { toggled } from '@/ui/form/toggled';
import type { Name } from './name';
import { RotaChart } from './rota-chart';
import { StationCard } from './station-card';
import { useVisits } from './use-visits';

type Props = { classId: string; people: readonly Name[]; stored: readonly StoredVisit[] };

const REPLAN_MS = 15_000;

/** The stations as they are now, who comes next at each, and the whole rota; it is planned anew as people come and go. */
export function MeasuringDesk({ classId, people, stored }: Props) {
  const { visits, nowMs, change, trouble } = useVisits(classId, stored);
  const [minutes, setMinutes] = useState<readonly number[]>(STATIONS.map((s) => s.minutes));
  const [away, setAway] = useState<ReadonlySet<string>>(new Set());
  const here = people.filter((p) => !away.has(p.id));
  // Planning anew every second would make the list jump; every quarter of a minute is soon enough.
  const plannedAt = Math.floor(nowMs / REPLAN_MS) * REPLAN_MS;
  const rota = useMemo(
    () =>
      restOfDay(
        people.filter((p) => !away.has(p.id)).map((p) => p.id),
        minutes,
        visits.filter((v) => !away.has(v.personId)),
        plannedAt,
      ),
    [people, away, minutes, visits, plannedAt],
  );
  const nameOf = (id: string) => people.find((p) => p.id === id)?.name ?? '';
  return (
    <>
      <p role="status" className="mb-4 text-lg">
        {doneWords(rota.lengthMs, nowMs, visits, here.length)}
        {rota.proven && ' No rota is shorter.'}
      </p>
      <Trouble message={trouble} />
      <div className="grid gap-4 md:grid-cols-3">
        {STATIONS.map((station, i) => {
          const { here: sitting, next } = queueAt(rota, i, visits);
          return (
            <StationCard
              key={station.id}
              station={station}
              sitting={sitting}
              next={next}
              nowMs={nowMs}
              nameOf={nameOf}
              onChange={(personId, what) => change({ personId, station: station.id, what })}
            />
          );
        })}
      </div>
      <RotaChart rota={rota} people={here} nowMs={visits.length > 0 ? nowMs : null} />
      <section aria-label="Who and how long" className="mt-8">
        <h2 className="text-xl">Who is here, and how long each station takes</h2>
        <div className="mt-2 flex flex-wrap gap-5">
          {STATIONS.map((station, i) => (
            <NumberField
              key={station.id}
              label={`${station.name}, minutes`}
              value={minutes[i]!}
              min={1}
              max={20}
              onChange={(n) => setMinutes(minutes.map((m, at) => (at === i ? n : m)))}
            />
          ))}
        </div>
        <ul className="mt-3 grid gap-x-6 sm:grid-cols-3 lg:grid-cols-5">
          {people.map((p) => (
            <li key={p.id}>
              <CheckBox label={p.name} on={!away.has(p.id)} onChange={() => setAway(toggled(away, p.id))} />
            </li>
          ))}
        </ul>
      </section>
    </>
  );
}

function doneWords(lengthMs: number, nowMs: number, visits: readonly RealVisit[], people: number): string {
  const all = people * STATIONS.length;
  const done = visits.filter((v) => v.endMs !== null).length;
  if (done >= all)
    return `Everyone is through, after ${clockText(Math.max(0, ...visits.map((v) => v.endMs ?? 0)))}.`;
  if (visits.length === 0)
    return `${plural(people, 'person', 'people')} will be through in ${clockText(lengthMs)}.`;
  return `${done} of ${all} visits done, about ${clockText(Math.max(0, lengthMs - nowMs))} more.`;
}
