import { memo } from '../remember';
import { amongPoses, withPoses, withRange, type MovementFigure } from './motion';
import type { PersonIn } from './person';
import { withinLimits, type Pose } from './pose';

type Replaced = Pick<MovementFigure, 'motion' | 'view' | 'scene' | 'prop' | 'oneAtATime' | 'waits'>;

/** What looks different on a rung of a movement's ladder. */
export type FigureOnRung = Partial<Replaced> & {
  /** This share of the usual way; over 1 for further, up to where the joints end. */
  readonly range?: number;
  /** Only these poses of the usual motion, by their places. */
  readonly among?: readonly number[];
  /** Laid over each pose. */
  readonly pose?: Pose;
  /** Who does it, where the hands alone do not show it; what is not said is as in the usual form. */
  readonly person?: Partial<Omit<PersonIn, 'main'>>;
};

const SEATED: PersonIn = { stance: 'on a chair', hands: 'free', from: 'corner', shows: 'upper' };

/** A movement as it looks on a rung. */
export const figureOnRung = (figure: MovementFigure, look: FigureOnRung): MovementFigure =>
  drawn([figure, look], '', () => drawnOnRung(figure, look));
const drawn = memo<MovementFigure>();

function drawnOnRung(figure: MovementFigure, look: FigureOnRung): MovementFigure {
  const { range = 1, among, pose, person, ...replaced } = look;
  const ranged = range === 1 ? figure : withPoses(withRange(figure, range), withinLimits);
  const posed = pose ? withPoses(ranged, (p) => ({ ...p, ...pose })) : ranged;
  const { passes, ...whole } = posed;
  const onlyOneWay = among || person || replaced.motion || replaced.scene;
  return {
    ...whole,
    ...(passes && !onlyOneWay && { passes }),
    ...(among && { motion: amongPoses(posed.motion, among) }),
    ...replaced,
    ...(person && { person: { ...(figure.person?.main ? figure.person : SEATED), ...person, main: true } }),
  };
}
