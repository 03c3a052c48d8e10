import { painTooHigh, type CheckIn } from '@/core/screening';
import { Button } from '@/ui/form/button';
import { Field, inputClass } from '@/ui/form/field';

type Props = {
  checkIn: CheckIn;
  onChange: (checkIn: CheckIn) => void;
  onAllWell: () => void;
  allWell: string;
};

const PAIN = [0, 1, 2, 3, 4, 5, 6, 7, 8, 9, 10] as const;
const STIFFNESS = [
  [0, 'none'],
  [15, 'a quarter of an hour'],
  [30, 'half an hour'],
  [60, 'an hour'],
  [120, 'longer'],
] as const;

/** Pain of each hand, stiffness, anything new: all on large keys, nothing to type. */
export function CheckInKeys({ checkIn, onChange, onAllWell, allWell }: Props) {
  const set = (part: Partial<CheckIn>) => onChange({ ...checkIn, ...part });
  return (
    <div className="mt-3 grid gap-4">
      <Button className="justify-self-start px-8 py-3 text-xl" onClick={onAllWell}>
        {allWell}
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
      {painTooHigh(checkIn.painLeft, checkIn.painRight) !== null && (
        <p role="status" className="font-semibold text-load">
          Pain above 5 means stop: for that hand the plan keeps only what is easy today. If it is new, or does
          not settle, their clinician comes first.
        </p>
      )}
      <SideRow
        label="Hot or swollen today"
        words={['left hand', 'right hand', 'both hands']}
        value={checkIn.hotHand}
        onChange={(hotHand) => set({ hotHand })}
      />
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
        <Key on={checkIn.unwell} onClick={() => set({ unwell: !checkIn.unwell })}>
          unwell or light-headed today
        </Key>
      </Row>
      <SideRow
        label="Newly numb or tingling"
        words={['left hand', 'right hand', 'both hands']}
        value={checkIn.numbHand}
        onChange={(numbHand) => set({ numbHand })}
      />
      <SideRow
        label="Fell since last time, and it hurts"
        words={['fell, left arm hurts', 'fell, right arm hurts', 'fell, both arms hurt']}
        value={checkIn.fellHand}
        onChange={(fellHand) => set({ fellHand })}
      />
      <Field label="In their words" className="max-w-xl">
        {(field) => (
          <input
            {...field}
            className={inputClass}
            maxLength={200}
            defaultValue={checkIn.words}
            onBlur={(e) => e.target.value.trim() !== checkIn.words && set({ words: e.target.value.trim() })}
          />
        )}
      </Field>
      {checkIn.numbHand && (
        <p className="font-semibold text-load">
          New numbness or tingling: gentle movement only, and advice before the next class.
        </p>
      )}
      {checkIn.unwell && (
        <p className="font-semibold text-load">
          Seated and gentle only. If it does not pass, or there is chest discomfort or breathlessness, stop
          and get help.
        </p>
      )}
      {checkIn.fellHand && (
        <p className="font-semibold text-load">
          That arm rests until a clinician has seen it. Ask them to have it looked at.
        </p>
      )}
    </div>
  );
}

/** One of left, right or both; the same key again takes it back. */
function SideRow({
  label,
  words: [left, right, both],
  value,
  onChange,
}: {
  label: string;
  words: readonly [string, string, string];
  value: CheckIn['hotHand'];
  onChange: (value: CheckIn['hotHand']) => void;
}) {
  return (
    <Row label={label}>
      {(
        [
          ['L', left],
          ['R', right],
          ['both', both],
        ] as const
      ).map(([hand, words]) => (
        <Key
          key={hand}
          on={value === hand}
          label={`${label}: ${words}`}
          onClick={() => onChange(value === hand ? null : hand)}
        >
          {words}
        </Key>
      ))}
    </Row>
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
