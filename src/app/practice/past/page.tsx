import type { Metadata } from 'next';
import { PRACTICE_LEVELS, shareMet, SLIPS, soFar, type LevelSoFar } from '@/core/practice';
import { clockText, plural } from '@/core/words';
import { pageData } from '@/server/lock/request-identity';
import { listPractices, type KeptPractice } from '@/store/practice-results';
import { buttonClass } from '@/ui/form/button';
import { Link } from '@/ui/page/link';
import { Limits, Page, PageHead } from '@/ui/page/page';
import { Table } from '@/ui/page/table';
import { shortDay } from '@/ui/words/dates';
import { ForgetPractices } from './forget-practices';
import { ProgressChart } from './progress-chart';

export const metadata: Metadata = { title: 'Practice classes so far' };

/** How one's own practice classes have gone; only the instructor who taught them sees it. */
export default async function PastPage() {
  const kept = await listPractices(await pageData());
  return (
    <Page>
      <PageHead
        title="Practice classes so far"
        line="Classes with made-up people, seen by you alone. They are in no record of a real class or person."
      />
      {kept.length === 0 ? (
        <p>Nothing has been practised yet. A practice of a minute or longer is kept here.</p>
      ) : (
        <>
          <ul className="max-w-3xl list-disc pl-6 text-lg">
            {soFar(kept.map((k) => k.result)).map((of) => (
              <li key={of.level.id}>{soFarWords(of)}</li>
            ))}
          </ul>
          <ProgressChart results={kept.map((k) => k.result)} />
          <div className="mt-4 overflow-x-auto" tabIndex={0} role="region" aria-label="Each practice">
            <Table
              columns={[
                'Day',
                'Class',
                'Level',
                { number: 'People' },
                { number: 'Length' },
                { number: 'Met' },
                { number: 'After' },
                { number: 'Hurt' },
                'Ending',
                'Missed most',
              ]}
            >
              {kept.map((k) => (
                <OnePractice key={k.id} practice={k} />
              ))}
            </Table>
          </div>
        </>
      )}
      <div className="mt-6 flex flex-wrap gap-3">
        <Link href="/practice/group" className={buttonClass('main')}>
          Practise with a made-up group
        </Link>
        {kept.length > 0 && <ForgetPractices />}
      </div>
      <Limits />
    </Page>
  );
}

function OnePractice({ practice: { day, name, result } }: { practice: KeptPractice }) {
  const met = shareMet(result);
  const cell = 'py-1.5 pr-5';
  const number = `tabular text-right ${cell}`;
  return (
    <tr className="border-b">
      <td className={`whitespace-nowrap ${cell}`}>{shortDay(day)}</td>
      <td className={cell}>{name}</td>
      <td className={cell}>{PRACTICE_LEVELS.find((l) => l.id === result.level)!.name}</td>
      <td className={number}>{result.people}</td>
      <td className={number}>{clockText(result.lengthMs)}</td>
      <td className={number}>{met === null ? 'none came' : `${Math.round(met * 100)} %`}</td>
      <td className={number}>{result.secondsToSee === null ? '' : `${Math.round(result.secondsToSee)} s`}</td>
      <td className={number}>{result.hurt}</td>
      <td className={cell}>{result.ending}</td>
      <td className="py-1.5">{result.missedMost ? SLIPS[result.missedMost].name : ''}</td>
    </tr>
  );
}

function soFarWords({ level, n, then, now }: LevelSoFar): string {
  const percent = (share: number) => `${Math.round(share * 100)} %`;
  const head = `${level.name}: ${plural(n, 'practice')}`;
  if (now.met === null) return `${head}.`;
  const seconds = now.secondsToSee === null ? '' : `, after ${Math.round(now.secondsToSee)} s`;
  const lately = `${percent(now.met)} of the slips met${seconds}`;
  if (!then || then.met === null) return `${head}; in the last ones ${lately}.`;
  return `${head}; in the last three ${lately}, in the first three ${percent(then.met)}.`;
}
