'use client';

import { usePathname, useRouter } from 'next/navigation';
import { useEffect, useState } from 'react';
import { toast } from 'sonner';
import { putDropped } from './dropped-file';

const carriesFile = (e: DragEvent): boolean => e.dataTransfer?.types.includes('Files') ?? false;
/** Pages with a place of their own for files say so. */
const hasOwnPlace = (e: DragEvent): boolean =>
  e.target instanceof Element && e.target.closest('[data-file-place]') !== null;

/** A file may be dropped anywhere; it is opened on the page for files, and nothing is kept before it was looked at. */
export function FileDrop() {
  const router = useRouter();
  const path = usePathname();
  const [over, setOver] = useState(false);
  useEffect(() => {
    const onOver = (e: DragEvent) => {
      if (!carriesFile(e) || hasOwnPlace(e)) return;
      e.preventDefault();
      setOver(true);
    };
    const onLeave = (e: DragEvent) => {
      if (e.relatedTarget === null) setOver(false);
    };
    const onDrop = (e: DragEvent) => {
      setOver(false);
      if (!carriesFile(e) || hasOwnPlace(e)) return;
      e.preventDefault();
      const file = e.dataTransfer?.files[0];
      if (!file) return;
      if (/\/teach$|^\/room$/.test(path)) return void toast('Files are brought in outside teaching');
      putDropped(file);
      router.push(`/files?dropped=${Date.now()}`);
    };
    window.addEventListener('dragover', onOver);
    window.addEventListener('dragleave', onLeave);
    window.addEventListener('drop', onDrop);
    return () => {
      window.removeEventListener('dragover', onOver);
      window.removeEventListener('dragleave', onLeave);
      window.removeEventListener('drop', onDrop);
    };
  }, [router, path]);
  if (!over) return null;
  return (
    <div
      aria-hidden="true"
      className="pointer-events-none fixed inset-3 z-50 grid place-content-center rounded-3xl border-4 border-dashed border-ink bg-linen/80 text-2xl font-bold"
    >
      Drop the file to look at it
    </div>
  );
}
