'use client';

import { Popover } from 'radix-ui';
import { Fragment, type ReactNode } from 'react';
import { lowerFirst } from '@/core/words';
import { GLOSSARY, type GlossaryId } from '@/catalogue/glossary';

type Props = { of: GlossaryId; children: ReactNode };

/** A word of ours that says what it means where it stands, when it is pressed. */
export function Word({ of, children }: Props) {
  const { word, means } = GLOSSARY.find((g) => g.id === of)!;
  return (
    <Popover.Root>
      <Popover.Trigger className="relative underline decoration-dotted underline-offset-4 before:absolute before:-inset-x-1 before:-inset-y-2.5">
        {children}
        <span className="sr-only">, what it means</span>
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          sideOffset={6}
          collisionPadding={8}
          aria-label={word}
          className="z-50 w-80 max-w-[calc(100vw-2rem)] rounded-xl border-2 border-ink bg-paper p-4 text-base font-normal text-ink shadow-lg"
        >
          <p className="font-semibold">{word}</p>
          <p className="mt-1">{means}</p>
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}

/** "What is meant by pass, until told": the words of a part of a page, each with what it means. */
export function Meant({ of }: { of: readonly GlossaryId[] }) {
  return (
    <p className="w-full text-sm text-soft">
      What is meant by{' '}
      {of.map((id, i) => (
        <Fragment key={id}>
          {i > 0 && ', '}
          <Word of={id}>{lowerFirst(GLOSSARY.find((g) => g.id === id)!.word)}</Word>
        </Fragment>
      ))}
    </p>
  );
}
