'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { Button } from '@/ui/form/button';
import { Trouble } from '@/ui/form/field';
import { requestJson } from '@/ui/request-json';

/** All of them are forgotten, after one more question. */
export function ForgetPractices() {
  const router = useRouter();
  const [asked, setAsked] = useState(false);
  const [trouble, setTrouble] = useState<string | null>(null);
  const forget = async () => {
    const gone = await requestJson('DELETE', '/api/practice');
    setTrouble(gone.ok ? null : gone.message);
    setAsked(false);
    if (gone.ok) router.refresh();
  };
  return (
    <>
      {asked ? (
        <>
          <Button look="danger" onClick={() => void forget()}>
            Forget them all
          </Button>
          <Button onClick={() => setAsked(false)}>Keep them</Button>
        </>
      ) : (
        <Button onClick={() => setAsked(true)}>Forget these practices</Button>
      )}
      <Trouble message={trouble} />
    </>
  );
}
