'use client';

import { useRouter } from 'next/navigation';
import { useEffect, useMemo, useState } from 'react';
import { toast } from 'sonner';
import { CONDITIONS } from '@/catalogue/conditions';
import { SAID_WORDS } from '@/catalogue/said-words';
import {
  decodeText,
  personOfLine,
  readPeopleLines,
  sameAs,
  type AnsweredGuess,
  type Guess,
  type PersonLine,
} from '@/core/formats';
import { fullName, type Person } from '@/core/people';
import { plural } from '@/core/words';
import { Button } from '@/ui/form/button';
import { CheckBox } from '@/ui/form/check-box';
import { useDropped } from '@/ui/form/dropped-file';
import { Trouble, inputClass } from '@/ui/form/field';
import { UnsavedLine } from '@/ui/form/unsaved-line';
import { useUnsaved } from '@/ui/form/use-unsaved';
import { Link } from '@/ui/page/link';
import { requestJson } from '@/ui/request-json';
import { shortDay } from '@/ui/words/dates';
import { LineOfPeople, type Answer } from './line-of-people';

type Class = { readonly id: string; readonly name: string; readonly week: number; readonly day: string };
type Props = { people: readonly Person[]; classes: readonly Class[]; thisYear: number };

const NOTHING_TYPED = { text: '', answers: {} };
const SAMPLE =
  'Dorothy K, thumb arthritis left, osteoporosis, wants to open jars\nKen S, rheumatoid arthritis both hands, flare\nWinnie';

/** One box for the whole list; each remark shows at once what it became, and only what is unsure is asked. */
export function PeopleBox({ people, classes, thisYear }: Props) {
  const router = useRouter();
  const [text, setText] = useState('');
  const [answers, setAnswers] = useState<Readonly<Record<string, Answer>>>({});
  const [screened, setScreened] = useState(false);
  const [comes, setComes] = useState(true);
  const [trouble, setTrouble] = useState<string | null>(null);
  const unsaved = useUnsaved({
    name: 'people.list',
    read: () => ({ text, answers }),
    opened: NOTHING_TYPED,
    restore: (typed) => {
      setText(String(typed.text ?? ''));
      setAnswers((typed.answers ?? {}) as Readonly<Record<string, Answer>>);
    },
  });
  const { onChange } = unsaved;
  useEffect(onChange, [onChange, text, answers]);
  const [busy, setBusy] = useState(false);
  const lines = useMemo(
    () => readPeopleLines(text, { words: SAID_WORDS, conditions: CONDITIONS, thisYear }),
    [text, thisYear],
  );
  const [next] = classes;

  useDropped(async (file) => {
    const decoded = decodeText(new Uint8Array(await file.arrayBuffer()));
    if (decoded.ok) setText(decoded.value.text);
    else setTrouble(decoded.message);
  });

  const read = lines.map((line) => ({
    line,
    same: sameAs(line, people),
    guesses: line.guesses.map((guess) => answered(guess, answers[answerKey(line, guess)])),
  }));
  const good = read.filter(({ line }) => line.problem === null);
  const open = good.reduce((n, { guesses }) => n + guesses.filter((g) => g.asks !== null).length, 0);

  const keep = async () => {
    setBusy(true);
    const result = await requestJson<{ added: number; merged: number }>('POST', '/api/people/import', {
      rows: good.map(({ line, same, guesses }) => ({
        fields: personOfLine(line, guesses, screened),
        mergeInto: same?.id ?? null,
      })),
      comeTo: comes && next ? next.id : null,
    });
    setBusy(false);
    if (!result.ok) return setTrouble(result.message);
    unsaved.onSaved();
    toast(`${plural(good.length, 'person is', 'people are')} on the list.`);
    router.push(comes && next ? `/classes/${next.id}` : '/people');
    router.refresh();
  };

  return (
    <div className="grid gap-5">
      <div>
        <label htmlFor="people-box" className="font-semibold">
          One person a line
        </label>
        <p id="people-box-hint" className="text-sm text-soft">
          First name and initial, then what you know, with commas: condition, side, how it is, age, “wants to
          …”. A table can be pasted, and a text file dropped here; one with columns of its own has{' '}
          <Link href="/people/import" className="underline underline-offset-4">
            its own way in
          </Link>
          .
        </p>
        <textarea
          id="people-box"
          aria-describedby="people-box-hint"
          autoFocus
          rows={8}
          className={`${inputClass} mt-2 font-[inherit] leading-8`}
          placeholder={SAMPLE}
          readOnly={!unsaved.isReady}
          value={text}
          onChange={(e) => setText(e.target.value)}
        />
        <UnsavedLine unsaved={unsaved} />
      </div>
      {read.length > 0 && (
        <section aria-label="What was understood">
          <h2 className="text-lg">
            {plural(read.length, 'person', 'people')}
            {open > 0 && <span className="text-load">, {plural(open, 'thing')} to ask</span>}
          </h2>
          <ul className="mt-1">
            {read.map(({ line, same, guesses }) => (
              <LineOfPeople
                key={line.line}
                line={line}
                isKnown={same !== null}
                guesses={guesses}
                onAnswer={(guess, answer) => setAnswers({ ...answers, [answerKey(line, guess)]: answer })}
              />
            ))}
          </ul>
        </section>
      )}
      {good.length > 0 && (
        <div className="grid gap-2">
          <CheckBox
            label={
              <span>
                They have all answered the{' '}
                <Link href="/people/questions" className="underline underline-offset-4" target="_blank">
                  screening questions
                </Link>
                , and what they said stands above
              </span>
            }
            on={screened}
            onChange={setScreened}
          />
          {next && (
            <CheckBox
              label={`All of them come to ${next.name}, week ${next.week}, ${shortDay(next.day)}`}
              on={comes}
              onChange={setComes}
            />
          )}
          <Trouble message={trouble} />
          <div>
            <Button look="main" disabled={busy} onClick={() => void keep()}>
              {busy ? 'Keeping them' : `Keep ${plural(good.length, 'person', 'people')}`}
            </Button>
          </div>
        </div>
      )}
    </div>
  );
}

/** What one answer is about, wherever the line moves to; several conditions of one remark are answered apart. */
const answerKey = (line: PersonLine, { text, conditionId }: Guess): string =>
  `${fullName(line)}: ${text}: ${conditionId}`;

function answered(guess: Guess, answer: Answer | undefined): AnsweredGuess {
  if (!answer) return guess;
  if (answer.conditionId === 'none') return { ...guess, asks: null, dropped: true };
  return { ...guess, ...answer, asks: null };
}
