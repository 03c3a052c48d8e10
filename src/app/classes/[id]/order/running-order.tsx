'use client';

import {
  closestCenter,
  DndContext,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
  type Announcements,
  type DragEndEvent,
} from '@dnd-kit/core';
import { SortableContext, sortableKeyboardCoordinates, verticalListSortingStrategy } from '@dnd-kit/sortable';
import { memo, useCallback, useMemo, useState, type CSSProperties } from 'react';
import { placedRows, rowTitle, rowTraces, type ClassFacts, type Plan, type RuleContext } from '@/core/plan';
import { fullName } from '@/core/people';
import { toggled } from '@/ui/form/toggled';
import { ChosenRows } from './chosen-rows';
import { dropTarget, sectionDropId } from './drop-target';
import { LARGE_WEAVE, type OrderProps, type Side } from './order-props';
import { TraceHead, tracesById } from '../weave/trace-head';
import type { Reserves } from '../weave/use-reserves';
import { SectionRows } from './section-rows';
import { ColumnLine, WeaveChoice, weaveOf, type WeaveView } from '../weave/weave-view';
import { Reasons, WeaveHead, type Told } from '../weave/weave-head';

type Props = Omit<OrderProps, 'weave' | 'side' | 'chosen' | 'onChoose' | 'overview'> & {
  context: RuleContext;
  reserves: Reserves;
  onDraft: () => void;
};

/** The class as one cord down the page; each row goes on to the right as the weave of people. */
export const RunningOrder = memo(function RunningOrder({ context, reserves, onDraft, ...given }: Props) {
  const { editor, facts, check } = given;
  const [view, setView] = useState<WeaveView>(FIRST_VIEW);
  const side = useMemo(
    (): Side =>
      view.show === 'people'
        ? { kind: 'people' }
        : {
            kind: 'traces',
            traces: tracesById(rowTraces(context, reserves.hands, view.chosenId)),
            working: reserves.working,
          },
    [view, context, reserves],
  );
  const weave = useMemo(() => weaveOf(facts.people, check, view), [facts.people, check, view]);
  const [chosen, setChosen] = useState<ReadonlySet<string> | null>(null);
  const onChoose = useCallback((rowId: string) => setChosen((rows) => toggled(rows ?? NONE, rowId)), []);
  const props: OrderProps = { ...given, weave, side, chosen, onChoose, overview: view.overview };
  const columns = side.kind === 'people' ? weave.people.length : 0;
  const large = columns > LARGE_WEAVE;
  const { plan } = editor;
  const [told, setTold] = useState<Told | null>(null);
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 5 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const ids = plan.sections.flatMap((s) => [sectionDropId(s.id), ...s.rows.map((r) => r.id)]);
  const nameOf = useMemo(() => namer(plan, facts), [plan, facts]);

  const drop = ({ active, over }: DragEndEvent) => {
    if (!over || active.id === over.id) return;
    const target = dropTarget(plan, String(active.id), String(over.id));
    if (target)
      editor.edit({ type: 'moveRow', rowId: String(active.id), ...target }, `Move ${nameOf(active.id)}`);
  };

  return (
    <DndContext
      id="running-order"
      sensors={sensors}
      collisionDetection={closestCenter}
      onDragEnd={drop}
      accessibility={{ announcements: announcements(nameOf), screenReaderInstructions: INSTRUCTIONS }}
    >
      <SortableContext items={ids} strategy={verticalListSortingStrategy}>
        <WeaveChoice
          view={view}
          onChange={setView}
          weave={weave}
          choosing={chosen !== null}
          onDraft={onDraft}
          onChooseRows={() => setChosen(chosen ? null : new Set())}
        />
        {chosen && (
          <ChosenRows
            editor={editor}
            chosen={chosen}
            onClear={() => setChosen(new Set())}
            onDone={() => setChosen(null)}
          />
        )}
        <div
          className={`weave-window ${large ? 'max-h-[88vh] overflow-auto' : 'overflow-x-auto xl:overflow-visible'}`}
          style={{ '--weave-zoom': Math.min(1, 62 / (43 + columns * 2.25)) } as CSSProperties}
          tabIndex={0}
          role="region"
          aria-label="Running order and people"
        >
          <table
            className="w-full border-collapse text-left"
            style={{
              minWidth: side.kind === 'people' ? `calc(43rem + ${columns * 2.25}rem)` : '74rem',
            }}
            onMouseLeave={() => setTold(null)}
          >
            {side.kind === 'people' ? (
              <>
                <ColumnLine people={weave.people} told={told} />
                <WeaveHead
                  people={weave.people}
                  told={large ? null : told}
                  check={props.check}
                  titleOf={nameOf}
                />
              </>
            ) : (
              <TraceHead working={side.working} chosen={chosenName(facts, view)} />
            )}
            {plan.sections.map((section) => (
              <SectionRows key={section.id} section={section} onTell={setTold} {...props} />
            ))}
          </table>
        </div>
        {told && side.kind === 'people' && (
          <div className={`no-print sticky bottom-24 z-10 ${large ? '' : 'xl:hidden'}`}>
            <Reasons told={told} people={facts.people} check={props.check} titleOf={nameOf} />
          </div>
        )}
      </SortableContext>
    </DndContext>
  );
});

const NONE: ReadonlySet<string> = new Set();

const FIRST_VIEW: WeaveView = {
  show: 'people',
  byNeed: false,
  onlyTrouble: false,
  overview: false,
  chosenId: null,
};

function chosenName({ people }: ClassFacts, { chosenId }: WeaveView): string | null {
  const person = people.find((p) => p.id === chosenId);
  return person ? fullName(person) : null;
}

type Namer = (id: string | number) => string;

function namer(plan: Plan, facts: ClassFacts): Namer {
  const names = new Map(placedRows(plan).map(({ row }) => [row.id, rowTitle(row, facts.catalogue)]));
  for (const section of plan.sections) names.set(sectionDropId(section.id), `the start of ${section.name}`);
  return (id) => names.get(String(id)) ?? 'row';
}

const INSTRUCTIONS = {
  draggable:
    'Press space to pick up the row, the arrow keys to move it, space to put it down, escape to leave it.',
};

const announcements = (nameOf: Namer): Announcements => ({
  onDragStart: ({ active }) => `${nameOf(active.id)} picked up`,
  onDragOver: ({ active, over }) =>
    over && over.id !== active.id ? `${nameOf(active.id)} is over ${nameOf(over.id)}` : undefined,
  onDragEnd: ({ active, over }) =>
    over ? `${nameOf(active.id)} put down at ${nameOf(over.id)}` : 'Left where it was',
  onDragCancel: ({ active }) => `${nameOf(active.id)} left where it was`,
});
