'use client';

import { X } from 'lucide-react';
import type { Person } from '@/core/people';
import type { Block, PlanCheck, RuleContext } from '@/core/plan';
import type { Classroom } from '@/server/classes/classroom';
import type { PersonName } from '@/store/people';
import type { Sharing } from '@/server/instructors/instructors';
import { DetailsPanel } from './panels/details-panel';
import { HandMapPanel } from './panels/hand-map-panel';
import { HistoryPanel } from './panels/history-panel';
import { KitPanel } from './panels/kit-panel';
import { NeedsPanel } from './panels/needs-panel';
import { OtherClasses, type OtherClass } from './panels/other-classes';
import { RosterPanel } from './panels/roster-panel';
import { TimePanel } from './panels/time-panel';
import type { PlanEditor } from './use-plan';

export type Panel = 'time' | 'history' | 'details' | 'people' | 'kit' | 'hands' | 'needs' | 'others';

type Props = {
  panel: Panel;
  editor: PlanEditor;
  room: Omit<Classroom, 'stored'>;
  sharing: Sharing | null;
  others: readonly OtherClass[];
  blocks: readonly Block[];
  context: RuleContext;
  people: readonly Person[];
  everyone: readonly PersonName[];
  check: PlanCheck;
  onClose: () => void;
};

/** One panel beside the order, with a scroll of its own; on a narrow screen over it. */
export function SidePanel({ onClose, ...props }: Props) {
  return (
    <aside
      aria-label="Beside the order"
      className="no-print @container relative w-full shrink-0 rounded-2xl border-2 border-line bg-paper px-4 pb-4 lg:sticky lg:top-(--desk-height) lg:max-h-[calc(100vh-9rem)] lg:w-[27rem] lg:overflow-y-auto"
    >
      <button
        type="button"
        aria-label="Close the panel"
        className="sticky top-1 float-right -mr-2 inline-flex size-11 items-center justify-center rounded-full bg-paper hover:bg-linen"
        onClick={onClose}
      >
        <X size={22} aria-hidden="true" />
      </button>
      <Content {...props} />
    </aside>
  );
}

function Content(props: Omit<Props, 'onClose'>) {
  const { panel, editor, room, context, check, people } = props;
  const { info } = room;
  switch (panel) {
    case 'time':
      return <TimePanel context={context} editor={editor} />;
    case 'history':
      return <HistoryPanel editor={editor} />;
    case 'details':
      return <DetailsPanel info={info} sharing={props.sharing} editor={editor} />;
    case 'people':
      return <RosterPanel info={info} people={people} everyone={props.everyone} />;
    case 'kit':
      return <KitPanel kit={check.kit} handing={check.timing} week={info.week} />;
    case 'needs':
      return (
        <NeedsPanel plan={editor.plan} check={check} people={people} day={info.day} helpers={info.helpers} />
      );
    case 'hands':
      return <HandMapPanel editor={editor} context={context} recent={room.recent} />;
    case 'others':
      return (
        <OtherClasses
          editor={editor}
          catalogue={context.catalogue}
          others={props.others}
          blocks={props.blocks}
          lastId={room.lastTaught?.id ?? null}
        />
      );
  }
}
