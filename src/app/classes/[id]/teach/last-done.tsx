import { owedWords, type TaughtRow, type TeachState } from '@/core/teach';
import type { TeachAction } from './teach-key-table';
import type { Told } from './use-told';

type Props = {
  rows: readonly TaughtRow[];
  state: TeachState;
  told: Told | null;
  onAction: (action: TeachAction) => void;
};

/** One line above the keys: what was left undone, until it is given or let go, and what was done last, to be taken back for ten seconds. */
export function LastDone({ rows, state, told, onAction }: Props) {
  const owed = owedWords(rows, state);
  if (!owed && !told)
    return <div className="hidden lg:block lg:min-h-12 [@media(max-height:720px)]:min-h-0" />;
  return (
    <div className="flex flex-col items-end gap-1.5 md:flex-row md:items-center md:justify-end lg:min-h-12 [@media(max-height:720px)]:min-h-0">
      {owed && (
        <p
          role="status"
          className="flex min-h-12 w-full min-w-0 flex-wrap items-center justify-end gap-x-4 rounded-xl border-2 border-load bg-paper px-3 md:w-auto md:flex-1 md:flex-nowrap"
        >
          <span className="line-clamp-2 min-w-0 flex-1 basis-full leading-tight md:basis-0">
            Not done yet: <strong>{owed}</strong>
          </span>
          <Quick action="give" label="Give it now" shown="J" onAction={onAction} />
          <Quick action="letGo" label="Let it go" shown="K" onAction={onAction} />
        </p>
      )}
      {told && (
        <p
          role="status"
          className="flex min-h-12 shrink-0 items-center gap-4 rounded-xl border-2 border-ink bg-paper px-4 shadow-md"
        >
          {told.words}
          {told.undo && <Quick action="undo" label="Undo" shown="Z" onAction={onAction} />}
        </p>
      )}
    </div>
  );
}

type QuickProps = { action: TeachAction; label: string; shown: string; onAction: Props['onAction'] };

function Quick({ action, label, shown, onAction }: QuickProps) {
  return (
    <button
      type="button"
      className="min-h-11 px-1 font-bold underline underline-offset-4"
      onClick={(e) => {
        onAction(action);
        e.currentTarget.blur();
      }}
    >
      {label}
      <span className="ml-1.5 text-sm font-normal text-soft no-underline pointer-coarse:hidden">{shown}</span>
    </button>
  );
}
