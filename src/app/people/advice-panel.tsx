'use client';

import { useState } from 'react';
import { toast } from 'sonner';
import { ADVICE_SIGNS } from '@/core/teach';
import { Button } from '@/ui/form/button';
import { Field, inputClass } from '@/ui/form/field';

/** A drafted note, to read over, change and copy; it goes nowhere by itself. */
export function AdvicePanel({ note, signs }: { note: string; signs: readonly string[] }) {
  const [text, setText] = useState(note);
  const copy = async () => {
    try {
      await navigator.clipboard.writeText(text);
      toast('The note is copied');
    } catch {
      toast('This browser would not copy. Select the text and copy it by hand.');
    }
  };
  return (
    <details id="note" className="mt-8" open={signs.length > 0}>
      <summary className="min-h-11 content-center text-xl font-bold">A note to take along</summary>
      {signs.length > 0 && (
        <p className="mb-2 font-semibold text-load">Suggest to ask a clinician: {signs.join('; ')}.</p>
      )}
      <p>For advice that is not urgent:</p>
      <ul className="mb-3 list-disc pl-6">
        {ADVICE_SIGNS.map((sign) => (
          <li key={sign}>{sign}</li>
        ))}
      </ul>
      <Field label="The note" hint="Facts and measures only; read it over with the person">
        {(field) => (
          <textarea
            {...field}
            rows={14}
            className={inputClass}
            value={text}
            onChange={(e) => setText(e.target.value)}
          />
        )}
      </Field>
      <Button className="mt-3" onClick={() => void copy()}>
        Copy the note
      </Button>
    </details>
  );
}
