'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { toast } from 'sonner';
import { Button } from '../form/button';
import { requestJson } from '../request-json';
import { Trouble } from '../form/field';

type Props = {
  /** The route that shares it. */
  url: string;
  /** "Ansel B", "the classes of Wednesday Hands and the people in them". */
  what: string;
  shared: boolean;
  /** Others see it all the same, with a group. */
  broughtAlong: boolean;
  mine: boolean;
  owner: string;
};

/** Whose something is, and whether the other instructors see it. There is none while there are no instructors by name. */
export function SharingPanel({ url, what, shared, broughtAlong, mine, owner }: Props) {
  const router = useRouter();
  const [trouble, setTrouble] = useState<string | null>(null);
  const share = async (to: boolean) => {
    const result = await requestJson('PUT', url, { shared: to });
    setTrouble(result.ok ? null : result.message);
    if (!result.ok) return;
    toast(to ? 'Shared with every instructor' : 'No longer shared');
    router.refresh();
  };
  if (!mine)
    return (
      <p className="no-print mt-6 text-soft">
        {shared
          ? `${owner} shares this with you.`
          : `This is ${owner}’s. You see it with a group that you teach or that is shared.`}
      </p>
    );
  return (
    <section aria-label="Sharing" className="no-print mt-8">
      <h2 className="mb-2 text-xl">Sharing</h2>
      <div className="flex flex-wrap items-center gap-4">
        <p>
          {shared
            ? `Every instructor sees ${what}.`
            : broughtAlong
              ? `Another instructor sees ${what} too, with a group that they teach or that is shared.`
              : `You alone see ${what}.`}
        </p>
        <Button onClick={() => void share(!shared)}>{shared ? 'Share no longer' : 'Share'}</Button>
      </div>
      <Trouble message={trouble} />
    </section>
  );
}
