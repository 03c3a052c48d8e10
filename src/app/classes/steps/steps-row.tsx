'use client';

import { Check } from 'lucide-react';
import { useRouter } from 'next/navigation';
import { toast } from 'sonner';
import { stepsOfClass, type ClassProgress, type ClassStep, type StepState } from '@/core/teach';
import { Link } from '@/ui/page/link';
import { requestJson } from '@/ui/request-json';

type Props = {
  classId: string;
  progress: ClassProgress;
  /** The step whose page this is. */
  here: ClassStep | null;
  /** Whose steps these are, where several classes stand on one page: no landmark then, since there may be many of one name. */
  of?: string;
};

/** The way of a class in one row: what is done is ticked, what comes next is the dark button. */
export function StepsRow({ classId, progress, here, of }: Props) {
  const Row = of ? 'div' : 'nav';
  return (
    <Row
      role={of ? 'group' : undefined}
      aria-label={`Steps of ${of ?? 'the class'}`}
      className="no-print relative -mx-1 flex max-w-full overflow-x-auto px-1"
    >
      <ol className="flex gap-x-0.5">
        {stepsOfClass(progress).map(({ step, state }) => (
          <li key={step}>
            {step === 'next week' && progress.nextId === null ? (
              <MakeNext classId={classId} ready={progress.status === 'written up'} state={state} />
            ) : (
              <Link
                href={hrefOf(step, classId, progress)}
                aria-current={step === here ? 'step' : undefined}
                className={lookOf(state, step === here)}
              >
                <Words step={step} state={state} />
              </Link>
            )}
          </li>
        ))}
      </ol>
    </Row>
  );
}

const WORDS: Readonly<Record<ClassStep, string>> = {
  people: 'People',
  plan: 'Plan',
  print: 'Print',
  door: 'Door',
  teach: 'Teach',
  'wrap-up': 'Wrap-up',
  decide: 'Who moves on',
  'next week': 'Next week',
  cards: 'Cards',
};

function Words({ step, state }: { step: ClassStep; state: StepState }) {
  return (
    <>
      {state === 'done' && <Check size={16} strokeWidth={3} aria-hidden="true" className="shrink-0" />}
      {WORDS[step]}
      {state === 'done' && <span className="sr-only">, done</span>}
      {state === 'next' && <span className="sr-only">, next</span>}
    </>
  );
}

const lookOf = (state: StepState, isHere: boolean): string =>
  `inline-flex min-h-11 items-center gap-1 rounded-full border-2 px-1.5 text-sm xl:px-2 whitespace-nowrap ${
    state === 'next'
      ? 'border-ink bg-ink font-semibold text-paper hover:bg-soft'
      : isHere
        ? 'border-ink bg-paper font-semibold'
        : 'border-transparent hover:border-edge hover:bg-paper'
  }`;

function hrefOf(step: ClassStep, classId: string, { nextId }: ClassProgress): string {
  const at = `/classes/${classId}`;
  switch (step) {
    case 'people':
      return `${at}?open=people`;
    case 'plan':
      return at;
    case 'print':
      return `${at}/paper`;
    case 'next week':
      return `/classes/${nextId}`;
    case 'cards':
      return `${at}/home`;
    default:
      return `${at}/${step}`;
  }
}

/** The next class of the series, made from this one once it is written up. */
function MakeNext({ classId, ready, state }: { classId: string; ready: boolean; state: StepState }) {
  const router = useRouter();
  const make = async () => {
    if (!ready) return toast('The next class starts from this one once it is taught and written up.');
    const result = await requestJson<{ id: string }>('POST', `/api/classes/${classId}/next`, { carry: [] });
    if (result.ok) router.push(`/classes/${result.value.id}`);
    else toast.error(result.message);
  };
  return (
    <button type="button" onClick={make} className={lookOf(state, false)}>
      <Words step="next week" state={state} />
    </button>
  );
}
