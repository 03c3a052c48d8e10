import type { ReactNode } from 'react';
import type { ReserveRange } from '@/core/load';
import type { RowTrace } from '@/core/plan';
import { ROW_COLUMNS, TRACE_COLUMNS } from '../order/order-props';
import { RowHeads } from '../order/row-heads';
import { Word } from '@/ui/page/word';
import { WorkedOut } from '@/ui/page/worked-out';

type Props = {
  working: boolean;
  lowest: ReserveRange | null;
  chosen: string | null;
  children: ReactNode;
};

/** Heads of the traces, and what their colours and lines say. */
export function TraceHead({ working, lowest, chosen, children }: Props) {
  return (
    <thead className="sticky top-(--desk-height) z-10 bg-linen">
      <tr>
        <td colSpan={ROW_COLUMNS + TRACE_COLUMNS.length} className="pt-1 pb-2">
          <div className="flex flex-wrap items-center gap-x-5">
            <div className="flex">{children}</div>
            <ul className="flex flex-wrap gap-x-4 gap-y-1 text-sm">
              <Swatch colour="var(--color-ink)" words="working" />
              <Swatch colour="var(--color-edge)" words="talk" />
              <Swatch colour="var(--color-ease)" words="rest, or a stretch held" />
              <Swatch colour="var(--color-hold)" words="an effort or a place held" />
              <Swatch colour="var(--color-load)" words="loading, wider is more" />
            </ul>
          </div>
          <p aria-live="polite" className="text-sm text-soft">
            <Word of="reserve">Reserve</Word>
            {working
              ? ': being worked out.'
              : `, modelled, good to about a fifth: full at the line between the hands, 80 % dashed, 60 % outside; the line is the lowest hand, the band the middle half of the group${chosen ? `, the dots ${chosen}` : ''}.${lowestWords(lowest)}`}{' '}
            <WorkedOut id="fatigue" />
          </p>
        </td>
      </tr>
      <tr className="border-b-2 border-edge text-sm text-soft">
        <RowHeads />
        {TRACE_COLUMNS.map((name) => (
          <th key={name} scope="col" className="px-1 text-center font-normal">
            {name}
          </th>
        ))}
      </tr>
    </thead>
  );
}

/** How low the lowest hand goes, and between what for people who feel efforts otherwise than they are named. */
function lowestWords(lowest: ReserveRange | null): string {
  if (!lowest) return '';
  const [low, middle, high] = [lowest.low, lowest.middle, lowest.high].map((r) => Math.round(r * 100));
  return ` The lowest hand comes down to ${middle} %: between ${low} and ${high} % where efforts are felt up to a point of ten more or less.`;
}

function Swatch({ colour, words }: { colour: string; words: string }) {
  return (
    <li className="flex items-center gap-2">
      <span aria-hidden="true" className="size-3 rounded-full" style={{ background: colour }} />
      {words}
    </li>
  );
}

export const tracesById = (traces: readonly RowTrace[]): ReadonlyMap<string, RowTrace> =>
  new Map(traces.map((t) => [t.rowId, t]));
