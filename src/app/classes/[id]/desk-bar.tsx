'use client';

import Link from 'next/link';
import { useState } from 'react';
import type { Person } from '@/core/people/person';
import type { PlanCheck } from '@/core/plan/check';
import { plural } from '@/core/words';
import type { ClassInfo } from '@/store/classes';
import { Button, buttonClass } from '@/ui/button';
import { DetailsPanel } from './details-panel';
import { HandMapPanel } from './hand-map-panel';
import { KitPanel } from './kit-panel';
import { NeedsPanel } from './needs-panel';
import { RosterPanel } from './roster-panel';
import type { PlanEditor } from './use-plan';

type Props = {
  editor: PlanEditor;
  info: ClassInfo;
  begun: boolean;
  people: readonly Person[];
  everyone: readonly Person[];
  check: PlanCheck;
};

type Panel = 'details' | 'people' | 'kit' | 'hands' | 'needs';

/** Take back, who comes, what to pack, and on to teaching; panels open below in place. */
export function DeskBar({ editor, info, begun, people, everyone, check }: Props) {
  const [open, setOpen] = useState<Panel | null>(people.length === 0 ? 'people' : null);
  const toggle = (panel: Panel) => setOpen(open === panel ? null : panel);
  const { kit } = check;
  const short = kit.filter((k) => k.short > 0).length;
  return (
    <div className="no-print mb-2 border-y border-edge py-2">
      <div className="flex flex-wrap items-center gap-2">
        <Button
          className="px-3.5!"
          onClick={editor.undo}
          disabled={!editor.undoLabel}
          title={editor.undoLabel ?? undefined}
        >
          Undo
        </Button>
        <Button
          className="px-3.5!"
          onClick={editor.redo}
          disabled={!editor.redoLabel}
          title={editor.redoLabel ?? undefined}
        >
          Redo
        </Button>
        <span aria-live="polite" className="min-w-14 text-sm text-soft">
          {editor.saving ? 'Saving' : editor.undoLabel ? `Saved: ${editor.undoLabel}` : 'Saved'}
        </span>
        <Button
          className="ml-auto px-3.5!"
          aria-expanded={open === 'details'}
          onClick={() => toggle('details')}
        >
          Details
        </Button>
        <Button className="px-3.5!" aria-expanded={open === 'people'} onClick={() => toggle('people')}>
          Who comes: {people.length}
        </Button>
        <Button className="px-3.5!" aria-expanded={open === 'kit'} onClick={() => toggle('kit')}>
          Kit: {kit.length === 0 ? 'none' : plural(kit.length, 'prop')}
          {short > 0 && `, ${short} short`}
        </Button>
        <Button className="px-3.5!" aria-expanded={open === 'needs'} onClick={() => toggle('needs')}>
          Needs
        </Button>
        <Button className="px-3.5!" aria-expanded={open === 'hands'} onClick={() => toggle('hands')}>
          Hand map
        </Button>
        {!begun && people.length > 0 && (
          <Link href={`/classes/${info.id}/door`} className={buttonClass('plain', 'px-3.5!')}>
            At the door
          </Link>
        )}
        <Link href={`/classes/${info.id}/teach`} className={buttonClass('main')}>
          {begun ? 'Go to teaching' : 'Teach this class'}
        </Link>
      </div>
      {open === 'details' && <DetailsPanel info={info} editor={editor} />}
      {open === 'people' && <RosterPanel info={info} people={people} everyone={everyone} />}
      {open === 'kit' && <KitPanel kit={kit} />}
      {open === 'needs' && (
        <NeedsPanel plan={editor.plan} check={check} people={people} helpers={info.helpers} />
      )}
      {open === 'hands' && <HandMapPanel plan={editor.plan} />}
    </div>
  );
}
