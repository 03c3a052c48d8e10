export { MAX_ITEMS, homeChoice, needsDayBetween, type HomeChoice } from './choose';
export { aboutMinutes, goMs, HOME_BREATH_MS } from './go-length';
export { homeDays, littleAndOften, minuteText, weeklyTotal } from './schedule';
