import type { Metadata } from 'next';
import { Link } from '@/ui/page/link';
import { notFound } from 'next/navigation';
import { fullName, WRIST_RANGES, type MeasureKind, type Person } from '@/core/people';
import { pageData } from '@/server/lock/request-identity';
import { idFrom } from '@/server/shell/ids';
import { clockRate, today } from '@/server/shell/today';
import { loadGripTests } from '@/store/grip';
import { findPerson } from '@/store/people';
import { buttonClass } from '@/ui/form/button';
import { Limits, Page, PageHead } from '@/ui/page/page';
import { PartLinks } from '@/ui/page/part-links';
import { MeasureDesk } from './measure-desk';
import { PARTS, partFrom, type Part } from './parts';
import { ReadingsDesk } from './readings-desk';

export const metadata: Metadata = { title: 'Measure' };

type Props = { params: Promise<{ id: string }>; searchParams: Promise<{ what?: string }> };

const HEADS: Readonly<Record<Part, { title: string; line: string }>> = {
  grip: {
    title: 'Grip of',
    line: 'Seated, elbow at a right angle, forearm supported, wrist straight. Hands by turns, three tries each, three to five seconds, a minute’s rest.',
  },
  press: {
    title: 'Press of',
    line: 'How much goes through each hand on a bathroom scale, hands by turns, three tries each.',
  },
  range: {
    title: 'Wrist range of',
    line: 'Active range, by the person’s own strength, never pushed. To the nearest five degrees.',
  },
  thumb: {
    title: 'Thumb and fingers of',
    line: 'How far the thumb crosses the palm, how far it opens, how near the fingertips come.',
  },
  told: { title: 'Task and stiffness of', line: 'What the person says, in their own words and numbers.' },
};

const KINDS: Readonly<Record<Exclude<Part, 'grip'>, readonly MeasureKind[]>> = {
  press: ['press'],
  range: WRIST_RANGES,
  thumb: ['opposition', 'web span', 'finger to palm'],
  told: ['task ease', 'morning stiffness'],
};

export default async function MeasurePage({ params, searchParams }: Props) {
  const id = idFrom((await params).id, 'person');
  const part = partFrom((await searchParams).what);
  const db = await pageData();
  const person = id.ok ? await findPerson(db, id.value) : null;
  if (!person) notFound();
  const tests = await loadGripTests(db, person.id);
  const { title, line } = HEADS[part];
  return (
    <Page>
      <PageHead title={`${title} ${fullName(person)}`} line={line}>
        <Link href={`/people/${person.id}/results`} className={buttonClass()}>
          Results
        </Link>
        <Link href={`/people/${person.id}`} className={buttonClass()}>
          Back to the record
        </Link>
      </PageHead>
      <PartLinks
        label="What to measure"
        parts={PARTS}
        chosen={part}
        hrefOf={(what) => `/people/${person.id}/measure?what=${what}`}
      />
      {part === 'grip' ? (
        <>
          <MeasureDesk person={person} tests={tests} today={today()} rate={clockRate()} />
          <details className="mt-6">
            <summary className="min-h-11 content-center text-lg font-semibold">
              Write grip down by hand
            </summary>
            <ReadingsDesk person={person} today={today()} rate={clockRate()} kinds={['grip']} />
          </details>
        </>
      ) : (
        <Readings key={part} part={part} person={person} />
      )}
      <Limits />
    </Page>
  );
}

function Readings({ part, person }: { part: Exclude<Part, 'grip'>; person: Person }) {
  const aid = part === 'press' ? 'scale' : part === 'thumb' ? 'thumb' : undefined;
  return (
    <>
      {part === 'told' && (
        <p className="mb-4 text-lg">
          {person.wantedTask ? (
            <>
              Wanted: <strong>{person.wantedTask}</strong>
            </>
          ) : (
            'No wanted task is on the record yet.'
          )}
        </p>
      )}
      <ReadingsDesk
        person={person}
        today={today()}
        rate={clockRate()}
        kinds={KINDS[part]}
        {...(aid ? { aid } : {})}
      />
    </>
  );
}
