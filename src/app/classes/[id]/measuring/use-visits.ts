import { useEffect, useMemo, useState } from 'react';
import type { RealVisit, StationId } from '@/core/measure';
import type { StoredVisit } from '@/store/visits';
import { requestJson } from '@/ui/request-json';

const LOOK_EVERY_MS = 1_000;

type Change = {
  readonly personId: string;
  readonly station: StationId;
  readonly what: 'begin' | 'end' | 'take back';
};

/** Visits counted from the first of them, and the moment it is; each change is kept as it happens. */
export function useVisits(classId: string, stored: readonly StoredVisit[]) {
  const [kept, setKept] = useState(stored);
  const [clock, setClock] = useState<number | null>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  const running = kept.length > 0;
  useEffect(() => {
    if (!running) return;
    const timer = setInterval(() => setClock(Date.now()), LOOK_EVERY_MS);
    return () => clearInterval(timer);
  }, [running]);

  const zero = kept[0]?.startedAt ?? 0;
  const latest = Math.max(zero, ...kept.map((v) => v.endedAt ?? v.startedAt));
  const visits = useMemo(
    () =>
      kept.map(({ personId, station, startedAt, endedAt }): RealVisit => ({
        personId,
        station,
        startMs: startedAt - zero,
        endMs: endedAt === null ? null : endedAt - zero,
      })),
    [kept, zero],
  );
  const change = async (what: Change) => {
    const result = await requestJson<{ visits: StoredVisit[] }>(
      'POST',
      `/api/classes/${classId}/visits`,
      what,
    );
    setTrouble(result.ok ? null : result.message);
    if (!result.ok) return;
    setKept(result.value.visits);
    setClock(Date.now());
  };
  return { visits, nowMs: running ? Math.max(latest, clock ?? latest) - zero : 0, change, trouble };
}
