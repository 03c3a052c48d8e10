export { MAX_ITEMS, homeChoice, needsDayBetween, type HomeChoice } from './choose';
export { aboutMinutes, dayMs, goMs, HOME_BREATH_MS } from './go-length';
export {
  homeDays,
  homeHoursSchema,
  littleAndOften,
  MAX_TIMES,
  minuteText,
  mostTimes,
  USUAL_HOURS,
  weeklyTotal,
  whenText,
  type HomeHours,
} from './schedule';
