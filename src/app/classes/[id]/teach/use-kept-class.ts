'use client';

import { useEffect } from 'react';
import { forgetKnown } from './outbox';

/** While a class is under way the browser keeps its page, so that a reload finds it even when Oskil cannot be reached. */
export function useKeptClass(): void {
  useEffect(() => tell({ keep: location.pathname, parts: partsOfPage() }), []);
}

/** The class is over: nothing of it stays in the browser. */
export function forgetClass(classId: string): void {
  tell({ forget: true });
  void forgetKnown(classId);
}

function tell(message: object): void {
  if (!('serviceWorker' in navigator)) return;
  void navigator.serviceWorker.ready.then(({ active }) => active?.postMessage(message));
}

/** What the page was made of: scripts, looks and fonts, all of which carry a digest in their name. */
const partsOfPage = (): readonly string[] =>
  performance
    .getEntriesByType('resource')
    .map((entry) => entry.name)
    .filter((name) => name.startsWith(`${location.origin}/_next/static/`));
