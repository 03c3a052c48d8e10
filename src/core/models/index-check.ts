import { boutIndex, dayIndex } from '../load';
import { percent, stepsFrom, type ModelCheck } from './check';

/** What a second bout is worth by the hours since the first (Turner & Robling 2003). */
export function indexCheck(): ModelCheck {
  const worth = (hours: number) => dayIndex(1, 10, 2, hours) / boutIndex(1, 10) - 1;
  const points = stepsFrom(0, 24, 24).map((h) => [h, percent(worth(h))] as const);
  return {
    title: 'What a second bout on the same day is worth',
    x: 'hours since the first',
    y: 'of a fresh bout, %',
    series: [{ name: 'model', as: 'line', points }],
    valid: [0, 24],
    says: `Five minutes later it is worth ${percent(worth(5 / 60))} %, after six hours ${percent(worth(6))} %, after a day ${percent(worth(24))} %: rows of one class are therefore one bout.`,
  };
}
