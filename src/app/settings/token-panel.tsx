'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { toast } from 'sonner';
import { Button } from '@/ui/form/button';
import { requestJson } from '@/ui/request-json';
import { Field, inputClass, Trouble } from '@/ui/form/field';

/** The token for other programs: made, shown once, ended. */
export function TokenPanel({ there }: { there: boolean }) {
  const router = useRouter();
  const [token, setToken] = useState<string | null>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  const make = async () => {
    const result = await requestJson<{ token: string }>('POST', '/api/token');
    setTrouble(result.ok ? null : result.message);
    if (!result.ok) return;
    setToken(result.value.token);
    router.refresh();
  };
  const end = async () => {
    const result = await requestJson('DELETE', '/api/token');
    setTrouble(result.ok ? null : result.message);
    if (!result.ok) return;
    setToken(null);
    toast('The token has ended');
    router.refresh();
  };
  return (
    <section aria-label="Other programs" className="mt-10">
      <h2 className="text-xl">Other programs</h2>
      <p>
        Another program on this computer may check and draft plans and take files out with a token. What it
        can ask is described in{' '}
        <a className="underline underline-offset-4" href="/api/v1/openapi.json">
          the OpenAPI description
        </a>
        .
      </p>
      {token && (
        <Field
          label="The token"
          hint="It is shown this once; only a trace of it is kept"
          className="mt-3 max-w-2xl"
        >
          {(field) => (
            <input
              {...field}
              readOnly
              className={`${inputClass} font-mono`}
              value={token}
              onFocus={(e) => e.target.select()}
            />
          )}
        </Field>
      )}
      <div className="mt-3 flex flex-wrap gap-3">
        <Button onClick={make}>{there ? 'Make another token' : 'Make a token'}</Button>
        {there && <Button onClick={end}>End the token</Button>}
      </div>
      <Trouble message={trouble} />
    </section>
  );
}
