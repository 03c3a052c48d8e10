'use client';

import { Link } from '@/ui/page/link';
import { useState } from 'react';
import { fullName, type Person } from '@/core/people';
import { ASSISTANCE_WORDS, conditionsOn } from '@/ui/words/condition-words';
import { dayWithYear } from '@/ui/words/dates';
import { Field, inputClass } from '@/ui/form/field';

const matches = (person: Person, words: string): boolean => {
  const text = [
    fullName(person),
    person.wantedTask,
    ...conditionsOn(person, 'L'),
    ...conditionsOn(person, 'R'),
    ...conditionsOn(person, 'none'),
  ].join(' ');
  return words
    .toLowerCase()
    .split(/\s+/)
    .every((word) => text.toLowerCase().includes(word));
};

/** Everyone current, with what each hand has; a word narrows the list. */
export function PeopleTable({ people }: { people: readonly Person[] }) {
  const [words, setWords] = useState('');
  const found = people.filter((p) => matches(p, words));
  return (
    <>
      <Field label="Find by name, condition or task" className="mb-4 max-w-md">
        {(field) => (
          <input {...field} className={inputClass} value={words} onChange={(e) => setWords(e.target.value)} />
        )}
      </Field>
      <div className="overflow-x-auto" tabIndex={0} role="region" aria-label="People">
        <table className="w-full border-collapse text-left">
          <thead>
            <tr className="border-b-2 border-edge">
              <th className="py-2 pr-4">Name</th>
              <th className="py-2 pr-4">Left hand</th>
              <th className="py-2 pr-4">Right hand</th>
              <th className="py-2 pr-4">Otherwise</th>
              <th className="py-2">Wants to</th>
            </tr>
          </thead>
          <tbody>
            {found.map((person) => (
              <PersonRow key={person.id} person={person} />
            ))}
          </tbody>
        </table>
      </div>
      {found.length === 0 && <p className="mt-4">Nobody matches. Try fewer words.</p>}
    </>
  );
}

function PersonRow({ person }: { person: Person }) {
  const otherwise = [
    ...(person.screened ? [] : ['not screened yet']),
    ...conditionsOn(person, 'none'),
    ...(person.assistance > 0 ? [ASSISTANCE_WORDS[person.assistance] ?? ''] : []),
    ...person.clearances.map(
      (c) => `cleared for ${c.scope}${c.until ? ` until ${dayWithYear(c.until)}` : ''}`,
    ),
  ];
  return (
    <tr className="border-b align-baseline">
      <th scope="row" className="py-1 pr-4 whitespace-nowrap">
        <Link
          href={`/people/${person.id}`}
          className="inline-flex min-h-11 items-center underline underline-offset-4"
        >
          {fullName(person)}
        </Link>
      </th>
      <HandCell lines={conditionsOn(person, 'L')} />
      <HandCell lines={conditionsOn(person, 'R')} />
      <HandCell lines={otherwise} />
      <td className="py-2.5">{person.wantedTask}</td>
    </tr>
  );
}

function HandCell({ lines }: { lines: readonly string[] }) {
  return (
    <td className="py-2.5 pr-4">
      {lines.length === 0 ? (
        <span className="text-soft" aria-label="nothing recorded">
          –
        </span>
      ) : (
        lines.join(', ')
      )}
    </td>
  );
}
