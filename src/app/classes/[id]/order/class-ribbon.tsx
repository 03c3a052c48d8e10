'use client';

import { useEffect, useState } from 'react';
import { movementOfRow, type Plan, type RuleContext } from '@/core/plan';

type Props = { plan: Plan; context: RuleContext };

/** The whole class as a slim ribbon, each row as long as it lasts; what is on the screen is framed, and a press goes there. */
export function ClassRibbon({ plan, context }: Props) {
  const { timing, catalogue } = context;
  const total = Math.max(1, timing.totalMs);
  const frame = useFrame(timing.rows.map((r) => r.rowId));
  const shareOf = (rowId: string | undefined, end: boolean): number => {
    const row = timing.rows.find((r) => r.rowId === rowId);
    return row ? ((row.startMs + (end ? row.totalMs : 0)) / total) * 100 : 0;
  };
  if (timing.rows.length === 0) return null;
  return (
    <nav
      aria-label="The whole class"
      className="no-print sticky top-(--desk-height) hidden h-[calc(100vh-9.5rem)] w-7 shrink-0 flex-col gap-1 py-1 md:flex"
    >
      {plan.sections.map((section) => {
        const rows = timing.rows.filter((r) => section.rows.some((row) => row.id === r.rowId));
        const ms = rows.reduce((n, r) => n + r.totalMs, 0);
        if (ms === 0) return null;
        return (
          <a
            key={section.id}
            href={`#section-${section.id}`}
            aria-label={`Go to ${section.name}`}
            title={section.name}
            className="flex min-h-1 w-full flex-col items-center gap-px"
            style={{ flexGrow: ms, flexBasis: 0 }}
          >
            {rows.map((r) => {
              const row = section.rows.find((s) => s.id === r.rowId);
              const movement = row?.kind === 'movement' ? movementOfRow(row, catalogue) : undefined;
              return (
                <span
                  key={r.rowId}
                  className="w-2.5 rounded-full"
                  style={{
                    flexGrow: r.totalMs,
                    flexBasis: 0,
                    background: movement ? `var(--color-${movement.purpose})` : 'var(--color-edge)',
                  }}
                />
              );
            })}
          </a>
        );
      })}
      {frame && (
        <span
          aria-hidden="true"
          className="pointer-events-none absolute inset-x-0 rounded-lg border-2 border-ink"
          style={{
            top: `${shareOf(frame.first, false)}%`,
            bottom: `${100 - shareOf(frame.last, true)}%`,
          }}
        />
      )}
    </nav>
  );
}

type Frame = { readonly first: string; readonly last: string };

/** The first and the last row on the screen. */
function useFrame(rowIds: readonly string[]): Frame | null {
  const [frame, setFrame] = useState<Frame | null>(null);
  const ids = rowIds.join(' ');
  useEffect(() => {
    const look = () => {
      const seen = ids.split(' ').filter((id) => {
        const box = document.getElementById(`row-${id}`)?.getBoundingClientRect();
        return box && box.bottom > 0 && box.top < window.innerHeight;
      });
      const [first, last] = [seen[0], seen.at(-1)];
      setFrame(first && last ? { first, last } : null);
    };
    look();
    // Whatever scrolls: a large order does so in a window of its own.
    window.addEventListener('scroll', look, { passive: true, capture: true });
    window.addEventListener('resize', look);
    return () => {
      window.removeEventListener('scroll', look, { capture: true });
      window.removeEventListener('resize', look);
    };
  }, [ids]);
  return frame;
}
