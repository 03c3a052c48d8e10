'use client';

import { useEffect, useMemo, type ReactNode, type RefObject } from 'react';
import { factsOfTaught } from '@/catalogue/class-facts';
import { contextOf } from '@/core/plan';
import type { OwnMovement } from '@/core/catalogue';
import type { RemoteCommand } from '@/core/lead';
import type { OwnRung } from '@/core/progress';
import {
  peopleHere,
  peopleNow,
  beatsOf,
  NO_VOICE,
  taughtPlan,
  timeInHand,
  type Moved,
  type Reports,
  comingUp,
  offsetAtTime,
} from '@/core/teach';
import type { ClassInfo } from '@/store/classes';
import type { Taught } from '@/store/teaching';
import { OwnMovementsProvider } from '@/ui/own-movements';
import { CallsToCome } from './calls-to-come';
import { CordRunner } from './cord-runner';
import { CountFace } from './count-face';
import { FollowingBar, type Other } from './following-bar';
import { HandPair } from './hand-pair';
import { LastDone } from './last-done';
import { SideNotes } from './side-notes';
import { KEYS_OF } from './keys-of-role';
import { TeachKeys } from './teach-keys';
import { TeachPanels } from './teach-panels';
import { TeachTop } from './teach-top';
import { TimeProposals } from './time-proposals';
import { useActions } from './use-actions';
import { useAwake } from '@/ui/hooks/use-awake';
import { useCountSound } from './use-count-sound';
import type { Outbox } from './use-outbox';
import { useProposals } from './use-proposals';
import { useRedraw } from './use-redraw';
import { useRoomChannel } from './use-room-channel';
import { useRoomView } from './use-room-view';
import { useRowsOf } from './use-rows-of';
import { useTeachKeys } from './use-teach-keys';
import { useRemoteCommands } from './use-remote-commands';
import { useTeaching, type Teaching } from './use-teaching';
import { useCountSettings, type CountSettings } from '@/ui/hooks/use-count-settings';
import { useWhoJoined } from './use-who-joined';
import { useWhenDone } from './use-when-done';

export type TeachScreenProps = {
  info: ClassInfo;
  taught: Taught;
  firstReports: Reports;
  rate: number;
  venueSafety: string;
  /** Rungs that people stand on by themselves. */
  ownRungs: readonly OwnRung[];
  /** Null in a rehearsal, which stores nothing. */
  outbox: Outbox | null;
  firstSettings?: Partial<CountSettings>;
  onDone: () => void;
  doneWords: string;
  /** What a remote tells this screen is carried out by what is put here. */
  commands?: RefObject<((command: RemoteCommand) => void) | null>;
  /** People who are made up, where the class is one to practise on. */
  group?: MadeUpGroup;
};

/** A made-up group that follows the class: where it is drawn, and what it is told of. */
export type MadeUpGroup = {
  readonly onMoved: (moved: Moved, atMs: number) => void;
  readonly onHelp: () => void;
  readonly stage: (teaching: Teaching) => ReactNode;
};

/** A class being taught: the whole screen, large, everything by one key or one tap. */
export function TeachScreen(props: TeachScreenProps) {
  return (
    <OwnMovementsProvider own={props.taught.snapshot.own ?? NONE}>
      <Leading {...props} />
    </OwnMovementsProvider>
  );
}

function Leading(props: TeachScreenProps) {
  const { info, taught, firstReports, rate, outbox } = props;
  const rowsOf = useRowsOf(taught.snapshot);
  const teaching = useTeaching(
    info.id,
    rowsOf,
    taught,
    firstReports,
    rate,
    outbox?.post ?? null,
    props.group?.onMoved,
  );
  return <ClassScreen {...props} teaching={teaching} other={null} />;
}

const NONE: readonly OwnMovement[] = [];

const COLUMNS =
  'grid min-h-0 flex-1 grid-cols-1 content-start gap-4 overflow-y-auto lg:content-stretch lg:gap-8 lg:overflow-visible';
const ALONE = `${COLUMNS} lg:grid-cols-[1fr_25rem]`;
/** The group takes the room of the hands and of the beads. */
const WITH_A_GROUP = `${COLUMNS} lg:grid-cols-[1fr_22rem]`;

type Props = TeachScreenProps & {
  teaching: Teaching;
  /** The class is taught on another screen, which this one follows, and as a remote tells what to do. */
  other: Other | null;
};

/** What there is on the screen of a class under way, whichever screen counts it. */
export function ClassScreen({
  info,
  taught,
  rate,
  venueSafety,
  ownRungs,
  outbox,
  firstSettings,
  onDone,
  doneWords,
  commands,
  group,
  teaching,
  other,
}: Props) {
  const { snapshot, startedAtMs } = taught;
  const { rows, state, now } = teaching;
  const row = rows[state.rowIndex];
  const unsaved = outbox?.unsaved ?? 0;
  const [settings, setSettings] = useCountSettings(firstSettings);
  const beats = useMemo(() => beatsOf(rows, state), [rows, state]);
  const heard = other ? { ...settings, sound: 'silent' as const } : settings;
  const sound = useCountSound(state, rows, beats, row?.voice ?? NO_VOICE, now, rate, heard);
  const plan = useMemo(() => taughtPlan(snapshot.plan, state.changes), [snapshot, state.changes]);
  const { reports } = teaching;
  useWhoJoined(snapshot.people, reports.answers);
  const everyone = useMemo(() => peopleNow(snapshot.people, reports), [snapshot, reports]);
  const people = useMemo(() => peopleHere(everyone, { away: state.away }), [everyone, state.away]);
  const facts = useMemo(
    () => factsOfTaught({ ...snapshot, people: people.map((p) => p.person) }, info),
    [snapshot, people, info],
  );
  const verdicts = useMemo(() => contextOf(plan, facts).verdicts, [plan, facts]);
  const inHand = timeInHand(rows, state, now(), snapshot.slotMs);
  const proposed = useProposals(plan, facts, state.rowIndex, inHand);
  const actions = useActions({ teaching, plan, facts, proposed, wake: sound.wake, onTell: other?.onTell });
  useTeachKeys(actions.carryOut, actions.panel === null);
  useRemoteCommands(commands, actions.carryOut, teaching.act);
  const view = useRoomView({ classId: info.id, startedAtMs, rate }, teaching, settings);
  useRoomChannel(other ? null : view, now);
  useWhenDone(state.phase === 'done' && unsaved === 0, onDone);
  useRedraw(state.phase !== 'done');
  useAwake(state.phase !== 'done');
  const onHelp = group?.onHelp;
  useEffect(() => {
    if (actions.panel === 'help') onHelp?.();
  }, [actions.panel, onHelp]);

  return (
    <main id="main" className="flex h-dvh flex-col gap-2 overflow-hidden px-4 pt-2 md:px-7 lg:gap-3 lg:pt-3">
      <TeachTop
        rows={rows}
        state={state}
        nowMs={now()}
        startedAtMs={startedAtMs}
        slotMs={snapshot.slotMs}
        rate={rate}
        unsaved={unsaved}
        aside={outbox?.aside ?? []}
        onSeen={() => outbox?.dismiss()}
        unstored={
          outbox ? null : group ? 'Practice, with people who are made up' : 'Rehearsal: nothing is stored'
        }
      />
      {other && <FollowingBar other={other} />}
      <CallsToCome
        marks={reports.marks}
        people={snapshot.people}
        onSeen={(personId) => row && teaching.mark({ rowId: row.rowId, personId, mark: 'seen' })}
      />
      {!other && <TimeProposals proposals={proposed} onTake={actions.change} />}
      {row ? (
        <>
          <div className={group ? WITH_A_GROUP : ALONE}>
            {group?.stage(teaching)}
            <div className={group ? 'flex min-h-0 flex-col gap-2' : 'contents'}>
              <CountFace
                row={row}
                state={state}
                beats={beats}
                nowMs={now()}
                settings={settings}
                onGo={() => actions.carryOut('goOrPause')}
                figure={
                  group ? null : (
                    <HandPair row={row} beats={beats} state={state} now={now} mirror={settings.mirror} />
                  )
                }
              />
              <SideNotes
                rows={rows}
                index={state.rowIndex}
                isCounting={state.phase === 'count'}
                snapshot={snapshot}
                people={people}
                day={info.day}
                rungShifts={state.rungShifts}
                ownRungs={ownRungs}
                verdicts={verdicts}
              />
            </div>
          </div>
          {row.kind === 'movement' && !group && (
            <CordRunner row={row} beats={beats} state={state} now={now} />
          )}
        </>
      ) : (
        <p className="flex-1 text-2xl">{doneWords}</p>
      )}
      {other?.role !== 'follow' && (
        <LastDone rows={rows} state={state} told={actions.told} onAction={actions.carryOut} />
      )}
      <TeachKeys
        state={state}
        coming={state.phase === 'count' ? comingUp(beats, offsetAtTime(state, now())) : null}
        onAction={actions.carryOut}
        only={other ? KEYS_OF[other.role] : null}
      />
      <TeachPanels
        panel={actions.panel}
        onClose={actions.closePanel}
        teaching={teaching}
        plan={plan}
        facts={facts}
        people={people}
        everyone={everyone}
        movementRow={actions.movementRow}
        verdicts={verdicts}
        onChange={actions.change}
        settings={settings}
        onSettings={setSettings}
        sound={sound}
        classId={outbox ? info.id : null}
        venueSafety={venueSafety}
        isOther={other !== null}
        onIncident={(body) => outbox?.post({ kind: 'incidents', classId: info.id, body })}
      />
    </main>
  );
}
