'use client';

import { Dialog } from 'radix-ui';
import { Button } from '@/ui/button';
import { Sheet } from './sheet';

const SIGNS = [
  'sharp or shooting pain',
  'new numbness or tingling that stays',
  'light-headedness, chest discomfort, breathlessness',
  'a joint suddenly hot, swollen or misshapen',
  'a pop with weakness',
  'any fall',
];

/** Always in reach while teaching; the count is paused while it is open. */
export function HelpDialog({ open, onClose }: { open: boolean; onClose: () => void }) {
  return (
    <Sheet open={open} onClose={onClose}>
      <Dialog.Title className="text-2xl font-bold text-load">Stop, sit, get help</Dialog.Title>
      <Dialog.Description className="mt-2 text-xl">
        Follow the venue’s first-aid rules and call the local emergency number if in doubt. Someone stays with
        the person.
      </Dialog.Description>
      <h3 className="mt-5 text-lg">Stop for any of these</h3>
      <ul className="list-disc pl-6 text-xl">
        {SIGNS.map((sign) => (
          <li key={sign}>{sign}</li>
        ))}
      </ul>
      <p className="mt-5 text-lg">
        The count is paused. Mark the person as stopped, and note what happened in the wrap-up.
      </p>
      <Dialog.Close asChild>
        <Button look="main" className="mt-6">
          Back to the class
        </Button>
      </Dialog.Close>
    </Sheet>
  );
}
