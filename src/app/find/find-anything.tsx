'use client';

import dynamic from 'next/dynamic';
import { Search } from 'lucide-react';
import { useEffect, useState } from 'react';

const FindDialog = dynamic(() => import('./find-dialog').then((m) => m.FindDialog), { ssr: false });

/** One field over every page, person, class and movement, and the steps of the class one is in; Ctrl and K open it. */
export function FindAnything() {
  const [open, setOpen] = useState(false);
  const [wasOpen, setWasOpen] = useState(false);
  if (open && !wasOpen) setWasOpen(true);
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (!(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== 'k') return;
      event.preventDefault();
      setOpen((now) => !now);
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, []);
  return (
    <>
      <button
        type="button"
        className="ml-auto inline-flex min-h-11 min-w-11 shrink-0 items-center justify-center gap-2 rounded-full border-2 border-edge bg-paper px-3 text-soft hover:border-ink"
        onClick={() => setOpen(true)}
      >
        <Search size={20} aria-hidden="true" />
        <span className="max-xl:sr-only">Find anything</span>
      </button>
      {wasOpen && <FindDialog open={open} onOpenChange={setOpen} />}
    </>
  );
}
