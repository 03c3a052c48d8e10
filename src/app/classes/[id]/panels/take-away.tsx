'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { ClassInfo } from '@/store/classes';
import { Button } from '@/ui/form/button';
import { Trouble } from '@/ui/form/field';
import { requestJson } from '@/ui/request-json';
import { tellTaken } from '@/ui/taken-toast';
import { longDay } from '@/ui/words/dates';

type What = 'class' | 'series';
type Props = { info: ClassInfo };

/** Take this class away, or every class of its series: asked first, and put back from the list of classes. */
export function TakeAway({ info }: Props) {
  const router = useRouter();
  const [asking, setAsking] = useState<What | null>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  const takeAway = async (what: What) => {
    const result = await requestJson<{ id: string; name: string }>('DELETE', `/api/classes/${info.id}`, {
      what,
    });
    setTrouble(result.ok ? null : result.message);
    if (!result.ok) return;
    tellTaken(result.value, () => router.refresh());
    router.push('/classes');
    router.refresh();
  };
  return (
    <section aria-label="Take away" className="mt-4 grid gap-3 border-t-2 border-line pt-4">
      {asking ? (
        <div ref={intoView} className="grid gap-3">
          <p>{asking === 'class' ? ofClass(info) : ofSeries(info)}</p>
          <p className="text-soft">It can be put back from the list of classes for 30 days.</p>
          <div className="flex flex-wrap gap-3">
            <Button look="danger" onClick={() => void takeAway(asking)}>
              {asking === 'class' ? 'Take it away' : 'Take all away'}
            </Button>
            <Button onClick={() => setAsking(null)}>Keep it</Button>
          </div>
        </div>
      ) : (
        <div className="flex flex-wrap gap-3">
          <Button onClick={() => setAsking('class')}>Take this class away</Button>
          <Button onClick={() => setAsking('series')}>Take the whole series away</Button>
        </div>
      )}
      <Trouble message={trouble} />
    </section>
  );
}

/** The question stands at the foot of a panel that scrolls. */
const intoView = (element: HTMLElement | null) => element?.scrollIntoView({ block: 'nearest' });

function ofClass({ name, week, day, status }: ClassInfo): string {
  const what = `Take away week ${week} of ${name}, ${longDay(day)}?`;
  return status === 'planned'
    ? `${what} Its plan and who comes go with it.`
    : `${what} Its plan, marks, pain and wrap-up go with it. The rungs that people are on stay.`;
}

const ofSeries = ({ name }: ClassInfo): string =>
  `Take away every class of ${name}, planned and taught, with its terms, wrap-ups and the rungs that people are on?`;
