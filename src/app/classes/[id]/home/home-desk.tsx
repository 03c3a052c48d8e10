'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { toast } from 'sonner';
import { littleAndOften, minuteText, MAX_ITEMS } from '@/core/home';
import { nameList, plural } from '@/core/words';
import { Button } from '@/ui/form/button';
import { requestJson } from '@/ui/request-json';
import { NumberField } from '@/ui/form/dose/number-field';
import { Trouble } from '@/ui/form/field';
import { CheckBox } from '@/ui/form/check-box';

export type HomeLine = {
  readonly personId: string;
  readonly name: string;
  /** Why there is little or nothing. */
  readonly why: string | null;
  readonly timesADay: number;
  readonly chosen: readonly string[];
  readonly hasCard: boolean;
  readonly items: readonly { readonly rowId: string; readonly words: string; readonly dayBetween: boolean }[];
};

type Props = { classId: string; people: readonly HomeLine[] };
type Choice = { readonly rowIds: readonly string[]; readonly timesADay: number };

/** What each person takes home, proposed and open to change; cards are made of all at once. */
export function HomeDesk({ classId, people }: Props) {
  const router = useRouter();
  const [choices, setChoices] = useState<Readonly<Record<string, Choice>>>({});
  const [trouble, setTrouble] = useState<string | null>(null);
  const choiceOf = ({ personId, chosen, timesADay }: HomeLine): Choice =>
    choices[personId] ?? { rowIds: chosen, timesADay };
  const withCard = people.filter((p) => choiceOf(p).rowIds.length > 0);
  const without = people.filter((p) => p.items.length === 0);
  const make = async () => {
    const cards = withCard.map((p) => ({ personId: p.personId, ...choiceOf(p) }));
    const result = await requestJson<{ made: number }>('POST', `/api/classes/${classId}/home`, { cards });
    setTrouble(result.ok ? null : result.message);
    if (!result.ok) return;
    toast(`${plural(result.value.made, 'card is', 'cards are')} made`);
    router.push(`/classes/${classId}/home/cards`);
  };
  return (
    <>
      <div className="mb-4 flex flex-wrap items-center gap-4">
        <Button look="main" disabled={withCard.length === 0} onClick={make}>
          Make {plural(withCard.length, 'card')}
        </Button>
        <Trouble message={trouble} />
      </div>
      <ul>
        {people
          .filter((p) => p.items.length > 0)
          .map((p) => (
            <PersonItems
              key={p.personId}
              line={p}
              choice={choiceOf(p)}
              onChange={(choice) => setChoices({ ...choices, [p.personId]: choice })}
            />
          ))}
      </ul>
      {without.length > 0 && (
        <section aria-label="Nothing to take home" className="mt-6">
          <h2 className="text-xl">Nothing to take home</h2>
          <ul>
            {without.map((p) => (
              <li key={p.personId} className="border-b py-1.5">
                <strong>{p.name}</strong> {p.why}.
              </li>
            ))}
          </ul>
        </section>
      )}
    </>
  );
}

type ItemsProps = { line: HomeLine; choice: Choice; onChange: (choice: Choice) => void };

function PersonItems({ line, choice, onChange }: ItemsProps) {
  const full = choice.rowIds.length >= MAX_ITEMS;
  const chosen = line.items.filter((i) => choice.rowIds.includes(i.rowId));
  const times = littleAndOften(choice.timesADay).map(minuteText);
  const pick = (rowId: string, on: boolean) =>
    onChange({
      ...choice,
      rowIds: on ? [...choice.rowIds, rowId] : choice.rowIds.filter((id) => id !== rowId),
    });
  return (
    <li className="border-b py-2">
      <details>
        <summary className="min-h-11 content-center">
          <strong>{line.name}:</strong>{' '}
          {chosen.length === 0 ? 'nothing chosen' : plural(chosen.length, 'thing')}, {times.length} times a
          day
          {line.hasCard && ', card made'}
          {line.why && <span className="text-soft"> ({line.why})</span>}
        </summary>
        <div className="pb-3 pl-6">
          <NumberField
            label="Times a day"
            value={choice.timesADay}
            min={1}
            max={6}
            onChange={(timesADay) => onChange({ ...choice, timesADay })}
          />
          <p className="mt-1 text-soft">
            At about {nameList(times, 6)}. Resisted work once, every other day.
          </p>
          <ul className="mt-2">
            {line.items.map(({ rowId, words, dayBetween }) => {
              const on = choice.rowIds.includes(rowId);
              return (
                <li key={rowId}>
                  {on || !full ? (
                    <CheckBox
                      label={dayBetween ? `${words} (a day between)` : words}
                      on={on}
                      onChange={(next) => pick(rowId, next)}
                    />
                  ) : (
                    <span className="flex min-h-11 items-center pl-8 text-soft">{words}</span>
                  )}
                </li>
              );
            })}
          </ul>
          {full && (
            <p className="text-soft">Five is as much as a card holds; take one out to put another in.</p>
          )}
        </div>
      </details>
    </li>
  );
}
