'use client';

import { useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import { doneWith, type Movement, type Purpose } from '@/core/catalogue';
import { describeDose, lengthMs, stretched, withBeads, type Dose, type ScriptContext } from '@/core/dose';
import { CordView } from '@/ui/cord/cord';

type Props = {
  dose: Dose;
  purpose: Purpose;
  context: ScriptContext;
  movement: Movement;
  title: string;
  onChange: (dose: Dose) => void;
};

const PIXELS_PER_SECOND = 7;

/**
 * A dose changed on its cord: beads are put on and taken off at its ends, a bar is drawn longer or shorter.
 * By keyboard: left and right for beads, up and down for seconds.
 */
export function CordEdit({ dose, purpose, context, movement, title, onChange }: Props) {
  const [drawn, setDrawn] = useState<Dose | null>(null);
  const from = useRef<{ x: number; dose: Dose } | null>(null);
  const canStretch = lengthMs(dose.count) !== null;
  const fewer = withBeads(dose, -1);
  const more = withBeads(dose, 1);
  const change = (next: Dose | null) => next && onChange(next);

  const onKeyDown = (event: KeyboardEvent) => {
    if (event.altKey || event.ctrlKey || event.metaKey) return;
    const next = {
      ArrowLeft: fewer,
      ArrowRight: more,
      ArrowDown: stretched(dose, -1_000, movement.lengthMs),
      ArrowUp: stretched(dose, 1_000, movement.lengthMs),
    }[event.key];
    if (next === undefined) return;
    event.preventDefault();
    change(next);
  };

  const down = (event: PointerEvent) => {
    if (!canStretch || event.button !== 0) return;
    event.currentTarget.setPointerCapture(event.pointerId);
    from.current = { x: event.clientX, dose };
  };
  const move = (event: PointerEvent) => {
    if (!from.current) return;
    const seconds = Math.round((event.clientX - from.current.x) / PIXELS_PER_SECOND);
    const next =
      seconds === 0 ? from.current.dose : stretched(from.current.dose, seconds * 1_000, movement.lengthMs);
    if (next) setDrawn(next);
  };
  const up = () => {
    if (from.current && drawn && drawn !== from.current.dose) onChange(drawn);
    from.current = null;
    setDrawn(null);
  };

  return (
    <div className="group/cord flex items-center">
      <End sign="−" label={`One less of ${title}`} onClick={() => change(fewer)} disabled={!fewer} />
      <div
        role="group"
        tabIndex={0}
        aria-label={`${title}: ${describeDose(dose, context, doneWith(movement))}. Left and right change the count${canStretch ? ', up and down the seconds' : ''}.`}
        className={`w-[8.25rem] touch-pan-y rounded-md ${canStretch ? 'cursor-ew-resize' : ''}`}
        onKeyDown={onKeyDown}
        onPointerDown={down}
        onPointerMove={move}
        onPointerUp={up}
        onPointerCancel={up}
      >
        <CordView
          dose={drawn ?? dose}
          purpose={purpose}
          context={context}
          of={doneWith(movement)}
          width={132}
          height={40}
        />
      </div>
      <End sign="+" label={`One more of ${title}`} onClick={() => change(more)} disabled={!more} />
    </div>
  );
}

type EndProps = { sign: string; label: string; onClick: () => void; disabled: boolean };

/** Shown when the row is pointed at or worked on; always there for the keyboard. */
function End({ sign, label, onClick, disabled }: EndProps) {
  return (
    <button
      type="button"
      aria-label={label}
      disabled={disabled}
      onClick={onClick}
      className="no-print inline-flex size-9 shrink-0 items-center justify-center rounded-full text-xl leading-none font-bold opacity-0 group-focus-within/cord:opacity-100 group-hover/row:opacity-100 hover:bg-line focus-visible:opacity-100 disabled:invisible [@media(hover:none)]:opacity-100"
    >
      {sign}
    </button>
  );
}
