'use client';

import { Dialog } from 'radix-ui';
import { INTERRUPTIONS, type InterruptionWhy } from '@/core/teach';
import { capital } from '@/core/words';
import { Button } from '@/ui/form/button';
import { Sheet } from './sheet';

type Props = { onClose: () => void; why: string | null; onWhy: (why: InterruptionWhy) => void };

/** The class is paused; what for is one tap, and kept apart from what the rows took. */
export function InterruptionSheet({ onClose, why, onWhy }: Props) {
  return (
    <Sheet open onClose={onClose}>
      <Dialog.Title className="text-2xl font-bold">The class is paused. What for?</Dialog.Title>
      <Dialog.Description className="mt-1 text-lg">
        The time until you go on is told in the wrap-up and is no part of what a row takes. If the rest no
        longer fits, what to shorten is proposed when you go on.
      </Dialog.Description>
      <div className="mt-4 grid gap-3 md:grid-cols-2">
        {INTERRUPTIONS.map((one) => (
          <Button key={one} className="py-4 text-xl" aria-pressed={one === why} onClick={() => onWhy(one)}>
            {capital(one)}
          </Button>
        ))}
      </div>
      <Button className="mt-6" onClick={onClose}>
        No reason
      </Button>
    </Sheet>
  );
}
