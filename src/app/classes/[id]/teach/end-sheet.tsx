'use client';

import { Dialog } from 'radix-ui';
import { useState } from 'react';
import { fullName } from '@/core/people';
import type { PersonNow } from '@/core/teach';
import { plural } from '@/core/words';
import { Button } from '@/ui/form/button';
import { CheckBox } from '@/ui/form/check-box';
import { toggled } from '@/ui/form/toggled';
import { Sheet } from './sheet';

type Props = { onClose: () => void; people: readonly PersonNow[]; rowsLeft: number; onEnd: () => void };

/** The class ends before its plan does: asked once, with the roll of who is on the list, to tick off at the meeting point. */
export function EndSheet({ onClose, people, rowsLeft, onEnd }: Props) {
  const [seen, setSeen] = useState<ReadonlySet<string>>(new Set());
  return (
    <Sheet open onClose={onClose}>
      <Dialog.Title className="text-2xl font-bold">End the class here?</Dialog.Title>
      <Dialog.Description className="mt-1 text-lg">
        {rowsLeft === 0
          ? 'This is the last row.'
          : `${plural(rowsLeft, 'row')} to come, told as not reached in the wrap-up.`}
      </Dialog.Description>
      <div className="mt-4 flex flex-wrap gap-4">
        <Button look="main" className="px-8 py-3 text-xl" onClick={onEnd}>
          End the class here
        </Button>
        <Button onClick={onClose}>Go on with the class</Button>
      </div>
      <h2 className="mt-6 text-xl">Who is here</h2>
      <p className="text-soft">
        {seen.size} of {people.length} ticked. The ticks are for a meeting point and are not kept.
      </p>
      <ul className="grid grid-cols-2 gap-x-6 text-lg md:grid-cols-3">
        {people.map(({ person }) => (
          <li key={person.id}>
            <CheckBox
              label={fullName(person)}
              on={seen.has(person.id)}
              onChange={() => setSeen(toggled(seen, person.id))}
            />
          </li>
        ))}
      </ul>
    </Sheet>
  );
}
