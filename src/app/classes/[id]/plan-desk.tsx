'use client';

import { Link } from '@/ui/page/link';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { factsOf } from '@/catalogue/class-facts';
import { STARTERS } from '@/catalogue/starters';
import type { Starter } from '@/core/draft';
import { checkOf, contextOf, placedRows, withReserves, type Block } from '@/core/plan';
import type { ClassProgress } from '@/core/teach';
import type { Classroom } from '@/server/classes/classroom';
import type { PersonName } from '@/store/people';
import type { Sharing } from '@/server/instructors/instructors';
import { Limits, Page } from '@/ui/page/page';
import { DraftPanel } from './draft/draft-panel';
import { StarterChoice } from './draft/starter-choice';
import { FittedNote } from './draft/fitted-note';
import { takeStarter } from './draft/take-starter';
import { DeskBar } from './desk-bar';
import type { OtherClass } from './panels/other-classes';
import { FindingsStrip } from './findings/findings-strip';
import { ClassBar } from '../steps/class-bar';
import { ClassRibbon } from './order/class-ribbon';
import { SidePanel, type Panel } from './side-panel';
import { RunningOrder } from './order/running-order';
import { usePlan, type PlanView } from './use-plan';
import { useReserves } from './weave/use-reserves';

type Props = {
  room: Omit<Classroom, 'stored'>;
  sharing: Sharing | null;
  initial: PlanView;
  everyone: readonly PersonName[];
  blocks: readonly Block[];
  others: readonly OtherClass[];
  progress: ClassProgress;
  /** Opened to choose who comes. */
  openPeople: boolean;
  /** The ready class that an empty plan begins with at once, by its id. */
  begin: string | null;
};

/** One class being planned: running order, weave, time, findings, people and kit. */
export function PlanDesk(props: Props) {
  const { room, sharing, initial, everyone, blocks, others, progress, openPeople, begin } = props;
  const { info } = room;
  const editor = usePlan(info.id, initial);
  const facts = useMemo(() => factsOf(room), [room]);
  const context = useMemo(() => contextOf(editor.plan, facts), [editor.plan, facts]);
  const plain = useMemo(() => checkOf(context), [context]);
  const reserves = useReserves(context);
  const check = useMemo(() => withReserves(plain, context, reserves.hands), [plain, context, reserves.hands]);
  const order = useMemo(() => ({ plan: editor.plan, edit: editor.edit }), [editor.plan, editor.edit]);
  const [drafting, setDrafting] = useState(false);
  const closeDraft = useCallback(() => setDrafting(false), []);
  const [openRow, setOpenRow] = useState<string | null>(null);
  const [panel, setPanel] = useState<Panel | null>(openPeople || room.people.length === 0 ? 'people' : null);
  const togglePanel = useCallback(
    (pressed: Panel) => setPanel((open) => (open === pressed ? null : pressed)),
    [],
  );
  useUndoKeys(editor.undo, editor.redo);
  const begun = info.status !== 'planned';
  const isEmpty = !begun && placedRows(editor.plan).length === 0;
  const [gaveWay, setGaveWay] = useState<readonly string[]>([]);
  const take = useCallback(
    (starter: Starter) => setGaveWay(takeStarter(starter, order, room)),
    [order, room],
  );
  useBeginning(isEmpty ? begin : null, take);

  return (
    <>
      <ClassBar
        info={info}
        progress={{ ...progress, rows: placedRows(editor.plan).length, people: room.people.length }}
        here="plan"
      />
      <Page wide snug>
        <DeskBar
          editor={editor}
          context={context}
          check={check}
          people={facts.people.length}
          open={panel}
          onToggle={togglePanel}
          drafting={drafting}
          onDraft={() => setDrafting(!drafting)}
        />
        {begun && <BegunNote classId={info.id} status={info.status} />}
        {isEmpty && !drafting && (
          <StarterChoice
            slotMinutes={info.slotMinutes}
            isFirst={room.shown.length === 0}
            bag={room.bag}
            people={room.people.length}
            onTake={take}
          />
        )}
        {gaveWay.length > 0 && !isEmpty && <FittedNote lines={gaveWay} onClose={() => setGaveWay([])} />}
        {drafting && (
          <DraftPanel
            editor={order}
            room={room}
            catalogue={facts.catalogue}
            slotMs={facts.slotMs}
            onClose={closeDraft}
          />
        )}
        <div className="flex items-start gap-4 max-lg:flex-col-reverse">
          <div className="flex w-full min-w-0 flex-1 gap-2">
            <ClassRibbon plan={editor.plan} context={context} />
            <div className="min-w-0 flex-1">
              <RunningOrder
                editor={order}
                check={check}
                facts={facts}
                context={context}
                reserves={reserves}
                blocks={blocks}
                floor={room.floor}
                lastTaught={room.lastTaught}
                openRow={openRow}
                onOpenRow={setOpenRow}
                beside={panel !== null}
              />
            </div>
          </div>
          {panel && (
            <SidePanel
              panel={panel}
              editor={editor}
              room={room}
              sharing={sharing}
              others={others}
              blocks={blocks}
              context={context}
              people={facts.people}
              everyone={everyone}
              check={check}
              onClose={() => setPanel(null)}
            />
          )}
        </div>
        <Limits />
      </Page>
      <FindingsStrip editor={editor} facts={facts} check={check} plain={plain} onShowRow={setOpenRow} />
    </>
  );
}

/** A class that was made with a ready class in mind begins with it as its page opens. */
function useBeginning(id: string | null, take: (starter: Starter) => void) {
  const begun = useRef(false);
  useEffect(() => {
    const starter = STARTERS.find((s) => s.id === id);
    if (!starter || begun.current) return;
    begun.current = true;
    // Once: who undoes it and loads the page anew has an empty plan.
    window.history.replaceState(null, '', window.location.pathname);
    take(starter);
  }, [id, take]);
}

function BegunNote({ classId, status }: { classId: string; status: string }) {
  return (
    <p className="mb-3 rounded-lg border-2 border-edge bg-paper px-4 py-2">
      This class {status === 'teaching' ? 'is being taught' : 'has been taught'} from a copy of its plan;
      changes here no longer reach it.{' '}
      {status !== 'teaching' && (
        <Link className="underline underline-offset-4" href={`/classes/${classId}/wrap-up`}>
          See the wrap-up
        </Link>
      )}
    </p>
  );
}

/** Ctrl+Z and Ctrl+Shift+Z (or Ctrl+Y), except while typing. */
function useUndoKeys(undo: () => void, redo: () => void) {
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (!(event.ctrlKey || event.metaKey)) return;
      if ((event.target as HTMLElement).closest('input, textarea, select')) return;
      const key = event.key.toLowerCase();
      if (key !== 'z' && key !== 'y') return;
      event.preventDefault();
      if (key === 'y' || event.shiftKey) redo();
      else undo();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [undo, redo]);
}
