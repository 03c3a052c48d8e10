'use client';

import { Form } from '@/ui/form/form';
import { useEffect, useState } from 'react';
import { dropIncidentDrafts } from '@/ui/incident-draft';
import { Button } from '@/ui/form/button';
import { requestJson } from '@/ui/request-json';
import { Field, inputClass, Trouble } from '@/ui/form/field';

/** One field for both: nobody is told which of them was nearly right. */
export function OpenForm({ to, byName }: { to: string | null; byName: boolean }) {
  const [name, setName] = useState('');
  const [secret, setSecret] = useState('');
  const [busy, setBusy] = useState(false);
  const [trouble, setTrouble] = useState<string | null>(null);
  useEffect(dropIncidentDrafts, []);
  const open = async () => {
    setBusy(true);
    const opened = await requestJson<{ goTo: string }>('POST', '/api/lock/open', { name, secret });
    setBusy(false);
    setTrouble(opened.ok ? null : opened.message);
    // A whole new page: nothing that was made for nobody stays in memory.
    // Whoever asked for the room screen gets it: a helper's own screen has names on it.
    if (opened.ok)
      window.location.assign(opened.value.goTo === '/' || to === '/room' ? (to ?? '/') : opened.value.goTo);
  };
  return (
    <Form
      className="grid max-w-md gap-4"
      onSubmit={(event) => {
        event.preventDefault();
        void open();
      }}
    >
      {byName && (
        <Field label="Name" hint="Leave it empty for a helper’s code">
          {(field) => (
            <input
              {...field}
              autoComplete="username"
              autoFocus
              maxLength={40}
              className={inputClass}
              value={name}
              onChange={(e) => setName(e.target.value)}
            />
          )}
        </Field>
      )}
      <Field label="Passphrase or code">
        {(field) => (
          <input
            {...field}
            type="password"
            autoComplete="current-password"
            autoFocus={!byName}
            className={inputClass}
            value={secret}
            onChange={(e) => setSecret(e.target.value)}
          />
        )}
      </Field>
      <Trouble message={trouble} />
      <div>
        <Button type="submit" look="main" disabled={busy || secret === ''}>
          {busy ? 'Opening' : 'Open'}
        </Button>
      </div>
    </Form>
  );
}
