'use client';

import { Dialog } from 'radix-ui';
import { useCallback, useMemo, useRef, useState } from 'react';
import type { Movement } from '@/core/catalogue';
import { scriptOf } from '@/core/dose';
import { previewAt, withSplit, type MovementFigure } from '@/core/hand';
import { Button } from '@/ui/form/button';
import { Hands, whoOf } from '@/ui/hand/hands';
import { KeyPoses } from '@/ui/hand/movement-picture';
import { useFrame } from '@/ui/hooks/use-frame';

type Props = { movement: Movement; figure: MovementFigure };

/** The movement at its own tempo, over and over; its key poses where motion is not wanted, and on paper. */
export function MovingHands({ movement, figure }: Props) {
  const [moving, setMoving] = useState(true);
  const [full, setFull] = useState(false);
  return (
    <div className="grid content-start gap-3">
      <div className="motion-reduce:hidden print:hidden">
        <Moving
          movement={movement}
          figure={figure}
          moving={moving && !full}
          className="aspect-[392/314] w-full"
        />
        <div className="mt-3 flex justify-center gap-3">
          <Button onClick={() => setMoving(!moving)}>{moving ? 'Hold still' : 'Move'}</Button>
          <FullSize movement={movement} figure={figure} open={full} onOpenChange={setFull} />
        </div>
      </div>
      <div className="hidden motion-reduce:block print:block">
        <KeyPoses figure={figure} height={170} />
      </div>
    </div>
  );
}

/** The same as large as the screen, to show a helper across a room; the page's own figure holds still behind it. */
function FullSize({
  movement,
  figure,
  ...state
}: Props & { open: boolean; onOpenChange: (open: boolean) => void }) {
  return (
    <Dialog.Root {...state}>
      <Dialog.Trigger asChild>
        <Button>Full screen</Button>
      </Dialog.Trigger>
      <Dialog.Portal>
        <Dialog.Content
          aria-describedby={undefined}
          className="fixed inset-0 z-40 flex flex-col bg-linen px-6 py-3"
        >
          <div className="flex items-center justify-between gap-4">
            <Dialog.Title className="text-2xl">{movement.name}</Dialog.Title>
            <Dialog.Close asChild>
              <Button>Close</Button>
            </Dialog.Close>
          </div>
          <Moving movement={movement} figure={figure} moving className="min-h-0 flex-1" />
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}

function Moving({ movement, figure, moving, className }: Props & { moving: boolean; className: string }) {
  const since = useRef<number | null>(null);
  const beats = useMemo(() => scriptOf(movement.dose, { breathMs: 5_000, slowFirst: false }), [movement]);
  const split = useMemo(() => withSplit(figure, movement.phases.workShare), [figure, movement]);
  const read = useCallback(() => {
    if (typeof window === 'undefined') return 0;
    since.current ??= performance.now();
    return performance.now() - since.current;
  }, []);
  const offset = useFrame(read, moving);
  return (
    <div className={className}>
      <Hands
        figure={split}
        showing={previewAt(beats, offset)}
        label={`${whoOf(figure)}: ${movement.name.toLowerCase()}`}
        where
      />
    </div>
  );
}
