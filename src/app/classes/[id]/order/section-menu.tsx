import { ChevronDown } from 'lucide-react';
import { DropdownMenu } from 'radix-ui';
import {
  isToStay,
  newSection,
  repeatSection,
  SECTION_NAMES,
  sectionKindsToAdd,
  type PlanStep,
  type Section,
} from '@/core/plan';
import { plural } from '@/core/words';
import type { OrderEditor } from '../use-plan';

type Props = { section: Section; editor: OrderEditor };

/** What can be done with a whole section. */
export function SectionMenu({ section, editor }: Props) {
  const { plan, edit } = editor;
  const { name, rows } = section;
  const at = plan.sections.findIndex((s) => s.id === section.id);
  const move = (by: -1 | 1) => ({ type: 'moveSection', sectionId: section.id, index: at + by }) as const;
  const item = (words: string, step: PlanStep | null, label: string, disabled = false) => (
    <DropdownMenu.Item
      className={ITEM}
      disabled={disabled || step === null}
      onSelect={() => step && edit(step, label)}
    >
      {words}
    </DropdownMenu.Item>
  );
  const out = rows.length === 0 ? 'Take out' : `Take out, with ${plural(rows.length, 'row')}`;
  return (
    <DropdownMenu.Root modal={false}>
      <DropdownMenu.Trigger
        className="relative flex items-center gap-1 text-sm font-normal text-soft before:absolute before:-inset-2 hover:underline"
        aria-label={`Section ${name}`}
      >
        Section
        <ChevronDown size={18} aria-hidden="true" />
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content
          align="start"
          sideOffset={4}
          collisionPadding={8}
          className="z-40 max-h-(--radix-dropdown-menu-content-available-height) max-w-md overflow-y-auto rounded-xl border-2 border-ink bg-paper p-1.5 text-base shadow-lg"
        >
          {item('Repeat it, with its rows', repeatSection(plan, section.id), `Repeat ${name}`)}
          {item('Move up', move(-1), `Move ${name}`, at === 0)}
          {item('Move down', move(1), `Move ${name}`, at === plan.sections.length - 1)}
          {item(
            isToStay(plan, section) ? 'Take out (a class keeps its ending)' : out,
            { type: 'removeSection', sectionId: section.id },
            `Take out ${name}`,
            isToStay(plan, section),
          )}
          <DropdownMenu.Separator className="my-1 border-t border-line" />
          <DropdownMenu.Label className="px-3 py-1 text-sm text-soft">
            A new section after it
          </DropdownMenu.Label>
          <div className="grid grid-cols-3">
            {sectionKindsToAdd(plan).map((kind) => (
              <DropdownMenu.Item
                key={kind}
                className={ITEM}
                onSelect={() =>
                  edit(newSection(plan, kind, section.id), `Add ${SECTION_NAMES[kind].toLowerCase()}`)
                }
              >
                {SECTION_NAMES[kind]}
              </DropdownMenu.Item>
            ))}
          </div>
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}

const ITEM =
  'flex min-h-11 cursor-pointer items-center rounded-lg px-3 outline-none data-[disabled]:cursor-default data-[disabled]:text-soft data-[highlighted]:bg-linen';
