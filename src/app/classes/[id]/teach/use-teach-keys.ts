'use client';

import { useEffect, useRef } from 'react';
import { actionOfKey, type TeachAction } from './teach-key-table';

/** Keys do what their buttons do, but where they are typed into something. */
export function useTeachKeys(onAction: (action: TeachAction) => void, active: boolean): void {
  const latest = useRef(onAction);
  useEffect(() => {
    latest.current = onAction;
  });
  useEffect(() => {
    if (!active) return;
    const onKey = (event: KeyboardEvent) => {
      if (event.ctrlKey || event.metaKey || event.altKey || event.repeat) return;
      const target = event.target as HTMLElement;
      if (target.closest('input, select, textarea')) return;
      // Space on a focused button is that button's own, and arrows scroll a list that has the focus.
      if (event.key === ' ' && target.closest('button, a')) return;
      if (/^Arrow(Up|Down)$/.test(event.key) && target.closest('[tabindex="0"]')) return;
      const action = actionOfKey(event.key);
      if (!action) return;
      event.preventDefault();
      latest.current(action);
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [active]);
}
