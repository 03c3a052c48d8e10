'use client';

import { useEffect, useRef } from 'react';
import type { TeachCommand } from '@/core/teach/transport';

export type TeachAction = Exclude<TeachCommand, 'go' | 'pause'> | 'marks' | 'help';

/** Keys, the presentation clicker's among them. */
const ACTION_BY_KEY: Readonly<Record<string, TeachAction>> = {
  ' ': 'goOrPause',
  ArrowRight: 'next',
  PageDown: 'next',
  ArrowLeft: 'back',
  PageUp: 'back',
  r: 'repeat',
  '+': 'more',
  '=': 'more',
  s: 'skip',
  m: 'marks',
  h: 'help',
};

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
      // Space on a focused button is that button's own.
      if (event.key === ' ' && target.closest('button, a')) return;
      const action = ACTION_BY_KEY[event.key.length === 1 ? event.key.toLowerCase() : event.key];
      if (!action) return;
      event.preventDefault();
      latest.current(action);
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [active]);
}
