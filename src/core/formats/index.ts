export { scoreOf, soundFile, SOUND_RATE, type SoundScore } from './class-sound';
export { clickTrack, clicksOf, type WavClick } from './click-wav';
export { captionsOf, writeVtt } from './count-vtt';
export { MAX_FILE_BYTES, decodeText } from './decode';
export { writeFigure } from './figure-svg';
export { readIncoming, type Incoming } from './incoming';
export { writeMarks } from './marks-csv';
export { writeMeasures } from './measures-csv';
export { MOVEMENT_FILE, type MovementFile } from './movement-file';
export {
  COLUMNS,
  MAX_PEOPLE,
  guessMapping,
  mergedFields,
  readPeopleFile,
  rowsToPeople,
  sameAs,
  writePeopleFile,
  type PeopleColumn,
  type ImportRow,
  type Mapping,
  type PeopleFile,
} from './people-csv';
export { PLAN_FILE, unknownRows, type PlanFile } from './plan-file';
export { writeRegister } from './register-csv';
export { matchRegister, type TaughtRoll } from './register-match';
export { TERM_FILE, type TermFile } from './term-file';
export { extrasSchema, withUnknown, type UnknownField } from './unknown-fields';
export { personOfLine, readPeopleLines, type AnsweredGuess, type PersonLine } from './people-lines';
export type { Guess } from './remarks';
export type { SaidWords } from './said-words';
