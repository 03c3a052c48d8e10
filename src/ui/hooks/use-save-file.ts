'use client';

import { useEffect } from 'react';

/** Hands a file to the browser to keep, once, as soon as it is there. */
export function useSaveFile(bytes: Uint8Array<ArrayBuffer> | null, type: string, name: string): void {
  useEffect(() => {
    if (!bytes) return;
    const url = URL.createObjectURL(new Blob([bytes], { type }));
    Object.assign(document.createElement('a'), { href: url, download: name }).click();
    // The browser has its copy by then.
    const timer = setTimeout(() => URL.revokeObjectURL(url), 60_000);
    return () => clearTimeout(timer);
  }, [bytes, type, name]);
}
