import { plural } from '@/core/words';
import { Button } from '@/ui/form/button';
import type { Answered } from './drill-desk';

type Props = { name: string; answered: readonly Answered[]; onAgain: () => void; onOther: () => void };

/** How a drill went: how many were right, and those that were not with what was right and why. */
export function DrillDone({ name, answered, onAgain, onOther }: Props) {
  const missed = answered.filter((a) => a.chosen !== a.question.right);
  return (
    <section aria-label={`${name}, how it went`} className="max-w-3xl">
      <h2 className="text-xl">{name}</h2>
      <p className="mt-2 text-2xl">
        {answered.length === 0
          ? 'Nothing was answered.'
          : `${answered.length - missed.length} of ${plural(answered.length, 'question')} right.`}
      </p>
      {missed.length > 0 && (
        <>
          <h3 className="mt-5 text-lg">Worth another look</h3>
          <ul>
            {missed.map(({ question, chosen }, i) => (
              <li key={i} className="border-b py-3">
                <p>{question.text}</p>
                <p className="mt-1">
                  You said: {question.choices[chosen]}. It is:{' '}
                  <strong>{question.choices[question.right]}</strong>. {question.because}
                </p>
              </li>
            ))}
          </ul>
        </>
      )}
      <div className="mt-5 flex flex-wrap gap-3">
        <Button look="main" autoFocus onClick={onAgain}>
          Once more
        </Button>
        <Button onClick={onOther}>Another drill</Button>
      </div>
    </section>
  );
}
