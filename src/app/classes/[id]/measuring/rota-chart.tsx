import { STATIONS, type Rota } from '@/core/measure';
import { clockText } from '@/core/words';
import type { Name } from './name';

type Props = { rota: Rota; people: readonly Name[]; nowMs: number | null };

const [ROW, LEFT, WIDTH, FOOT] = [30, 130, 1_100, 30];
const FILLS = ['var(--color-grip)', 'var(--color-load)', 'var(--color-glide)'] as const;

/** Everyone's way round as bars on their cord, from the first minute to the last. */
export function RotaChart({ rota, people, nowMs }: Props) {
  const end = Math.max(rota.lengthMs, 60_000);
  const x = (ms: number) => LEFT + (ms / end) * (WIDTH - LEFT - 10);
  const height = people.length * ROW + FOOT;
  const every = end > 40 * 60_000 ? 10 : 5;
  const marks = Array.from({ length: Math.floor(end / 60_000 / every) + 1 }, (_, i) => i * every);
  return (
    <section aria-label="Rota" className="mt-8">
      <h2 className="text-xl">Rota</h2>
      <p className="flex flex-wrap gap-5" aria-hidden="true">
        {STATIONS.map((s, i) => (
          <span key={s.id} className="flex items-center gap-2">
            <svg width="26" height="16">
              <rect width="26" height="16" rx="8" fill={FILLS[i]} />
            </svg>
            {s.name}
          </span>
        ))}
      </p>
      <div className="overflow-x-auto" tabIndex={0} role="region" aria-label="Everyone’s way round">
        <svg viewBox={`0 0 ${WIDTH} ${height}`} className="w-full min-w-[800px]">
          {marks.map((m) => (
            <g key={m} aria-hidden="true">
              <path d={`M${x(m * 60_000)} 0V${height - FOOT}`} stroke="var(--color-line)" strokeWidth="1.5" />
              <text
                x={x(m * 60_000)}
                y={height - 8}
                fontSize="15"
                textAnchor="middle"
                fill="var(--color-soft)"
              >
                {m} min
              </text>
            </g>
          ))}
          {people.map((p, i) => {
            const own = rota.visits.filter((v) => v.personId === p.id).sort((a, b) => a.startMs - b.startMs);
            const y = i * ROW + ROW / 2;
            return (
              <g key={p.id} role="img" aria-label={`${p.name}: ${own.map(visitWords).join(', ')}`}>
                <text x="0" y={y + 5} fontSize="16" fill="var(--color-ink)">
                  {p.name}
                </text>
                <path d={`M${LEFT} ${y}H${WIDTH - 10}`} stroke="var(--color-edge)" strokeWidth="1.5" />
                {own.map((v) => (
                  <rect
                    key={v.station}
                    x={x(v.startMs) + 1}
                    y={y - 10}
                    width={Math.max(6, x(v.endMs) - x(v.startMs) - 2)}
                    height="20"
                    rx="10"
                    fill={FILLS[v.station]}
                  />
                ))}
              </g>
            );
          })}
          {nowMs !== null && (
            <path
              aria-hidden="true"
              d={`M${x(Math.min(nowMs, end))} 0V${height - FOOT}`}
              stroke="var(--color-ink)"
              strokeWidth="4"
            />
          )}
        </svg>
      </div>
    </section>
  );
}

const visitWords = (v: Rota['visits'][number]): string =>
  `${STATIONS[v.station]!.name.toLowerCase()} at ${clockText(v.startMs)}`;
