'use client';

import { Link } from '@/ui/page/link';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { clockText, plural } from '@/core/words';
import type { ClassInfo } from '@/store/classes';
import { Button, buttonClass } from '@/ui/form/button';
import { requestJson } from '@/ui/request-json';
import { Trouble } from '@/ui/form/field';
import { Limits, Page } from '@/ui/page/page';
import { CheckBox } from '@/ui/form/check-box';
import { toggled } from '@/ui/form/toggled';

type Props = { info: ClassInfo; rows: number; totalMs: number; musts: readonly string[]; asked: number };

const ROOM_CHECK = [
  'Space to both sides and above; floor dry; good light on your hands',
  'Sturdy chairs without wheels, feet flat',
  'Rings, watches and bracelets off; sleeves loose',
  'Water in reach; props clean and counted',
  'Who is new, and who is sore today',
  'First-aid kit, phone and exits known; helper briefed',
];

/** The last look round before a class begins. */
export function BeforeStart({ info, rows, totalMs, musts, asked }: Props) {
  const router = useRouter();
  const [trouble, setTrouble] = useState<string | null>(null);
  const [starting, setStarting] = useState(false);
  const [seen, setSeen] = useState<ReadonlySet<string>>(new Set());
  const start = async () => {
    setStarting(true);
    const result = await requestJson('POST', `/api/classes/${info.id}/start`, { startedAtMs: Date.now() });
    setTrouble(result.ok ? null : result.message);
    setStarting(result.ok);
    if (result.ok) router.refresh();
  };
  return (
    <Page>
      <h1 className="mt-6 text-2xl">
        Teach {info.name}, week {info.week}
      </h1>
      <p className="mt-1 text-lg">
        {plural(rows, 'row')}, {clockText(totalMs)} planned of {info.slotMinutes} minutes.{' '}
        {plural(info.expected, 'person', 'people')}.
      </p>
      {musts.length > 0 && (
        <div className="mt-4 rounded-2xl border-2 border-load bg-paper px-5 py-3">
          <h2 className="text-lg text-load">Still to mend in the plan</h2>
          <ul className="list-disc pl-5">
            {musts.map((text) => (
              <li key={text}>{text}</li>
            ))}
          </ul>
        </div>
      )}
      <h2 className="mt-6 text-lg">Look round</h2>
      <ul>
        {ROOM_CHECK.map((line) => (
          <li key={line}>
            <CheckBox label={line} on={seen.has(line)} onChange={() => setSeen(toggled(seen, line))} />
          </li>
        ))}
      </ul>
      <div className="mt-6 flex flex-wrap items-center gap-4">
        <Button look="main" className="px-10 py-3 text-xl" onClick={start} disabled={starting || rows === 0}>
          Start the class
        </Button>
        <Link href={`/classes/${info.id}/door`} className={buttonClass('plain')}>
          At the door: {asked} of {info.expected} asked
        </Link>
        <Link href={`/classes/${info.id}/rehearse`} className={buttonClass('plain')}>
          Rehearse
        </Link>
        <Link href={`/classes/${info.id}`} className={buttonClass('plain')}>
          Back to the plan
        </Link>
        {rows === 0 && <p>This plan has no rows yet. Add some before teaching.</p>}
        <Trouble message={trouble} />
      </div>
      <Limits />
    </Page>
  );
}
