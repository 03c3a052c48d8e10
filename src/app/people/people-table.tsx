'use client';

import { Table } from '@/ui/page/table';
import { Link } from '@/ui/page/link';
import { useState } from 'react';
import { fullName, type Person } from '@/core/people';
import { search } from '@/core/search';
import { ASSISTANCE_WORDS, conditionsOn } from '@/ui/words/condition-words';
import { dayWithYear } from '@/ui/words/dates';
import { Field, inputClass } from '@/ui/form/field';

const textOf = (person: Person) => ({
  name: fullName(person),
  rest: [
    person.wantedTask,
    ...conditionsOn(person, 'L'),
    ...conditionsOn(person, 'R'),
    ...conditionsOn(person, 'none'),
  ].join(' '),
});

/** Everyone current, with what each hand has; a word narrows the list. */
export function PeopleTable({ people }: { people: readonly Person[] }) {
  const [words, setWords] = useState('');
  const found = search(people, textOf, words);
  return (
    <>
      <Field label="Find by name, condition or task" className="mb-4 max-w-md">
        {(field) => (
          <input {...field} className={inputClass} value={words} onChange={(e) => setWords(e.target.value)} />
        )}
      </Field>
      <div className="overflow-x-auto" tabIndex={0} role="region" aria-label="People">
        <Table columns={['Name', 'Left hand', 'Right hand', 'Otherwise', 'Wants to']}>
          {found.map((person) => (
            <PersonRow key={person.id} person={person} />
          ))}
        </Table>
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
