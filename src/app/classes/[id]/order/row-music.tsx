import { fitToMusic } from '@/core/dose';
import { bpmSchema, type MovementRow } from '@/core/plan';
import { plural } from '@/core/words';
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
      </div>
    );
  const inTime = JSON.stringify(fit.dose.count) === JSON.stringify(row.dose.count);
  return (
    <div className="flex flex-wrap items-end gap-4">
      <NumberField label="Beats a minute" value={row.bpm} min={40} max={180} onChange={setTo} />
      <p className="min-h-11 py-2">
        {inTime
          ? `${plural(fit.beatsEach, 'beat')} each; it fills ${plural(fit.phrases, 'phrase')} of 8.`
          : 'The dose was changed since and no longer fills whole phrases.'}
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
