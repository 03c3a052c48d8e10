'use client';

import { useState } from 'react';
import { doneWith, type Movement } from '@/core/catalogue';
import { freshRowId, type Block, type ClassFacts, type Plan, type Row, type Section } from '@/core/plan';
import { findMovements } from '@/core/shelf';
import { plural } from '@/core/words';
import { doseWords } from '@/core/dose';
import { Button } from '@/ui/form/button';
import { Field, inputClass } from '@/ui/form/field';
import { LazyPicture } from '@/ui/hand/lazy-picture';

import { PurposeMark } from '@/ui/verdict-signs';

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

/** The picker opens at the foot of its section: bring it where it can be used. */
const intoView = (element: HTMLElement | null) => element?.scrollIntoView({ block: 'center' });

/** Choose what to add, in place: movements for this section first, then all; talk and breaks too. */
export function MovementPicker({ section, facts, plan, blocks, floor, onPick, onPickBlock, onClose }: Props) {
  const [words, setWords] = useState('');
  const all = findMovements(facts.catalogue.movements, words);
  const found = all
    .filter((m) => floor || !m.offUntil)
    .sort((a, b) => Number(b.section === section.kind) - Number(a.section === section.kind));
  const figureOf = (movementId: string, height: number) => {
    const figure = facts.catalogue.figure(movementId);
    return figure && <LazyPicture figure={figure} height={height} />;
  };
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
      <ul className="mt-3 max-h-80 overflow-y-auto" tabIndex={-1}>
        {found.map((m) => (
          <li key={m.id}>
            <button
              type="button"
              className="flex min-h-12 w-full items-center gap-3 rounded-lg px-2 text-left hover:bg-linen"
              onClick={() => pickMovement(m)}
            >
              <PurposeMark purpose={m.purpose} />
              {figureOf(m.id, 56)}
              <span>
                <span className="font-semibold">{m.name}</span>{' '}
                <span className="text-sm text-soft">{doseWords(m.dose, doneWith(m))}</span>
              </span>
            </button>
          </li>
        ))}
        {found.length < all.length && (
          <li className="px-2 py-2 text-sm text-soft">
            {plural(all.length - found.length, 'movement')} on the floor or with impact: switched on in
            Settings.
          </li>
        )}
        {all.length === 0 && <li className="px-2 py-2">No movement has these words. Try fewer.</li>}
      </ul>
    </div>
  );
}
