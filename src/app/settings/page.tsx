import type { Metadata } from 'next';
import Link from 'next/link';
import { database } from '@/server/database';
import { hasToken } from '@/server/api/token';
import { settingsNow, timeZones } from '@/server/settings';
import { buttonClass } from '@/ui/button';
import { Limits, Page, PageHead } from '@/ui/page';
import { SettingsForm } from './settings-form';
import { TokenPanel } from './token-panel';

export const metadata: Metadata = { title: 'Settings' };

export default async function SettingsPage() {
  return (
    <Page>
      <PageHead title="Settings" line="What is the same for every class.">
        <Link href="/backup" className={buttonClass()}>
          Safe keeping
        </Link>
      </PageHead>
      <SettingsForm initial={await settingsNow(await database())} zones={timeZones()} />
      <TokenPanel there={await hasToken(await database())} />
      <Limits />
    </Page>
  );
}
