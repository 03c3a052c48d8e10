import type { Metadata } from 'next';
import { Link } from '@/ui/page/link';
import { database } from '@/server/shell/database';
import { instructorHere, pageData } from '@/server/lock/request-identity';
import { hasToken } from '@/server/api/token';
import { hasLock, IDLE_MINUTES } from '@/server/lock/lock';
import { settingsNow, timeZones } from '@/server/shell/settings';
import { buttonClass } from '@/ui/form/button';
import { Limits, Page, PageHead } from '@/ui/page/page';
import { LockPanel } from './lock-panel';
import { SettingsForm } from './settings-form';
import { ThemeChoice } from './theme-choice';
import { TokenPanel } from './token-panel';

export const metadata: Metadata = { title: 'Settings' };

export default async function SettingsPage() {
  const [db, whole] = [await pageData(), await database()];
  const instructor = await instructorHere();
  return (
    <Page>
      <PageHead title="Settings" line="What is the same for every class.">
        <Link href="/settings/voice" className={buttonClass()}>
          Your own voice
        </Link>
        {instructor?.coordinator !== false && (
          <>
            <Link href="/instructors" className={buttonClass()}>
              Instructors
            </Link>
            <Link href="/backup" className={buttonClass()}>
              Backups
            </Link>
          </>
        )}
      </PageHead>
      <SettingsForm initial={await settingsNow(db)} zones={timeZones()} />
      <ThemeChoice />
      <LockPanel locked={await hasLock(whole)} name={instructor?.name ?? null} idleMinutes={IDLE_MINUTES} />
      <TokenPanel there={await hasToken(whole, instructor?.id ?? null)} />
      <Limits />
    </Page>
  );
}
