import { useState } from 'react';
import { CONDITIONS, RECORDED } from '@/catalogue/conditions';
import type { AnsweredGuess, Guess, PersonLine } from '@/core/formats';
import { CONDITION_STATES, fullName, type ConditionState } from '@/core/people';
import { Button } from '@/ui/form/button';
import { inputClass } from '@/ui/form/field';

/** What somebody said a remark is; "none" where it changes nothing in a class. */
export type Answer = {
  readonly conditionId: string;
  readonly side: Guess['side'];
  readonly state: ConditionState;
};

type Props = {
  line: PersonLine;
  /** Their name is on the list already. */
  isKnown: boolean;
  guesses: readonly AnsweredGuess[];
  onAnswer: (guess: Guess, answer: Answer) => void;
};

/** One person of the list: the name, and what each remark became. */
export function LineOfPeople({ line, isKnown, guesses, onAnswer }: Props) {
  return (
    <li className="grid gap-x-6 border-b py-1 md:grid-cols-[13rem_1fr]">
      <p className="py-2">
        {line.problem ? (
          <strong className="text-load">
            Line {line.line}: {line.problem.toLowerCase()}
          </strong>
        ) : (
          <>
            <strong>{fullName(line)}</strong>
            <span className="block text-sm text-soft">
              {[
                isKnown && 'on the list already, added to',
                line.dominantHand === 'L' && 'writes with the left',
                line.wantedTask && `wants to ${line.wantedTask}`,
                ...line.notes,
              ]
                .filter(Boolean)
                .join('; ')}
            </span>
          </>
        )}
      </p>
      <ul className="grid content-center gap-1">
        {guesses.length === 0 && !line.problem && <li className="text-soft">no condition</li>}
        {guesses.map((guess, i) => (
          <GuessLine
            key={`${guess.text} ${i}`}
            guess={guess}
            onAnswer={(answer) => onAnswer(guess, answer)}
          />
        ))}
      </ul>
    </li>
  );
}

const SIDES = { L: 'left', R: 'right', both: 'both', none: '' } as const;
const ASKS = {
  what: (side: Guess['side']) =>
    `What is it? Until then ${side === 'both' ? 'both hands rest' : `the ${SIDES[side]} hand rests`}`,
  side: () => 'Which hand?',
  cleared: () => 'Has a clinician cleared it? Until then the hand rests',
} as const;

/** "Thumb-base arthritis, left, settled". */
const becameWords = ({ side, state }: Guess, name: string): string =>
  [name, side === 'both' ? 'both hands' : SIDES[side], state === 'flare' ? 'in flare' : state]
    .filter(Boolean)
    .join(', ');

function GuessLine({ guess, onAnswer }: { guess: AnsweredGuess; onAnswer: (answer: Answer) => void }) {
  const condition = CONDITIONS.find((c) => c.id === guess.conditionId);
  const now: Answer = { conditionId: guess.conditionId ?? '', side: guess.side, state: guess.state };
  const [changing, setChanging] = useState(false);
  if (guess.asks === null && !changing)
    return (
      <li className="flex flex-wrap items-center gap-x-3">
        <span className="text-sm text-soft">“{guess.text}”</span>
        <span>{guess.dropped ? 'is kept as a note' : becameWords(guess, condition?.name ?? '')}</span>
        <Button
          look="quiet"
          className="px-2!"
          aria-label={`Change “${guess.text}”`}
          onClick={() => setChanging(true)}
        >
          Change
        </Button>
      </li>
    );
  return (
    <li
      className={`flex flex-wrap items-center gap-2 ${guess.asks ? 'rounded-xl border-2 border-load px-2 py-1' : ''}`}
    >
      <span className="text-sm text-soft">“{guess.text}”</span>
      {guess.asks && <strong className="text-sm text-load">{ASKS[guess.asks](guess.side)}</strong>}
      <select
        aria-label={`What “${guess.text}” is`}
        className={`${inputClass} max-w-72`}
        value={guess.dropped ? 'none' : (guess.conditionId ?? '')}
        onChange={(e) => {
          const chosen = CONDITIONS.find((c) => c.id === e.target.value);
          onAnswer({
            conditionId: e.target.value,
            side: chosen && !chosen.sided ? 'none' : guess.side === 'none' ? 'both' : guess.side,
            state: guess.conditionId === null ? 'settled' : guess.state,
          });
        }}
      >
        <option value="" disabled>
          not understood
        </option>
        <option value="none">changes nothing in a class: a note</option>
        {RECORDED.map((c) => (
          <option key={c.id} value={c.id}>
            {c.name}
          </option>
        ))}
      </select>
      {condition?.sided && !guess.dropped && (
        <fieldset className="flex gap-1">
          <legend className="sr-only">Side of “{guess.text}”</legend>
          {(['L', 'R', 'both'] as const).map((side) => (
            <button
              key={side}
              type="button"
              aria-pressed={guess.side === side && guess.asks !== 'side'}
              className="min-h-11 min-w-11 rounded-full border-2 border-edge px-3 aria-pressed:border-ink aria-pressed:bg-ink aria-pressed:text-paper"
              onClick={() => onAnswer({ ...now, side })}
            >
              {SIDES[side]}
            </button>
          ))}
        </fieldset>
      )}
      {condition && !guess.dropped && (
        <select
          aria-label={`How “${guess.text}” is`}
          className={`${inputClass} max-w-44`}
          value={guess.state}
          onChange={(e) => onAnswer({ ...now, state: e.target.value as ConditionState })}
        >
          {CONDITION_STATES.map((state) => (
            <option key={state} value={state}>
              {state === 'flare' ? 'in flare' : state}
            </option>
          ))}
        </select>
      )}
    </li>
  );
}
