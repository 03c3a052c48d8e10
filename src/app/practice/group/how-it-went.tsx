'use client';

import { useMemo, useState } from 'react';
import { fullName } from '@/core/people';
import { reactionWords, resultOf, reviewLines, reviewOf, SLIPS, type Reaction } from '@/core/practice';
import { clockText, plural } from '@/core/words';
import { Button } from '@/ui/form/button';
import { Limits, Page, PageHead } from '@/ui/page/page';
import { Table } from '@/ui/page/table';
import { WorkedOut } from '@/ui/page/worked-out';
import type { PracticeDone, PracticeRun } from './group-desk';
import { KeepResult } from './keep-result';
import { MomentAgain } from './moment-again';

type Props = {
  run: PracticeRun;
  done: PracticeDone;
  onAgain: (same: boolean) => void;
  onOther: () => void;
};

const SHOWN = 8;
const HAND = { L: 'left', R: 'right' } as const;

/** What was met and what was missed, who hurt and why, each with its moment to be seen again. */
export function HowItWent({ run, done, onAgain, onOther }: Props) {
  const { cls, name } = run;
  const review = useMemo(() => reviewOf(cls, done.log, done.course), [cls, done]);
  const result = useMemo(() => resultOf(cls.level, cls.group.length, review), [cls, review]);
  const [again, setAgain] = useState<{ personId: string; atMs: number; words: string } | null>(null);
  const [all, setAll] = useState(false);
  const nameOf = (id: string) => fullName(cls.group.find((g) => g.person.id === id)!.person);
  const titleOf = useMemo(() => {
    const rows = cls.rowsOf(done.log.turns.at(-1)?.state.changes ?? []);
    return new Map(rows.map((r) => [r.rowId, r.title]));
  }, [cls, done]);
  const wordsOf = (r: Reaction) => reactionWords(r, nameOf(r.slip.personId));
  const unreached = review.rowsShort.filter((t) => t.left === 'not reached').length;
  const shown = all ? review.reactions : review.reactions.slice(0, SHOWN);
  return (
    <Page>
      <PageHead
        title="How it went"
        line={`${name}. ${cls.level.name}, ${cls.group.length} people who are made up.`}
      />
      <ul className="max-w-3xl list-disc pl-6 text-lg">
        {reviewLines(review).map((line) => (
          <li key={line}>{line}</li>
        ))}
      </ul>
      <div className="mt-5 flex flex-wrap gap-3">
        <Button look="main" onClick={() => onAgain(true)}>
          Once more, the same group
        </Button>
        <Button onClick={() => onAgain(false)}>Another group</Button>
        <Button onClick={onOther}>Another class</Button>
      </div>
      <KeepResult name={name} result={result} />
      <p className="mt-1">
        <WorkedOut id="group" />
      </p>
      {again && (
        <MomentAgain
          key={`${again.personId} ${again.atMs}`}
          run={run}
          done={done}
          {...again}
          onClose={() => setAgain(null)}
        />
      )}
      {review.reactions.length > 0 && (
        <section aria-label="Moments" className="mt-8 max-w-4xl">
          <h2 className="text-xl">Moments</h2>
          <p className="text-soft">What you did not meet comes first. Tap a time to see it again.</p>
          <ul className="mt-2">
            {shown.map((r) => (
              <li
                key={`${r.slip.personId} ${r.slip.kind} ${r.slip.fromMs}`}
                className="flex items-start gap-4 border-b py-1.5"
              >
                <Button
                  className="tabular shrink-0"
                  aria-label={`See ${clockText(r.slip.fromMs)} again: ${nameOf(r.slip.personId)}`}
                  onClick={() =>
                    setAgain({ personId: r.slip.personId, atMs: r.slip.fromMs, words: wordsOf(r) })
                  }
                >
                  {clockText(r.slip.fromMs)}
                </Button>
                <p className="pt-1.5">
                  <span className="text-soft">{titleOf.get(r.slip.rowId) ?? ''}.</span> {wordsOf(r)}
                </p>
              </li>
            ))}
          </ul>
          {review.reactions.length > SHOWN && (
            <Button look="quiet" aria-expanded={all} onClick={() => setAll(!all)}>
              {all ? 'Fewer' : `All ${review.reactions.length}`}
            </Button>
          )}
        </section>
      )}
      <div className="mt-8 grid max-w-4xl gap-8 md:grid-cols-2">
        {review.byKind.length > 0 && (
          <section aria-label="By kind">
            <h2 className="mb-2 text-xl">By kind</h2>
            <Table columns={['Slip', { number: 'Met' }, { number: 'Missed' }]}>
              {review.byKind.map((k) => (
                <tr key={k.kind} className="border-b">
                  <td className="py-1 pr-5">{SLIPS[k.kind].name}</td>
                  <td className="tabular py-1 pr-5 text-right">{k.seen}</td>
                  <td className="tabular py-1 text-right">{k.missed}</td>
                </tr>
              ))}
            </Table>
          </section>
        )}
        {review.hurt.length > 0 && (
          <section aria-label="Who hurt">
            <h2 className="mb-2 text-xl">Who hurt</h2>
            <ul>
              {review.hurt.map((h) => (
                <li key={`${h.personId} ${h.hand}`} className="border-b py-1.5">
                  <strong>{h.name}</strong>, {HAND[h.hand]}: from {Math.round(h.from)} to {Math.round(h.most)}{' '}
                  of ten at {clockText(h.atMs)}, because {h.name.split(' ')[0]} {h.why}.{' '}
                  <Button
                    look="quiet"
                    aria-label={`See ${clockText(h.atMs)} again: ${h.name}, ${HAND[h.hand]}`}
                    onClick={() =>
                      setAgain({
                        personId: h.personId,
                        atMs: h.atMs,
                        words: `${h.name}’s ${HAND[h.hand]} hand hurt most here.`,
                      })
                    }
                  >
                    See it again
                  </Button>
                </li>
              ))}
            </ul>
          </section>
        )}
        {review.rowsShort.length > 0 && (
          <section aria-label="Not given in full">
            <h2 className="mb-2 text-xl">Not given in full</h2>
            <ul>
              {review.rowsShort
                .filter((t) => t.left !== 'not reached')
                .map((t) => (
                  <li key={t.rowId} className="border-b py-1.5">
                    {t.title}: {t.left || shortWords(t.hands!)}
                  </li>
                ))}
              {unreached > 0 && <li className="py-1.5">{plural(unreached, 'row')} not reached</li>}
            </ul>
          </section>
        )}
      </div>
      <Limits />
    </Page>
  );
}

const shortWords = ({ given, planned }: { given: PerHand; planned: PerHand }): string =>
  `left ${n(given.L)} of ${n(planned.L)}, right ${n(given.R)} of ${n(planned.R)}`;
type PerHand = Readonly<Record<'L' | 'R', number>>;
const n = (value: number): string => String(Math.round(value * 10) / 10);
