import { AmountField } from '@/ui/form/amount-field';
import { SelectField } from '@/ui/form/select-field';

export type MeterChoice = { readonly peakKg: number; readonly trouble: string };

type Props = { choice: MeterChoice; onChange: (choice: MeterChoice) => void; disabled: boolean };

const TROUBLES = [
  ['none', 'A steady squeeze'],
  ['tremor', 'A trembling hand'],
  ['too early', 'Begun before the word'],
  ['twice', 'Let go and taken again'],
  ['short', 'Let go too soon'],
  ['gap', 'Readings missing'],
  ['drift', 'The zero drifts'],
  ['lost', 'The meter is lost'],
] as const;

/** The meter is simulated: how strong the hand is, and what may go wrong. */
export function MeterFields({ choice, onChange, disabled }: Props) {
  return (
    <fieldset disabled={disabled} className="flex flex-wrap items-end gap-x-5 gap-y-3">
      <legend className="mb-1 text-soft">
        The meter is simulated: its readings come over the wire as from a real one, and carry that mark
        wherever they are shown.
      </legend>
      <AmountField
        label="Strength"
        kept="kg"
        value={choice.peakKg}
        min={2}
        max={70}
        onChange={(peakKg) => onChange({ ...choice, peakKg })}
      />
      <SelectField
        label="What happens"
        value={choice.trouble}
        choices={TROUBLES}
        onChange={(trouble) => onChange({ ...choice, trouble })}
      />
    </fieldset>
  );
}
