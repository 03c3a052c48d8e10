'use client';

import { useMemo, useState } from 'react';
import { DECLINED } from '@/catalogue/declined';
import { doneWith, type Movement } from '@/core/catalogue';
import {
  contextOf,
  freshRowId,
  heldIn,
  heldWords,
  type Block,
  type ClassFacts,
  type Plan,
  type Row,
  type Section,
} from '@/core/plan';
import { findDeclined, findMovements } from '@/core/shelf';
import { plural } from '@/core/words';
import { doseWords } from '@/core/dose';
import { Button } from '@/ui/form/button';
import { Field, inputClass } from '@/ui/form/field';
import { LazyPicture } from '@/ui/hand/lazy-picture';
import { PurposeMark } from '@/ui/verdict-signs';
import { useInViewport } from './use-in-viewport';

type Props = {
  section: Section;
  facts: ClassFacts;
  plan: Plan;
  blocks: readonly Block[];
  floor: boolean;
  onPickBlock: (block: Block) => void;
  onPick: (row: Row, title: string) => void;
  onClose: () => void;
};

/** Of what is left out so many are told of. */
const MOST_DECLINED = 2;

/** The picker opens at the foot of its section: bring it where it can be used. */
const intoView = (element: HTMLElement | null) => element?.scrollIntoView({ block: 'center' });

/** Choose what to add, in place: movements for this section first, then all; talk and breaks too. */
export function MovementPicker({ section, facts, plan, blocks, floor, onPick, onPickBlock, onClose }: Props) {
  const [words, setWords] = useState('');
  const all = findMovements(facts.catalogue, words);
  const found = all
    .filter((m) => floor || !m.clearanceReason)
    .sort((a, b) => Number(b.section === section.kind) - Number(a.section === section.kind));
  const declined = findDeclined(DECLINED, words).slice(0, words.trim() === '' ? 0 : MOST_DECLINED);
  const { judge } = useMemo(() => contextOf(plan, facts), [plan, facts]);
  const id = (base: string) => freshRowId(plan, `${section.id}-${base}`.slice(0, 50));
  const pickMovement = (m: Movement) =>
    onPick({ kind: 'movement', id: id(m.id), movementId: m.id, dose: m.dose, note: '' }, m.name);
  return (
    <div
      ref={intoView}
      role="group"
      aria-label={`Add to ${section.name}`}
      className="my-2 max-w-3xl rounded-2xl border-2 border-ink bg-paper p-4"
      onKeyDown={(e) => e.key === 'Escape' && onClose()}
    >
      <div className="flex flex-wrap items-end gap-3">
        <Field label="Find a movement" className="min-w-60 flex-1">
          {(field) => (
            <input
              {...field}
              autoFocus
              className={inputClass}
              value={words}
              onChange={(e) => setWords(e.target.value)}
            />
          )}
        </Field>
        <Button
          onClick={() =>
            onPick({ kind: 'break', id: id('hand'), what: 'hand', durationMs: 30_000 }, 'hand break')
          }
        >
          Hand break
        </Button>
        <Button
          onClick={() =>
            onPick({ kind: 'break', id: id('water'), what: 'water', durationMs: 60_000 }, 'water')
          }
        >
          Water
        </Button>
        <Button
          onClick={() =>
            onPick({ kind: 'break', id: id('shake'), what: 'shake', durationMs: 5_000 }, 'quick shake')
          }
        >
          Quick shake
        </Button>
        <Button
          onClick={() => onPick({ kind: 'talk', id: id('talk'), title: 'Talk', durationMs: 30_000 }, 'talk')}
        >
          Talk
        </Button>
        <Button look="quiet" onClick={onClose}>
          Close
        </Button>
      </div>
      {blocks.length > 0 && words === '' && (
        <ul aria-label="Blocks" className="mt-3 flex flex-wrap gap-2">
          {blocks.map((block) => (
            <li key={block.id}>
              <Button onClick={() => onPickBlock(block)}>
                {block.name}, {plural(block.rows.length, 'row')}
              </Button>
            </li>
          ))}
        </ul>
      )}
      <ul className="mt-3 max-h-96 overflow-y-auto" tabIndex={-1}>
        {found.map((m) => (
          <PickerRow
            key={m.id}
            movement={m}
            facts={facts}
            held={() => heldWords(heldIn(judge(m, m)))}
            onPick={() => pickMovement(m)}
          />
        ))}
        {declined.map((d) => (
          <li key={d.id} className="px-2 py-2">
            <span className="font-semibold">{d.name}</span> is left out on purpose. {d.why}
          </li>
        ))}
        {found.length < all.length && (
          <li className="px-2 py-2 text-sm text-soft">
            {plural(all.length - found.length, 'movement')} on the floor or with impact: switched on in
            Settings.
          </li>
        )}
        {all.length === 0 && declined.length === 0 && (
          <li className="px-2 py-2">No movement has these words. Try fewer.</li>
        )}
      </ul>
    </div>
  );
}

type RowProps = { movement: Movement; facts: ClassFacts; held: () => string; onPick: () => void };

/** A movement to pick, with what it would be for these people: told once it comes near. */
function PickerRow({ movement, facts, held, onPick }: RowProps) {
  const { near, ref } = useInViewport(true);
  const figure = facts.catalogue.figure(movement.id);
  return (
    <li ref={ref}>
      <button
        type="button"
        className="flex min-h-12 w-full items-center gap-3 rounded-lg px-2 text-left hover:bg-linen"
        onClick={onPick}
      >
        <PurposeMark purpose={movement.purpose} />
        {figure && <LazyPicture figure={figure} height={56} />}
        <span>
          <span className="font-semibold">{movement.name}</span>{' '}
          <span className="text-sm text-soft">
            {doseWords(movement.dose, doneWith(movement))}
            {facts.people.length > 0 && near && `; ${held()}`}
          </span>
        </span>
      </button>
    </li>
  );
}
