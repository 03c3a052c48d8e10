import type { Metadata } from 'next';
import type { ReactNode } from 'react';
import { headers } from 'next/headers';
import { connection } from 'next/server';
import { Toaster } from 'sonner';
import { database } from '@/server/shell/database';
import { dbForRequest, instructorHere, requesterKind } from '@/server/lock/request-identity';
import { hasLock, IDLE_MINUTES } from '@/server/lock/lock';
import { METRIC } from '@/core/units';
import { unitsNow } from '@/server/shell/settings';
import { listOwn } from '@/store/own-movements';
import { OwnMovementsProvider } from '@/ui/own-movements';
import { UnitsProvider } from '@/ui/units';
import { FileDrop } from '@/ui/form/file-drop';
import { EarlyTaps } from '@/ui/page/early-taps';
import { IdleLock } from '@/ui/page/idle-lock';
import { KEEP_THEME } from '@/ui/page/keep-theme';
import { KEEP_EARLY_TAPS } from '@/ui/page/keep-early-taps';
import { OfflineShell } from '@/ui/page/offline-shell';
import { Tour } from '@/ui/tour/tour';
import { FindAnything } from './find/find-anything';
import { SiteHeader } from '@/ui/page/site-header';
import './globals.css';

export const metadata: Metadata = {
  title: { default: 'Oskil', template: '%s - Oskil' },
  description: 'Seated group hand and wrist classes: plan, teach, write up.',
};

export default async function RootLayout({ children }: { children: ReactNode }) {
  // Every page is made on request, so that its scripts carry this request's nonce.
  await connection();
  const asker = await requesterKind();
  const who = asker.kind;
  const db = await database();
  // Whoever is not let in gets none of the data along with the page.
  const own = who === 'nobody' ? [] : (await listOwn(db)).filter((o) => !o.archived);
  // Each instructor reads the units they chose.
  const seen = await dbForRequest(asker);
  const units = seen ? await unitsNow(seen) : METRIC;
  const nonce = (await headers()).get('x-nonce') ?? undefined;
  const locks = who === 'instructor' && (await hasLock(db));
  return (
    <html lang="en" suppressHydrationWarning>
      <body>
        <script
          nonce={nonce}
          suppressHydrationWarning
          dangerouslySetInnerHTML={{ __html: KEEP_THEME + KEEP_EARLY_TAPS }}
        />
        <a
          href="#main"
          className="sr-only focus:not-sr-only focus:absolute focus:z-50 focus:bg-paper focus:p-3"
        >
          Skip to the page
        </a>
        <OfflineShell />
        {locks && <IdleLock minutes={IDLE_MINUTES} />}
        <UnitsProvider units={units}>
          <OwnMovementsProvider own={own}>
            {who === 'instructor' && (
              <SiteHeader name={(await instructorHere())?.name ?? null}>
                <FindAnything />
              </SiteHeader>
            )}
            {children}
          </OwnMovementsProvider>
        </UnitsProvider>
        {who === 'instructor' && <FileDrop />}
        {who === 'instructor' && <Tour />}
        <Toaster
          position="top-center"
          duration={8_000}
          toastOptions={{
            style: {
              background: 'var(--color-paper)',
              color: 'var(--color-ink)',
              fontFamily: 'var(--font-sans)',
              fontSize: '1.05rem',
              border: '2px solid var(--color-ink)',
            },
            // As large as every other key.
            actionButtonStyle: {
              minHeight: '44px',
              padding: '0 1.1rem',
              borderRadius: '999px',
              background: 'var(--color-ink)',
              color: 'var(--color-paper)',
              fontSize: '1.05rem',
            },
          }}
        />
        <EarlyTaps />
      </body>
    </html>
  );
}
