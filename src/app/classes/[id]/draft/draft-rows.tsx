import type { Catalogue } from '@/core/catalogue';
import type { Draft, DraftWish } from '@/core/draft';
import { Button } from '@/ui/form/button';
import { PurposeMark } from '@/ui/verdict-signs';

type Props = {
  draft: Draft;
  catalogue: Catalogue;
  pinned: readonly string[];
  /** Draft again with a changed wish. */
  onWish: (change: (wish: DraftWish) => Partial<DraftWish>) => void;
  /** Draft again with another movement for this one, and all the rest as it is where that goes. */
  onSwap: (id: string, other: string) => void;
};

/** Every drafted movement with its sentence; pin it, leave it out, or swap another in. */
export function DraftRows({ draft, catalogue, pinned, onWish, onSwap }: Props) {
  const pin = (id: string) =>
    onWish((w) => ({
      pinned: w.pinned.includes(id) ? w.pinned.filter((p) => p !== id) : [...w.pinned, id],
    }));
  const leaveOut = (id: string) =>
    onWish((w) => ({ banned: [...w.banned, id], pinned: w.pinned.filter((p) => p !== id) }));
  return (
    <ul className="mt-2 max-h-[28rem] overflow-y-auto" tabIndex={-1}>
      {draft.rows.map(({ movementId, why, instead }) => {
        const movement = catalogue.movement(movementId);
        const other = instead && catalogue.movement(instead.movementId);
        if (!movement) return null;
        const isPinned = pinned.includes(movementId);
        return (
          <li
            key={movementId}
            className="grid items-center gap-x-3 border-t border-line py-1 sm:grid-cols-[2rem_1fr_5rem_7rem] xl:grid-cols-[2rem_1fr_5rem_7rem_22rem]"
          >
            <PurposeMark purpose={movement.purpose} />
            <p className="min-w-0 leading-tight">
              <strong>{movement.name}.</strong> <span className="text-sm">{why}</span>
            </p>
            <Button
              look="quiet"
              className="px-2! text-sm"
              aria-pressed={isPinned}
              onClick={() => pin(movementId)}
              aria-label={`${isPinned ? 'Unpin' : 'Pin'} ${movement.name}`}
            >
              {isPinned ? 'Unpin' : 'Pin'}
            </Button>
            <Button
              look="quiet"
              className="px-2! text-sm"
              onClick={() => leaveOut(movementId)}
              aria-label={`Leave out ${movement.name}`}
            >
              Leave out
            </Button>
            {other && (
              <Button
                look="quiet"
                className="justify-start! px-2! text-left text-sm leading-tight sm:col-start-2 xl:col-start-auto"
                onClick={() => onSwap(movementId, other.id)}
                aria-label={`Swap ${movement.name} for ${other.name}`}
              >
                {other.name} instead
                {instead.cost < 0.05 ? ', costs nothing' : `, costs ${instead.cost.toFixed(1)}`}
              </Button>
            )}
          </li>
        );
      })}
    </ul>
  );
}
