'use client';

import { useEffect, useRef } from 'react';
import type { TeachCommand } from '@/core/teach';

export type TeachAction =
  | Exclude<TeachCommand, 'go' | 'pause'>
  | 'easier'
  | 'stronger'
  | 'hand'
  | 'water'
  | 'swap'
  | 'tap'
  | 'propose'
  | 'marks'
  | 'note'
  | 'ways'
  | 'help';

/** Keys, the presentation clicker's among them. */
const ACTION_BY_KEY: Readonly<Record<string, TeachAction>> = {
  ' ': 'goOrPause',
  ArrowRight: 'next',
  PageDown: 'next',
  ArrowLeft: 'back',
  PageUp: 'back',
  ArrowUp: 'faster',
  ArrowDown: 'slower',
  r: 'repeat',
  '+': 'more',
  '=': 'more',
  s: 'skip',
  l: 'stay',
  e: 'easier',
  g: 'stronger',
  b: 'hand',
  w: 'water',
  c: 'swap',
  t: 'tap',
  p: 'propose',
  m: 'marks',
  n: 'note',
  v: 'ways',
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
      // Space on a focused button is that button's own, and arrows scroll a list that has the focus.
      if (event.key === ' ' && target.closest('button, a')) return;
      if (/^Arrow(Up|Down)$/.test(event.key) && target.closest('[tabindex="0"]')) return;
      const action = ACTION_BY_KEY[event.key.length === 1 ? event.key.toLowerCase() : event.key];
      if (!action) return;
      event.preventDefault();
      latest.current(action);
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [active]);
}
