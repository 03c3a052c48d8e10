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
import { Button } from '@/ui/form/button';
import { usePhone } from '@/ui/hooks/use-narrow';
import { toggled } from '@/ui/form/toggled';
import { ChosenRows } from './chosen-rows';
import { dropTarget, sectionDropId } from './drop-target';
import { LARGE_WEAVE, type OrderProps, type Side } from './order-props';
import { TraceHead, tracesById } from '../weave/trace-head';
import type { Reserves } from '../weave/use-reserves';
import { SectionRows } from './section-rows';
import { ReasonsAtBead } from '../weave/reasons-at-bead';
import { ColumnLine, OnePerson, ViewMenu, weaveOf, type WeaveView } from '../weave/weave-view';
import { WeaveHead, type Told } from '../weave/weave-head';

type Props = Omit<OrderProps, 'weave' | 'side' | 'chosen' | 'onChoose' | 'overview'> & {
  context: RuleContext;
  reserves: Reserves;
};

/** The class as one cord down the page; each row goes on to the right as the weave of people. */
export const RunningOrder = memo(function RunningOrder({ context, reserves, ...given }: Props) {
  const { editor, facts, check, beside } = given;
  const [view, setView] = useState<WeaveView>(FIRST_VIEW);
  const [looking, setLooking] = useState(false);
  const side = useMemo(
    (): Side =>
      view.show === 'people'
        ? { kind: 'people' }
        : {
            kind: 'traces',
            traces: tracesById(rowTraces(context, reserves.hands, view.chosenId)),
            lowest: reserves.lowest,
            working: reserves.working,
          },
    [view, context, reserves],
  );
  const isPhone = usePhone();
  const weave = useMemo(() => {
    const whole = weaveOf(facts, check, view);
    if (!isPhone) return whole;
    const one = whole.people.find((p) => p.id === view.chosenId) ?? whole.people[0];
    return { ...whole, people: one ? [one] : [] };
  }, [facts, check, view, isPhone]);
  const [chosen, setChosen] = useState<ReadonlySet<string> | null>(null);
  const onChoose = useCallback((rowId: string) => setChosen((rows) => toggled(rows ?? NONE, rowId)), []);
  const props: OrderProps = { ...given, weave, side, chosen, onChoose, overview: view.overview };
  const columns = side.kind === 'people' ? weave.people.length : 0;
  const large = columns > LARGE_WEAVE;
  const { plan } = editor;
  const [told, setTold] = useState<Told | null>(null);
  const sensors = useSensors(useSensor(PointerSensor, BY_POINTER), useSensor(KeyboardSensor, BY_KEYS));
  const order = plan.sections.flatMap((s) => [sectionDropId(s.id), ...s.rows.map((r) => r.id)]);
  const idsText = JSON.stringify(order);
  // The same list for the same order: every row listens to it.
  const ids = useMemo(() => JSON.parse(idsText) as string[], [idsText]);
  const nameOf = useMemo(() => namer(plan, facts), [plan, facts]);

  const drop = ({ active, over }: DragEndEvent) => {
    if (!over || active.id === over.id) return;
    const target = dropTarget(plan, String(active.id), String(over.id));
    if (target)
      editor.edit({ type: 'moveRow', rowId: String(active.id), ...target }, `Move ${nameOf(active.id)}`);
  };

  const looks = (
    <>
      <ViewMenu
        view={view}
        onChange={setView}
        people={weave.people}
        day={facts.day}
        open={looking}
        onOpen={setLooking}
      />
      <Button
        look="quiet"
        className="no-print px-2!"
        aria-expanded={chosen !== null}
        onClick={() => setChosen(chosen ? null : new Set())}
      >
        Choose rows
      </Button>
      {isPhone && side.kind === 'people' && (
        <OnePerson
          people={facts.people}
          chosenId={weave.people[0]?.id ?? ''}
          onChoose={(chosenId) => setView({ ...view, chosenId })}
        />
      )}
    </>
  );
  return (
    <DndContext
      id="running-order"
      sensors={sensors}
      collisionDetection={closestCenter}
      onDragEnd={drop}
      accessibility={{ announcements: announcements(nameOf), screenReaderInstructions: INSTRUCTIONS }}
    >
      <SortableContext items={ids} strategy={verticalListSortingStrategy}>
        {chosen && (
          <ChosenRows
            editor={editor}
            chosen={chosen}
            onClear={() => setChosen(new Set())}
            onDone={() => setChosen(null)}
          />
        )}
        <div
          className={`weave-window ${
            large
              ? 'max-h-[88vh] overflow-auto [--desk-height:0px]'
              : beside
                ? 'overflow-x-auto [--desk-height:0px]'
                : // A tablet scrolls the rows under their heads; on a phone there is one column, and the page scrolls.
                  'overflow-x-auto max-xl:[--desk-height:0px] sm:max-xl:max-h-[calc(100vh-7rem)] sm:max-xl:overflow-auto sm:max-xl:pr-7 xl:overflow-visible'
          }`}
          style={{ '--weave-zoom': Math.min(1, 62 / (43 + columns * 2.25)) } as CSSProperties}
          tabIndex={0}
          role="region"
          aria-label="Running order and people"
        >
          <table
            className="w-full border-collapse text-left"
            style={{
              minWidth: isPhone
                ? undefined
                : side.kind === 'people'
                  ? `calc(42rem + ${columns * 2.25}rem)`
                  : '74rem',
            }}
            onPointerLeave={(e) => e.pointerType === 'mouse' && setTold(null)}
          >
            {side.kind === 'people' ? (
              <>
                <ColumnLine people={weave.people} told={told} />
                <WeaveHead people={weave.people} told={told}>
                  {looks}
                </WeaveHead>
              </>
            ) : (
              <TraceHead working={side.working} lowest={side.lowest} chosen={chosenName(facts, view)}>
                {looks}
              </TraceHead>
            )}
            {plan.sections.map((section) => (
              <SectionRows key={section.id} section={section} onTell={setTold} {...props} />
            ))}
          </table>
        </div>
        {told && side.kind === 'people' && (
          <ReasonsAtBead told={told} people={facts.people} check={props.check} titleOf={nameOf} />
        )}
      </SortableContext>
    </DndContext>
  );
});

const NONE: ReadonlySet<string> = new Set();

/** The same each time, or every row is drawn anew with each edit. */
const BY_POINTER = { activationConstraint: { distance: 5 } };
const BY_KEYS = { coordinateGetter: sortableKeyboardCoordinates };

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
