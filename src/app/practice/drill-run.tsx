'use client';

import { Check, X } from 'lucide-react';
import { useEffect, useRef, useState } from 'react';
import { DRILL_MS, type Question } from '@/core/drill';
import { clockText } from '@/core/words';
import { Button } from '@/ui/form/button';
import type { Answered } from './drill-desk';
import { Sitters } from './sitters';

const TICK_MS = 500;

type Props = { name: string; next: () => Question; onDone: (answered: readonly Answered[]) => void };

/** One question after the other for two minutes; the last one is answered in peace. */
export function DrillRun({ name, next, onDone }: Props) {
  const [question, setQuestion] = useState(next);
  const [chosen, setChosen] = useState<number | null>(null);
  const [answered, setAnswered] = useState<readonly Answered[]>([]);
  const leftMs = useTimeLeft();
  const choose = (choice: number) => {
    if (chosen !== null || choice >= question.choices.length) return;
    setChosen(choice);
    setAnswered([...answered, { question, chosen: choice }]);
  };
  const goOn = () => {
    if (leftMs <= 0) return onDone(answered);
    setQuestion(next());
    setChosen(null);
  };
  useKeys((key) => /^[1-9]$/.test(key) && choose(Number(key) - 1));
  const right = answered.filter((a) => a.chosen === a.question.right).length;
  return (
    <section aria-label={name} className="max-w-3xl">
      <div className="flex flex-wrap items-baseline justify-between gap-x-6">
        <h2 className="text-xl">{name}</h2>
        <p className="tabular text-lg">
          {right} of {answered.length} right, {leftMs > 0 ? `${clockText(leftMs)} left` : 'time is up'}
        </p>
      </div>
      <p className="mt-4 text-2xl leading-snug">{question.text}</p>
      {question.sitters && <Sitters sitters={question.sitters} />}
      <ol
        className={`mt-4 grid gap-2 ${question.sitters ? 'grid-cols-5' : question.choices.length === 2 ? 'grid-cols-2' : 'grid-cols-1'}`}
      >
        {question.choices.map((choice, i) => (
          <li key={choice} className="grid grid-cols-1">
            <Choice
              words={choice}
              place={question.sitters ? null : i + 1}
              stands={
                chosen === null ? 'open' : i === question.right ? 'right' : i === chosen ? 'wrong' : 'past'
              }
              onChoose={() => choose(i)}
            />
          </li>
        ))}
      </ol>
      <div role="status" className="mt-4 min-h-16 text-lg">
        {chosen !== null && (
          <p>
            <strong>
              {chosen === question.right ? 'Right.' : `It is: ${question.choices[question.right]}.`}
            </strong>{' '}
            {question.because}
          </p>
        )}
      </div>
      <div className="mt-2 flex flex-wrap gap-3">
        {chosen !== null && (
          <Button look="main" autoFocus onClick={goOn}>
            {leftMs > 0 ? 'Next question' : 'See how it went'}
          </Button>
        )}
        <Button look="quiet" onClick={() => onDone(answered)}>
          End here
        </Button>
      </div>
    </section>
  );
}

const LOOKS = {
  open: 'border-edge hover:border-ink',
  right: 'border-ink border-4 font-bold',
  wrong: 'border-load',
  past: 'border-line text-soft',
} as const;

type ChoiceProps = { words: string; place: number | null; stands: keyof typeof LOOKS; onChoose: () => void };

function Choice({ words, place, stands, onChoose }: ChoiceProps) {
  return (
    <button
      type="button"
      onClick={onChoose}
      aria-disabled={stands !== 'open'}
      className={`flex min-h-14 items-center gap-3 rounded-2xl border-2 bg-paper py-2 text-lg ${
        place === null
          ? 'flex-wrap justify-center px-1 text-center max-sm:px-0 max-sm:text-sm'
          : 'px-4 text-left max-sm:px-2'
      } ${LOOKS[stands]}`}
    >
      {place !== null && (
        <span aria-hidden="true" className="tabular text-soft max-sm:hidden">
          {place}
        </span>
      )}
      <span className={`min-w-0 ${place === null ? '' : 'flex-1'}`}>{words}</span>
      {stands === 'right' && <Check aria-label="the right one" className="size-6 shrink-0" />}
      {stands === 'wrong' && <X aria-label="not this one" className="size-6 shrink-0" />}
    </button>
  );
}

/** What is left of the drill, ms, from when it is first shown. */
function useTimeLeft(): number {
  const [leftMs, setLeftMs] = useState(DRILL_MS);
  useEffect(() => {
    const from = performance.now();
    const timer = setInterval(() => setLeftMs(Math.max(0, DRILL_MS - (performance.now() - from))), TICK_MS);
    return () => clearInterval(timer);
  }, []);
  return leftMs;
}

function useKeys(onKey: (key: string) => void): void {
  const now = useRef(onKey);
  useEffect(() => {
    now.current = onKey;
  });
  useEffect(() => {
    const hear = (e: KeyboardEvent) => {
      if (!e.ctrlKey && !e.metaKey && !e.altKey) now.current(e.key);
    };
    window.addEventListener('keydown', hear);
    return () => window.removeEventListener('keydown', hear);
  }, []);
}
