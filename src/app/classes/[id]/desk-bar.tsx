'use client';

import { Link } from '@/ui/page/link';
import { useState } from 'react';
import type { Person } from '@/core/people';
import type { Block, PlanCheck, RuleContext } from '@/core/plan';
import { plural } from '@/core/words';
import type { Classroom } from '@/server/classes/classroom';
import type { Sharing } from '@/server/instructors/instructors';
import { Button, buttonClass } from '@/ui/form/button';
import { HistoryPanel } from './panels/history-panel';
import { OtherClasses, type OtherClass } from './panels/other-classes';
import { DetailsPanel } from './panels/details-panel';
import { HandMapPanel } from './panels/hand-map-panel';
import { KitPanel } from './panels/kit-panel';
import { NeedsPanel } from './panels/needs-panel';
import { RosterPanel } from './panels/roster-panel';
import type { PlanEditor } from './use-plan';

type Props = {
  editor: PlanEditor;
  room: Omit<Classroom, 'stored'>;
  sharing: Sharing | null;
  others: readonly OtherClass[];
  blocks: readonly Block[];
  context: RuleContext;
  begun: boolean;
  people: readonly Person[];
  everyone: readonly Person[];
  check: PlanCheck;
};

type Panel = 'history' | 'details' | 'people' | 'kit' | 'hands' | 'needs' | 'others';

/** Take back, who comes, what to pack, and on to teaching; panels open below in place. */
export function DeskBar({
  editor,
  room,
  sharing,
  others,
  blocks,
  context,
  begun,
  people,
  everyone,
  check,
}: Props) {
  const { info } = room;
  const [open, setOpen] = useState<Panel | null>(people.length === 0 ? 'people' : null);
  const toggle = (panel: Panel) => setOpen(open === panel ? null : panel);
  const { kit } = check;
  const short = kit.filter((k) => k.short > 0).length;
  return (
    <div id="desk" className="no-print mb-2 border-y border-edge py-2">
      <div className="flex flex-wrap items-center gap-2">
        <Button
          className="px-2.5!"
          onClick={editor.undo}
          disabled={!editor.undoLabel}
          title={editor.undoLabel ?? undefined}
        >
          Undo
        </Button>
        <Button
          className="px-2.5!"
          onClick={editor.redo}
          disabled={!editor.redoLabel}
          title={editor.redoLabel ?? undefined}
        >
          Redo
        </Button>
        <Button className="px-2.5!" aria-expanded={open === 'history'} onClick={() => toggle('history')}>
          History
        </Button>
        <Button
          className="mr-auto px-2.5!"
          aria-expanded={open === 'details'}
          onClick={() => toggle('details')}
        >
          Details
        </Button>
        <Button className="px-2.5!" aria-expanded={open === 'people'} onClick={() => toggle('people')}>
          Who comes: {people.length}
        </Button>
        <Button className="px-2.5!" aria-expanded={open === 'kit'} onClick={() => toggle('kit')}>
          Kit: {kit.length === 0 ? 'none' : plural(kit.length, 'prop')}
          {short > 0 && `, ${short} short`}
        </Button>
        <Button className="px-2.5!" aria-expanded={open === 'needs'} onClick={() => toggle('needs')}>
          Needs
        </Button>
        <Button className="px-2.5!" aria-expanded={open === 'hands'} onClick={() => toggle('hands')}>
          Hand map
        </Button>
        <Button className="px-2.5!" aria-expanded={open === 'others'} onClick={() => toggle('others')}>
          Compare
        </Button>
        {!begun && people.length > 0 && (
          <Link href={`/classes/${info.id}/door`} className={buttonClass('plain', 'px-2.5!')}>
            At the door
          </Link>
        )}
        <Link href={`/classes/${info.id}/teach`} className={buttonClass('main')}>
          {begun ? 'Go to teaching' : 'Teach this class'}
        </Link>
      </div>
      {open === 'history' && <HistoryPanel editor={editor} />}
      {open === 'others' && (
        <OtherClasses
          editor={editor}
          catalogue={context.catalogue}
          others={others}
          blocks={blocks}
          lastId={room.lastTaught?.id ?? null}
        />
      )}
      {open === 'details' && <DetailsPanel info={info} sharing={sharing} editor={editor} />}
      {open === 'people' && <RosterPanel info={info} people={people} everyone={everyone} />}
      {open === 'kit' && <KitPanel kit={kit} handing={check.timing} week={info.week} />}
      {open === 'needs' && (
        <NeedsPanel plan={editor.plan} check={check} people={people} helpers={info.helpers} />
      )}
      {open === 'hands' && <HandMapPanel editor={editor} context={context} recent={room.recent} />}
    </div>
  );
}
