import { around, boundsOf, boundsOfShapes, grownBy, type Arrow, type Box, type FigureShape } from '../draw';
import { remembered } from '../remember';
import { motionArrows, stageAt } from './arrow';
import { keyMoments, momentsOf, tellingMoment, type Moment, type MovementFigure } from './motion';
import { personShapes } from './person';
import { handByHandShapes, isLone, sceneShapes, type Stage } from './scene';

/** A still picture: its shapes, the room it needs, and the way it goes. */
export type Still = {
  readonly shapes: readonly FigureShape[];
  readonly box: Box;
  readonly arrows: readonly Arrow[];
};

/** Air round a picture, and half the stroke of an arrow, as shares of its height and mm. */
const [AIR, HALF_STROKE_MM] = [0.03, 6];

const STILLS = new WeakMap<MovementFigure, Still>();
const ROOMS = new WeakMap<MovementFigure, Box>();

/** The most telling moment, down to an icon: one hand where two only do the same, both where they meet, or a person. */
export const stillOf = (figure: MovementFigure): Still =>
  remembered(STILLS, figure, () => {
    const shapes = shapesOf(figure, tellingMoment(figure));
    const arrows = motionArrows(figure);
    return { shapes, arrows, box: aired(around([boundsOfShapes(shapes), ...arrows.map(boundsOfArrow)])) };
  });

/** The key poses one after another, for paper and for whoever wants no motion; all in the same room. */
export function keyStills(figure: MovementFigure): readonly Still[] {
  const pictures = distinct(keyMoments(figure)).map((moment) => shapesOf(figure, moment));
  const box = aired(around(pictures.map(boundsOfShapes)));
  return pictures.map((shapes) => ({ shapes, box, arrows: [] }));
}

/** The room for all of a movement, whichever hand leads it. */
export const roomOf = (figure: MovementFigure): Box =>
  remembered(ROOMS, figure, () => {
    // The key poses reach furthest; a few between them do for what bows out on the way.
    const moments = [...momentsOf(figure).filter((_, i) => i % 4 === 2), ...keyMoments(figure)];
    const { x, y, w, h } = around(moments.map((m) => boundsOfShapes(pictureShapes(figure, stageAt(m)))));
    const half = Math.max(-x, x + w);
    return aired(
      figure.person?.main && figure.person.from !== 'front'
        ? { x, y, w, h }
        : { x: -half, y, w: 2 * half, h },
    );
  });

/** A person where the body moves, else both hands. */
export const pictureShapes = (figure: MovementFigure, stage: Stage): readonly FigureShape[] =>
  figure.person?.main ? personShapes(figure.person, stage, figure.prop) : sceneShapes(figure, stage);

function shapesOf(figure: MovementFigure, moment: Moment): readonly FigureShape[] {
  const stage = stageAt(moment);
  return !figure.person?.main && isLone(figure)
    ? handByHandShapes(figure, stage).R
    : pictureShapes(figure, stage);
}

const boundsOfArrow = ({ shaft, heads, size }: Arrow): Box =>
  grownBy(around([shaft, ...heads].map(boundsOf)), HALF_STROKE_MM * size);
const aired = (box: Box): Box => grownBy(box, Math.max(4, AIR * box.h));

function distinct(moments: readonly Moment[]): readonly Moment[] {
  const words = moments.map((m) => JSON.stringify(m));
  return moments.filter((_, i) => words.indexOf(words[i]!) === i);
}
