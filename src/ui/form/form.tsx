'use client';

import { useEffect, useRef, useSyncExternalStore, type ComponentProps } from 'react';

const never = () => () => {};

type Props = ComponentProps<'form'> & {
  /** It waits for what was typed into it before. */
  waits?: boolean;
};

/** A form that takes nothing until the page listens: what is typed earlier would be set back. */
export function Form({ children, waits = false, ...rest }: Props) {
  const form = useRef<HTMLFormElement>(null);
  const listens = useSyncExternalStore(
    never,
    () => true,
    () => false,
  );
  // A field that is switched off while the page loads is not gone to by itself.
  useEffect(() => {
    if (listens && !waits) form.current?.querySelector<HTMLElement>('[autofocus]')?.focus();
  }, [listens, waits]);
  return (
    <form ref={form} {...rest}>
      <fieldset disabled={!listens || waits} className="contents">
        {children}
      </fieldset>
    </form>
  );
}
