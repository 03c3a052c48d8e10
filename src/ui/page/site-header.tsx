'use client';

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
export function SiteHeader({ name }: { name: string | null }) {
  const path = usePathname();
  if (path === '/room' || /^\/classes\/[^/]+\/teach$/.test(path)) return null;
  const isHere = (href: string) => (href === '/' ? path === '/' : path.startsWith(href));
  return (
    <header className="no-print mx-auto flex w-full max-w-[1400px] flex-wrap items-center gap-x-8 gap-y-1 px-6 pt-3">
      <Link href="/" className="flex items-center gap-3 py-2 text-xl font-bold">
        <BrandMark /> Oskil
      </Link>
      <nav aria-label="Main" className="flex flex-wrap gap-x-2">
        {PLACES.map(({ href, name }) => (
          <Link
            key={href}
            href={href}
            aria-current={isHere(href) ? 'page' : undefined}
            className={`border-b-4 px-3 py-2 ${isHere(href) ? 'border-ink font-bold' : 'border-transparent hover:border-edge'}`}
          >
            {name}
          </Link>
        ))}
      </nav>
      {name && (
        <Link href="/settings" className="ml-auto py-2 text-soft underline underline-offset-4">
          {name}
        </Link>
      )}
    </header>
  );
}
