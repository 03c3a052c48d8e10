import { paintOf, paintOfArrow, type Ink, type PaintedPath } from '../draw';
import type { Still } from '../hand';

/** The colours of paper and of a light ground, by token; a picture that leaves Oskil has no style sheet with it. */
const COLOURS: Readonly<Record<Ink, string>> = {
  ink: '#1f2a26',
  skin: '#e3bd97',
  nail: '#f5e1ce',
  paper: '#fbf8f1',
  prop: '#a9c2a0',
  ground: '#d6c7ac',
  cloth: '#8d9c94',
  hair: '#cfcbc0',
  'skin-2': '#c08a5e',
  'skin-3': '#8b5a3c',
  'hair-2': '#5b534b',
  linen: '#ffffff',
  glide: '#17646c',
};

/** A picture as an SVG file of its own, sizes in mm, with its title and what is done for those who cannot see it. */
export function writeFigure({ shapes, box, arrows }: Still, title: string, what: string): string {
  const paths = [...shapes.flatMap(paintOf), ...arrows.flatMap(paintOfArrow)];
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" width="${box.w}mm" height="${box.h}mm" viewBox="${box.x} ${box.y} ${box.w} ${box.h}" role="img" aria-labelledby="title what">`,
    `<title id="title">${escaped(title)}</title>`,
    `<desc id="what">${escaped(what)}</desc>`,
    ...paths.map(pathText),
    '</svg>',
    '',
  ].join('\n');
}

function pathText({ d, fill, stroke, strokeMm, strokeOpacity, round }: PaintedPath): string {
  const parts = [
    `d="${d}"`,
    `fill="${fill ? COLOURS[fill] : 'none'}"`,
    ...(stroke ? [`stroke="${COLOURS[stroke]}"`, `stroke-width="${strokeMm}"`] : []),
    ...(strokeOpacity < 1 ? [`stroke-opacity="${strokeOpacity}"`] : []),
    ...(round ? ['stroke-linecap="round"', 'stroke-linejoin="round"'] : []),
  ];
  return `<path ${parts.join(' ')}/>`;
}

const escaped = (text: string): string =>
  text.replaceAll('&', '&amp;').replaceAll('<', '&lt;').replaceAll('>', '&gt;').replaceAll('"', '&quot;');
