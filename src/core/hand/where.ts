import type { FigureShape } from '../draw';
import { remembered } from '../remember';
import { startPose, type MovementFigure } from './motion';
import { personShapes, type PersonIn } from './person';
import { specOf, stageOfBoth } from './scene';
import type { SceneKind } from './scenes';

/** Where a movement's hands are, in words, and a person who has them there; null where a person is the picture already. */
export type Where = { readonly words: string; readonly person: PersonIn };

const CHAIR = { stance: 'on a chair', from: 'corner', shows: 'upper' } as const;

const BY_SCENE: Partial<Record<SceneKind, Where>> = {
  'in the lap': { words: 'in the lap', person: { ...CHAIR, hands: 'in the lap' } },
  'at the table edge': {
    words: 'forearms on a table',
    person: { stance: 'on a chair at a table', from: 'corner', hands: 'on the support' },
  },
};

export function whereOf(figure: MovementFigure): Where | null {
  const { person } = figure;
  if (person?.main) return null;
  if (person) return { words: person.hands === 'on the support' ? 'on a table' : person.hands, person };
  const { ground } = specOf(figure);
  const known = BY_SCENE[figure.scene ?? 'apart'];
  if (known) return known;
  switch (ground) {
    case 'table':
    case 'table edge':
      return {
        words: 'on a table',
        person: { stance: 'on a chair at a table', from: 'corner', hands: 'on the support' },
      };
    case 'thigh':
      return { words: 'on the thighs', person: { ...CHAIR, hands: 'on the thighs' } };
    case 'thigh end':
      return { words: 'forearms along the thighs', person: { ...CHAIR, hands: 'arms laid on the thighs' } };
    case 'wall':
      return {
        words: 'on a wall',
        person: { stance: 'standing at a wall', from: 'side', hands: 'on the support' },
      };
    default:
      return {
        words: 'in front of the chest',
        person: {
          ...CHAIR,
          hands: figure.scene === 'palms together' ? 'palms together' : 'before the chest',
        },
      };
  }
}

const DRAWN = new WeakMap<MovementFigure, readonly FigureShape[]>();

/** The person of `whereOf`, still, as the movement begins. */
export function whereShapes(figure: MovementFigure): readonly FigureShape[] {
  return remembered(DRAWN, figure, () => {
    const where = whereOf(figure);
    return where ? personShapes(where.person, stageOfBoth(startPose(figure.motion))) : [];
  });
}
