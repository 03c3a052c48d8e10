import { doseTiming, fitToMusic, primaryCount, type Dose } from '@/core/dose';
import { bpmSchema, type MovementRow } from '@/core/plan';
import { clockText, plural } from '@/core/words';
import { Button } from '@/ui/form/button';
import { NumberField } from '@/ui/form/dose/number-field';
import type { OrderEditor } from '../use-plan';

type Props = { row: MovementRow; title: string; editor: OrderEditor };

const USUAL_BPM = 96;

/** Counting a row to music: beats a minute, and what its repetitions fill. Holds and breaths keep their own time. */
export function RowMusic({ row, title, editor }: Props) {
  const bpm = row.bpm ?? USUAL_BPM;
  const fit = fitToMusic(row.dose, bpm);
  if (!fit) return null;
  const setTo = (value: number) => {
    const parsed = bpmSchema.safeParse(value);
    const next = parsed.success ? fitToMusic(row.dose, parsed.data) : null;
    if (!next || !parsed.success) return;
    editor.edit(
      {
        type: 'several',
        steps: [
          { type: 'setMusic', rowId: row.id, bpm: parsed.data },
          { type: 'setDose', rowId: row.id, dose: next.dose },
        ],
      },
      `${title} to music`,
    );
  };
  if (row.bpm === undefined)
    return (
      <div className="self-end">
        <Button onClick={() => setTo(USUAL_BPM)}>Count it to music</Button>
        <p className="mt-1 text-soft">
          At {USUAL_BPM} beats a minute {changeOf(row.dose, fit.dose)}.
        </p>
      </div>
    );
  const inTime = JSON.stringify(fit.dose.count) === JSON.stringify(row.dose.count);
  return (
    <div className="flex flex-wrap items-end gap-4">
      <NumberField label="Beats a minute" value={row.bpm} min={40} max={180} onChange={setTo} />
      <p className="min-h-11 py-2">
        {inTime
          ? `${plural(fit.beatsEach, 'beat')} each; it fills ${phrasesWords(fit.phrases)} of 8.`
          : `The dose was changed since and no longer fills its phrases: fitted again ${changeOf(row.dose, fit.dose)}.`}
      </p>
      {!inTime && <Button onClick={() => setTo(bpm)}>Fit it again</Button>}
      <Button
        look="quiet"
        onClick={() => editor.edit({ type: 'setMusic', rowId: row.id, bpm: null }, `${title} without music`)}
      >
        Without music
      </Button>
    </div>
  );
}

/** What the fit does to a dose: its count and its length, before and after. */
function changeOf(before: Dose, after: Dose): string {
  const length = (dose: Dose) => clockText(doseTiming(dose, { breathMs: 0, slowFirst: false }).totalMs);
  const [n, to] = [primaryCount(before.count), primaryCount(after.count)];
  const count = n === to ? `${n} stay ${n}` : `${n} become ${to}`;
  return `${count} and ${length(before)} becomes ${length(after)}`;
}

const phrasesWords = (n: number): string => {
  if (n === 0.5) return 'half a phrase';
  return Number.isInteger(n) ? plural(n, 'phrase') : `${Math.floor(n)} and a half phrases`;
};
