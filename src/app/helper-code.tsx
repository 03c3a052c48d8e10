'use client';

import { useState } from 'react';
import { Button } from '@/ui/button';
import { call } from '@/ui/call';
import { Trouble } from '@/ui/field';

/** A code with which helpers mark on a machine of their own, in this class alone. */
export function HelperCode({ classId }: { classId: string }) {
  const [code, setCode] = useState<string | null>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  const make = async () => {
    const made = await call<{ code: string }>('POST', `/api/classes/${classId}/helper-code`);
    setTrouble(made.ok ? null : made.message);
    if (made.ok) setCode(made.value.code);
  };
  return (
    <div>
      <h3 className="text-lg">Helpers’ own screens</h3>
      {code ? (
        <p role="status">
          The code: <strong className="tabular text-xl tracking-widest">{code}</strong>. It opens Room and the
          marks of this class until its day is over. Another code ends it.
        </p>
      ) : (
        <p>A code opens Room and the marks of this class, until its day is over.</p>
      )}
      <Button className="mt-2" onClick={make}>
        {code ? 'Make another code' : 'Make a code for helpers'}
      </Button>
      <Trouble message={trouble} />
    </div>
  );
}
