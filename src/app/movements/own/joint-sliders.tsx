'use client';

import { isWay } from '@/core/body';
import { AXES, FINGER_NAMES, limitOf, type AxisId, type FingerName, type FullPose } from '@/core/hand';
import { capital } from '@/core/words';

type Props = {
  pose: FullPose;
  onChange: (pose: FullPose) => void;
  /** With what the rest of the person does. */
  body?: boolean;
};

const GROUPS: readonly { name: string; axes: readonly AxisId[] }[] = [
  { name: 'Wrist and forearm', axes: starting('wrist.', 'forearm.') },
  { name: 'Thumb', axes: starting('thumb.') },
  ...FINGER_NAMES.map((f) => ({
    name: `${capital(f)} finger`,
    axes: starting(`${f}.`),
  })),
  { name: 'How the hands are carried', axes: starting('stage.') },
];

const BODY_GROUPS: typeof GROUPS = [
  { name: 'Head and trunk', axes: starting('head.', 'trunk.', 'hips.', 'body.') },
  { name: 'Shoulders and arms', axes: starting('shoulder.', 'arm.', 'elbow.', 'reach.') },
  { name: 'Legs and feet', axes: starting('knees.', 'foot.', 'heel.', 'toes.') },
];

function starting(...heads: string[]): readonly AxisId[] {
  return AXES.map((a) => a.id).filter((id) => heads.some((h) => id.startsWith(h)));
}

/** A slider for each joint, its limits at its ends; all fingers together come first. */
export function JointSliders({ pose, onChange, body = false }: Props) {
  return (
    <div className="grid content-start gap-1">
      <Group name="All fingers together" open>
        {(['mcp', 'pip', 'dip'] as const).map((joint) => {
          const ids = FINGER_NAMES.map((f): `${FingerName}.${typeof joint}` => `${f}.${joint}`);
          const { min, max } = limitOf(ids[0]!);
          return (
            <Slider
              key={joint}
              label={ALL_NAMES[joint]}
              value={Math.round(ids.reduce((n, id) => n + pose[id], 0) / ids.length)}
              min={min}
              max={max}
              unit="degrees"
              onChange={(v) => onChange({ ...pose, ...Object.fromEntries(ids.map((id) => [id, v])) })}
            />
          );
        })}
      </Group>
      {[...(body ? BODY_GROUPS : []), ...GROUPS].map(({ name, axes }) => (
        <Group key={name} name={name}>
          {axes.map((id) => {
            const { min, max, name: label } = limitOf(id);
            return (
              <Slider
                key={id}
                label={label}
                value={Math.round(pose[id])}
                min={min}
                max={max}
                unit={isLength(id) ? 'mm' : 'degrees'}
                onChange={(v) => onChange({ ...pose, [id]: v })}
              />
            );
          })}
        </Group>
      ))}
    </div>
  );
}

const ALL_NAMES = { mcp: 'knuckles (MCP)', pip: 'middle joints (PIP)', dip: 'end joints (DIP)' } as const;
const isLength = (id: AxisId) =>
  id === 'stage.gap' || id === 'stage.lift' || id === 'stage.aside' || isWay(id);

function Group({
  name,
  open = false,
  children,
}: {
  name: string;
  open?: boolean;
  children: React.ReactNode;
}) {
  return (
    <details open={open} className="border-b pb-1">
      <summary className="min-h-11 content-center font-semibold">{name}</summary>
      <div className="grid gap-1 pb-2">{children}</div>
    </details>
  );
}

type SliderProps = {
  label: string;
  value: number;
  min: number;
  max: number;
  unit: string;
  onChange: (value: number) => void;
};

function Slider({ label, value, min, max, unit, onChange }: SliderProps) {
  return (
    <label className="grid grid-cols-[13rem_1fr_3.5rem] items-center gap-3 text-sm">
      {capital(label)}
      <input
        type="range"
        className="h-11 w-full accent-ink"
        min={min}
        max={max}
        value={value}
        aria-valuetext={`${value} ${unit}`}
        onChange={(e) => onChange(Number(e.target.value))}
      />
      <span className="tabular text-right" aria-hidden="true">
        {value}
        {unit === 'degrees' ? '°' : ' mm'}
      </span>
    </label>
  );
}
