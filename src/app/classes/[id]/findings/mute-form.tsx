'use client';

import { Form } from '@/ui/form/form';
import { useId, useState } from 'react';
import { muteSchema, ruleOf, type Finding } from '@/core/plan';
import { Button } from '@/ui/form/button';
import { inputClass } from '@/ui/form/field';

type Props = { finding: Finding; onMute: (reason: string) => void };

/** Quiet a rule for this class. A must is only quieted with its reason written down. */
export function MuteForm({ finding: { code, severity }, onMute }: Props) {
  const [reason, setReason] = useState('');
  const [tried, setTried] = useState(false);
  const id = useId();
  const parsed = muteSchema.safeParse({ code, reason });
  const missing = severity === 'must' && reason.trim() === '';
  const trouble = missing ? 'A must is muted only with a reason.' : parsed.error?.issues[0]?.message;
  return (
    <Form
      className="mt-2 flex flex-wrap items-center gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        setTried(true);
        if (!trouble && parsed.success) onMute(parsed.data.reason);
      }}
    >
      <label htmlFor={id} className="font-semibold">
        Why “{ruleOf(code)?.title}” ({code}) does not matter in this class
        {severity !== 'must' && ' (may stay empty)'}
      </label>
      <input
        id={id}
        autoFocus
        className={`${inputClass} max-w-md text-ink`}
        value={reason}
        aria-invalid={tried && Boolean(trouble)}
        onChange={(e) => setReason(e.target.value)}
      />
      <Button type="submit">Mute {code}</Button>
      {tried && trouble && (
        <p role="alert" className="font-semibold">
          {trouble}
        </p>
      )}
    </Form>
  );
}
