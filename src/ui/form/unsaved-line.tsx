'use client';

import { longDay } from '../words/dates';
import { Button } from './button';
import type { UnsavedForm } from './use-unsaved';

/** That what was typed is kept, or is back, and counts only once it is saved. */
export function UnsavedLine({ unsaved }: { unsaved: UnsavedForm }) {
  const { isTyped, backFrom, trouble, onDrop } = unsaved;
  return (
    <div role="status" className="flex min-h-11 flex-wrap items-center gap-x-4 text-soft">
      {trouble ? (
        <span className="font-semibold text-load">{trouble}</span>
      ) : (
        isTyped && (
          <>
            <span>
              {backFrom
                ? `What you typed here on ${longDay(backFrom)} is back. It counts once it is saved.`
                : 'Kept as you type. It counts once it is saved.'}
            </span>
            <Button look="quiet" onClick={onDrop}>
              Throw it away
            </Button>
          </>
        )
      )}
    </div>
  );
}
