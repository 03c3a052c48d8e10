import type { CheckIn } from '@/core/screening';
import { Button } from '@/ui/form/button';

type Props = { checkIn: CheckIn; onChange: (checkIn: CheckIn) => void; onAllWell: () => void };

const PAIN = [0, 1, 2, 3, 4, 5, 6, 7, 8, 9, 10] as const;
const STIFFNESS = [
  [0, 'none'],
  [15, 'a quarter of an hour'],
  [30, 'half an hour'],
  [60, 'an hour'],
  [120, 'longer'],
] as const;

/** Pain of each hand, stiffness, anything new: all on large keys, nothing to type. */
export function CheckInKeys({ checkIn, onChange, onAllWell }: Props) {
  const set = (part: Partial<CheckIn>) => onChange({ ...checkIn, ...part });
  return (
    <div className="mt-3 grid gap-4">
      <Button className="justify-self-start px-8 py-3 text-xl" onClick={onAllWell}>
        All well, next
      </Button>
      {(
        [
          ['painLeft', 'Pain in the left hand'],
          ['painRight', 'Pain in the right hand'],
        ] as const
      ).map(([key, label]) => (
        <Row key={key} label={label}>
          {PAIN.map((n) => (
            <Key key={n} on={checkIn[key] === n} label={`${label}: ${n}`} onClick={() => set({ [key]: n })}>
              {n}
            </Key>
          ))}
        </Row>
      ))}
      <Row label="Stiff this morning for">
        {STIFFNESS.map(([minutes, words]) => (
          <Key
            key={minutes}
            on={checkIn.stiffnessMin === minutes}
            onClick={() => set({ stiffnessMin: minutes })}
          >
            {words}
          </Key>
        ))}
      </Row>
      <Row label="Since last time">
        <Key on={checkIn.anythingNew} onClick={() => set({ anythingNew: !checkIn.anythingNew })}>
          something new, not looked into
        </Key>
        {(
          [
            ['L', 'fell, left arm hurts'],
            ['R', 'fell, right arm hurts'],
            ['both', 'fell, both arms hurt'],
          ] as const
        ).map(([hand, words]) => (
          <Key
            key={hand}
            on={checkIn.fellHand === hand}
            onClick={() => set({ fellHand: checkIn.fellHand === hand ? null : hand })}
          >
            {words}
          </Key>
        ))}
      </Row>
      {checkIn.fellHand && (
        <p className="font-semibold text-load">
          That arm rests until a clinician has seen it. Ask them to have it looked at.
        </p>
      )}
    </div>
  );
}

function Row({ label, children }: { label: string; children: React.ReactNode }) {
  return (
    <div role="group" aria-label={label}>
      <p className="mb-1 font-semibold">{label}</p>
      <div className="flex flex-wrap gap-1.5">{children}</div>
    </div>
  );
}

function Key({
  on,
  label,
  onClick,
  children,
}: {
  on: boolean;
  label?: string;
  onClick: () => void;
  children: React.ReactNode;
}) {
  return (
    <button
      type="button"
      aria-pressed={on}
      {...(label ? { 'aria-label': label } : {})}
      onClick={onClick}
      className={`tabular min-h-13 min-w-13 rounded-xl border-2 px-3 text-xl ${on ? 'border-ink bg-ink text-paper' : 'border-edge bg-paper hover:border-ink'}`}
    >
      {children}
    </button>
  );
}
