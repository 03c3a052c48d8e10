'use client';

import { useState } from 'react';
import { Button } from '@/ui/form/button';
import { requestJson } from '@/ui/request-json';
import { Trouble } from '@/ui/form/field';

const KINDS = {
  helper: {
    title: 'Helpers’ own screens',
    opens: 'Room and the marks of this class',
    make: 'Make a code for helpers',
    again: 'Make another code for helpers',
  },
  tv: {
    title: 'A screen for the room',
    opens: 'Room of this class alone, where there are no names',
    make: 'Make a code for a screen',
    again: 'Make another code for a screen',
  },
} as const;

/** A code with which helpers mark on a machine of their own, or a large screen shows the room, in this class alone. */
export function HelperCode({ classId, kind }: { classId: string; kind: keyof typeof KINDS }) {
  const [code, setCode] = useState<string | null>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  const { title, opens, make, again } = KINDS[kind];
  const ask = async () => {
    const made = await requestJson<{ code: string }>('POST', `/api/classes/${classId}/helper-code`, { kind });
    setTrouble(made.ok ? null : made.message);
    if (made.ok) setCode(made.value.code);
  };
  return (
    <div>
      <h3 className="text-lg">{title}</h3>
      {code ? (
        <p role="status">
          The code: <strong className="tabular text-xl tracking-widest">{code}</strong>. It opens {opens},
          until its day is over. Another code ends it.
        </p>
      ) : (
        <p>A code opens {opens}, until its day is over.</p>
      )}
      <Button className="mt-2" onClick={ask}>
        {code ? again : make}
      </Button>
      <Trouble message={trouble} />
    </div>
  );
}
