export { MAX_ITEMS, homeChoice, needsDayBetween, type HomeChoice } from './choose';
export { homeDays, littleAndOften, minuteText, weeklyTotal } from './schedule';
