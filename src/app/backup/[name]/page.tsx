import type { Metadata } from 'next';
import { Link } from '@/ui/page/link';
import { notFound } from 'next/navigation';
import { isSame, readBackupName, type Changes } from '@/core/backup';
import { nameList } from '@/core/words';
import { inTurn } from '@/server/backup/daily';
import { previewBackup } from '@/server/backup/restore';
import { everybodysData } from '@/server/lock/request-identity';
import { buttonClass } from '@/ui/form/button';
import { dayWithYear } from '@/ui/words/dates';
import { Page, PageHead } from '@/ui/page/page';
import { RestoreNow } from './restore-now';

export const metadata: Metadata = { title: 'Restore' };

const SHOWN = 12;

export default async function RestorePage({ params }: { params: Promise<{ name: string }> }) {
  const { name } = await params;
  const file = readBackupName(name);
  const db = await everybodysData();
  const preview = await inTurn(() => previewBackup(db, name));
  if (!file || (!preview.ok && preview.code === 'not-found')) notFound();
  const [day, time] = file.made.split(' ') as [string, string];
  return (
    <Page>
      <PageHead title={`The backup of ${dayWithYear(day)}, ${time}`} line="What restoring it would change.">
        <Link href="/backup" className={buttonClass()}>
          Back to safe keeping
        </Link>
      </PageHead>
      {preview.ok ? (
        <Preview name={name} changes={preview.value} />
      ) : (
        <>
          <p role="alert" className="mb-4 max-w-3xl font-semibold text-load">
            {preview.message}
          </p>
          {preview.code === 'not-whole' && <RestoreNow name={name} />}
        </>
      )}
    </Page>
  );
}

function Preview({ name, changes }: { name: string; changes: readonly Changes[] }) {
  const different = changes.filter((c) => !isSame(c));
  return (
    <>
      {different.length === 0 ? (
        <p className="mb-5 text-lg">
          Nothing: people, classes, terms, own movements and settings are the same.
        </p>
      ) : (
        different.map((change) => <ChangeView key={change.what} change={change} />)
      )}
      <p className="mb-3">
        What is here now is backed up first, so that there is a way back. Nothing else on this computer is
        touched.
      </p>
      <RestoreNow name={name} />
    </>
  );
}

function ChangeView({ change: { what, now, then, lost, back, changed } }: { change: Changes }) {
  return (
    <section aria-label={what} className="mb-5">
      <h2 className="text-xl">
        {what}: {now} now, {then} then
      </h2>
      <ul className="mt-1 list-disc pl-7">
        <Line words="would go" names={lost} strong />
        <Line words="would come back" names={back} />
        <Line words="would be as they were then" names={changed} />
      </ul>
    </section>
  );
}

function Line({
  words,
  names,
  strong = false,
}: {
  words: string;
  names: readonly string[];
  strong?: boolean;
}) {
  if (names.length === 0) return null;
  return (
    <li className={strong ? 'font-semibold text-load' : ''}>
      {names.length} {words}: {nameList(names, SHOWN)}
    </li>
  );
}
