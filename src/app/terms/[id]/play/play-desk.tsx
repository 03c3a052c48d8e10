'use client';

import { useCallback, useState } from 'react';
import { SCHOOLS, type School } from '@/core/catalogue';
import type { PlayOptions } from '@/core/term';
import { capital } from '@/core/words';
import { SCHOOL_WORDS } from '@/catalogue/schools';
import type { TermToPlay } from '@/server/terms/term-play';
import { Button } from '@/ui/form/button';
import { Trouble } from '@/ui/form/field';
import { SelectField } from '@/ui/form/select-field';
import { useWorkerJob } from '@/ui/hooks/use-worker-job';
import type { PlayJob, PlayReply } from '@/workers/play-job';
import { PlayedPeople } from './played-people';
import { PlayedWeeks } from './played-weeks';
import { WorkedOut } from '@/ui/page/worked-out';

const PLAYS = 100;
const MOST_PLAYS = 1_000;
const ATTENDANCE = [
  ['1', 'everyone comes'],
  ['0.9', 'nine in ten come'],
  ['0.8', 'eight in ten come'],
  ['0.65', 'two in three come'],
] as const;

/** The term played through in the page's own worker: how, then what came of it. */
export function PlayDesk({ toPlay }: { toPlay: TermToPlay }) {
  const [options, setOptions] = useState<PlayOptions>({
    progression: 'as planned',
    school: null,
    attendance: 0.8,
    seed: 1,
    plays: PLAYS,
  });
  const makeWorker = useCallback(
    () => new Worker(new URL('../../../../workers/play-worker.ts', import.meta.url), { type: 'module' }),
    [],
  );
  const { reply, running, failed, start, stop } = useWorkerJob<PlayJob, PlayReply>(makeWorker);
  const play = (next: PlayOptions) => {
    setOptions(next);
    start({ term: toPlay.term, own: toPlay.own, options: next });
  };
  const played = reply?.kind === 'done' ? reply.played : null;
  return (
    <>
      <section aria-label="How to play" className="rounded-2xl border-2 border-edge bg-paper p-4">
        <div className="flex flex-wrap items-end gap-4">
          <SelectField
            label="Rungs and counts"
            value={options.progression}
            choices={[
              ['as planned', 'As planned'],
              ['as the rules propose', 'As the rules propose'],
            ]}
            onChange={(to) => setOptions({ ...options, progression: to as PlayOptions['progression'] })}
          />
          <SelectField
            label="Counted"
            value={options.school ?? ''}
            choices={[
              ['', 'As in the plans'],
              ...SCHOOLS.map((school) => [school, SCHOOL_WORDS[school].name] as const),
            ]}
            onChange={(school) => setOptions({ ...options, school: (school || null) as School | null })}
          />
          <SelectField
            label="Attendance"
            value={String(options.attendance)}
            choices={ATTENDANCE.map(([share, words]) => [share, capital(words)] as const)}
            onChange={(share) => setOptions({ ...options, attendance: Number(share) })}
          />
          {running ? (
            <>
              <Button onClick={stop}>Stop</Button>
              <p role="status" className="self-center">
                Play {(reply?.kind === 'played' ? reply.plays : 0) + 1} of {options.plays}
              </p>
            </>
          ) : (
            <>
              <Button look="main" onClick={() => play({ ...options, plays: PLAYS })}>
                Play the term
              </Button>
              {played && options.plays < MOST_PLAYS && (
                <Button onClick={() => play({ ...options, plays: options.plays + PLAYS })}>
                  Play it {PLAYS} times more
                </Button>
              )}
            </>
          )}
        </div>
        <p className="mt-3 text-soft">
          Each play makes up who comes, how hard it feels and whose hands are sore afterwards, with plausible
          numbers that were not measured: who does more work than they are used to, effort of ten times
          minutes, is sore more often, and gets used to it. It compares plans; it predicts nobody.{' '}
          <WorkedOut id="term" />
        </p>
        <Trouble
          message={failed ? 'The term could not be played in this browser. Nothing was changed.' : null}
        />
      </section>
      {played && (
        <>
          <PlayedWeeks played={played} />
          <PlayedPeople played={played} people={toPlay.term.people} />
        </>
      )}
    </>
  );
}
