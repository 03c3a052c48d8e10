export {
  AWAY_MS,
  leadAfter,
  leadAskSchema,
  remoteCommandSchema,
  REMOTE_COMMANDS,
  toldTo,
  type Lead,
  type LeadAnswer,
  type LeadAsk,
  type RemoteCommand,
} from './lead';
