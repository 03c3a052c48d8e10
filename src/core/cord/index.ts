export { fitCord, layOutCord } from './cord-layout';
export { paintOfCord, type CordInk, type CordPaint } from './cord-paint';
export { cordOf, oneRound, stepLetter } from './cord';
