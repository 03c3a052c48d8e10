'use client';

import { Form } from '@/ui/form/form';
import { Dialog } from 'radix-ui';
import { useState } from 'react';
import { Button } from '@/ui/form/button';
import { Field, inputClass } from '@/ui/form/field';
import { Sheet } from './sheet';

type Props = { open: boolean; onClose: () => void; title: string; onNote: (words: string) => void };

/** A line to remember; it is in the wrap-up, with the row it was written in. */
export function NoteSheet({ open, onClose, title, onNote }: Props) {
  const [words, setWords] = useState('');
  const keep = () => {
    if (words.trim() === '') return onClose();
    onNote(words.trim());
    setWords('');
    onClose();
  };
  return (
    <Sheet open={open} onClose={onClose}>
      <Dialog.Title className="text-xl font-bold">Note on {title.toLowerCase()}</Dialog.Title>
      <Dialog.Description className="text-soft">Kept at once; you find it in the wrap-up.</Dialog.Description>
      <Form
        className="mt-3 grid gap-3"
        onSubmit={(e) => {
          e.preventDefault();
          keep();
        }}
      >
        <Field label="Note">
          {(field) => (
            <textarea
              {...field}
              autoFocus
              rows={3}
              maxLength={500}
              className={inputClass}
              value={words}
              onChange={(e) => setWords(e.target.value)}
              onKeyDown={(e) => {
                if (e.key !== 'Enter' || e.shiftKey) return;
                e.preventDefault();
                keep();
              }}
            />
          )}
        </Field>
        <div>
          <Button type="submit" look="main">
            Keep the note
          </Button>
        </div>
      </Form>
    </Sheet>
  );
}
