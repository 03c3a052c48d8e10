import type { MovementFigure, PersonIn, Pose } from '@/core/hand';

type Moves = Pick<MovementFigure, 'motion'> & Partial<MovementFigure>;
type Rest = Partial<Pick<PersonIn, 'build' | 'shows'>>;

/** A person is the picture. */
export const by = (person: Omit<PersonIn, 'main'>, figure: Moves): MovementFigure => ({
  view: 'back',
  ...figure,
  person: { ...person, main: true },
});

/** Seated, the hands where they are said to be. */
export const seated = (
  from: PersonIn['from'],
  hands: PersonIn['hands'],
  figure: Moves,
  rest: Rest = {},
): MovementFigure => by({ stance: 'on a chair', hands, from, ...rest }, figure);

/** Seated at a table, both palms on it. */
export const atTable = (from: PersonIn['from'], figure: Moves, rest: Rest = {}): MovementFigure =>
  by({ stance: 'on a chair at a table', hands: 'on the support', from, ...rest }, figure);

/** The hands are the picture, and the person small beside them tells where they are. */
export const beside = (
  figure: MovementFigure,
  hands: PersonIn['hands'],
  from: PersonIn['from'] = 'corner',
): MovementFigure => ({
  ...figure,
  person: { stance: 'on a chair', hands, from },
});

/** One does it while the other waits. */
export const alone = (figure: MovementFigure, waits?: Pose): MovementFigure => ({
  ...figure,
  oneAtATime: true,
  ...(waits && { waits }),
});
