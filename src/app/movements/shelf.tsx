'use client';

import Link from 'next/link';
import { useState } from 'react';
import { MOVEMENTS } from '@/catalogue/movements';
import { PURPOSES, SECTION_KINDS, type Movement, type Purpose } from '@/core/catalogue/movement';
import { findMovements } from '@/core/catalogue/search';
import { doseWords } from '@/core/dose/describe';
import { SECTION_NAMES } from '@/core/plan/plan';
import { Field, inputClass } from '@/ui/field';
import { MovementPicture } from '@/ui/movement-picture';
import { PURPOSE_WORDS, PurposeMark } from '@/ui/marks';

/** Every movement with its picture; words and purpose narrow it. */
export function Shelf() {
  const [words, setWords] = useState('');
  const [purpose, setPurpose] = useState<Purpose | ''>('');
  const found = findMovements(MOVEMENTS, words).filter((m) => purpose === '' || m.purpose === purpose);
  return (
    <>
      <div className="mb-5 flex flex-wrap gap-5">
        <Field label="Find by word, prop or joint" className="w-96 max-w-full">
          {(field) => (
            <input
              {...field}
              className={inputClass}
              value={words}
              onChange={(e) => setWords(e.target.value)}
            />
          )}
        </Field>
        <Field label="Purpose" className="w-52">
          {(field) => (
            <select
              {...field}
              className={inputClass}
              value={purpose}
              onChange={(e) => setPurpose(e.target.value as Purpose | '')}
            >
              <option value="">any</option>
              {PURPOSES.map((p) => (
                <option key={p} value={p}>
                  {PURPOSE_WORDS[p]}
                </option>
              ))}
            </select>
          )}
        </Field>
        <p aria-live="polite" className="self-end py-2 text-soft">
          {found.length} of {MOVEMENTS.length}
        </p>
      </div>
      {SECTION_KINDS.map((kind) => {
        const here = found.filter((m) => m.section === kind);
        return (
          here.length > 0 && (
            <section key={kind} className="mb-6">
              <h2 className="mb-2 border-b text-lg">{SECTION_NAMES[kind]}</h2>
              <ul className="grid grid-cols-[repeat(auto-fill,minmax(19rem,1fr))] gap-x-6">
                {here.map((m) => (
                  <Entry key={m.id} movement={m} />
                ))}
              </ul>
            </section>
          )
        );
      })}
      {found.length === 0 && <p>No movement has these words. Try fewer, or another purpose.</p>}
    </>
  );
}

function Entry({ movement }: { movement: Movement }) {
  return (
    <li>
      <Link
        prefetch={false}
        href={`/movements/${movement.id}`}
        className="flex items-center gap-4 rounded-xl py-2 pr-2 hover:bg-paper"
      >
        <MovementPicture movementId={movement.id} height={104} />
        <span>
          <span className="flex items-start gap-2 leading-tight font-semibold">
            <PurposeMark purpose={movement.purpose} /> {movement.name}
          </span>
          <span className="text-sm text-soft">{doseWords(movement.dose)}</span>
        </span>
      </Link>
    </li>
  );
}
