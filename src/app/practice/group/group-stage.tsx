'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import { CUES, seenFrom, seenWords, type CueId } from '@/core/practice';
import { fullName } from '@/core/people';
import { CheckBox } from '@/ui/form/check-box';
import type { Teaching } from '../../classes/[id]/teach/use-teaching';
import { CueBar } from './cue-bar';
import { Seats } from './seats';
import type { PracticeRun } from './group-desk';
import { epochNow, useGroupPicture, type Shown } from './use-group-picture';
import type { PracticeNow } from './use-practice';
import { useSize } from './use-size';

type Props = { run: PracticeRun; practice: PracticeNow; teaching: Teaching; rate: number };

/** The class is worked out so often, ms: more often than it has seconds. */
const TICK_MS = 200;

/** The made-up group in its half circle, and what can be said to it. */
export function GroupStage({ run, practice, teaching, rate }: Props) {
  const { cls } = run;
  const { now, state, reports } = teaching;
  const [atMs, setAtMs] = useState(0);
  const [chosen, setChosen] = useState<string | null>(null);
  const [inWords, setInWords] = useState(false);
  /** What was last said; it stands until somebody else is turned to. */
  const [said, setSaid] = useState('Tap somebody to speak to them.');
  useEffect(() => practice.reported(reports, now()), [practice, reports, now]);
  useEffect(() => {
    const look = () => setAtMs(practice.goOn(now()).untilMs);
    const timer = setInterval(look, TICK_MS / Math.min(rate, 4));
    return () => clearInterval(timer);
  }, [practice, now, rate]);

  const room = useRef<HTMLDivElement>(null);
  const size = useSize(room);
  const shown = useCallback((): Shown => {
    const fromMs = now();
    const clock = { fromMs, atEpochMs: epochNow(), rate, roundMs: null };
    return { turns: practice.log().turns.slice(-2), seen: seenFrom(practice.course(), fromMs), clock };
  }, [practice, now, rate]);
  const { holder, seats, isDrawn } = useGroupPicture(run.of, size, shown);
  const course = practice.course();
  const nameOf = (id: string) => fullName(cls.group.find((g) => g.person.id === id)!.person);
  const seen = cls.group.flatMap(({ person }) => {
    const words = seenWords(course, person.id, atMs);
    return words ? [{ id: person.id, words }] : [];
  });
  const say = (cue: CueId) => {
    practice.say(cue, chosen, now());
    const { words } = CUES.find((c) => c.id === cue)!;
    setSaid(`${chosen ? `To ${nameOf(chosen)}` : 'To everyone'}: “${words}.”`);
    setChosen(null);
  };
  return (
    <section aria-label="The group" className="flex flex-col gap-2 lg:min-h-0">
      <div
        ref={room}
        className="relative h-44 shrink-0 overflow-hidden rounded-2xl border bg-paper md:h-80 lg:h-auto lg:min-h-0 lg:flex-1 lg:shrink"
      >
        <div ref={holder} aria-hidden="true" className="absolute inset-0" />
        <Seats
          group={cls.group}
          seats={seats}
          away={state.away}
          chosen={chosen}
          seen={new Map(seen.map((s) => [s.id, s.words]))}
          onChoose={(id) => {
            if (id !== chosen) practice.notice(id, now());
            setChosen(id === chosen ? null : id);
          }}
        />
      </div>
      <div className="flex flex-wrap items-center justify-between gap-x-4 text-base">
        <p role="status">{chosen ? `To ${nameOf(chosen)}: say what?` : said}</p>
        <CheckBox label="Tell in words" on={inWords} onChange={() => setInWords(!inWords)} />
      </div>
      {!isDrawn && <p>This browser cannot draw the group. What they do is told in words.</p>}
      {(inWords || !isDrawn) && (
        <ul
          aria-label="What can be seen"
          aria-live="polite"
          className="max-h-20 overflow-y-auto text-base"
          tabIndex={0}
        >
          {seen.map(({ id, words }) => (
            <li key={id}>
              <strong>{nameOf(id)}</strong> {words}
            </li>
          ))}
          {seen.length === 0 && <li className="text-soft">Everyone follows.</li>}
        </ul>
      )}
      <CueBar onSay={say} />
    </section>
  );
}
