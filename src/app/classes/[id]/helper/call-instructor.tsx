'use client';

import { useState } from 'react';
import { Button } from '@/ui/form/button';

type Props = {
  people: readonly { readonly id: string; readonly name: string }[];
  /** To whom the instructor is asked to come and has not said so yet, by id. */
  asked: readonly string[];
  /** The instructor has said so in this row. */
  isSeen: boolean;
  onCall: (personId: string) => void;
};

/** "I need you": the instructor's screen says to whom, until it is answered. */
export function CallInstructor({ people, asked, isSeen, onCall }: Props) {
  const [choosing, setChoosing] = useState(false);
  const names = people.filter((p) => asked.includes(p.id)).map((p) => p.name);
  if (choosing)
    return (
      <div className="w-full">
        <p className="font-semibold">To whom should the instructor come?</p>
        <div className="mt-1 flex flex-wrap gap-2">
          {people.map(({ id, name }) => (
            <Button
              key={id}
              onClick={() => {
                onCall(id);
                setChoosing(false);
              }}
            >
              {name}
            </Button>
          ))}
          <Button look="quiet" onClick={() => setChoosing(false)}>
            Nobody
          </Button>
        </div>
      </div>
    );
  return (
    <div className="flex flex-wrap items-center gap-3">
      <p role="status">
        {names.length > 0
          ? `Asked to come to ${names.join(', ')}`
          : isSeen
            ? 'The instructor has seen it and comes'
            : ''}
      </p>
      <Button look="danger" onClick={() => setChoosing(true)}>
        I need you
      </Button>
    </div>
  );
}
