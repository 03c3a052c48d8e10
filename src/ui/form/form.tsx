'use client';

import { useEffect, useRef, useSyncExternalStore, type ComponentProps } from 'react';

const never = () => () => {};

/** A form that takes nothing until the page listens: what is typed earlier would be set back. */
export function Form({ children, ...rest }: ComponentProps<'form'>) {
  const form = useRef<HTMLFormElement>(null);
  const listens = useSyncExternalStore(
    never,
    () => true,
    () => false,
  );
  // A field that is switched off while the page loads is not gone to by itself.
  useEffect(() => {
    if (listens) form.current?.querySelector<HTMLElement>('[autofocus]')?.focus();
  }, [listens]);
  return (
    <form ref={form} {...rest}>
      <fieldset disabled={!listens} className="contents">
        {children}
      </fieldset>
    </form>
  );
}
