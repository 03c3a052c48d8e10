export { noted, withRungShift } from './notes-and-own-rungs';
export { seenZero, steeredZero } from './audio-clock';
export { breathAt, type BreathNow } from './breath';
export { followUpAnswerSchema, dueFollowUps, type FollowUpAnswer, type FollowUpSlot } from './follow-ups';
export { changesMade, chosenChanges, type ChangeMade } from './changes-made';
export { classTimeAtOpening, steadyBeginning } from './class-clock';
export { isStaying, longestStay, paced } from './count-commands';
export { withEdits } from './count-edits';
export { COUNT_ORDERS, COUNT_UNITS, USUAL_STYLE, countStyleSchema } from './count-style';
export { faceOf } from './count-display';
export { ADVICE_SIGNS, STOP_SIGNS, incidentSchema, type Incident } from './incident';
export { proposals, type Proposal } from './keep-to-time';
export {
  breakNow,
  changeWords,
  rungNow,
  swapChoices,
  swapNow,
  withChange,
  type LiveChange,
  type SwapChoice,
} from './live-change';
export { MARKS, MARK_WORDS, markSchema, type Mark, type MarkKind } from './marks';
export { beatAtTime, beatsOf, offsetAtTime } from './position';
export { practiceOf, tappedBpm, type Practice, type Tap } from './practice';
export { outlook, recordByRow, timeInHand, type RowRecord } from './progress';
export {
  ROOM_CHANNEL,
  roomFeed,
  viewFrom,
  type RoomAnswer,
  type RoomFeed,
  type RoomMessage,
  type RoomRow,
  type RoomView,
} from './room-screen';
export { sayingsOf } from './speech';
export { countsOn, numberedOn } from './series';
export { peopleNow, type PersonNow } from './people-now';
export { rowsOfSnapshot, taughtPlan, type Snapshot } from './snapshot';
export {
  START,
  readTeachState,
  teachEventSchema,
  teachStateSchema,
  type Moved,
  type RungShift,
  type TeachEvent,
  type TeachState,
} from './state';
export type { TaughtRow } from './taught-row';
export { NO_VOICE, changeWord, ticksOf, type RowVoice, type Tone } from './ticks';
export { begin, command, flow, type TeachCommand } from './transport';
export { letterWords, mayHelp, withWaiting, type EventsBody, type Letter } from './outbox';
export { mergeWrapUps } from './wrap-up-merge';
export {
  prefilledLine,
  followUpReason,
  wrapUpChangeSchema,
  wrapUpSchema,
  type WrapUp,
  type WrapUpPerson,
} from './wrap-up';
export { classTimes, rowTimes, type RowTimes } from './row-times';
