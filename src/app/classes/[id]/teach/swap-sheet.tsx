'use client';

import { Dialog } from 'radix-ui';
import { useState } from 'react';
import { CheckBox } from '@/ui/form/check-box';
import { doseWords } from '@/core/dose';
import { doneWith, type Movement } from '@/core/catalogue';
import type { SwapChoice } from '@/core/teach';
import { capital, plural } from '@/core/words';
import { Button } from '@/ui/form/button';
import { useCatalogue } from '@/ui/catalogue';
import { LazyPicture } from '@/ui/hand/lazy-picture';
import { Sheet } from './sheet';

type Props = {
  onClose: () => void;
  title: string;
  /** What is in the hands now; null where they are empty. */
  held: string | null;
  choices: readonly SwapChoice[];
  onSwap: (movement: Movement) => void;
};

/** What could stand in for the row under way, nearest first. */
export function SwapSheet({ onClose, title, held, choices, onSwap }: Props) {
  const catalogue = useCatalogue();
  const [without, setWithout] = useState(false);
  const inHand = held ? (catalogue.prop(held)?.plural ?? held) : '';
  const shown = without ? choices.filter((c) => c.movement.propId !== held) : choices;
  return (
    <Sheet open onClose={onClose}>
      <div className="flex items-center justify-between gap-4">
        <Dialog.Title className="text-xl font-bold">Instead of {title.toLowerCase()}</Dialog.Title>
        <Dialog.Close asChild>
          <Button>Keep it</Button>
        </Dialog.Close>
      </div>
      <Dialog.Description className="text-soft">
        The same purpose, seated, nothing new in the hands, no more effort. The plan itself stays as it is.
      </Dialog.Description>
      {held && <CheckBox label={`Without the ${inHand}`} on={without} onChange={setWithout} />}
      <ul className="mt-3 grid gap-2">
        {shown.map(({ movement, leftOut, heldBack }) => {
          const figure = catalogue.figure(movement.id);
          return (
            <li key={movement.id}>
              <button
                type="button"
                className="flex min-h-20 w-full items-center gap-4 rounded-xl border-2 border-edge px-4 text-left hover:border-ink"
                onClick={() => onSwap(movement)}
              >
                <span className="flex w-28 justify-center">
                  {figure && <LazyPicture figure={figure} height={72} />}
                </span>
                <span>
                  <strong className="text-lg">{movement.name}</strong>
                  <span className="block">
                    {capital(doseWords(movement.dose, doneWith(movement)))}
                    {movement.propId &&
                      `, with ${catalogue.prop(movement.propId)?.plural ?? movement.propId}`}
                    .{' '}
                    {leftOut > 0
                      ? `${plural(leftOut, 'person', 'people')} would have nothing to do.`
                      : heldBack > 0
                        ? `${plural(heldBack, 'does', 'do')} it their own way.`
                        : 'Everyone does it as shown.'}
                  </span>
                </span>
              </button>
            </li>
          );
        })}
        {shown.length === 0 && <li>Nothing stands in for this. Skip it, or take a hand break.</li>}
      </ul>
    </Sheet>
  );
}
