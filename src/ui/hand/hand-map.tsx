import type { Hand } from '@/core/dose';
import { levelOf, mostOf, type SpotValues } from '@/core/plan';
import { HAND_SPOTS } from '@/core/hand';
import { FigureShapes } from './hand-figure';
import { Table } from '@/ui/page/table';
import { PAIR, PAIR_APART, PAIR_BOX, PAIR_SHAPES } from './pair-of-hands';

type Props = {
  values: SpotValues;
  /** What the numbers are, for the table's head: "degrees moved". */
  unit: string;
  label: string;
  /** What is said where there is nothing to show. */
  none: string;
};

/** The pair of hands as a chart: the more at a joint, the fuller its bead; the numbers stand in the table. */
export function HandMap({ values, unit, label, none }: Props) {
  const most = mostOf(values);
  return (
    <figure className="@container">
      <div className="grid gap-x-10 gap-y-3 @4xl:grid-cols-[minmax(20rem,1fr)_auto]">
        <div>
          <svg role="img" aria-label={label} viewBox={PAIR_BOX} className="w-full max-w-2xl">
            {(['L', 'R'] as const).map((hand) => (
              <g key={hand} transform={`translate(${hand === 'L' ? -PAIR_APART : PAIR_APART} 0)`}>
                <g opacity="0.5">
                  <FigureShapes shapes={PAIR_SHAPES[hand]} />
                </g>
                {HAND_SPOTS.map((spot) => {
                  const [x, y] = spot.at(PAIR[hand]);
                  return (
                    <Bead
                      key={spot.id}
                      x={x}
                      y={y}
                      r={spot.radiusMm}
                      level={levelOf(values[hand][spot.id] ?? 0, most)}
                    />
                  );
                })}
                <text x={0} y={146} fontSize="17" textAnchor="middle" fill="var(--color-ink)">
                  {hand === 'L' ? 'left' : 'right'}
                </text>
              </g>
            ))}
          </svg>
          <Legend />
        </div>
        <MapTable values={values} unit={unit} none={none} />
      </div>
    </figure>
  );
}

/** Empty, then filled from the foot up in quarters. */
function Bead({ x, y, r, level }: { x: number; y: number; r: number; level: number }) {
  const top = y + r - (2 * r * level) / 4;
  const half = Math.sqrt(Math.max(0, r * r - (top - y) ** 2));
  const large = level > 2 ? 1 : 0;
  return (
    <g>
      <circle cx={x} cy={y} r={r} fill="var(--color-paper)" stroke="var(--color-ink)" strokeWidth="2" />
      {level === 4 && <circle cx={x} cy={y} r={r} fill="var(--color-glide)" />}
      {level > 0 && level < 4 && (
        <path
          d={`M${x - half} ${top}A${r} ${r} 0 ${large} 0 ${x + half} ${top}Z`}
          fill="var(--color-glide)"
        />
      )}
    </g>
  );
}

function Legend() {
  const words = ['none', 'a little', 'up to half', 'more', 'the most'];
  return (
    <ul className="mt-2 flex flex-wrap gap-x-5 text-sm" aria-hidden="true">
      {words.map((w, level) => (
        <li key={w} className="flex items-center gap-1.5">
          <svg width="22" height="22" viewBox="0 0 22 22">
            <Bead x={11} y={11} r={9} level={level} />
          </svg>
          {w}
        </li>
      ))}
    </ul>
  );
}

function MapTable({ values, unit, none }: Omit<Props, 'label'>) {
  const moved = HAND_SPOTS.filter((s) => (['L', 'R'] as Hand[]).some((h) => (values[h][s.id] ?? 0) > 0));
  if (moved.length === 0) return <p>{none}</p>;
  const still = HAND_SPOTS.length - moved.length;
  return (
    <div>
      <Table className="tabular" caption={unit} columns={['Joint', { number: 'Left' }, { number: 'Right' }]}>
        {moved.map((s) => (
          <tr key={s.id} className="border-b">
            <th scope="row" className="pr-5 font-normal">
              {s.name}
            </th>
            <td className="pr-5 text-right">{(values.L[s.id] ?? 0).toLocaleString()}</td>
            <td className="text-right">{(values.R[s.id] ?? 0).toLocaleString()}</td>
          </tr>
        ))}
      </Table>
      {still > 0 && (
        <p className="mt-1 text-sm text-soft">
          Nothing at the other {still === 1 ? 'place' : `${still} places`}.
        </p>
      )}
    </div>
  );
}
