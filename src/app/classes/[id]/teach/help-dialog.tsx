'use client';

import { Dialog } from 'radix-ui';
import { ADVICE_SIGNS, STOP_SIGNS, type Incident } from '@/core/teach';
import type { Person } from '@/core/people';
import { Button } from '@/ui/form/button';
import { IncidentForm } from './incident-form';
import { Sheet } from './sheet';

type Props = {
  open: boolean;
  onClose: () => void;
  /** Null in a rehearsal: nothing is recorded. */
  classId: string | null;
  onIncident: (incident: Incident) => void;
  people: readonly Person[];
  /** The venue's own words; empty where none are set. */
  venueSafety: string;
};

/** Always in reach while teaching; the count is paused while it is open. */
export function HelpDialog({ open, onClose, classId, onIncident, people, venueSafety }: Props) {
  return (
    <Sheet open={open} onClose={onClose}>
      <Dialog.Title className="text-2xl font-bold text-load">Stop, sit, get help</Dialog.Title>
      <Dialog.Description className="mt-2 text-xl">
        Follow the venue’s first-aid rules and call the local emergency number if in doubt. Someone stays with
        the person.
      </Dialog.Description>
      {venueSafety && (
        <p className="mt-3 rounded-xl border-2 border-ink px-4 py-2 text-xl whitespace-pre-line">
          {venueSafety}
        </p>
      )}
      <h3 className="mt-5 text-lg">Stop for any of these</h3>
      <ul className="list-disc pl-6 text-xl">
        {STOP_SIGNS.map((sign) => (
          <li key={sign}>{sign}</li>
        ))}
      </ul>
      <details className="mt-3 text-lg">
        <summary className="min-h-11 content-center font-semibold">
          Not an emergency, but ask for advice
        </summary>
        <ul className="list-disc pl-6">
          {ADVICE_SIGNS.map((sign) => (
            <li key={sign}>{sign}</li>
          ))}
        </ul>
        <p className="mt-1">A note to take along can be drafted on the person’s page.</p>
      </details>
      <p className="mt-3 text-lg">The count is paused.</p>
      <Dialog.Close asChild>
        <Button look="main" className="mt-3">
          Back to the class
        </Button>
      </Dialog.Close>
      {classId && <IncidentForm classId={classId} people={people} onKeep={onIncident} />}
    </Sheet>
  );
}
