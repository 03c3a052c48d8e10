'use client';

import { useState } from 'react';
import { plural } from '@/core/words';
import type { InstructorLine } from '@/server/instructors/instructors';
import { Button } from '@/ui/form/button';
import { InstructorChanges } from './instructor-changes';

type Props = { instructors: readonly InstructorLine[]; meId: string };

/** Every instructor and what is theirs; what a coordinator can do for one of them opens below. */
export function InstructorList({ instructors, meId }: Props) {
  const [openId, setOpenId] = useState<string | null>(null);
  return (
    <ul className="border-t-2 border-edge">
      {instructors.map((one) => (
        <li key={one.id} className="border-b py-2">
          <div className="flex min-h-11 flex-wrap items-center gap-x-6 gap-y-1">
            <strong className="w-48">
              {one.name}
              {one.id === meId && ' (you)'}
            </strong>
            <span className="tabular w-56">
              {plural(one.groups, 'group')}, {plural(one.people, 'person', 'people')}
            </span>
            <span className="w-36">{one.coordinator && 'coordinator'}</span>
            {one.id !== meId && (
              <Button
                className="ml-auto"
                aria-expanded={openId === one.id}
                aria-label={`Change ${one.name}`}
                onClick={() => setOpenId(openId === one.id ? null : one.id)}
              >
                Change
              </Button>
            )}
          </div>
          {openId === one.id && (
            <InstructorChanges
              one={one}
              others={instructors.filter((i) => i.id !== one.id)}
              heirId={meId}
              onDone={() => setOpenId(null)}
            />
          )}
        </li>
      ))}
    </ul>
  );
}
