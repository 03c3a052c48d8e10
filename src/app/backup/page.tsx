import { resolve } from 'node:path';
import type { Metadata } from 'next';
import { Link } from '@/ui/page/link';
import { KEPT, type BackupFile, type BackupKind } from '@/core/backup';
import { backupTrouble } from '@/server/backup/daily';
import { backupFolder, listBackups } from '@/server/backup/folder';
import { damagedNow } from '@/server/shell/soundness';
import { plural } from '@/core/words';
import { erasedStillKept } from '@/store/erased';
import { everybodysData } from '@/server/lock/request-identity';
import { buttonClass } from '@/ui/form/button';
import { DamageNotice } from '@/ui/page/damage-notice';
import { dayWithYear } from '@/ui/words/dates';
import { Empty, Page, PageHead } from '@/ui/page/page';
import { Table } from '@/ui/page/table';
import { BackUpNow } from './back-up-now';
import { BringBackup } from './bring-backup';

export const metadata: Metadata = { title: 'Backups' };

export default async function BackupPage() {
  const pending = (await erasedStillKept(await everybodysData())).length;
  const backups = listBackups();
  const trouble = backupTrouble();
  return (
    <Page>
      <PageHead
        title="Backups"
        line={`Once a day all data is written into one file and restored on trial. The last ${KEPT} are kept.`}
      >
        <BackUpNow />
      </PageHead>
      <DamageNotice tables={damagedNow()} way={false} />
      {trouble && damagedNow().length === 0 && (
        <p role="alert" className="mb-5 font-semibold text-load">
          {trouble}
        </p>
      )}
      {backups.length === 0 ? (
        <Empty>
          <p>There is no backup yet. The first is made a minute after Oskil starts, or now.</p>
        </Empty>
      ) : (
        <BackupTable backups={backups} />
      )}
      <p className="mt-3 text-soft">
        They are in {resolve(backupFolder())}. A backup on the same disk is lost with it: take one away now
        and then, on a stick or another computer. It holds everything about everybody, so keep it as you would
        the records themselves. Whoever is erased is taken out of the backups in this list too; a copy that
        was taken away stays as it is, also when it is brought again later.
        {pending > 0 && (
          <span role="status"> {plural(pending, 'person', 'people')} will be out of them in a moment.</span>
        )}
      </p>
      <BringBackup />
    </Page>
  );
}

const WHY: Readonly<Record<BackupKind, string>> = {
  daily: 'of the day',
  'asked for': 'asked for',
  'before a restore': 'before a restore',
  brought: 'brought from elsewhere',
};

function BackupTable({ backups }: { backups: readonly BackupFile[] }) {
  return (
    <Table className="tabular w-full" columns={['Day', 'Time', 'Why', { number: 'Size' }, 'Take or restore']}>
      {backups.map(({ name, made, kind, bytes }) => {
        const [day, time] = made.split(' ') as [string, string];
        return (
          <tr key={name} className="border-b">
            <th scope="row" className="py-1.5 pr-5">
              {dayWithYear(day)}
            </th>
            <td className="pr-5">{time}</td>
            <td className="pr-5">{WHY[kind]}</td>
            <td className="pr-8 text-right">{sizeText(bytes)}</td>
            <td className="flex flex-wrap gap-3 py-1.5">
              <a
                className={buttonClass()}
                href={`/files/backup/${name}`}
                download
                aria-label={`Take away the backup of ${made}`}
              >
                Take away
              </a>
              <Link
                className={buttonClass()}
                href={`/backup/${name}`}
                aria-label={`See what restoring the backup of ${made} would change`}
              >
                See what it would change
              </Link>
            </td>
          </tr>
        );
      })}
    </Table>
  );
}

const sizeText = (bytes: number): string =>
  bytes < 1_000_000 ? `${Math.max(1, Math.round(bytes / 1_000))} kB` : `${(bytes / 1_000_000).toFixed(1)} MB`;
