import { AmountField } from '@/ui/form/amount-field';
import { NumberField } from '@/ui/form/dose/number-field';

/** Whose body it is: height in centimetres, mass in kilograms, and how much of the weight goes left. */
export type BodyOf = {
  readonly statureCm: number;
  readonly massKg: number;
  readonly leftPercent: number;
};

type Props = { body: BodyOf; onChange: (body: BodyOf) => void };

export function BodyFields({ body, onChange }: Props) {
  return (
    <div className="flex flex-wrap gap-x-5 gap-y-3">
      <AmountField
        label="Height"
        kept="cm"
        value={body.statureCm}
        min={130}
        max={205}
        onChange={(statureCm) => onChange({ ...body, statureCm })}
      />
      <AmountField
        label="Mass"
        kept="kg"
        value={body.massKg}
        min={35}
        max={160}
        onChange={(massKg) => onChange({ ...body, massKg })}
      />
      <NumberField
        label="On the left hand, %"
        value={body.leftPercent}
        min={0}
        max={100}
        step={5}
        onChange={(leftPercent) => onChange({ ...body, leftPercent })}
      />
    </div>
  );
}
