import { around, boundsOfShapes, grownBy, type Box } from '../draw';
import { COUNTED } from '../dose';
import { groupBy } from '../group';
import { figureInPass, personShapes, REST, type Showing } from '../hand';
import type { TaughtRow } from '../teach';
import type { PracticeClass } from './log';
import { AT_REST, followed, seatOf, stageFor } from './sitting';

/** Air round each person, mm. */
const AIR_MM = 30;
/** The tallest and the stoutest of the drawn people. */
const LARGEST = [3, 2];

/** The room for anybody of the group in a row, mm. */
export function roomForRow({ catalogue }: Pick<PracticeClass, 'catalogue'>, row: TaughtRow | null): Box {
  const rest = LARGEST.map((build) => personShapes({ ...AT_REST, build }, stageFor(REST, REST)));
  const figure = row?.row.kind === 'movement' ? catalogue.figure(row.row.movementId) : undefined;
  if (!row || !figure) return grownBy(around(rest.map(boundsOfShapes)), AIR_MM);
  const shown = momentsOfRow(row).flatMap((showing) => {
    const inPass = showing ? figureInPass(figure, showing.beat.pass) : figure;
    const stage = stageFor(followed(inPass, 'L', showing), followed(inPass, 'R', showing), showing);
    return LARGEST.map((build) => personShapes({ ...seatOf(inPass), build }, stage, inPass.prop));
  });
  return grownBy(around([...rest, ...shown].map(boundsOfShapes)), AIR_MM);
}

/** One beat of each side, way and step, there and all the way there, and before anything begins. */
function momentsOfRow({ beats }: TaughtRow): readonly (Showing | null)[] {
  const kinds = groupBy(
    beats.map((beat, i) => ({ beat, before: beats[i - 1] ?? null })),
    ({ beat }) => `${beat.side} ${beat.pass.name} ${beat.step} ${COUNTED.has(beat.kind)}`,
  );
  return [
    null,
    ...[...kinds.values()].flatMap((same) =>
      [0.3, 0.6].map((share) => {
        const { beat, before } = same.at(-1)!;
        return { beat, before, offsetMs: beat.startMs + beat.durationMs * share };
      }),
    ),
  ];
}
