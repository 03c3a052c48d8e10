import type { Stance } from '@/core/stance';
import { AmountField } from '@/ui/form/amount-field';
import { NumberField } from '@/ui/form/dose/number-field';

type Props = { stance: Stance; statureM: number; onChange: (stance: Stance) => void };

/** What can be changed about a set-up; the handle on the figure changes the first of it too. */
export function StanceFields({ stance, onChange }: Props) {
  return <div className="flex flex-wrap gap-x-5 gap-y-3">{fieldsOf(stance, onChange)}</div>;
}

function fieldsOf(stance: Stance, onChange: (stance: Stance) => void) {
  switch (stance.kind) {
    case 'lean':
      return (
        <Centimetres
          label="Hands up"
          metres={stance.handHeightM}
          max={150}
          onChange={(handHeightM) => onChange({ ...stance, handHeightM })}
        />
      );
    case 'seated':
      return (
        <>
          <NumberField
            label="Lean, degrees"
            value={stance.leanDeg}
            min={0}
            max={60}
            onChange={(leanDeg) => onChange({ ...stance, leanDeg })}
          />
          <Centimetres
            label="Hands forward"
            metres={stance.reachM}
            max={110}
            onChange={(reachM) => onChange({ ...stance, reachM })}
          />
          <Percent
            label="Weight put on the hands, %"
            share={stance.handedOver}
            onChange={(handedOver) => onChange({ ...stance, handedOver })}
          />
        </>
      );
    case 'unload':
      return (
        <Percent
          label="Taken off the seat, %"
          share={stance.handedOver}
          onChange={(handedOver) => onChange({ ...stance, handedOver })}
        />
      );
    case 'all fours':
      return (
        <Centimetres
          label="Hips forward"
          metres={stance.forwardM}
          min={-20}
          max={20}
          onChange={(forwardM) => onChange({ ...stance, forwardM })}
        />
      );
    case 'feet back':
      return <p>Knees lifted, legs straight back: nothing more to set.</p>;
  }
}

type CentimetresProps = {
  label: string;
  metres: number;
  min?: number;
  max: number;
  onChange: (metres: number) => void;
};

const Centimetres = ({ label, metres, min = 0, max, onChange }: CentimetresProps) => (
  <AmountField
    label={label}
    kept="cm"
    value={Math.round(metres * 100)}
    min={min}
    max={max}
    step={2}
    onChange={(cm) => onChange(cm / 100)}
  />
);

const Percent = ({
  label,
  share,
  onChange,
}: {
  label: string;
  share: number;
  onChange: (share: number) => void;
}) => (
  <NumberField
    label={label}
    value={Math.round(share * 100)}
    min={0}
    max={100}
    step={5}
    onChange={(percent) => onChange(percent / 100)}
  />
);
