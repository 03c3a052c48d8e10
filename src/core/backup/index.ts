export { changesOf, isSame, type Changes, type Held } from './changes';
export { damageSentence } from './damage';
export {
  DAMAGED,
  isRow,
  readHeader,
  readLine,
  type BackupFooter,
  type BackupHeader,
  type BackupKind,
} from './header';
export { KEPT, backupName, isDue, readBackupName, toRemove, type BackupFile } from './keep';
