import { format } from 'date-fns';
import { letterWords, outlook, type TaughtRow, type TeachState } from '@/core/teach';
import { clockText, plural } from '@/core/words';
import type { SetAside } from './outbox';

type Props = {
  rows: readonly TaughtRow[];
  state: TeachState;
  nowMs: number;
  startedAtMs: number;
  slotMs: number;
  rate: number;
  unsaved: number;
  aside: readonly SetAside[];
  onSeen: () => void;
  /** Why nothing of it is stored; null where it is. */
  unstored: string | null;
};

/** Where the class is, and when it will end if the rest goes as planned. */
export function TeachTop({
  rows,
  state,
  nowMs,
  startedAtMs,
  slotMs,
  rate,
  unsaved,
  aside,
  onSeen,
  unstored,
}: Props) {
  const row = rows[state.rowIndex];
  const { finishMs, spareMs } = outlook(rows, state, nowMs, slotMs);
  return (
    <div className="tabular flex flex-wrap items-baseline justify-between gap-x-8 xl:text-lg">
      <p>
        {row ? `${row.section}, row ${state.rowIndex + 1} of ${rows.length}` : 'Done'}
        {unstored && `. ${unstored}`}
        {rate !== 1 && `. The clock runs ${rate} times as fast`}
      </p>
      {aside.length > 0 && (
        <p role="alert" className="w-full font-semibold text-load">
          {plural(aside.length, 'thing')} could not be stored:{' '}
          {aside.map((a) => letterWords(a.letter)).join(', ')}. {aside.at(-1)!.why}{' '}
          <button type="button" className="min-h-11 underline underline-offset-4" onClick={onSeen}>
            I have seen it
          </button>
        </p>
      )}
      {unsaved > 1 && <p role="status">Keeping {unsaved} things until they can be stored</p>}
      <p>
        <strong>
          Ends {format(startedAtMs + finishMs, 'HH:mm')},{' '}
          <span className={spareMs < 0 ? 'text-load' : ''}>
            {clockText(Math.abs(spareMs))} {spareMs < 0 ? 'over' : 'in hand'}
          </span>
        </strong>{' '}
        <span className="text-sm text-soft max-md:hidden">
          {clockText(nowMs)} gone, planned {clockText(row?.plannedStartMs ?? nowMs)} here
        </span>
      </p>
    </div>
  );
}
