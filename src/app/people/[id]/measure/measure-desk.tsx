'use client';

import { useRouter } from 'next/navigation';
import { useCallback, useState } from 'react';
import { toast } from 'sonner';
import {
  nextHand,
  QUIET_MS,
  REST_MS,
  TRIES,
  type GripTest,
  type GripTrial,
  type Scoring,
  type Trial,
} from '@/core/measure';
import type { Hand } from '@/core/dose';
import type { Person } from '@/core/people';
import { clockText } from '@/core/words';
import { Button } from '@/ui/form/button';
import { requestJson } from '@/ui/request-json';
import { Trouble } from '@/ui/form/field';
import { SelectField } from '@/ui/form/select-field';
import { ForceTrace } from './force-trace';
import { GripResults } from './grip-results';
import { simulatedMeter } from './meter';
import { MeterFields, type MeterChoice } from './meter-fields';
import { TriesTable } from './tries-table';
import { useSqueeze, type Squeeze } from './use-squeeze';
import { useRest } from './use-rest';

type Props = { person: Person; tests: readonly GripTest[]; today: string; rate: number; results: boolean };

const HAND_WORDS: Record<Hand, string> = { L: 'Left hand', R: 'Right hand' };

/** A grip test: whose turn it is, the curve as it comes, what counts and why not, and what has changed. */
export function MeasureDesk({ person, tests, today, rate, results }: Props) {
  const router = useRouter();
  const [trials, setTrials] = useState<readonly GripTrial[]>([]);
  const [choice, setChoice] = useState<MeterChoice>({ peakKg: 22, trouble: 'none' });
  const [scoring, setScoring] = useState<Scoring>('best');
  const [trouble, setTrouble] = useState<string | null>(null);
  const hand = nextHand(trials, person.dominantHand);
  const rest = useRest(hand, REST_MS / rate);

  const onTrial = useCallback(
    (trial: Trial) => {
      if (!trial.ok || !hand) return;
      const { peakKg, timeToPeakMs, unsteadyPercent } = trial;
      setTrials((before) => [...before, { hand, peakKg, timeToPeakMs, unsteadyPercent }]);
      rest.begin(hand);
    },
    [hand, rest],
  );
  const { squeeze, start } = useSqueeze(onTrial);
  const read = () => void start(simulatedMeter({ ...choice, seed: seedOf(trials.length, choice.trouble) }));
  const keep = async () => {
    const result = await requestJson('POST', `/api/people/${person.id}/grip`, {
      day: today,
      trials,
      simulated: 'own',
    });
    setTrouble(result.ok ? null : result.message);
    if (!result.ok) return;
    setTrials([]);
    toast('The grip test is kept');
    router.refresh();
  };

  return (
    <div className="grid gap-5">
      <MeterFields choice={choice} onChange={setChoice} disabled={squeeze.reading} />
      <section aria-label="Squeeze" className="grid gap-3">
        <div className="flex flex-wrap items-center gap-4">
          <p className="text-2xl font-bold" role="status">
            {wordNow(squeeze, hand, trials)}
          </p>
          {hand && !squeeze.reading && (
            <Button look="main" className="px-8 text-lg" disabled={rest.leftMs > 0} onClick={read}>
              Read the meter
            </Button>
          )}
          {hand && rest.leftMs > 0 && !squeeze.reading && (
            <>
              <span className="tabular text-lg">
                {HAND_WORDS[hand]} rests {clockText(rest.leftMs * rate)} more
              </span>
              <Button look="quiet" onClick={rest.end}>
                Squeeze without the rest
              </Button>
            </>
          )}
        </div>
        {squeeze.trial && !squeeze.trial.ok && (
          <p role="alert" className="text-lg font-semibold text-load">
            {squeeze.trial.reason}
          </p>
        )}
        <ForceTrace samples={squeeze.samples} peakKg={squeeze.trial?.ok ? squeeze.trial.peakKg : null} />
      </section>
      <div className="flex flex-wrap items-end gap-4">
        <SelectField
          label="Score"
          value={scoring}
          choices={[
            ['best', 'Best of all tries'],
            ['mean of three', 'Mean of three'],
          ]}
          onChange={(value) => setScoring(value as Scoring)}
        />
        <Button look={hand ? 'plain' : 'main'} disabled={trials.length === 0} onClick={keep}>
          Keep this test
        </Button>
      </div>
      <Trouble message={trouble} />
      <TriesTable trials={trials} scoring={scoring} />
      {results && <GripResults person={person} tests={tests} trials={trials} scoring={scoring} />}
    </div>
  );
}

/** What is said now: whose turn, wait, squeeze, or that it is done. */
function wordNow({ reading, samples }: Squeeze, hand: Hand | null, trials: readonly GripTrial[]): string {
  if (!hand) return 'Both hands are done';
  if (!reading) {
    const tries = trials.filter((t) => t.hand === hand).length;
    return `${HAND_WORDS[hand]}, try ${tries + 1} of ${TRIES}`;
  }
  return (samples.at(-1)?.atMs ?? 0) < QUIET_MS ? 'Wait' : 'Squeeze';
}

/** Every made-up squeeze is a little different, and the same test the same again. */
const seedOf = (tries: number, trouble: string): number => 1 + tries * 13 + trouble.length;
