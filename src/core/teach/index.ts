export { noted, peopleHere, withAway, withRungShift } from './notes-and-own-rungs';
export { stepsOfClass, type ClassProgress, type ClassStep, type StepState } from './steps-of-class';
export { seenZero, steeredZero } from './audio-clock';
export { breathAt, type BreathNow } from './breath';
export { followUpAnswerSchema, dueFollowUps, type FollowUpAnswer, type FollowUpSlot } from './follow-ups';
export { changesMade, chosenChanges, type ChangeMade } from './changes-made';
export { classTimeAtOpening, steadyBeginning } from './class-clock';
export { isStaying, longestStay, paced } from './count-commands';
export { COUNT_ORDERS, COUNT_UNITS, USUAL_STYLE, countStyleSchema } from './count-style';
export { faceOf } from './count-display';
export {
  ADVICE_SIGNS,
  CALLED,
  impliedBy,
  incidentSchema,
  SOMETHING_ELSE,
  STOP_SIGNS,
  type Incident,
} from './incident';
export { takenBack, UNDO_MS, type Before } from './take-back';
export { startTime, type StartTime } from './start-time';
export { doneDose, shareOf } from './counted';
export { ROOM_CHECK, roomCheckSchema, roomCheckWords } from './room-check';
export { INTERRUPTIONS, interrupted, interruptionsOf, type InterruptionWhy } from './interruptions';
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
export { callsToCome, MARKS, markSchema, markWords, standingMarks, type Mark, type SentMark } from './marks';
export { beatAtTime, beatsOf, offsetAtTime } from './position';
export { practiceOf, tappedBpm, type Practice, type Tap } from './practice';
export { outlook, recordByRow, timeInHand, type RowRecord } from './progress';
export {
  ROOM_CHANNEL,
  beatsInRoom,
  roomFeed,
  viewFrom,
  type RoomAnswer,
  type RoomFeed,
  type RoomMessage,
  type RoomRow,
  type RoomView,
} from './room-screen';
export { soundOf, soundOfRow } from './row-sound';
export { countsOn } from './series';
export { comingUp, owedWords } from './coming-up';
export { classAnswerSchema, latestAnswer, type ClassAnswer } from './answers';
export { peopleNow, type PersonNow, type Reports, type Since } from './people-now';
export { rowsOfSnapshot, taughtPlan, type Snapshot } from './snapshot';
export {
  START,
  readTeachState,
  teachEventSchema,
  teachStateSchema,
  type Away,
  type Moved,
  type RungShift,
  type TeachEvent,
  type TeachState,
} from './state';
export { announced, changeWord } from './change-words';
export { passTold } from './count-in';
export { NO_VOICE, undoWord, type RowVoice } from './ticks';
export { begin, command, flow, type TeachCommand } from './transport';
export { letterWords, mayHelp, withReports, withWaiting, type EventsBody, type Letter } from './outbox';
export { mergeWrapUps } from './wrap-up-merge';
export { asAttended, asBefore, followUpReason, isAsUsual, lineWords } from './wrap-up';
export { prefilledLine, wrapUpChangeSchema } from './wrap-up';
export { wrapUpSchema, type WrapUp, type WrapUpPerson } from './wrap-up';
export { classTimes, rowTimes, type RowTimes, type TaughtRow } from './row-times';
