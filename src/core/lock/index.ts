export {
  FREE_EACH,
  FREE_TOGETHER,
  REMEMBERED_S,
  codeFrom,
  networkOf,
  plainCode,
  waitLeft,
  type Counted,
} from './attempts';
export { LOOPBACK, isOwnHost, isOwnOrigin, readNames, readOrigin, type Addresses } from './hosts';
export { mixesAlphabets, plainName } from './names';
export { isOpenToAll, canAccess, needsToken, takesToken, type Asker } from './access';
