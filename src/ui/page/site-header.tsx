'use client';

import type { ReactNode } from 'react';
import { Link } from './link';
import { usePathname } from 'next/navigation';
import { BrandMark } from './brand';

const PLACES = [
  { href: '/', name: 'Today' },
  { href: '/people', name: 'People' },
  { href: '/movements', name: 'Movements' },
  { href: '/classes', name: 'Classes' },
  { href: '/terms', name: 'Terms' },
  { href: '/loading', name: 'Loading' },
  { href: '/files', name: 'Files' },
  { href: '/settings', name: 'Settings' },
];

/** Name, the way round, and who is here where there are several; hidden while teaching, where the class has the whole screen. */
export function SiteHeader({ name, children }: { name: string | null; children: ReactNode }) {
  const path = usePathname();
  if (path === '/room' || /^\/classes\/[^/]+\/teach$/.test(path)) return null;
  const isHere = (href: string) => (href === '/' ? path === '/' : path.startsWith(href));
  return (
    <header className="no-print mx-auto flex w-full max-w-[1400px] items-center gap-x-6 px-6 pt-0.5">
      <Link href="/" className="flex min-h-11 shrink-0 items-center gap-3 text-xl font-bold">
        <BrandMark /> Oskil
      </Link>
      <nav aria-label="Main" className="flex min-w-0 gap-x-1 overflow-x-auto lg:gap-x-2">
        {PLACES.map(({ href, name }) => (
          <Link
            key={href}
            href={href}
            aria-current={isHere(href) ? 'page' : undefined}
            className={`flex min-h-11 items-center border-b-4 px-2.5 pt-1 ${isHere(href) ? 'border-ink font-bold' : 'border-transparent hover:border-edge'}`}
          >
            {name}
          </Link>
        ))}
      </nav>
      {children}
      {name && (
        <Link href="/settings" className="shrink-0 py-2 text-soft underline underline-offset-4">
          {name}
        </Link>
      )}
    </header>
  );
}
