import { Link } from '@/ui/page/link';
import type { RealVisit, STATIONS, Visit } from '@/core/measure';
import { clockText } from '@/core/words';
import { Button, buttonClass } from '@/ui/form/button';

type Props = {
  station: (typeof STATIONS)[number];
  sitting: RealVisit | null;
  next: readonly Visit[];
  nowMs: number;
  nameOf: (id: string) => string;
  onChange: (personId: string, what: 'begin' | 'end' | 'take back') => void;
};

/** One station: who is there, with the way to their measures, and who comes next and when. */
export function StationCard({ station, sitting, next, nowMs, nameOf, onChange }: Props) {
  const [first, ...later] = next;
  return (
    <section aria-label={station.name} className="rounded-2xl border-2 border-edge bg-paper p-4">
      <h2 className="text-xl">{station.name}</h2>
      {sitting ? (
        <div className="mt-1">
          <p className="text-2xl font-bold">{nameOf(sitting.personId)}</p>
          <p className="tabular text-soft">here for {clockText(nowMs - sitting.startMs)}</p>
          <div className="mt-2 flex flex-wrap gap-2">
            <Link
              className={buttonClass()}
              href={`/people/${sitting.personId}/measure?what=${station.part}`}
              target="_blank"
            >
              Measure
            </Link>
            <Button look="main" onClick={() => onChange(sitting.personId, 'end')}>
              Done
            </Button>
            <Button look="quiet" onClick={() => onChange(sitting.personId, 'take back')}>
              Not here after all
            </Button>
          </div>
        </div>
      ) : first ? (
        <div className="mt-1">
          <p className="text-2xl font-bold">{nameOf(first.personId)}</p>
          <p className="tabular text-soft">
            {first.startMs <= nowMs ? 'next, now' : `next, in ${clockText(first.startMs - nowMs)}`}
          </p>
          <Button look="main" className="mt-2" onClick={() => onChange(first.personId, 'begin')}>
            {nameOf(first.personId)} sits down
          </Button>
        </div>
      ) : (
        <p className="mt-1 text-lg">Everyone has been here.</p>
      )}
      <ol className="mt-3 text-sm">
        {(sitting ? next : later).slice(0, 3).map((v) => (
          <li key={v.personId} className="flex justify-between border-t py-1">
            <span>{nameOf(v.personId)}</span>
            <span className="tabular text-soft">in {clockText(Math.max(0, v.startMs - nowMs))}</span>
          </li>
        ))}
      </ol>
    </section>
  );
}
