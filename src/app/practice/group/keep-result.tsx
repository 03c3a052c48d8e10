'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import { KEPT_FROM_MS, type PracticeResult } from '@/core/practice';
import { Button } from '@/ui/form/button';
import { Link } from '@/ui/page/link';
import { newId } from '@/ui/new-id';
import { requestJson } from '@/ui/request-json';

type Props = { name: string; result: PracticeResult };

/** The figures of a practice are kept for the instructor, once; what was said and done in it is not. */
export function KeepResult({ name, result }: Props) {
  const [id] = useState(newId);
  const [stands, setStands] = useState<'sending' | 'kept' | { trouble: string }>('sending');
  const isLong = result.lengthMs >= KEPT_FROM_MS;
  const keep = useCallback(async () => {
    setStands('sending');
    const kept = await requestJson('PUT', '/api/practice', { id, name, result });
    setStands(kept.ok ? 'kept' : { trouble: kept.message });
  }, [id, name, result]);
  const begun = useRef(false);
  useEffect(() => {
    if (begun.current || !isLong) return;
    begun.current = true;
    void keep();
  }, [keep, isLong]);
  if (!isLong) return <p className="mt-4 text-soft">A practice under a minute is not kept.</p>;
  if (typeof stands === 'object')
    return (
      <p role="alert" className="mt-4">
        The figures could not be kept. {stands.trouble} <Button onClick={() => void keep()}>Try again</Button>
      </p>
    );
  return (
    <p role="status" className="mt-4 text-soft">
      {stands === 'sending' ? 'Keeping the figures' : 'The figures are kept, for you alone.'}{' '}
      <Link href="/practice/past" className="font-semibold text-ink underline underline-offset-4">
        Practice classes so far
      </Link>
    </p>
  );
}
