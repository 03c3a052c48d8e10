'use client';

import { useFormContext, useWatch } from 'react-hook-form';
import type { Hand } from '@/core/dose';
import { HAND_SPOTS } from '@/core/hand';
import type { ConditionState, PersonCondition, PersonFields } from '@/core/people';
import { conditionName } from '@/ui/words/condition-words';
import { FigureShapes } from '@/ui/hand/hand-figure';
import { PAIR, PAIR_APART, PAIR_BOX, PAIR_SHAPES } from '@/ui/hand/pair-of-hands';

type Props = { onAdd: (hand: Hand, spotId: string) => void };

/** Worst first: what a place with several conditions shows. */
const STATES: readonly ConditionState[] = ['not cleared', 'flare', 'sore', 'settled'];

/** The two hands with what is wrong where; a place can be pressed to record something there. */
export function HandRecord({ onAdd }: Props) {
  const { control } = useFormContext<PersonFields>();
  const conditions = useWatch({ control, name: 'conditions' });
  return (
    <figure>
      <svg viewBox={PAIR_BOX} className="w-full max-w-xl" role="group" aria-label="Places on the hands">
        {(['L', 'R'] as const).map((hand) => (
          <g key={hand} transform={`translate(${hand === 'L' ? -PAIR_APART : PAIR_APART} 0)`}>
            <g opacity="0.55">
              <FigureShapes shapes={PAIR_SHAPES[hand]} />
            </g>
            {HAND_SPOTS.map((spot) => {
              const [x, y] = spot.at(PAIR[hand]);
              const here = conditions.filter((c) => isOn(c, hand) && c.spots.includes(spot.id));
              return (
                <Place
                  key={spot.id}
                  x={x}
                  y={y}
                  r={spot.radiusMm}
                  state={worst(here)}
                  label={`${hand === 'L' ? 'Left' : 'Right'} ${spot.name}: ${wordsOf(here)}`}
                  onPress={() => onAdd(hand, spot.id)}
                />
              );
            })}
            <WholeHand conditions={conditions.filter((c) => isOn(c, hand) && c.spots.length === 0)} />
            <text x={0} y={146} fontSize="17" textAnchor="middle" fill="var(--color-ink)">
              {hand === 'L' ? 'left' : 'right'}
            </text>
          </g>
        ))}
      </svg>
      <figcaption className="flex flex-wrap gap-x-5 text-sm">
        {[...STATES].reverse().map((state) => (
          <span key={state} className="flex items-center gap-1.5">
            <svg width="22" height="22" viewBox="0 0 22 22" aria-hidden="true">
              <Mark x={11} y={11} r={8} state={state} />
            </svg>
            {state}
          </span>
        ))}
        <span>Press a place to record something there.</span>
      </figcaption>
    </figure>
  );
}

const isOn = (c: PersonCondition, hand: Hand) => c.side === hand || c.side === 'both';
const worst = (list: readonly PersonCondition[]): ConditionState | null =>
  STATES.find((s) => list.some((c) => c.state === s)) ?? null;
const wordsOf = (list: readonly PersonCondition[]): string =>
  list.length === 0 ? 'nothing recorded' : list.map((c) => `${nameOf(c)}, ${c.state}`).join('; ');

const nameOf = ({ conditionId }: PersonCondition): string =>
  conditionId ? conditionName(conditionId).toLowerCase() : 'condition not chosen yet';

type PlaceProps = {
  x: number;
  y: number;
  r: number;
  state: ConditionState | null;
  label: string;
  onPress: () => void;
};

function Place({ x, y, r, state, label, onPress }: PlaceProps) {
  return (
    <g
      role="button"
      tabIndex={0}
      aria-label={label}
      className="cursor-pointer outline-offset-0"
      onClick={onPress}
      onKeyDown={(e) => {
        if (e.key !== 'Enter' && e.key !== ' ') return;
        e.preventDefault();
        onPress();
      }}
    >
      <circle cx={x} cy={y} r={13} fill="transparent" />
      <Mark x={x} y={y} r={r} state={state} />
    </g>
  );
}

/** A state by shape first: filled, half, ringed, empty with a bar; nothing recorded is a faint ring. */
function Mark({ x, y, r, state }: { x: number; y: number; r: number; state: ConditionState | null }) {
  const ring = { cx: x, cy: y, r, fill: 'var(--color-paper)', stroke: 'var(--color-ink)', strokeWidth: 2 };
  switch (state) {
    case null:
      return (
        <circle {...ring} r={r * 0.6} fillOpacity={0.7} stroke="var(--color-edge)" strokeDasharray="3 3" />
      );
    case 'settled':
      return <circle {...ring} fill="var(--color-ink)" />;
    case 'sore':
      return (
        <g>
          <circle {...ring} />
          <path d={`M${x} ${y - r}a${r} ${r} 0 0 0 0 ${2 * r}z`} fill="var(--color-ink)" />
        </g>
      );
    case 'flare':
      return (
        <g>
          <circle {...ring} r={r + 3} stroke="var(--color-load)" strokeWidth={2.5} />
          <circle cx={x} cy={y} r={r * 0.6} fill="var(--color-load)" />
        </g>
      );
    case 'not cleared':
      return (
        <g>
          <circle {...ring} stroke="var(--color-load)" strokeWidth={2.5} />
          <path
            d={`M${x - r * 0.6} ${y}H${x + r * 0.6}`}
            stroke="var(--color-load)"
            strokeWidth={3}
            strokeLinecap="round"
          />
        </g>
      );
  }
}

/** Conditions of the whole hand, named under it. */
function WholeHand({ conditions }: { conditions: readonly PersonCondition[] }) {
  const state = worst(conditions);
  return state ? (
    <g>
      <Mark x={0} y={-48} r={13} state={state} />
      <title>{wordsOf(conditions)}</title>
    </g>
  ) : null;
}
