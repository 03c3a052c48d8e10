import type { Metadata } from 'next';
import { Link } from '@/ui/page/link';
import { notFound } from 'next/navigation';
import { fullName, WRIST_RANGES, type MeasureKind, type Person } from '@/core/people';
import { pageData } from '@/server/lock/request-identity';
import { isDemoData } from '@/server/measures/simulated';
import { idFrom } from '@/server/shell/ids';
import { clockRate, today } from '@/server/shell/today';
import { loadGripTests } from '@/store/grip';
import { findPerson } from '@/store/people';
import { buttonClass } from '@/ui/form/button';
import { Limits, Page, PageHead } from '@/ui/page/page';
import { PartLinks } from '@/ui/page/part-links';
import { GripResults } from './grip-results';
import { MeasureDesk } from './measure-desk';
import { PARTS, partFrom, type Part } from './parts';
import { ReadingsDesk } from './readings-desk';
import { TypedTries } from './typed-tries';

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
  const isDemo = isDemoData();
  const desk = (
    <MeasureDesk person={person} tests={tests} today={today()} rate={clockRate()} results={isDemo} />
  );
  const typed = <TypedTries person={person} today={today()} />;
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
          {isDemo ? desk : typed}
          <details className="mt-6">
            <summary className="min-h-11 content-center text-lg font-semibold">
              {isDemo ? 'Write grip down by hand' : 'Try the simulated meter'}
            </summary>
            {isDemo ? typed : desk}
          </details>
          {!isDemo && <GripResults person={person} tests={tests} trials={[]} scoring="best" />}
        </>
      ) : (
        <Readings key={part} part={part} person={person} isDemo={isDemo} />
      )}
      <Limits />
    </Page>
  );
}

const INSTRUMENTS: Partial<Record<Part, { readonly unit: string; readonly example: string }>> = {
  press: { unit: 'kg', example: 'bathroom scale' },
  range: { unit: 'degrees', example: 'goniometer' },
  thumb: { unit: 'cm', example: 'ruler' },
};

function Readings({
  part,
  person,
  isDemo,
}: {
  part: Exclude<Part, 'grip'>;
  person: Person;
  isDemo: boolean;
}) {
  const instrument = INSTRUMENTS[part];
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
        isDemo={isDemo}
        {...(aid ? { aid } : {})}
        {...(instrument && { instrument })}
      />
    </>
  );
}
