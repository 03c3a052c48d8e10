import type { Metadata } from 'next';
import { database } from '@/server/database';
import { hasToken } from '@/server/api/token';
import { settingsNow, timeZones } from '@/server/settings';
import { Limits, Page, PageHead } from '@/ui/page';
import { SettingsForm } from './settings-form';
import { TokenPanel } from './token-panel';

export const metadata: Metadata = { title: 'Settings' };

export default async function SettingsPage() {
  return (
    <Page>
      <PageHead title="Settings" line="What is the same for every class." />
      <SettingsForm initial={await settingsNow(await database())} zones={timeZones()} />
      <TokenPanel there={await hasToken(await database())} />
      <Limits />
    </Page>
  );
}
