'use client';

import { Link } from '@/ui/page/link';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { ROOM_CHECK, type StartTime } from '@/core/teach';
import { clockText, plural } from '@/core/words';
import { longDay } from '@/ui/words/dates';
import type { ClassInfo } from '@/store/classes';
import { Button, buttonClass } from '@/ui/form/button';
import { requestJson } from '@/ui/request-json';
import { Trouble } from '@/ui/form/field';
import { Limits, Page } from '@/ui/page/page';
import { Meant } from '@/ui/page/word';
import { CheckBox } from '@/ui/form/check-box';
import { toggled } from '@/ui/form/toggled';
import { useSecurePage } from '@/ui/hooks/use-secure-page';

type Props = {
  info: ClassInfo;
  start: StartTime;
  rows: number;
  totalMs: number;
  musts: readonly string[];
  asked: number;
};

/** The last look round before a class begins. */
export function BeforeStart({ info, start: begins, rows, totalMs, musts, asked }: Props) {
  const secure = useSecurePage();
  const [ends, setEnds] = useState<'as booked' | 'whole slot'>('as booked');
  const router = useRouter();
  const [trouble, setTrouble] = useState<string | null>(null);
  const [starting, setStarting] = useState(false);
  const [seen, setSeen] = useState<ReadonlySet<string>>(new Set());
  const start = async () => {
    setStarting(true);
    const result = await requestJson('POST', `/api/classes/${info.id}/start`, {
      startedAtMs: Date.now(),
      ...(begins.kind === 'late' && ends === 'as booked' && { minutes: begins.leftMinutes }),
      roomCheck: [...seen],
    });
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
          <h2 className="text-lg text-load">Still to put right in the plan</h2>
          <ul className="list-disc pl-5">
            {musts.map((text) => (
              <li key={text}>{text}</li>
            ))}
          </ul>
        </div>
      )}
      <WhenItEnds start={begins} ends={ends} onEnds={setEnds} slotMinutes={info.slotMinutes} />
      <div className="mt-3">
        <Meant of={['count-in', 'until-told']} />
      </div>
      <h2 className="mt-6 text-lg">Look round</h2>
      <ul>
        {ROOM_CHECK.map(([id, line]) => (
          <li key={id}>
            <CheckBox label={line} on={seen.has(id)} onChange={() => setSeen(toggled(seen, id))} />
          </li>
        ))}
      </ul>
      {!secure && (
        <p className="mt-4 max-w-3xl rounded-2xl border-2 border-edge bg-paper px-5 py-3">
          This page came without HTTPS, so this browser may let the screen go dark and cannot open the class
          anew while the network is away. Set the screen to stay on. How to get HTTPS on a house network
          stands in docs/scaling.md.
        </p>
      )}
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

type EndProps = {
  start: StartTime;
  ends: 'as booked' | 'whole slot';
  onEnds: (ends: 'as booked' | 'whole slot') => void;
  slotMinutes: number;
};

/** Asked once: whether a class that begins late ends as booked; and told that it is another day. */
function WhenItEnds({ start, ends, onEnds, slotMinutes }: EndProps) {
  if (start.kind === 'as booked') return null;
  if (start.kind === 'another day')
    return (
      <p className="mt-4 text-lg">
        It is booked for {longDay(start.day)}. Taught now, it has its whole {slotMinutes} minutes.
      </p>
    );
  const choices = [
    ['as booked', `At ${start.asBooked} as booked, ${start.leftMinutes} minutes from now`],
    ['whole slot', `At ${start.wholeSlot}, after the whole ${slotMinutes} minutes`],
  ] as const;
  return (
    <fieldset className="mt-4 text-lg">
      <legend className="font-bold">
        It is {start.now}, {plural(start.lateMinutes, 'minute')} after the booked start. When does it end?
      </legend>
      {choices.map(([value, words]) => (
        <label key={value} className="flex min-h-11 items-center gap-3">
          <input
            type="radio"
            name="ends"
            className="size-6 accent-ink"
            checked={ends === value}
            onChange={() => onEnds(value)}
          />
          {words}
        </label>
      ))}
    </fieldset>
  );
}
